/** A unit looked back on, from what happened: what it took, what was loved, used and not used, and what it leaves open. */
import { ageOn } from '../plan/age';
import { daysBetween } from '../calendar/dates';
import { partMinutes } from '../layout/input';
import { costOf } from '../loans/money';
import { taughtOf } from '../layout/taught';
import type { Book } from '../plan/book';
import type { Entry } from '../plan/entry';
import { inForce } from '../plan/happened';
import type { PartKind } from '../plan/lesson';
import { assignmentKey, byId, doneParts, groupBy, homes } from '../plan/lookup';
import type { IsoDate } from '../plan/measures';
import type { Slice } from '../plan/plan';
import type { Unit } from '../plan/unit';

/** How long a kind of part took, against what was planned. */
export interface Factor {
  kind: PartKind;
  /** The median of minutes noted by minutes planned. */
  factor: number;
  times: number;
}

export interface LookBack {
  lessons: number;
  taught: number;
  /** From the first day something of it was done to the last; null while nothing was. */
  from: IsoDate | null;
  to: IsoDate | null;
  /** Calendar weeks it took, begun ones whole; and those that were hoped or wished for. */
  weeks: number;
  hoped: number | null;
  factors: Factor[];
  loved: { partId: string; title: string; times: number }[];
  /** Lessons left out, and parts that were missed or skipped and never done. */
  dropped: string[];
  /** Parts of lessons that were taught, which nobody did. */
  unused: { id: string; title: string }[];
  /** Pages printed, and how many of them were never used. */
  printed: { pages: number; unused: number };
  books: { used: Book[]; unopened: Book[]; outgrown: Book[] };
  /** How often the amount of a kind of work was right for a child, of how often anybody said. */
  amounts: { childId: string; kind: PartKind; right: number; said: number; minutes: number | null }[];
  /** What was to buy for the unit, minor units, as far as prices are known. */
  cost: number;
  questions: { id: string; text: string }[];
  judged: { of: string; title: string; grade: number; note: string }[];
  /** What was kept of the children’s work. */
  kept: Entry[];
}

const DAYS = 7;

export function lookBack(plan: Slice, unit: Unit, today: IsoDate): LookBack {
  const homeOf = homes(plan);
  const parts = plan.parts.filter((p) => homeOf(p).unit?.id === unit.id);
  const known = byId(parts);
  const lessons = plan.lessons.filter((l) => l.unitId === unit.id);
  const own = new Set(lessons.map((l) => l.id));
  const entries = inForce(plan.entries).filter((e) => known.has(e.partId ?? '') || own.has(e.lessonId ?? ''));
  const of = (...kinds: Entry['kind'][]): Entry[] => entries.filter((e) => kinds.includes(e.kind));
  const dates = of('done')
    .map((e) => e.date)
    .sort();
  const [from, to] = [dates[0] ?? null, dates.at(-1) ?? null];
  const done = doneParts(plan);
  const begun = new Set(parts.flatMap((p) => (done.has(p.id) ? [p.lessonId] : [])));
  const { taught } = taughtOf(plan, unit.id);
  const loved = groupBy(of('loved'), (e) => e.partId!);
  return {
    lessons: lessons.length,
    taught,
    from,
    to,
    weeks: from && to ? Math.ceil((daysBetween(from, to) + 1) / DAYS) : 0,
    hoped:
      unit.wishedEnd === null
        ? unit.hopedWeeks
        : Math.ceil((daysBetween(unit.starts, unit.wishedEnd) + 1) / DAYS),
    factors: factorsOf(plan, entries),
    loved: [...loved].map(([partId, said]) => ({ partId, title: said[0].about.title, times: said.length })),
    dropped: [
      ...lessons.filter((l) => l.leftOut && !begun.has(l.id)).map((l) => l.title),
      ...new Set(
        of('missed')
          .filter((e) => !done.has(e.partId!))
          .map((e) => e.about.title),
      ),
    ],
    unused: parts
      .filter((p) => p.lessonId !== null && begun.has(p.lessonId) && !done.has(p.id))
      .map(({ id, title }) => ({ id, title })),
    printed: printedOf(of('printed'), of('done')),
    books: booksOf(plan, unit, begun, today),
    amounts: amountsOf(plan, of('done')),
    cost: costOf(plan, unit),
    questions: plan.questions
      .filter((q) => q.unitId === unit.id && !q.answer)
      .map(({ id, text }) => ({ id, text })),
    judged: inForce(plan.entries)
      .filter((e) => e.kind === 'judged' && isOfUnit(plan, unit, e, known, own))
      .map((e) => ({
        of: (e.partId ?? e.lessonId ?? e.bookId)!,
        title: e.about.title,
        grade: e.grade!,
        note: e.note,
      })),
    kept: of('kept'),
  };
}

