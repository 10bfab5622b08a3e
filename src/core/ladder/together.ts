/**
 * What is done together, each child with a part of their own: a demonstration, a talk, a quiz, an evening for guests,
 * one child teaching another.
 */
import type { Rung } from '../plan/measures';
import { stepOn, type Writer } from './handwriting';
import type { Material } from './material';
import { count } from '../plan/called';
import { plain, type Version } from './version';
import { wordingFor } from './wordings';

/** What there is to show for a part in a demonstration, and how much is said for guests, by rung. */
const PRODUCED: Record<Rung, string> = {
  1: '',
  2: 'a drawing',
  3: 'a row of times',
  4: 'a record',
  5: 'a write-up',
};
const PRESENTED: Record<Rung, string> = {
  1: 'one thing',
  2: 'one thing',
  3: '2 minutes',
  4: '4 minutes',
  5: '6 minutes',
};
/** A talk with its preparation, by rung; on the fifth its minutes grow with the grade. Own choice. */
const TALK = {
  amount: { 1: 'one thing', 2: 'one thing', 3: 'a minute', 4: 'three minutes', 5: 'five minutes' },
  minutes: { 1: 4, 2: 6, 3: 12, 4: 25, 5: 35 },
  parentMinutes: { 1: 4, 2: 4, 3: 3, 4: 2, 5: 2 },
} satisfies Record<string, Record<Rung, string | number>>;
const LONGER_TALKS: readonly { grade: number; amount: string; minutes: number }[] = [
  { grade: 10, amount: 'ten minutes', minutes: 50 },
  { grade: 8, amount: 'seven minutes', minutes: 40 },
];

/** A child's part in what is shown to all: it takes as long as the thing itself, and the parent leads all of it anyway. */
export function roleVersion(
  rung: Rung,
  minutes: number,
  of: Pick<Material, 'topic' | 'place'>,
  writer: Writer,
): Version {
  const turn = of.place + Math.max(0, stepOn(rung, writer));
  const wording = wordingFor('role', rung, { topic: of.topic }, turn, writer.grade);
  return {
    ...plain,
    rung,
    wording,
    minutes,
    parentMinutes: 0,
    produces: PRODUCED[rung],
  };
}

/** @param minutes so many minutes of talking instead of the rung's own */
export function talkVersion(
  { topic, place }: Pick<Material, 'topic' | 'place'>,
  rung: Rung,
  writer: Writer,
  minutes: number | null = null,
): Version {
  const longer = rung === 5 ? LONGER_TALKS.find((l) => writer.grade >= l.grade) : undefined;
  const amount = minutes === null ? (longer?.amount ?? TALK.amount[rung]) : count(minutes, 'minute');
  const kind = minutes === null ? 'talk' : 'talk of so many minutes';
  return {
    ...plain,
    rung,
    amount,
    wording: wordingFor(kind, rung, { amount, topic }, place, writer.grade),
    minutes: longer?.minutes ?? TALK.minutes[rung],
    parentMinutes: TALK.parentMinutes[rung],
    produces: rung >= 4 ? 'a poster' : '',
    supplies: rung >= 4 ? 'poster paper' : '',
  };
}

/** A child's part in an evening on which the family shows its work to others. */
export function presentationVersion(rung: Rung, minutes: number, writer: Writer): Version {
  const wording = wordingFor('presentation', rung, {}, 0, writer.grade);
  return {
    ...plain,
    rung,
    amount: PRESENTED[rung],
    wording,
    minutes,
    parentMinutes: 0,
    supplies: rung >= 3 ? 'what is shown' : 'one thing made',
  };
}

/** Questions by rung; never more than the lesson has, where it has any of its own. */
const QUESTIONS: Record<Rung, number> = { 1: 2, 2: 3, 3: 4, 4: 5, 5: 6 };

