/** Small edits of which larger ones are made, and doing several as one. */
import { addDays } from '../calendar/dates';
import type { Part } from '../plan/lesson';
import type { IsoDate } from '../plan/measures';
import { GONE, withChanged, type Edit } from './edit';

/** Edits one after the other as one; units that any of them draws afresh are. */
export const several =
  (...edits: Edit[]): Edit =>
  (plan, context) => {
    let now = plan;
    const fresh: string[] = [];
    for (const edit of edits) {
      const done = edit(now, context);
      if ('refused' in done) return done;
      now = done.plan;
      if (Array.isArray(done.fresh)) fresh.push(...(done.fresh as string[]));
    }
    return { plan: now, fresh };
  };

/** Draws a unit afresh. */
export const afresh =
  (unitId: string): Edit =>
  (plan) => ({ plan, fresh: [unitId] });

/** Rubs out the ink of parts. */
export const pencil =
  (partIds: readonly string[]): Edit =>
  (plan) => ({
    plan: {
      ...plan,
      sittings: plan.sittings.map((s) => (partIds.includes(s.partId) ? { ...s, state: 'pencil' } : s)),
    },
  });

/** Changes a part in place. */
export const changePart =
  (partId: string, fields: Partial<Part>): Edit =>
  (plan) =>
    plan.parts.some((p) => p.id === partId)
      ? { plan: { ...plan, parts: withChanged(plan.parts, partId, fields) } }
      : { refused: GONE };

/** A part that waits until a day is over: one with a fixed date goes to the same weekday after it. */
export function putOff(part: Part, last: IsoDate): Pick<Part, 'fixedDate' | 'earliest'> {
  let { fixedDate } = part;
  while (fixedDate !== null && fixedDate <= last) fixedDate = addDays(fixedDate, 7);
  return {
    fixedDate,
    earliest: part.fixedDate === null ? latest(part.earliest, addDays(last, 1)) : part.earliest,
  };
}

/** The later of two days. */
export const latest = (a: IsoDate | null, b: IsoDate): IsoDate => (a && a > b ? a : b);
