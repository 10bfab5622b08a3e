/**
 * Word lists from a lesson's own words, by how hard a word is: its length, whether children know it, and its syllables. A
 * six-year-old's list and a twelve-year-old's come from the same lesson.
 */
import { tellingWords } from '../books/fit';
import type { Rung } from '../plan/measures';
import { hardness } from './hardness';
import { amountOn, lettersOf, minutesToCopy, type Writer } from './handwriting';
import { inTurn, type Material } from './material';
import { evenOne, plain, type Version } from './version';
import { wordingFor } from './wordings';

/**
 * The commonest words of first reading (Dolch 1936, the first of the list, from memory): a beginner gets some beside
 * the lesson's words.
 */
export const SIGHT_WORDS =
  'the to and he a I you it of in was said his that she for on they but had at him with up all look is her there some out as be have go we am then little down'.split(
    ' ',
  );

/** Words on a list, by rung. Common practice, no source. */
export const LIST_LENGTH: Record<Rung, number> = { 1: 3, 2: 4, 3: 6, 4: 8, 5: 10 };

/**
 * The words of a rung, hardest first: those that suit it, then easier ones; never one that is harder. Words the unit teaches
 * come before others as hard. A name keeps its capital.
 * @param words the lesson's own, those the unit teaches first
 */
export function wordsFor(words: readonly string[], rung: Rung, most: number = LIST_LENGTH[rung]): string[] {
  const said = new Map<string, string>();
  for (const w of words) if (!said.has(w.toLowerCase())) said.set(w.toLowerCase(), w);
  return (
    [...said]
      // Small words say nothing of a lesson, and a plural beside its singular is no second word.
      .filter(([w]) => tellingWords(w).size > 0 && !(w.endsWith('s') && said.has(w.slice(0, -1))))
      .map(([, word], at) => ({ word, at, hard: hardness(word) }))
      .filter((w) => w.hard <= rung)
      .sort((a, b) => b.hard - a.hard || a.at - b.at)
      .slice(0, most)
      .map((w) => w.word)
  );
}

/** Words to which those of another list are added, in its order, as far as there is room. */
function withMore(list: readonly string[], more: readonly string[], most: number): string[] {
  const known = new Set(list.map((w) => w.toLowerCase()));
  const fresh = more.filter((w) => !known.has(w.toLowerCase()));
  return [...list, ...fresh.slice(0, Math.max(0, most - list.length))];
}

/** Of the other words the unit teaches those that suit a rung, the ones whose turn it is in the lesson first. */
const othersFor = ({ others, place }: Pick<Material, 'others' | 'place'>, rung: Rung): string[] =>
  suiting(inTurn(others.words, place * others.due), rung);

/** Those that have their turn: each once before one comes again, however few suit the rung. */
const dueFor = ({ others, place }: Pick<Material, 'others' | 'place'>, rung: Rung): string[] =>
  suiting(inTurn(others.words, place * others.due).slice(0, others.due), rung);

const suiting = (words: readonly string[], rung: Rung): string[] =>
  words.filter((w) => hardness(w) <= rung && tellingWords(w).size > 0);

/** From which rung on words are at least so hard; and how many there are, though some be easier. Own choice. */
const HARD = { fromRung: 4, atLeast: 3 };
const FEWEST = 4;
/** Of a lesson's own words that are too hard for a rung so many are learnt all the same, where few suit it. Own choice. */
const CHALLENGE: Partial<Record<Rung, number>> = { 4: 2 };
/** Letters of a word that a beginner spells. Own choice. */
const SPELT = 6;

/**
 * A lesson’s words for a rung: its own, then of the unit’s others those whose turn it is; where that is too few, easier ones and
 * those of the passage and of the lessons before.
 */
function ownWords(from: Listed, rung: Rung, most: number): string[] {
  if (rung <= 2) return beginnersWords(from, rung, most);
  const own = wordsFor(from.words, rung, most);
  const others = othersFor(from, rung);
  const isHardEnough = (w: string): boolean => rung < HARD.fromRung || hardness(w) >= HARD.atLeast;
  const suited = own.filter(isHardEnough);
  const above = from.words.filter((w) => hardness(w) > rung);
  const hard =
    suited.length < FEWEST ? withMore(wordsFor(above, 5, CHALLENGE[rung] ?? 0), suited, most) : suited;
  // What is due comes in the order in which it is taught, so that the hardest few are not there each time.
  const due = dueFor(from, rung).filter(isHardEnough);
  const list = withMore(hard, due, most);
  const ofText = inTurn(wordsFor(from.beginners, rung, from.beginners.length), from.place * FEWEST);
  const earlier = wordsFor(from.others.earlier, rung).filter(isHardEnough);
  // Older children rather have a hard word again than an easy one of the passage.
  const rest = rung < HARD.fromRung ? [...ofText, ...earlier, ...others] : [...others, ...earlier, ...ofText];
  return withMore(list, [...own, ...rest], Math.min(most, FEWEST));
}

/**
 * A beginner gets the easiest of the lesson’s own, then easy ones of the unit and of the passage, other ones each lesson while
 * there are others; then easy ones of the lessons before.
 */
