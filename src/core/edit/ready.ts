/** What was got ready: prepared, bought, printed, packed; and small parts that were counted when they came back. */
import { preparationOf } from '../prep/beforehand';
import { inForce } from '../plan/happened';
import type { IsoDate } from '../plan/measures';
import type { Lesson } from '../plan/lesson';
import { GONE, withChanged, type Edit } from './edit';
import { say, sayAnew, setFact } from './facts';

/** Notes that a preparation of a part was done on a day, or takes that back. */
export const setPrepared =
  (partId: string, preparationId: string, isReady: boolean, date: IsoDate): Edit =>
  (plan, context) => {
    const part = plan.parts.find((p) => p.id === partId);
    const preparation = preparationOf(plan, part, preparationId);
    if (!preparation) return { refused: GONE };
    const of = part!.preparations.includes(preparation) ? { partId } : { lessonId: part!.lessonId };
    const fact = { kind: 'prepared', ...of, preparationId, date, title: preparation.what } as const;
    return setFact(fact, isReady, 'once')(plan, context);
  };

/** Notes that so much of a thing was bought on a day, null for some of it; or takes back all of it that was bought that day. */
export const setBought =
  (
    { name, amount, unit }: { name: string; amount: number | null; unit: string },
    is: boolean,
    date: IsoDate,
  ): Edit =>
  (plan, context) => {
    const fact = { kind: 'bought', title: name, amount, unit, date } as const;
    if (!is) return setFact(fact, false)(plan, context);
    // Pressed twice it is bought once.
    const isSaid = inForce(plan.entries).some(
      (e) => e.kind === 'bought' && e.date === date && e.about.title === name && e.amount === amount,
    );
    return isSaid ? { plan } : say(fact)(plan, context);
  };

/** Notes that the pages of a child for some parts are printed. */
export const setPrinted =
  (partIds: readonly string[], childId: string, is: boolean, date: IsoDate): Edit =>
  (plan, context) =>
    partIds.reduce<ReturnType<Edit>>(
      (now, partId) =>
        'refused' in now
          ? now
          : setFact({ kind: 'printed', partId, childId, date }, is, 'once')(now.plan, context),
      { plan },
    );

/** Notes that the kit of a lesson is packed. */
export const setPacked = (lessonId: string, is: boolean, date: IsoDate): Edit =>
  setFact({ kind: 'packed', lessonId, date }, is, 'once');

/** Notes how many of the small parts of a kit came back. */
export const countBack =
  (lessonId: string, what: string, pieces: number, date: IsoDate): Edit =>
  (plan, context) => {
    const counted = plan.lessons.find((l) => l.id === lessonId)?.kitCounts.find((c) => c.what === what);
    if (!counted) return { refused: GONE };
    if (pieces > counted.pieces)
      return { refused: `There are ${counted.pieces} of ${what}. If there are more, say so on the kit.` };
    return sayAnew({ kind: 'counted', lessonId, title: what, amount: pieces, date }, 'once')(plan, context);
  };

/** Says where the kit of a lesson stands, and which small parts in it are counted. */
export const setKit =
  (lessonId: string, kit: Pick<Lesson, 'kitPlace' | 'kitCounts'>): Edit =>
  (plan) => {
    if (!plan.lessons.some((l) => l.id === lessonId)) return { refused: GONE };
    const twice = kit.kitCounts.find((c, i) => kit.kitCounts.slice(0, i).some((x) => x.what === c.what));
    if (twice) return { refused: `“${twice.what}” is counted twice. Add the two up.` };
    return { plan: { ...plan, lessons: withChanged(plan.lessons, lessonId, kit) } };
  };
