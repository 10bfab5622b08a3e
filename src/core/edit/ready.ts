/** What was got ready. */
import { factEntry, inForce, withdrawing } from '../plan/happened';
import type { IsoDate } from '../plan/measures';
import { isPrepared } from '../prep/get-ready';
import { GONE, type Edit } from './edit';

/** Notes that a preparation of a part was done on a day, or takes that back. */
export const setPrepared =
  (partId: string, preparationId: string, isReady: boolean, date: IsoDate): Edit =>
  (plan, { today, newId, now }) => {
    const part = plan.parts.find((p) => p.id === partId);
    if (!part?.preparations.some((p) => p.id === preparationId)) return { refused: GONE };
    if (isPrepared(plan, { partId, preparationId }) === isReady) return { plan };
    const at = now ?? `${today}T00:00:00.000Z`;
    if (isReady)
      return {
        plan: {
          ...plan,
          entries: [
            ...plan.entries,
            factEntry(plan, { id: newId(), at, date, kind: 'prepared', partId, preparationId }),
          ],
        },
      };
    const standing = inForce(plan.entries).filter(
      (e) => e.kind === 'prepared' && e.partId === partId && e.preparationId === preparationId,
    );
    return {
      plan: {
        ...plan,
        entries: [...plan.entries, ...standing.map((e) => withdrawing(e, { id: newId(), at }))],
      },
    };
  };
