/** Closing a unit, early or at its end, and going on with it after all. */
import { shortDate } from '../calendar/dates';
import type { Unit } from '../plan/unit';
import { GONE, withChanged, type Edit } from './edit';

/** Closes a unit: it is done, or was enough. What was taught stays; what is left stands on no day, and waits to be taken up. */
export const closeUnit =
  (id: string): Edit =>
  (plan, { today }) => {
    const unit = plan.units.find((u) => u.id === id);
    if (!unit) return { refused: GONE };
    if (unit.waiting) return { refused: `“${unit.title}” waits for its place: there is nothing to close.` };
    if (unit.closedOn !== null) return { refused: isClosed(unit) };
    return { plan: { ...plan, units: withChanged(plan.units, id, { closedOn: today }) } };
  };

/** Takes a closed unit up again: what was left of it finds days anew. */
export const reopenUnit =
  (id: string): Edit =>
  (plan) => {
    const unit = plan.units.find((u) => u.id === id);
    if (!unit) return { refused: GONE };
    if (unit.closedOn === null) return { refused: `“${unit.title}” is not closed.` };
    return { plan: { ...plan, units: withChanged(plan.units, id, { closedOn: null }) }, fresh: [id] };
  };

/** Why a unit is not moved or paced any more. */
export const isClosed = ({ title, closedOn }: Pick<Unit, 'title' | 'closedOn'>): string =>
  `“${title}” was closed on ${shortDate(closedOn ?? '')}. Go on with it first.`;