/** Where a child stands among those who are asked, the youngest first. */
export interface Turn {
  at: number;
  of: number;
}
const ALONE: Turn = { at: 0, of: 1 };

/**
 * The questions of a quiz for one of those who are asked, in their form for it: every child others, dealt out youngest
 * first as long as there are enough; then some twice. Empty where the lesson has none of its own.
 */
export function questionsFor(
  material: Pick<Material, 'questions'>,
  rung: Rung,
  questions: number | null = null,
  { at, of }: Turn = ALONE,
): string[] {
  const all = material.questions;
  const own = all.filter((_, i) => i % of === at);
  const others = all.filter((_, i) => i % of !== at);
  const most = Math.min(
    questions ?? QUESTIONS[rung],
    of > 1 && own.length ? Math.max(own.length, 1) : all.length,
  );
  return [...own, ...others]
    .slice(0, questions === null ? most : questions)
    .map((q) => (rung >= 4 ? q.hard || q.easy : q.easy || q.hard));
}

/**
 * Questions asked of one child: those written for the lesson; where none were, as many as the rung asks for, of which what is
 * meant by the lesson's words stand ready.
 */
export function askedOf(
  material: Pick<Material, 'questions' | 'recall'>,
  rung: Rung,
  questions: number | null = null,
  turn: Turn = ALONE,
): { ready: string[]; more: number } {
  const ready = questionsFor(material, rung, questions, turn);
  const most = material.recall ? 0 : (questions ?? QUESTIONS[rung]);
  return { ready, more: Math.max(0, most - ready.length) };
}

/** A quiz: what is asked does not stand on the list beforehand. */
export function quizVersion(
  material: Material,
  rung: Rung,
  writer: Writer,
  questions: number | null = null,
  turn: Turn = ALONE,
): Version {
  const { ready, more } = askedOf(material, rung, questions, turn);
  const n = ready.length + more;
  const hard = rung >= 4;
  const amount = count(n, hard ? 'hard question' : 'easy question');
  return {
    ...plain,
    rung,
    amount,
    wording: wordingFor('quiz', rung, { amount, topic: material.topic }, 0, writer.grade),
    minutes: 3 + Math.ceil(n * (hard ? 2 : 1)),
    parentMinutes: rung <= 3 ? 3 + n : 2,
    note:
      more && ready.length
        ? `${ready.length} of them ${ready.length === 1 ? 'stands' : 'stand'} ready: what the words mean. The rest is asked out of what was read.`
        : '',
  };
}

export interface Teaching {
  /** Who teaches whom; one of them alone where the other has left. */
  elder: string;
  youngers: string[];
  /** What is taught: the younger child's own version of the part, where there is one. */
  work?: { title: string; version: Version };
}

/** Minutes of teaching that names no part. Own choice. */
const TEACHING = 10;

/** An older child teaches a younger one: the younger does their work with the elder, the elder's share counts for speaking. */
export function teachingVersion(
  rung: Rung,
  isElder: boolean,
  { elder, youngers, work }: Teaching,
  minutes: number | null,
): Version {
  const length = minutes ?? work?.version.minutes ?? TEACHING;
  const names = youngers.join(' and ') || 'somebody younger';
  if (!isElder)
    return {
      ...(work?.version ?? {
        ...plain,
        rung,
        wording: `Let ${elder} show you one thing from the lesson, and say it back`,
      }),
      rung: work?.version.rung ?? rung,
      wording: work
        ? `${work.version.wording}, with ${elder}`
        : `Let ${elder} show you one thing from the lesson, and say it back`,
      minutes: length,
      parentMinutes: 0,
    };
  const how = wordingFor('teaching', rung, { names });
  return {
    ...plain,
    rung,
    wording: work
      ? `${how} (${work.title}: ${work.version.wording[0].toLowerCase()}${work.version.wording.slice(1)})`
      : how,
    amount: work?.title ?? '',
    minutes: length,
    parentMinutes: 0,
  };
}
