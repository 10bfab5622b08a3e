/**
 * Whether what is to be prepared fits into the days there are, and the day for each. It fits if and only if for every span from
 * a first moment to a last the minutes that must lie in it are no more than there are: W. A. Horn, “Some simple scheduling
 * algorithms”, Naval Research Logistics Quarterly 21 (1974).
 */
import { addDays } from '../calendar/dates';
import type { IsoDate } from '../plan/measures';

export interface Task {
  id: string;
  minutes: number;
  /** The first day on which it can be done, and the last. */
  first: IsoDate;
  last: IsoDate;
  /** Tasks that are done before it, or on the same day. */
  after: readonly string[];
  /** Like tasks are done in one sitting, where that goes. */
  like: string;
}

export interface TooFull {
  first: IsoDate;
  last: IsoDate;
  /** Minutes that must lie in these days, and those there are. */
  needs: number;
  has: number;
}

/** Tasks with their spans narrowed by those that come before and after them. */
function narrowed(tasks: readonly Task[]): Task[] {
  const all = new Map(tasks.map((t) => [t.id, { ...t }]));
  // As often as a chain can be long; a circle narrows nothing for ever.
  for (let n = 0; n < tasks.length; n++)
    for (const task of all.values())
      for (const id of task.after) {
        const before = all.get(id);
        if (!before) continue;
        if (before.first > task.first) task.first = before.first;
        if (task.last < before.last) before.last = task.last;
      }
  return [...all.values()];
}

/**
 * The span of days that lacks most minutes; undefined where all fits.
 * @param has minutes there are from a first day to a last
 */
export function tooFull(
  tasks: readonly Task[],
  has: (first: IsoDate, last: IsoDate) => number,
): TooFull | undefined {
  const all = narrowed(tasks);
  let worst: TooFull | undefined;
  for (const first of new Set(all.map((t) => t.first)))
    for (const last of new Set(all.map((t) => t.last))) {
      if (last < first) continue;
      const needs = all
        .filter((t) => t.first >= first && t.last <= last)
        .reduce((sum, t) => sum + t.minutes, 0);
      if (!needs) continue;
      const there = has(first, last);
      const lacks = needs - there;
      const most = worst ? worst.needs - worst.has : 0;
      if (lacks > most || (worst && lacks === most && isShorter({ first, last }, worst)))
        worst = { first, last, needs, has: there };
    }
  return worst;
}

const isShorter = (a: { first: IsoDate; last: IsoDate }, b: { first: IsoDate; last: IsoDate }): boolean =>
  Date.parse(a.last) - Date.parse(a.first) < Date.parse(b.last) - Date.parse(b.first);

/**
 * The day for each: as late as there is room, like with like. What finds no room on any of its days goes to the one with most
 * left.
 * @param minutesOn minutes there are on a day
 */
export function dayForEach(
  tasks: readonly Task[],
  minutesOn: (day: IsoDate) => number,
): Map<string, IsoDate> {
  const left = new Map<IsoDate, number>();
  const leftOn = (day: IsoDate): number => left.get(day) ?? minutesOn(day);
  const placed = new Map<string, IsoDate>();
  const likes = new Map<string, Set<IsoDate>>();
  const open = narrowed(tasks);
  const comesAfter = (id: string): Task[] => open.filter((t) => t.after.includes(id));
  while (open.length) {
    // Backwards: the latest first, and none before what comes after it.
    const free = open.filter((t) => !comesAfter(t.id).length);
    const task = (free.length ? free : open).reduce((a, b) => (b.last > a.last ? b : a));
    open.splice(open.indexOf(task), 1);
    const until = tasks
      .filter((t) => t.after.includes(task.id) && placed.has(t.id))
      .reduce((day, t) => (placed.get(t.id)! < day ? placed.get(t.id)! : day), task.last);
    const first = task.first <= until ? task.first : until;
    const day = chosen(first, until, task, leftOn, likes.get(task.like));
    placed.set(task.id, day);
    left.set(day, leftOn(day) - task.minutes);
    likes.set(task.like, (likes.get(task.like) ?? new Set<IsoDate>()).add(day));
  }
  return placed;
}

function chosen(
  first: IsoDate,
  last: IsoDate,
  { minutes }: Task,
  leftOn: (day: IsoDate) => number,
  like: ReadonlySet<IsoDate> | undefined,
): IsoDate {
  let latest: IsoDate | undefined;
  let roomiest = last;
  for (let day = last; day >= first; day = addDays(day, -1)) {
    const room = leftOn(day);
    if (room >= minutes) {
      if (like?.has(day)) return day;
      latest ??= day;
    }
    if (room > leftOn(roomiest)) roomiest = day;
  }
  return latest ?? roomiest;
}
