/**
 * When what is planned will be finished, as dates with chances: the days to come are drawn many times over, each kept or lost,
 * each piece of work as long as such work took in this family; what does not fit a day goes on on the next.
 */
import { random, type Random } from './random';

/** Work of one day of the plan. */
export interface Step {
  /** The first day, by index, on which it may be done: it is not brought forward. */
  from: number;
  /** Minutes, each with what tells how long such work takes. */
  pieces: readonly { kind: string; minutes: number }[];
  /** Minutes that a day has for it. */
  room: number;
}

/** How long work of a kind took against what was planned: logarithms of the ratios that were noted. */
export type Took = ReadonlyMap<string, readonly number[]>;

export interface Course {
  /** The weeks of the school days to come, in order. */
  weeks: readonly number[];
  steps: readonly Step[];
  /** Steps a week, at most; null: as many as there are days. */
  perWeek: number | null;
  /** Days kept and lost, with the guess in them: the counts of a beta distribution. */
  kept: number;
  lost: number;
  took: Took;
}

/** Minutes by which nobody puts something off to another day. Own choice. */
const SLIGHT = 5;
/** How far a piece of work is from its minutes, as a logarithm, before anything was noted: about a quarter. Own choice. */
const SPREAD = 0.25;
/** The weight, in sittings, of the belief that things take the minutes they were given. Own choice. */
const BELIEF = 4;

/**
 * Draws the days to come so many times.
 * @returns by run the index of the day on which the last step is done; -1 where the days do not suffice
 */
export function finishes(course: Course, runs: number, seed: number): number[] {
  const draw = random(seed);
  return Array.from({ length: runs }, () => finishOnce(course, draw));
}

function finishOnce({ weeks, steps, perWeek, kept, lost, took }: Course, draw: Random): number {
  if (!steps.length) return 0;
  const p = lost ? draw.beta(kept, lost) : 1;
  const usual = new Map<string, { mean: number; spread: number }>();
  const lengthOf = ({ kind, minutes }: Step['pieces'][number]): number => {
    let is = usual.get(kind);
    if (!is) usual.set(kind, (is = usualOf(took.get(kind) ?? [], draw)));
    return is.spread ? minutes * Math.exp(is.mean + is.spread * draw.normal()) : minutes;
  };
  let next = 0;
  let left = 0;
  let room = 0;
  let inWeek = 0;
  for (let day = 0; day < weeks.length; day++) {
    if (day && weeks[day] !== weeks[day - 1]) inWeek = 0;
    if (draw.even() >= p) continue;
    if (left) {
      left -= room;
      if (left > SLIGHT) continue;
      room = Math.max(0, -left);
      left = 0;
      if (next === steps.length) return day;
    } else room = Infinity;
    const step = steps[next];
    if (step.from > day || (perWeek !== null && inWeek >= perWeek)) continue;
    const spare = Math.min(room, step.room);
    room = step.room;
    left = Math.max(0, step.pieces.reduce((sum, piece) => sum + lengthOf(piece), 0) - spare);
    if (left <= SLIGHT) left = 0;
    next++;
    inWeek++;
    if (next === steps.length && !left) return day;
  }
  return -1;
}

/** The mean of a kind’s logarithms in this run, drawn about what was noted, shrunk toward none; and how far single ones lie. */
function usualOf(logs: readonly number[], draw: Random): { mean: number; spread: number } {
  const n = logs.length;
  const sum = logs.reduce((a, b) => a + b, 0);
  const mean = sum / (n + BELIEF);
  const squares = logs.reduce((a, x) => a + (x - mean) ** 2, 0);
  const spread = Math.sqrt((squares + BELIEF * SPREAD ** 2) / (n + BELIEF));
  return { mean: mean + (spread / Math.sqrt(n + BELIEF)) * draw.normal(), spread };
}
