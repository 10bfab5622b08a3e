/** What is noted on the spot: that something was loved, how it went, its other form, a child's call, a file of the work. */
import { factEntry, inForce, withdrawing, type Fact } from '../plan/happened';
import type { Entry } from '../plan/entry';
import type { IsoDate } from '../plan/measures';
import { wordingOf, type Checkable } from '../plan/checkable';
import { promptOf } from '../plan/pieces';
import { rungOf } from '../plan/rungs';
import type { CALLS } from '../plan/words';
import { several } from './compose';
import { GONE, momentOf, type Edit, type EditContext } from './edit';

export type Said = Omit<Fact, 'id' | 'at'>;

/** Writes a fact down, where what it is about is there. */
export const say =
  (fact: Said): Edit =>
  (plan, context) => {
    const isGone =
      (fact.partId != null && !plan.parts.some((p) => p.id === fact.partId)) ||
      (fact.lessonId != null && !plan.lessons.some((l) => l.id === fact.lessonId)) ||
      (fact.childId != null && !plan.children.some((c) => c.id === fact.childId));
    if (isGone) return { refused: GONE };
    const entry = factEntry(plan, { ...fact, id: context.newId(), at: momentOf(context) });
    return { plan: { ...plan, entries: [...plan.entries, entry] } };
  };

const SAME = [
  'kind',
  'partId',
  'lessonId',
  'objectiveId',
  'promptId',
  'preparationId',
  'bookId',
  'childId',
] as const;
/** Of the same thing; what has no id is known by its title. */
const isSame = (e: Entry, fact: Said): boolean =>
  SAME.every((field) => e[field] === (fact[field] ?? null)) &&
  (isKnownByTitle(fact) ? e.about.title === fact.title : true);
const isKnownByTitle = (fact: Said): boolean =>
  KNOWN_BY_TITLE.includes(fact.kind) || (fact.kind === 'checked' && !fact.objectiveId && !fact.promptId);
const KNOWN_BY_TITLE: readonly Entry['kind'][] = ['bought', 'counted', 'talked'];

/**
 * Says a fact that either is or is not: said twice it is said once, and it can be taken back.
 * @param days it is a fact of its day; or it is one once and for all, on whichever day it is said
 */
export const setFact =
  (fact: Said, is: boolean, days: 'of its day' | 'once' = 'of its day'): Edit =>
  (plan, context) => {
    const said = inForce(plan.entries).filter(
      (e) => isSame(e, fact) && (days === 'once' || e.date === fact.date),
    );
    if (is) return said.length ? { plan } : say(fact)(plan, context);
    return { plan: { ...plan, entries: [...plan.entries, ...takingBack(said, context)] } };
  };

/** Says a fact in the place of what was said of the same before, on its day or ever. */
export const sayAnew =
  (fact: Said, days: 'of its day' | 'once'): Edit =>
  (plan, context) => {
    const without = setFact(fact, false, days)(plan, context);
    return 'refused' in without ? without : say(fact)(without.plan, context);
  };

const takingBack = (said: readonly Entry[], context: EditContext): Entry[] =>
  said.map((e) => withdrawing(e, { id: context.newId(), at: momentOf(context) }));

/** That a part was loved on a day, by one child, or with null by all. */
export const setLoved = (partId: string, childId: string | null, is: boolean, date: IsoDate): Edit =>
  setFact({ kind: 'loved', partId, childId, date }, is);

/** That a part is done in the form it has for bad weather. */
export const setOtherwise =
  (partId: string, is: boolean, date: IsoDate): Edit =>
  (plan, context) => {
    const part = plan.parts.find((p) => p.id === partId);
    if (part && is && !part.indoors)
      return { refused: `“${part.title}” has no form for indoors. Say one on its lesson first.` };
    return setFact({ kind: 'otherwise', partId, date, note: part?.indoors ?? '' }, is)(plan, context);
  };

/** That a part goes on for so many minutes more than was meant, on this day. */
export const takeLonger = (partId: string, minutes: number, date: IsoDate): Edit =>
  say({ kind: 'longer', partId, minutes, date });

/** How well a child knew something when it was asked, in the place of what was said of it on the same day. */
export const setAsked =
  (promptId: string, childId: string, grade: number | null, date: IsoDate): Edit =>
  (plan, context) => {
    const title = promptOf(plan, promptId);
    if (title === undefined) return { refused: GONE };
    const fact = { kind: 'asked', promptId, childId, date } as const;
    const child = plan.children.find((c) => c.id === childId);
    const rung = child ? rungOf(child, 'speaking', date) : null;
    return (grade === null ? setFact(fact, false) : sayAnew({ ...fact, grade, title, rung }, 'of its day'))(
      plan,
      context,
    );
  };

