/**
 * The desk of the stand-in library: where each holding is on a day, worked out from what we have asked of it and from
 * readers who come and go by a fixed rhythm. The same requests on the same days always give the same answers.
 */
import { addDays, daysBetween } from '@/core/calendar/dates';
import { libraryDayFrom } from '@/core/books/borrowing';
import type { IsoDate } from '@/core/plan/measures';
import { CATALOGUE, type Holding } from './catalogue';

export interface Request {
  id: string;
  does: 'hold' | 'cancel' | 'borrow' | 'renew' | 'return';
  date: IsoDate;
}

/** A loan runs three weeks, may be renewed once, and held things lie ready for ten days, put out on Tuesdays and Saturdays. */
export const RULES = { loans: 12, weeks: 3, renewals: 1, days: [2, 6], readyDays: 10 } as const;
const PUT_OUT = { loans: RULES.loans, weeks: RULES.weeks, renewals: RULES.renewals, days: [...RULES.days] };

export interface Standing {
  state: 'available' | 'unavailable' | 'reserved' | 'ready' | 'out';
  since: IsoDate | null;
  /** When a copy is thought to be free; how long it lies ready; when it is due. */
  until: IsoDate | null;
  copiesIn: number;
  /** Readers waiting, and our own place from 1. */
  waiting: number;
  position: number | null;
  renewals: number;
}

const EPOCH = '2026-01-05';
const CYCLE = RULES.weeks * 7;

/** Whether all copies are out on an ordinary day: they are when somebody waits. */
const allOut = (h: Holding): boolean => h.waiting > 0;

/** The dates after a date on which copies come back: each copy every three weeks, the copies spread over them. */
function returnsAfter(h: Holding, date: IsoDate, n: number): IsoDate[] {
  const seed = Number(h.id);
  const dates: IsoDate[] = [];
  for (let copy = 0; copy < h.copies; copy++) {
    const phase = (seed * 13 + Math.floor((copy * CYCLE) / h.copies)) % CYCLE;
    const since = daysBetween(EPOCH, date);
    const next = CYCLE - ((((since - phase) % CYCLE) + CYCLE) % CYCLE);
    for (let k = 0; k < n; k++) dates.push(addDays(date, next + k * CYCLE));
  }
  return dates.sort().slice(0, n);
}

export function holding(id: string): Holding | undefined {
  return CATALOGUE.find((h) => h.id === id);
}

/** Where a holding is for us on a day. */
export function standingOf(h: Holding, requests: readonly Request[], today: IsoDate): Standing {
  const ours = requests.filter((r) => r.id === h.id && r.date <= today);
  let held: IsoDate | null = null;
  let out: IsoDate | null = null;
  let due: IsoDate | null = null;
  let renewals = 0;
  for (const r of ours) {
    if (r.does === 'hold') held = r.date;
    else if (r.does === 'cancel') held = null;
    else if (r.does === 'borrow') [held, out, due, renewals] = [null, r.date, addDays(r.date, CYCLE), 0];
    else if (r.does === 'renew' && due) [due, renewals] = [addDays(due, CYCLE), renewals + 1];
    else if (r.does === 'return') [out, due] = [null, null];
  }
  const free: Standing = {
    state: 'available',
    since: null,
    until: null,
    copiesIn: h.copies,
    waiting: 0,
    position: null,
    renewals: 0,
  };
  if (out)
    return { ...free, state: 'out', since: out, until: due, copiesIn: 0, waiting: h.waiting, renewals };
  if (held) {
    const { thought, really } = turnOf(h, held);
    const ready = libraryDayFrom(PUT_OUT, really);
    const lapses = addDays(ready, RULES.readyDays);
    if (today >= ready && today <= lapses)
      return { ...free, state: 'ready', since: ready, until: lapses, copiesIn: 0, waiting: h.waiting };
    if (today < ready) {
      const before = returnsAfter(h, held, h.waiting + 1).filter((d) => addDays(d, h.kept) <= today).length;
      // The library only learns that a copy is kept over its time when it has not come.
      const until = libraryDayFrom(PUT_OUT, thought > today ? thought : really);
      return {
        ...free,
        state: 'reserved',
        since: held,
        until,
        copiesIn: allOut(h) ? 0 : h.copies,
        waiting: h.waiting + 1 - before,
        position: Math.max(1, h.waiting + 1 - before),
      };
    }
  }
  return allOut(h)
    ? {
        ...free,
        state: 'unavailable',
        until: libraryDayFrom(PUT_OUT, turnOf(h, today).thought),
        copiesIn: 0,
        waiting: h.waiting,
      }
    : free;
}

/** When our turn comes if we ask on a day: as the library reckons, and as readers really bring things back. */
function turnOf(h: Holding, asked: IsoDate): { thought: IsoDate; really: IsoDate } {
  if (!allOut(h)) return { thought: addDays(asked, 1), really: addDays(asked, 1) };
  const thought = returnsAfter(h, asked, h.waiting + 1)[h.waiting];
  return { thought, really: addDays(thought, h.kept) };
}

/** Whether a request can be met on a day; why not, in the library's words. */
export function refusal(
  h: Holding,
  does: Request['does'],
  requests: readonly Request[],
  today: IsoDate,
): string | undefined {
  const now = standingOf(h, requests, today);
  const outNow = CATALOGUE.filter((x) => standingOf(x, requests, today).state === 'out').length;
  if (does === 'hold') {
    if (now.state === 'out') return 'it is out on your card';
    if (now.position || now.state === 'ready') return 'it is held for you already';
    return undefined;
  }
  if (does === 'cancel') return now.position || now.state === 'ready' ? undefined : 'it is not held for you';
  if (does === 'borrow') {
    if (outNow >= RULES.loans) return `your card has ${RULES.loans} things out`;
    if (now.state === 'ready' || now.state === 'available' || (now.state === 'reserved' && now.copiesIn > 0))
      return undefined;
    if (now.state === 'out') return 'it is out on your card';
    return 'no copy is in';
  }
  if (now.state !== 'out') return 'it is not out on your card';
  if (does === 'renew') {
    if (now.renewals >= RULES.renewals) return 'it was renewed once already';
    if (now.waiting > 0) return 'another reader is waiting for it';
    return undefined;
  }
  return undefined;
}
