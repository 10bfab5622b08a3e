/** Waits: drying, freezing, standing. Counted in hours on the clock; nights, weekends and breaks count. */
import { addDays, daysBetween } from '../calendar/dates';
import type { DayWindow } from '../calendar/school-days';
import type { IsoDate } from '../plan/measures';
import type { Place } from './problem';

/** When a wait is over: date and minutes after midnight. It is counted from the end of the window it begins in. */
export function waitEnds(date: IsoDate, window: DayWindow, hours: number): { date: IsoDate; time: number } {
  const total = window.ends + hours * 60;
  return { date: addDays(date, Math.floor(total / 1440)), time: total % 1440 };
}

/** Hours between the end of a window and the start of another. */
export function hoursBetween(from: Place, to: Place, windows: readonly DayWindow[]): number {
  const end = windows.find((w) => w.name === from.window)!.ends;
  const start = windows.find((w) => w.name === to.window)!.starts;
  return daysBetween(from.date, to.date) * 24 + (start - end) / 60;
}
