/**
 * One day as a problem: rooms to be given times. A resource-constrained schedule; a job shop is the special case in which
 * every room has one child and one thing.
 */
import type { Stretch } from '../calendar/away';

/** Something that is done in a day, in one go. Times and lengths are in minutes, times after midnight. */
export interface Room {
  id: string;
  minutes: number;
  /** Children in it: each is in one room at a time. */
  who: readonly string[];
  /** Adults of whom one leads it; none where nobody is needed. Each leads one room at a time. */
  leaders: readonly string[];
  /** Minutes from its start for which it is led. */
  led: number;
  /** Things it needs of which there is one in the house, as long as it lasts. */
  things: readonly string[];
  /** Place among the day’s windows; a child’s rooms of an earlier one are over before those of a later one begin. */
  window: number;
  /** It does not begin before. */
  opens: number;
  /** Rooms that are over before it begins; each shares a child with it. */
  after: readonly string[];
  written: boolean;
  /** Hard thinking; `light` is what is best left for after it. Most are neither. */
  hard: boolean;
  light: boolean;
  /** Done sitting still; another room is a break from it. */
  still: boolean;
}

export interface Day {
  rooms: readonly Room[];
  /** When each window opens and closes; what runs past its end costs, and so does waiting after it opened. */
  windows: readonly { starts: number; ends: number; atSchool: boolean }[];
  /** Adults who have to go: what they lead past that time costs. */
  goes: ReadonlyMap<string, number>;
  /** When each child, adult or thing is free first, where that is later than the start of the day. */
  freeFrom: ReadonlyMap<string, number>;
  /** When each child or adult is somewhere else. */
  away: ReadonlyMap<string, readonly Stretch[]>;
  /** Children under seven. */
  small: ReadonlySet<string>;
  youngest: string | null;
  wishes: Wishes;
}

/** What a minute, or one of a thing not wished for, costs. */
export interface Wishes {
  /** A minute after the end of a window, or led by an adult who has to go. */
  past: number;
  /** A minute by which the last room at school ends later. */
  end: number;
  /** A minute in which a child has nothing to do while more is to come in the window: under seven, and older. */
  idleSmall: number;
  idle: number;
  /** Two written rooms on end; more than 45 minutes sitting still. */
  written: number;
  still: number;
  /** A light room of a child before a hard one of the same window. */
  lightFirst: number;
  /** An adult leads something without the youngest before what they lead with them, in the same window. */
  youngestLater: number;
  /** An adult goes from one room to another of the same window in which there is none of the same children. */
  walk: number;
}

/**
 * In the order in which a parent gives them up: waits and windows always hold; then the end of the day, then the idle
 * minutes of the small, of the others, then the order of the work. Own choice of weights.
 */
export const WISHES: Wishes = {
  past: 40,
  end: 100,
  idleSmall: 10,
  idle: 3,
  written: 8,
  still: 8,
  lightFirst: 1,
  youngestLater: 1,
  walk: 1,
};

/** Only the end of the day, as in a job shop. */
export const ONLY_THE_END: Wishes = {
  past: 0,
  end: 1,
  idleSmall: 0,
  idle: 0,
  written: 0,
  still: 0,
  lightFirst: 0,
  youngestLater: 0,
  walk: 0,
};

/** Minutes sitting still after which there should be a break. Common practice, no source. */
export const STILL = 45;

/** When a room begins, and who leads it; null where nobody is needed. */
export interface Placed {
  starts: number;
  leader: string | null;
}
export type Times = ReadonlyMap<string, Placed>;