/**
 * How far a child knows something: not yet, with help, alone; and by what that was seen. Each step stays written down with its
 * day.
 * @param note by what it was seen, in words: a piece of work, a quiz, a talk; and the file of it
 */
export const setChecked =
  (
    of: Checkable,
    childId: string,
    grade: number,
    date: IsoDate,
    { note = '', file = null }: { note?: string; file?: string | null } = {},
  ): Edit =>
  (plan, context) => {
    const title = wordingOf(plan, of);
    if (title === undefined) return { refused: GONE };
    const ids = 'idea' in of ? {} : of;
    return sayAnew({ kind: 'checked', ...ids, childId, grade, title, date, note, file }, 'of its day')(
      plan,
      context,
    );
  };

/** That children were somewhere: a trip that stands in no lesson. It counts for the subjects it is said to. */
export const attend =
  (
    childIds: readonly string[],
    title: string,
    minutes: number | null,
    subjects: readonly string[],
    date: IsoDate,
  ): Edit =>
  (plan, context) => {
    if (!childIds.length) return { refused: 'Say who was there.' };
    return several(
      ...childIds.map((childId) =>
        say({ kind: 'attended', childId, title, minutes, subject: subjects.join(', ').slice(0, 200), date }),
      ),
    )(plan, context);
  };

/** That a child gave their talk of a unit’s evening: it counts as school. */
export const giveTalk =
  (unitId: string, childId: string, is: boolean, date: IsoDate): Edit =>
  (plan, context) => {
    const unit = plan.units.find((u) => u.id === unitId);
    const talk = unit?.talks?.talks.find((t) => t.childId === childId);
    if (!unit || !talk) return { refused: GONE };
    const subject = [...new Set([...(plan.family?.countsFor.presentation ?? []), ...unit.subjects])].join(
      ', ',
    );
    return setFact(
      {
        kind: 'talked',
        childId,
        title: talk.topic,
        minutes: talk.minutes,
        subject: subject.slice(0, 200),
        date,
      },
      is,
      'once',
    )(plan, context);
  };

/** What is to become of something another time: kept, changed, dropped, and why; null takes it back. */
export const judge =
  (
    of: { partId: string } | { lessonId: string } | { bookId: string },
    grade: number | null,
    note: string,
    date: IsoDate,
  ): Edit =>
  (plan, context) => {
    const title = 'bookId' in of ? plan.books.find((b) => b.id === of.bookId)?.title : undefined;
    if ('bookId' in of && title === undefined) return { refused: GONE };
    const fact = { kind: 'judged', date, ...of, ...(title === undefined ? {} : { title }) } as const;
    if (grade === null) return setFact(fact, false, 'once')(plan, context);
    return sayAnew({ ...fact, grade, note }, 'once')(plan, context);
  };

/** A note on a part, or on the day. */
export const noteOn = (partId: string | null, childId: string | null, note: string, date: IsoDate): Edit =>
  say({ kind: 'noted', partId, childId, note, date });

/** A file of a child's work, kept under its name in the folder beside the store. */
export const keepFile = (
  partId: string | null,
  childId: string | null,
  file: string,
  note: string,
  date: IsoDate,
): Edit => say({ kind: 'kept', partId, childId, file, note, date });

/** A child calls: for help, or because they are done early. A call that stands is not made twice. */
export const call = (
  childId: string,
  kind: (typeof CALLS)[number],
  partId: string | null,
  date: IsoDate,
): Edit => setFact({ kind, childId, partId, date }, true);

/** A note, a call or a file is seen to, or taken back. What was done is taken back where it was ticked. */
export const takeBackFact =
  (entryId: string): Edit =>
  (plan, context) => {
    const entry = inForce(plan.entries).find((e) => e.id === entryId);
    if (!entry) return { plan };
    if (!TAKEN_BACK_HERE.includes(entry.kind)) return { refused: 'This is taken back where it was ticked.' };
    return {
      plan: {
        ...plan,
        entries: [...plan.entries, withdrawing(entry, { id: context.newId(), at: momentOf(context) })],
      },
    };
  };
const TAKEN_BACK_HERE: readonly Entry['kind'][] = [
  'attended',
  'talked',
  'loved',
  'judged',
  'noted',
  'otherwise',
  'longer',
  'kept',
  'help',
  'early',
];
