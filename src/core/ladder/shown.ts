/** Work that is found or known: looking up, memory work, and what is on the checklist. */
import type { Rung } from '../plan/measures';
import type { Writer } from './handwriting';
import type { Material } from './material';
import { toldAs } from './objectives';
import { joined, stanzasIn, startOf, unitsIn, wordCount } from './text-pieces';
import { count } from '../plan/called';
import { plain, type Version } from './version';
import { wordingFor } from './wordings';

/** Minutes of looking up, the child's and the parent's, and of learning by heart, by rung. Own choice. */
const LOOKING_UP: Record<'minutes' | 'parentMinutes', Record<Rung, number>> = {
  minutes: { 1: 5, 2: 8, 3: 10, 4: 20, 5: 30 },
  parentMinutes: { 1: 5, 2: 8, 3: 3, 4: 0, 5: 0 },
};
const LEARNING: Record<Rung, number> = { 1: 4, 2: 5, 3: 6, 4: 8, 5: 10 };

/** Sources compared on the fifth rung, by grade: more of them as one grows. Own choice. */
const sourcesAt = (grade: number): number => (grade >= 10 ? 4 : grade >= 8 ? 3 : 2);

/** Looking up: a question of the children's own where there is one, and in which sources. */
export function lookingUpVersion(
  material: Material,
  rung: Rung,
  writer: Writer,
  sources: number | null = null,
): Version {
  const { topic, question } = material;
  const named = material.sources.map((s) => `“${s}”`);
  const wanted = rung === 5 ? sourcesAt(writer.grade) : rung === 4 ? 2 : 1;
  const of = named.slice(0, sources ?? wanted);
  const more = (sources ?? wanted) - of.length;
  const others =
    more > 0
      ? [of.length ? count(more, 'other book') : more === 1 ? 'a book from the basket' : count(more, 'book')]
      : [];
  const inBooks = [...of, ...others];
  const amount = `in ${inBooks.join(', ')}`;
  const place = question?.isOfLesson ? `, for “${topic}”` : ', which is still open';
  const what = question ? `“${question.text}”${place}` : `“${topic}”`;
  const wording =
    sources === null
      ? wordingFor(
          question ? 'looking-up of a question' : 'looking-up',
          rung,
          { amount, topic, question: question?.text ?? '', place },
          material.place,
          writer.grade,
        )
      : wordingFor(
          'looking-up in so many',
          rung,
          { amount, on: `on ${what}`, one: question ? `an answer to ${what}` : `one thing about ${what}` },
          material.place,
          writer.grade,
        );
  const asked = LOOKING_UP.minutes[rung] + (rung === 5 ? 10 * (wanted - 2) : 0);
  const minutes = Math.min(asked, Math.max(LOOKING_UP.minutes[1], writer.stretch));
  return {
    ...plain,
    rung,
    wording,
    amount,
    minutes,
    parentMinutes: Math.min(LOOKING_UP.parentMinutes[rung], minutes),
    produces: rung >= 4 ? 'notes with pages' : '',
    note: asked > minutes ? `About ${asked} min in all, ${minutes} in one go: the rest another day.` : '',
  };
}

/** Lines of verse learnt in a lesson, by rung: a line, a couplet, a stanza. Common practice, no source. */
const LINES: Record<1 | 2 | 3, number> = { 1: 2, 2: 1, 3: 2 };

/**
 * What of a verse is learnt in a lesson: lines, one group after the other; on rung 4 a stanza, each for as many lessons
 * as there are; on rung 5 all up to here, and at the last lesson the whole.
 */
export function learnt(
  byHeart: string,
  rung: Rung,
  walk: { place: number; of: number },
  lines: number | null = null,
): string {
  const all = unitsIn(byHeart);
  const stanzas = stanzasIn(byHeart);
  const done = (walk.place + 1) / Math.max(1, walk.of);
  if (lines === null && rung === 5)
    return walk.of <= 1
      ? byHeart.trim()
      : stanzas.slice(0, Math.max(1, Math.ceil(done * stanzas.length))).join('\n\n');
  if (lines === null && rung === 4)
    return (
      stanzas[
        Math.min(stanzas.length - 1, Math.floor((walk.place / Math.max(1, walk.of)) * stanzas.length))
      ] ?? ''
    );
  const size = lines ?? LINES[rung as 1 | 2 | 3];
  const groups = Math.max(1, Math.ceil(all.length / size));
  const at = (walk.place % groups) * size;
  return joined(byHeart, all.slice(at, at + size));
}

/** Learning by heart, from verse or from what the unit has for it. */
export function memoryVersion(
  material: Material,
  rung: Rung,
  writer: Writer,
  lines: number | null = null,
): Version {
  const cut = learnt(material.byHeart, rung, material.learning, lines);
  const fill = { amount: count(wordCount(cut), 'word'), start: startOf(cut), topic: material.topic };
  const amount = `${count(cut.split('\n').filter(Boolean).length, 'line')}, ${count(wordCount(cut), 'word')}: “${startOf(cut)}”`;
  return {
    ...plain,
    rung,
    wording: lines === null ? wordingFor('memory', rung, fill, 0, writer.grade) : `Learn by heart ${amount}`,
    amount,
    minutes: Math.min(15, LEARNING[rung] + Math.floor(wordCount(cut) / 40)),
    parentMinutes: rung <= 3 ? 4 : 2,
    produces: '',
    supplies: 'the lines on paper',
  };
}
/** Showing one thing of a lesson's share of the unit's checklist, for a child who shows what they know by it. */
export function checklistVersion(material: Material, rung: Rung): Version {
  const [of] = material.objectives;
  const more = material.objectives.length - 1;
  const what = of ? `“${toldAs(of)}”` : `something of “${material.topic}” that is on your list`;
  const amount = of ? what : 'one thing on your checklist';
  return {
    ...plain,
    rung,
    amount,
    wording: wordingFor('checklist', rung, { what, topic: material.topic }),
    minutes: 6,
    parentMinutes: rung <= 3 ? 3 : 2,
    note: more > 0 ? `The lesson has ${count(more, 'more thing', 'more things')} on the checklist.` : '',
  };
}

/** For a child who need not show anything: listening is enough. */
export const nothingToShow = (rung: Rung, topic: string): Version => ({
  ...plain,
  rung,
  wording: wordingFor('nothing', rung, { topic }),
  minutes: 0,
  parentMinutes: 0,
});
