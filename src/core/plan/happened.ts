/**
 * What happened, as entries, and what follows from them: which parts are done, which were missed, what was read. Marks and
 * readings are these projections, limited to what is still in the plan; entries outlast it.
 */
import type { About, Entry } from './entry';
import type { Reading } from './loan';
import { booksById, byId, homes } from './lookup';
import { subjectsOf } from './subjects';
import { doneAnew, takenBy, usedBy } from './used-up';
import type { IsoDate } from './measures';
import type { Mark, Plan, Slice } from './plan';

/** The entries that no other takes back, in their order. An entry that is taken back takes nothing back itself. */
export function standing<E extends Pick<Entry, 'id' | 'withdraws'>>(entries: readonly E[]): E[] {
  const gone = new Set<string>();
  const left: E[] = [];
  for (const entry of [...entries].reverse()) {
    if (gone.has(entry.id)) continue;
    if (entry.withdraws !== null) gone.add(entry.withdraws);
    left.push(entry);
  }
  return left.reverse();
}

/** What happened, as far as it was not taken back. */
export const inForce = (entries: readonly Entry[]): Entry[] =>
  standing(entries).filter((e) => e.kind !== 'withdrawn');

/** When a fact was first written down, by its entry of today, however often it was corrected since. */
export function writtenAt({ entries }: Pick<Plan, 'entries'>): (id: string) => string | undefined {
  const all = byId(entries);
  return (id) => {
    let entry = all.get(id);
    while (entry?.withdraws && all.has(entry.withdraws)) entry = all.get(entry.withdraws);
    return entry?.at;
  };
}

/** The plan with its marks and readings as its entries say. */
export function withHappened<S extends Slice>(plan: S): S {
  const parts = new Set(plan.parts.map((p) => p.id));
  const children = new Set(plan.children.map((c) => c.id));
  const books = new Set(plan.books.map((b) => b.id));
  const marks: Mark[] = [];
  const readings: Reading[] = [];
  for (const e of inForce(plan.entries)) {
    if (e.childId !== null && !children.has(e.childId)) continue;
    if ((e.kind === 'done' || e.kind === 'missed') && parts.has(e.partId!)) marks.push(markOf(e));
    if (e.kind === 'read')
      readings.push(readingOf(e.bookId === null || books.has(e.bookId) ? e : { ...e, bookId: null }));
  }
  return { ...plan, marks, readings };
}

const markOf = (e: Entry): Mark => ({
  id: e.id,
  partId: e.partId!,
  childId: e.childId,
  date: e.date,
  outcome: e.kind as Mark['outcome'],
  note: e.note,
  felt: e.felt,
  rung: e.about.rung as Mark['rung'],
  minutes: e.minutes,
  letters: e.letters,
});

const readingOf = (e: Entry): Reading => ({
  id: e.id,
  childId: e.childId!,
  bookId: e.bookId,
  date: e.date,
  pages: e.pages!,
  minutes: e.minutes!,
});

const BLANK = {
  adultId: null,
  partId: null,
  lessonId: null,
  objectiveId: null,
  promptId: null,
  preparationId: null,
  bookId: null,
  minutes: null,
  pages: null,
  letters: null,
  amount: null,
  unit: '',
  felt: null,
  grade: null,
  note: '',
  file: null,
  withdraws: null,
} as const satisfies Partial<Entry>;

/** About nothing that can be named. */
export const NOTHING: About = {
  child: '',
  unit: '',
  lesson: '',
  title: '',
  kind: '',
  subject: '',
  rung: null,
};

/** What an entry says of itself, beside what it is about. */
export type Fact = Pick<Entry, 'id' | 'at' | 'date' | 'kind'> &
  Partial<Omit<Entry, 'about' | 'withdraws'>> & {
    /** What it is about, where that is no part, lesson or preparation of the plan. */
    title?: string;
    /** The subjects it counts for, where that is no part of the plan. */
    subject?: string;
    /** The rung it was on, where that is not read off a piece of work. */
    rung?: Entry['about']['rung'];
  };

