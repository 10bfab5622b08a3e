/** A unit that was taught, as it is to be taught again; and the minutes such things took, for what is still to come. */
import { outlineOf, type OutlinePart, type UnitOutline } from '../formats/unit-outline';
import { inForce } from '../plan/happened';
import type { Part } from '../plan/lesson';
import { groupBy } from '../plan/lookup';
import type { Plan, Slice } from '../plan/plan';
import type { Unit } from '../plan/unit';
import { JUDGED } from '../plan/words';
import { isOutgrown, lookBack, median } from '../record/look-back';
import type { Edit } from './edit';

/** Whom the parts of a unit are for, where they are not for all of it. */
export const whoseIn = (slice: Slice, unit: Unit): Record<string, string[]> => {
  const lessons = new Set(slice.lessons.filter((l) => l.unitId === unit.id).map((l) => l.id));
  return Object.fromEntries(
    slice.parts.flatMap((p) =>
      p.childIds && (p.unitId === unit.id || lessons.has(p.lessonId ?? '')) ? [[p.id, p.childIds]] : [],
    ),
  );
};

/** Longest that directions may be, with what is written under them. */
const DIRECTIONS = 20_000;

/**
 * A unit that was taught, as it is to be taught again: what was dropped is left out, last time’s notes stand where they belong,
 * what was loved comes first where lessons build on nothing, and books that everybody has outgrown stay on the shelf.
 * @param slice the year it was taught in
 * @param now the plan of today, with today’s children
 * @param asItTook minutes are those that things really took
 */
export function againOf(
  slice: Slice,
  unit: Unit,
  now: Pick<Plan, 'children'>,
  { today, asItTook }: { today: string; asItTook: boolean },
): UnitOutline {
  const back = lookBack(slice, unit, today);
  const judged = new Map(back.judged.map((j) => [j.of, j]));
  const isDropped = (id: string): boolean => JUDGED[(judged.get(id)?.grade ?? 0) - 1] === 'drop';
  const loved = new Set(back.loved.map((l) => l.partId));
  const factors = new Map(back.factors.map((f) => [f.kind, f.factor]));
  const took = groupBy(
    inForce(slice.entries).filter((e) => e.kind === 'done' && e.minutes !== null),
    (e) => e.partId!,
  );
  const noted = groupBy(
    inForce(slice.entries).filter((e) => e.kind === 'noted' && e.partId !== null),
    (e) => e.partId!,
  );
  const left = new Set(slice.lessons.filter((l) => l.leftOut).map((l) => l.id));
  const taught = new Set(back.to === null ? [] : lessonsTaught(slice, unit));
  const outline = outlineOf(slice, unit);
  const lastTime = (id: string): string[] => [
    ...(judged.get(id)?.note ? [judged.get(id)!.note] : []),
    ...(noted.get(id) ?? []).map((e) => e.note),
    ...(loved.has(id) ? ['loved.'] : []),
  ];
  const again = (p: OutlinePart): OutlinePart => ({
    ...p,
    minutes: p.minutes === null ? null : asItTook ? minutesOf(p, took.get(p.id), factors) : p.minutes,
    directions: withNotes(p.directions, lastTime(p.id)),
  });
  const lessons = outline.lessons
    .filter((l) => !isDropped(l.id) && !(left.has(l.id) && !taught.has(l.id)))
    .map((l) => {
      const parts = l.parts.filter((p) => !isDropped(p.id)).map(again);
      const note = judged.get(l.id)?.note;
      // A lesson has no directions of its own: its note stands on the first thing that is done in it.
      if (note && parts.length)
        parts[0] = { ...parts[0], directions: withNotes(parts[0].directions, [note]) };
      return { ...l, parts, books: l.books.filter((b) => !isDropped(b.bookId)) };
    });
  const books = new Map(slice.books.map((b) => [b.id, b]));
  return {
    ...outline,
    lessons: lovedFirst(lessons, (l) => l.parts.filter((p) => loved.has(p.id)).length),
    parts: outline.parts.filter((p) => !isDropped(p.id)).map(again),
    books: outline.books
      .filter((b) => !isDropped(b.id))
      .map((b) => (isOutgrown(books.get(b.id)!, now, today) ? { ...b, role: 'not now' } : b)),
    notes: back.judged
      .filter((j) => books.has(j.of) && j.note && !isDropped(j.of))
      .map((j) => `Last time, ${j.title}: ${j.note}`.slice(0, 500)),
    taught: back.to,
  };
}

function lessonsTaught(slice: Slice, unit: Unit): string[] {
  const done = new Set(slice.marks.filter((m) => m.outcome === 'done').map((m) => m.partId));
  const own = new Set(slice.lessons.filter((l) => l.unitId === unit.id).map((l) => l.id));
  return slice.parts.flatMap((p) =>
    p.lessonId && own.has(p.lessonId) && done.has(p.id) ? [p.lessonId] : [],
  );
}

const withNotes = (directions: string, notes: readonly string[]): string =>
  notes.length
    ? [directions, `Last time: ${notes.join(' ')}`].filter(Boolean).join('\n').slice(-DIRECTIONS)
    : directions;

/** What it took itself, where that was noted; else its minutes by what its kind took. */
function minutesOf(
  p: OutlinePart,
  took: readonly { minutes: number | null }[] | undefined,
  factors: ReadonlyMap<string, number>,
): number {
  const noted = (took ?? []).map((e) => e.minutes!);
  const minutes = noted.length ? median(noted) : p.minutes! * (factors.get(p.kind) ?? 1);
  return Math.min(1440, Math.max(1, Math.round(minutes)));
}

/** Lessons in a row that build on nothing, those first of which most was loved; all others keep their places. */
export function lovedFirst<L extends { buildsOn: boolean }>(
  lessons: readonly L[],
  loved: (l: L) => number,
): L[] {
  const rows: L[][] = [];
  for (const l of lessons) {
    const row = rows.at(-1);
    if (row && !l.buildsOn && !row[0].buildsOn) row.push(l);
    else rows.push([l]);
  }
  return rows.flatMap((row) => [...row].sort((a, b) => loved(b) - loved(a)));
}

/** Gives the minutes of what is still to come in a unit by what such things took: kind by kind, as the family chose. */
export const takeFactors =
  (unitId: string, factors: readonly { kind: string; factor: number }[]): Edit =>
  (plan) => {
    const by = new Map(factors.map((f) => [f.kind, f.factor]));
    const done = new Set(plan.marks.map((m) => m.partId));
    const lessons = new Set(plan.lessons.filter((l) => l.unitId === unitId).map((l) => l.id));
    const isOpen = (p: Part): boolean =>
      p.ruleId === null &&
      p.minutes !== null &&
      !done.has(p.id) &&
      (p.unitId === unitId || lessons.has(p.lessonId ?? '')) &&
      by.has(p.kind);
    if (!plan.parts.some(isOpen))
      return {
        refused: 'Nothing that is still to come in this unit is of these kinds and has minutes of its own.',
      };
    return {
      plan: {
        ...plan,
        parts: plan.parts.map((p) =>
          isOpen(p)
            ? { ...p, minutes: Math.min(1440, Math.max(1, Math.round(p.minutes! * by.get(p.kind)!))) }
            : p,
        ),
      },
    };
  };
