/** What must be got ready, and when: each preparation counted back from the day its part stands on. */
import type { Part } from '../plan/lesson';
import { readBefore } from './beforehand';
import { addDays } from '../calendar/dates';
import { inForce } from '../plan/happened';
import { once } from '../plan/once';
import { byId, doneParts, homes } from '../plan/lookup';
import type { IsoDate } from '../plan/measures';
import type { Plan } from '../plan/plan';

export interface ToPrepare {
  /** The day on which it is to be done at the latest, and at the earliest where it does not keep. */
  date: IsoDate;
  notBefore: IsoDate | null;
  /** Minutes it takes, as the family says or as is usual. */
  minutes: number;
  what: string;
  preparationId: string;
  partId: string;
  part: string;
  lesson: string;
  /** The day it is for. */
  on: IsoDate;
}

/** Minutes of a preparation of which nobody has said how long it takes. Own choice. */
const USUAL = 10;

/** Preparations that were done, by part and id, as `part preparation`; before a lesson, of no part. */
const preparedIn = once(
  (entries: Plan['entries']): ReadonlySet<string> =>
    new Set(
      inForce(entries)
        .filter((e) => e.kind === 'prepared')
        .map((e) => `${e.partId} ${e.preparationId}`),
    ),
);

/** Whether a preparation of a part was done. */
export const isPrepared = (
  plan: Plan,
  { partId, preparationId }: Pick<ToPrepare, 'partId' | 'preparationId'>,
): boolean =>
  // What is read before a lesson is read, whichever of its parts comes first by now.
  [partId, null].some((of) => preparedIn(plan.entries).has(`${of} ${preparationId}`));

/** What of it is still to be done. */
export const toPrepare = (plan: Plan): ToPrepare[] => allToPrepare(plan).filter((p) => !isPrepared(plan, p));

/** Where a lesson before which something is read begins: it is read before that. */
function firstOfLessons(
  sittings: Plan['sittings'],
  parts: ReadonlyMap<string, Part>,
  lessons: ReadonlyMap<string, unknown>,
): ReadonlyMap<string, Plan['sittings'][number]> {
  const firsts = new Map<string, Plan['sittings'][number]>();
  for (const s of sittings) {
    const at = parts.get(s.partId)!.lessonId ?? '';
    if (!lessons.has(at)) continue;
    const first = firsts.get(at);
    if (!first || s.date < first.date) firsts.set(at, s);
  }
  return firsts;
}

/** Preparations of all parts that stand on a day and are not done, in the order of the days they are to be done on. */
export function allToPrepare(plan: Plan): ToPrepare[] {
  const parts = byId(plan.parts);
  const homeOf = homes(plan);
  const done = doneParts(plan);
  const read = readBefore(plan);
  const firsts = firstOfLessons(plan.sittings, parts, read);
  return plan.sittings
    .filter((s) => !done.has(s.partId))
    .flatMap((s): ToPrepare[] => {
      const part = parts.get(s.partId)!;
      const before = firsts.get(part.lessonId ?? '') === s ? (read.get(part.lessonId!) ?? []) : [];
      return [...before, ...part.preparations].map((p) => ({
        date: addDays(s.date, -p.daysBefore),
        notBefore: p.atMostBefore === null ? null : addDays(s.date, -p.atMostBefore),
        minutes: p.minutes ?? USUAL,
        what: p.what,
        preparationId: p.id,
        partId: part.id,
        part: part.title,
        lesson: homeOf(part).lesson?.title ?? '',
        on: s.date,
      }));
    })
    .sort((a, b) => {
      if (a.date < b.date) return -1;
      if (a.date > b.date) return 1;
      return 0;
    });
}