/** A fact as an entry, with what it is about as it is in the plan now. */
export function factEntry(plan: Slice, { title, subject, rung, ...fact }: Fact): Entry {
  const part = plan.parts.find((p) => p.id === fact.partId);
  const lesson = part ? homes(plan)(part).lesson : plan.lessons.find((l) => l.id === fact.lessonId);
  const unit = part ? homes(plan)(part).unit : plan.units.find((u) => u.id === lesson?.unitId);
  const prepared = part?.preparations.find((p) => p.id === fact.preparationId);
  return {
    ...BLANK,
    childId: null,
    ...fact,
    about: {
      ...NOTHING,
      child: plan.children.find((c) => c.id === fact.childId)?.name ?? '',
      unit: unit?.title ?? '',
      lesson: lesson?.title ?? '',
      title: title ?? prepared?.what ?? part?.title ?? lesson?.title ?? '',
      kind: part?.kind ?? '',
      subject: subject ?? '',
      rung: rung ?? null,
    },
  };
}

/** That an entry is no longer in force. */
export const withdrawing = (
  entry: Pick<Entry, 'id' | 'date'>,
  { id, at }: Pick<Entry, 'id' | 'at'>,
): Entry => ({
  ...BLANK,
  id,
  at,
  date: entry.date,
  kind: 'withdrawn',
  childId: null,
  about: NOTHING,
  withdraws: entry.id,
});

/** Writes down marks and readings as entries, with what they are about as it is in the plan now. */
function writer(
  plan: Slice,
  at: (date: IsoDate) => string,
): { ofMark: (m: Mark) => Entry; ofReading: (r: Reading) => Entry } {
  const homeOf = homes(plan);
  const parts = byId(plan.parts);
  const children = byId(plan.children);
  const books = booksById(plan.books);
  const given = new Map(plan.assignments.map((a) => [`${a.partId} ${a.childId}`, a.rung]));
  const nameOf = (childId: string | null): string => (childId && children.get(childId)?.name) || '';
  return {
    ofMark: (m) => {
      const part = parts.get(m.partId);
      const { lesson, unit } = part ? homeOf(part) : {};
      return {
        ...BLANK,
        id: m.id,
        at: at(m.date),
        date: m.date,
        kind: m.outcome,
        childId: m.childId,
        adultId: part?.adultId ?? null,
        partId: m.partId,
        minutes: m.minutes,
        letters: m.letters,
        felt: m.felt,
        note: m.note,
        about: {
          child: nameOf(m.childId),
          unit: unit?.title ?? '',
          lesson: lesson?.title ?? '',
          title: part?.title ?? '',
          kind: part?.kind ?? '',
          subject: part ? subjectsOf(plan, part, unit).join(', ').slice(0, 200) : '',
          rung: m.rung ?? given.get(`${m.partId} ${m.childId}`) ?? null,
        },
      };
    },
    ofReading: (r) => ({
      ...BLANK,
      id: r.id,
      at: at(r.date),
      date: r.date,
      kind: 'read',
      childId: r.childId,
      bookId: r.bookId,
      minutes: r.minutes,
      pages: r.pages,
      about: { ...NOTHING, child: nameOf(r.childId), title: (r.bookId && books.get(r.bookId)?.title) || '' },
    }),
  };
}

const midnight = (date: IsoDate): string => `${date}T00:00:00.000Z`;

/** The entries of a plan that was kept as marks and readings alone; when they were written down is not known. */
export function entriesFrom(plan: Slice): Entry[] {
  const { ofMark, ofReading } = writer(plan, midnight);
  return [...plan.marks.map(ofMark), ...plan.readings.map(ofReading)].sort((a, b) => {
    if (a.date === b.date) return 0;
    return a.date < b.date ? -1 : 1;
  });
}

