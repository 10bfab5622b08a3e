/** Whose minutes are counted in a lay-out: each child's, the parent's, other adults', and those of what there is one of. */
import { PARENT } from '../calendar/away';
import type { Adult } from '../plan/household';
import type { LayoutInput, LayPart } from './problem';

export { PARENT };

const ONE_OF = 'one of: ';

/** What there is one of in the house, as a name among those whose minutes are counted. */
export const oneOf = (thing: string): string => `${ONE_OF}${thing}`;

/** The thing that is so named; undefined for people. */
export const thingIn = (who: string): string | undefined =>
  who.startsWith(ONE_OF) ? who.slice(ONE_OF.length) : undefined;

export interface Counted {
  /** A child's or an adult's id, the parent, or a thing there is one of. */
  id: string;
  /** Minutes of a whole school day; a thing is there all day. */
  dayLimit: number;
  minutesFor: (part: LayPart) => number;
  /** When they are there; undefined for always. */
  there?: Adult;
}

type From = Pick<LayoutInput, 'childLimits' | 'leadLimit' | 'adults' | 'units' | 'dated'>;

export function countedIn({ childLimits, leadLimit, adults, units, dated }: From): Counted[] {
  const things = new Set<string>();
  const look = (parts: readonly LayPart[]): void => {
    for (const p of parts) for (const thing of p.needs) things.add(thing);
  };
  for (const u of units) {
    for (const l of u.lessons) look(l.parts);
    look(u.closing);
  }
  look(dated);
  return [
    ...Object.entries(childLimits).map(([id, dayLimit]): Counted => ({
      id,
      dayLimit,
      minutesFor: (p) => p.minutes[id] ?? 0,
    })),
    { id: PARENT, dayLimit: leadLimit, minutesFor: (p) => (p.leader === null ? p.lead : 0) },
    ...adults.map((a): Counted => ({
      id: a.id,
      dayLimit: a.minutes,
      minutesFor: (p) => (p.leader === a.id ? p.lead : 0),
      there: a,
    })),
    ...[...things].sort().map((thing): Counted => ({
      id: oneOf(thing),
      dayLimit: Infinity,
      minutesFor: (p) => (p.needs.includes(thing) ? p.inUse : 0),
    })),
  ];
}

/** Minutes of a part that count against a day's: none of a day out. */
export const inDay = (part: Pick<LayPart, 'dayOut'>, minutes: number): number => (part.dayOut ? 0 : minutes);

/** Minutes of a part that it takes of a half-day; a day out that is longer takes all of it. */
export const inWindow = (part: Pick<LayPart, 'dayOut'>, minutes: number, has: number): number =>
  part.dayOut ? Math.max(1, Math.min(minutes, has)) : minutes;
