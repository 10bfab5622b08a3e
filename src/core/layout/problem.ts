/** A lay-out’s problem: parts with what they take and where they may stand, in units of lessons, on school days. */
import type { Away } from '../calendar/away';
import type { DayWindow, SchoolDay } from '../calendar/school-days';
import type { Adult } from '../plan/household';
import type { IsoDate, WindowName } from '../plan/measures';
import type { Reason } from '../plan/plan';

/** The first or the last day on which something that a part needs can be there, and what that is. */
export interface Availability {
  date: IsoDate;
  /** “The Dyer’s Kettle” */
  of: string;
  is: 'borrowed' | 'prepared';
  /** The book that is borrowed, or the preparation. */
  id: string;
}

/** That day for a part, which may go on standing where it stands, however little of it is there by then. */
export interface Bound extends Availability {
  holds: IsoDate;
}

export interface LayPart {
  id: string;
  title: string;
  /** Minutes for each child who takes part. */
  minutes: Record<string, number>;
  /** Minutes an adult leads: the parent, or who leads in their place. */
  lead: number;
  /** The adult who leads in the parent's place. */
  leader: string | null;
  /** All who are in it are in it at once; else each does their own. */
  together: boolean;
  /** What it needs of which there is one in the house. */
  needs: readonly string[];
  /** Minutes that these are in use: as long as it lasts, or by one child after the other where each works alone. */
  inUse: number;
  window: WindowName | null;
  fixedDate: IsoDate | null;
  /** Only on this weekday, or what serves for it. */
  weekday: number | null;
  /** Not before this day: as the parent set it, or the day after it last did not happen. */
  earliest: IsoDate | null;
  latest: IsoDate | null;
  /** Where what is needed for it may narrow its days: its own ones, and what bounds them. */
  bound?: {
    own: { earliest: IsoDate | null; latest: IsoDate | null };
    from: readonly Bound[];
    until: readonly Bound[];
  };
  waitAfterHours: number;
  /** May be left out when days run short: it, or its whole lesson. */
  optional: boolean;
  /** A day out: it takes its half-day, but none of the minutes a day has for work. */
  dayOut: boolean;
  /** A rule brings it back on its date. */
  comesBack: boolean;
}

export interface LayLesson {
  id: string;
  parts: LayPart[];
}

export interface LayUnit {
  id: string;
  starts: IsoDate;
  wishedEnd: IsoDate | null;
  /** Lessons a week that are aimed at, and the most there may be. */
  lessonsPerWeek: number | null;
  mostPerWeek: number | null;
  lessons: LayLesson[];
  /** Parts of the unit itself that have no date: they come after its last lesson. */
  closing: LayPart[];
}

export interface Place {
  date: IsoDate;
  window: WindowName;
}

/** Where a pencilled part stood, and whether the parent had put it there. */
export interface Stood extends Place {
  byHand?: boolean;
}

/** A part that stays where it is, and why. */
export interface Held extends Place {
  kind: Extract<Reason['kind'], 'done' | 'unticked' | 'inked' | 'by-hand'>;
}

export interface LayoutInput {
  days: SchoolDay[];
  windows: DayWindow[];
  /** Minutes a day each child can take. */
  childLimits: Record<string, number>;
  /** Minutes a day the parent can lead. */
  leadLimit: number;
  /** Other adults who lead, when they are there. */
  adults: readonly Adult[];
  /** Who has an appointment of their own when, by date. */
  away: ReadonlyMap<IsoDate, readonly Away[]>;
  /** Nothing in pencil is laid before this day. */
  today: IsoDate;
  units: LayUnit[];
  /** Parts with a date of their own that belong to no lesson. */
  dated: LayPart[];
  /** Whether it is looked for something better than what is constructed: where all is laid out again. */
  search?: boolean;
  /** Parts that stay, by id. */
  held: Map<string, Held>;
  /** Where pencilled parts stood in the last lay-out, by id; what need not move does not. */
  previous: Map<string, Stood>;
}

/** Whether the lay-out places a part: it stands nowhere for good, and has no date of its own. */
export const mayPlace = ({ held }: Pick<LayoutInput, 'held'>, part: LayPart): boolean =>
  !held.has(part.id) && part.fixedDate === null;