/**
 * Writes down what a change did to marks and readings. What it adds is a new entry; what it alters is a new entry that
 * withdraws the one before; what it takes back is withdrawn. What only hangs on something that was taken out of the plan is
 * left as it is: it happened.
 * @returns the plan after the change, with those entries
 */
export function recorded(
  before: Plan,
  after: Plan,
  { at, newId }: { at: string; newId: () => string },
): Plan {
  if (before.marks === after.marks && before.readings === after.readings) return after;
  // What is not of this plan any more went with the year that was closed: it is written down there.
  if (before.closedYears !== after.closedYears) return after;
  const write = writer(after, () => at);
  const entries: Entry[] = [];
  /** An entry and those it corrects, back to the first: were only it taken back, the one before it would stand again. */
  const chainOf = (id: string): string[] => {
    const written = byId(after.entries);
    const chain: string[] = [];
    for (let at: string | null = id; at !== null; at = written.get(at)?.withdraws ?? null) chain.push(at);
    return chain;
  };
  const settle = <T extends { id: string; date: string }>(
    was: readonly T[],
    is: readonly T[],
    entryOf: (item: T) => Entry,
    itemOf: (entry: Entry) => T,
    isThere: (item: T) => boolean,
    /** What is left of an item where what it speaks of is gone: that is no change of what happened. */
    left: (item: T) => T = (item) => item,
  ): T[] => {
    if (was === is) return is as T[];
    const old = byId(was);
    const now = is.map((item): T => {
      const earlier = old.get(item.id);
      if (earlier === item) return item;
      if (earlier && JSON.stringify(left(earlier)) === JSON.stringify(item)) return item;
      const entry = earlier ? { ...entryOf({ ...item, id: newId() }), withdraws: item.id } : entryOf(item);
      entries.push(entry);
      return itemOf(entry);
    });
    const kept = new Set(is.map((item) => item.id));
    for (const item of was)
      if (!kept.has(item.id) && isThere(item))
        for (const id of chainOf(item.id))
          entries.push(withdrawing({ id, date: item.date }, { id: newId(), at }));
    return now;
  };
  const parts = new Set(after.parts.map((p) => p.id));
  const children = new Set(after.children.map((c) => c.id));
  const marks = settle(
    before.marks,
    after.marks,
    write.ofMark,
    markOf,
    (m) => parts.has(m.partId) && (m.childId === null || children.has(m.childId)),
  );
  const books = booksById(after.books);
  const readings = settle(
    before.readings,
    after.readings,
    write.ofReading,
    readingOf,
    (r) => children.has(r.childId),
    (r) => (r.bookId === null || books.has(r.bookId) ? r : { ...r, bookId: null }),
  );
  const { done, undone } = doneAnew(before, { ...after, marks });
  const taken = takenBy(after);
  for (const part of done)
    for (const { name, amount, unit } of taken(part)) {
      const date = marks.find((m) => m.partId === part.id && m.outcome === 'done')!.date;
      const fact = {
        id: newId(),
        at,
        date,
        kind: 'used',
        partId: part.id,
        amount,
        unit,
        title: name,
      } as const;
      entries.push(factEntry(after, fact));
    }
  for (const e of usedBy(inForce(after.entries), undone)) entries.push(withdrawing(e, { id: newId(), at }));
  return { ...after, marks, readings, entries: [...after.entries, ...entries] };
}

/** How many of the things that were done a change takes out of the plan: they stay written down. */
export function outlasting(before: Plan, after: Plan): number {
  if (before.marks === after.marks || before.closedYears !== after.closedYears) return 0;
  const parts = new Set(after.parts.map((p) => p.id));
  const children = new Set(after.children.map((c) => c.id));
  return before.marks.filter(
    (m) => m.outcome === 'done' && (!parts.has(m.partId) || (m.childId !== null && !children.has(m.childId))),
  ).length;
}