function beginnersWords(from: Listed, rung: Rung, most: number): string[] {
  const easy = (words: readonly string[]): string[] =>
    wordsFor(words, rung, words.length).filter((w) => w.length <= SPELT);
  const found = easy(from.words).slice(0, most);
  // Where all are too hard, the easiest of those that are short; else the easiest there is, so that one is the lesson's own.
  const short = wordsFor(from.words, 4, from.words.length).filter((w) => w.length <= SPELT);
  const easiest = short.length ? short : wordsFor(from.words, 3, from.words.length);
  const own = rung === 2 && !found.length ? easiest.slice(-1) : found;
  const more = withMore(suiting(from.others.words, rung), easy(from.beginners), Infinity);
  const earlier = easy(from.others.earlier);
  return withMore(own, [...inTurn(more, from.place * (most - 1)), ...earlier], most);
}

/** How hard the word of a thing may be that is pointed at, drawn or copied: harder than those a child spells. */
const NAMED_UP_TO: Partial<Record<Rung, Rung>> = { 1: 4, 2: 3, 3: 4, 4: 5 };
/** What has no picture of its own: “rotation”, “latitude”. Common practice, no source. */
const ABSTRACT = /(?:[ts]ion|ity|ness|ism|[at]ude|[ae]nce)$/i;

/** What is shown of a lesson to who does not read yet: its own things, then others the unit teaches, in turn. */
export const thingsFor = (
  from: Pick<Material, 'things' | 'others' | 'place'>,
  rung: Rung,
  most: number,
): string[] => {
  return withMore(ownThings(from, rung, most), othersFor(from, NAMED_UP_TO[rung] ?? rung), most);
};

/**
 * The lesson's own things that flaps and labels are for; fewer where it has fewer, as a word of another lesson says nothing
 * of this one.
 */
export function ownThings({ things }: Pick<Material, 'things'>, rung: Rung, most: number): string[] {
  const named = wordsFor(things, NAMED_UP_TO[rung] ?? rung, most);
  // Of what is only looked at the name may be as hard as it likes, as long as there is a picture of it.
  return rung === 1
    ? withMore(
        named,
        wordsFor(things, 5, Infinity).filter((w) => !ABSTRACT.test(w)),
        most,
      )
    : named;
}

/** Sight words beside a beginner's list: other ones in each lesson of a unit, until they have all been there. */
function sightWords(place: number, n: number): string[] {
  return inTurn(SIGHT_WORDS, place * n).slice(0, n);
}

/** Times each word is written, by rung: read and matched only; once; and so on. Common practice, no source. */
const WRITTEN: Record<Rung, number> = { 1: 0, 2: 1, 3: 2, 4: 2, 5: 2 };
const SIGHT: Partial<Record<Rung, number>> = { 1: 3, 2: 3 };
/** Minutes to read the list through and use it, and to find out what a word means and where it comes from. Own choice. */
const READING = 4;
const A_MEANING: Partial<Record<Rung, number>> = { 4: 0.5, 5: 2 };
/** Below this age nobody reads a list: pictures are matched, and first sounds listened for. */
export const READS_LISTS_FROM = 5;

export interface List {
  asked: string[];
  list: string[];
  beside: string[];
  writing: (list: readonly string[]) => number;
}

/** What a word list is made from. */
export type Listed = Pick<Material, 'words' | 'beginners' | 'others' | 'things' | 'place'>;

/** The words a child is given, as many as they can write in one stretch, and the sight words beside a beginner's. */
export function listFor(from: Listed, rung: Rung, writer: Writer, most: number | null = null): List {
  const asked = ownWords(from, rung, most ?? amountOn(LIST_LENGTH, rung, writer));
  const writing = (list: readonly string[]): number =>
    WRITTEN[rung] ? minutesToCopy(lettersOf(list.join('')) * WRITTEN[rung], writer.rate) : 0;
  let list = asked;
  while (writing(list) > writer.stretch && list.length > 1) list = list.slice(0, -1);
  const beside = sightWords(from.place, SIGHT[rung] ?? 0).filter((w) => !list.includes(w));
  return { asked, list, beside, writing };
}

/** @param most so many words instead of the rung's own */
export function wordListVersion(
  from: Listed & Pick<Material, 'topic'>,
  rung: Rung,
  writer: Writer,
  most: number | null = null,
): Version {
  const { topic } = from;
  const { asked, list, beside, writing } = listFor(from, rung, writer, most);
  if (writer.age < READS_LISTS_FROM) {
    // Beside a single word of its own there would be only those of other lessons.
    const hasWords = ownThings(from, 1, 3).length > 1;
    const amount = hasWords ? thingsFor(from, 1, 3).join(' · ') : '';
    const wording = wordingFor(
      hasWords ? 'word-list before reading' : 'word-list before reading, without words',
      rung,
      { amount, topic },
      from.place,
    );
    return {
      ...plain,
      rung,
      amount,
      wording,
      minutes: Math.min(8, writer.stretch),
      parentMinutes: 4,
      supplies: 'pictures',
    };
  }
  const all = [...list, ...beside].join(' · ');
  const minutes = writing(list) + READING + Math.ceil(list.length * (A_MEANING[rung] ?? 0));
  return {
    ...plain,
    rung,
    minutes,
    parentMinutes: rung <= 2 ? minutes : 0,
    amount: all,
    wording: all
      ? wordingFor('word-list', rung, { amount: all, topic }, from.place, writer.grade)
      : `“${topic}” names no word that suits this rung; choose some from the reading together`,
    produces: rung === 1 ? 'matched cards' : 'a list in the notebook',
    supplies: rung <= 2 ? 'word cards' : '',
    note:
      list.length < asked.length
        ? `All ${asked.length} words would take ${writing(asked)} min, more than the ${writer.stretch} min that suit this age. Offered: ${list.length}.`
        : writing(list) > writer.stretch
          ? evenOne('word', writing(list), writer.stretch)
          : '',
  };
}