const isOfUnit = (
  plan: Slice,
  unit: Unit,
  e: Entry,
  parts: ReadonlyMap<string, unknown>,
  lessons: ReadonlySet<string>,
): boolean =>
  parts.has(e.partId ?? '') ||
  lessons.has(e.lessonId ?? '') ||
  plan.pulls.some((p) => p.unitId === unit.id && p.bookId === e.bookId);

export function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  const half = sorted.length >> 1;
  return sorted.length % 2 ? sorted[half] : (sorted[half - 1] + sorted[half]) / 2;
}

/** What things took against what was planned, by kind: every sitting of which minutes were noted. */
export function tookOf(plan: Slice, entries: readonly Entry[]): Map<PartKind, number[]> {
  const parts = byId(plan.parts);
  const homeOf = homes(plan);
  const minutesFor = partMinutes(plan);
  const took = new Map<PartKind, number[]>();
  for (const e of entries) {
    const part = parts.get(e.partId ?? '');
    if (e.kind !== 'done' || e.minutes === null || !part) continue;
    const planned = minutesFor(part, homeOf(part).unit).minutes;
    const meant = e.childId === null ? Math.max(0, ...Object.values(planned)) : (planned[e.childId] ?? 0);
    if (meant) took.set(part.kind, [...(took.get(part.kind) ?? []), e.minutes / meant]);
  }
  return took;
}

const factorsOf = (plan: Slice, entries: readonly Entry[]): Factor[] =>
  [...tookOf(plan, entries)]
    .map(([kind, ratios]) => ({ kind, factor: median(ratios), times: ratios.length }))
    .sort((a, b) => b.times - a.times);

function printedOf(printed: readonly Entry[], done: readonly Entry[]): LookBack['printed'] {
  const used = new Set(done.map((e) => assignmentKey(e.partId!, e.childId ?? '')));
  const isUsed = (e: Entry): boolean =>
    used.has(assignmentKey(e.partId!, e.childId!)) || used.has(assignmentKey(e.partId!, ''));
  return { pages: printed.length, unused: printed.filter((e) => !isUsed(e)).length };
}

/** Books that were on a lesson that was taught, or read; those that were not; and those that suit no child any more. */
function booksOf(
  plan: Slice,
  unit: Unit,
  begun: ReadonlySet<string | null>,
  today: IsoDate,
): LookBack['books'] {
  const pulled = plan.pulls.filter(
    (p) => p.unitId === unit.id && p.role !== 'not now' && p.role !== 'give away',
  );
  const read = new Set(
    inForce(plan.entries).flatMap((e) => (e.kind === 'read' && e.bookId ? [e.bookId] : [])),
  );
  const onLesson = new Set(plan.uses.filter((u) => begun.has(u.lessonId)).map((u) => u.pullId));
  const opened = new Set(pulled.filter((p) => onLesson.has(p.id) || read.has(p.bookId)).map((p) => p.bookId));
  const books = byId(plan.books);
  const of = [...new Set(pulled.map((p) => p.bookId))].map((id) => books.get(id)!);
  return {
    used: of.filter((b) => opened.has(b.id)),
    unopened: of.filter((b) => !opened.has(b.id)),
    outgrown: of.filter((b) => isOutgrown(b, plan, today)),
  };
}

/** A book that every child of the household is too old for, to listen to and to read; one that says no ages is not. */
export function isOutgrown(book: Book, { children }: Pick<Slice, 'children'>, date: IsoDate): boolean {
  if (!children.length || (book.listenTo === null && book.readTo === null)) return false;
  const to = Math.max(book.listenTo ?? 0, book.readTo ?? 0);
  return children.every((c) => ageOn(c.birthMonth, date) > to);
}

function amountsOf(plan: Slice, done: readonly Entry[]): LookBack['amounts'] {
  const parts = byId(plan.parts);
  const said = done.filter((e) => e.childId !== null && e.felt !== null && parts.has(e.partId!));
  return [...groupBy(said, (e) => `${e.childId} ${parts.get(e.partId!)!.kind}`).values()].map((same) => {
    const right = same.filter((e) => e.felt === 'right');
    const minutes = right.flatMap((e) => e.minutes ?? []);
    return {
      childId: same[0].childId!,
      kind: parts.get(same[0].partId!)!.kind,
      right: right.length,
      said: same.length,
      minutes: minutes.length ? median(minutes) : null,
    };
  });
}
