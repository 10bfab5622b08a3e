/** A kit for each lesson: what is packed for it, numbered as the lesson is, with its answer key kept apart. */
import { byId, doneParts, groupBy, lessonsOf } from '../plan/lookup';
import type { IsoDate } from '../plan/measures';
import type { Plan } from '../plan/plan';
import type { Unit } from '../plan/unit';
import { inForce } from '../plan/happened';
import { once } from '../plan/once';
import { neededIn, type Needed } from './supplies';

export interface Kit {
  lessonId: string;
  /** Of the kit, and of the lesson in its unit. */
  number: number;
  title: string;
  /** The first day of it that is to come. */
  on: IsoDate;
  /** Added up over the lesson, for every child who takes part where it is for each. */
  contents: Needed[];
  /** Things of which there is one in the house: laid beside it, not packed. */
  beside: string[];
  /** It has questions with answers, which are kept apart from it. */
  hasKey: boolean;
  place: string;
  /** Small parts that are counted when they come back. */
  counts: { what: string; pieces: number }[];
  isPacked: boolean;
  /** Of its contents, what is still to be got. */
  lacks: string[];
}

/** Small parts of a kit, with how many came back; null: not counted yet. */
export interface Counted {
  lessonId: string;
  title: string;
  number: number;
  what: string;
  pieces: number;
  back: number | null;
}

const packedIn = once(
  (entries: Plan['entries']): ReadonlySet<string | null> =>
    new Set(inForce(entries).flatMap((e) => (e.kind === 'packed' ? [e.lessonId] : []))),
);

/** Numbers that are taken by the units that begin before a unit, where kits are numbered through the year. */
function kitsBefore(plan: Plan, unit: Unit): number {
  if (plan.family?.kitNumbers !== 'year') return 0;
  const isBefore = (u: Unit): boolean =>
    !u.waiting &&
    u.id !== unit.id &&
    (u.starts < unit.starts || (u.starts === unit.starts && u.id < unit.id));
  const earlier = new Set(plan.units.filter(isBefore).map((u) => u.id));
  return plan.lessons.filter((l) => earlier.has(l.unitId)).length;
}

/** Kits of the lessons of a unit, for what of them stands on days to come and needs something. */
export function kitsOf(plan: Plan, unit: Unit, today: IsoDate): Kit[] {
  const done = doneParts(plan);
  const parts = byId(plan.parts);
  const toCome = groupBy(
    plan.sittings.filter((s) => s.date >= today && !done.has(s.partId)),
    (s) => parts.get(s.partId)!.lessonId ?? '',
  );
  const before = kitsBefore(plan, unit);
  return lessonsOf(plan, unit.id).flatMap((lesson): Kit[] => {
    const of = toCome.get(lesson.id) ?? [];
    const ids = new Set(of.map((s) => s.partId));
    const dates = of.map((s) => s.date).sort();
    const contents = of.length ? neededIn(plan, dates[0], dates.at(-1)!, (id) => ids.has(id)) : [];
    const beside = [...new Set(of.flatMap((s) => parts.get(s.partId)!.needs))];
    if (!contents.length && !beside.length) return [];
    return [
      {
        lessonId: lesson.id,
        number: before + lesson.number,
        title: lesson.title,
        on: dates[0],
        contents,
        beside,
        hasKey: lesson.recall.some((r) => r.answer !== ''),
        place: lesson.kitPlace,
        counts: lesson.kitCounts,
        isPacked: packedIn(plan.entries).has(lesson.id),
        lacks: contents.filter((c) => c.toGet !== 0).map((c) => c.name),
      },
    ];
  });
}

/** Small parts that went out with a kit: what came back is counted once nothing of the lesson is to come any more. */
export function countsOf(plan: Plan, unit: Unit, today: IsoDate): Counted[] {
  const done = doneParts(plan);
  const lessonOf = new Map(plan.parts.map((p) => [p.id, p.lessonId]));
  const taught = new Set([...done].map((id) => lessonOf.get(id)));
  const goesOn = new Set(
    plan.sittings.filter((s) => s.date >= today && !done.has(s.partId)).map((s) => lessonOf.get(s.partId)),
  );
  const counted = inForce(plan.entries).filter((e) => e.kind === 'counted');
  const before = kitsBefore(plan, unit);
  return lessonsOf(plan, unit.id)
    .filter((l) => taught.has(l.id) && !goesOn.has(l.id))
    .flatMap(({ id, title, number, kitCounts }) =>
      kitCounts.map(({ what, pieces }) => ({
        lessonId: id,
        title,
        number: before + number,
        what,
        pieces,
        back: counted.find((e) => e.lessonId === id && e.about.title === what)?.amount ?? null,
      })),
    );
}
