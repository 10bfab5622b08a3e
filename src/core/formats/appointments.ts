/**
 * A calendar (iCalendar, RFC 5545) read for the family's other appointments: what stands in it within a school year, series
 * followed day by day, by the clock of the house.
 */
import { fromAbsolute, parseDateTime, toZoned } from '@internationalized/date';
import ICAL from 'ical.js';
import { addDays, daysBetween } from '../calendar/dates';
import { LAST_MINUTE } from '../plan/appointment';
import type { IsoDate } from '../plan/measures';

export interface ReadAppointment {
  uid: string;
  title: string;
  /** In their order. */
  dates: IsoDate[];
  /** Minutes after midnight. */
  starts: number;
  ends: number;
  isAllDay: boolean;
  /** It is marked there as taking nobody's time. */
  isFree: boolean;
}

export interface ReadCalendar {
  /** What the calendar calls itself; empty where it does not. */
  name: string;
  found: ReadAppointment[];
  left: { title: string; why: string }[];
  /** Events of it that Hausplan wrote itself. */
  own: number;
}

interface Within {
  from: IsoDate;
  to: IsoDate;
  /** Time zone of the house, as IANA names it. */
  zone: string;
}

const FIRST_LINE = 'BEGIN:VCALENDAR';
/** Times of a series that are followed at most: a daily one of fifty years. */
const MOST_TIMES = 20_000;
const MOST_TITLE = 100;
/** Days an event may go on for. */
const LONGEST = 400;

/** @returns what is in it, or in words why it cannot be read */
export function readAppointments(text: string, within: Within): ReadCalendar | { fault: string } {
  const plain = text.replace(/^\uFEFF/, '').trim();
  if (!plain) return { fault: 'There is nothing in this file.' };
  const first = plain.slice(0, plain.search(/[\r\n]|$/)).trim();
  if (first.toUpperCase() !== FIRST_LINE)
    return {
      fault: `This is no calendar file: a calendar begins with ${FIRST_LINE}, and this begins with “${first.slice(0, 40)}”.`,
    };
  let calendars: ICAL.Component[];
  try {
    const parsed = ICAL.parse(plain) as unknown[];
    // One calendar comes as itself, several as a list.
    calendars = (typeof parsed[0] === 'string' ? [parsed] : (parsed as unknown[][])).map(
      (one) => new ICAL.Component(one as unknown[]),
    );
  } catch (e) {
    return { fault: `This calendar cannot be read: ${(e as Error).message}.` };
  }
  const read: ReadCalendar = { name: '', found: [], left: [], own: 0 };
  for (const calendar of calendars) {
    read.name ||= String(calendar.getFirstPropertyValue('x-wr-calname') ?? '').slice(0, MOST_TITLE);
    readEvents(calendar, within, read);
  }
  read.found = together(read.found);
  read.found.sort(
    (a, b) =>
      a.title.localeCompare(b.title) || a.starts - b.starts || a.ends - b.ends || (a.uid < b.uid ? -1 : 1),
  );
  return read;
}

/** What has one name and the same times is one, on all its days: some programs write a thing twice. */
function together(found: readonly ReadAppointment[]): ReadAppointment[] {
  const one = new Map<string, ReadAppointment>();
  for (const a of found) {
    const key = `${a.uid} ${a.starts} ${a.ends}`;
    const was = one.get(key);
    one.set(key, was ? { ...was, dates: [...new Set([...was.dates, ...a.dates])].sort() } : a);
  }
  return [...one.values()];
}

/** Those of one calendar: each series with what was moved of it. */
function readEvents(calendar: ICAL.Component, within: Within, into: ReadCalendar): void {
  const all = calendar.getAllSubcomponents('vevent').map((component, i) => ({
    component,
    uid: String(component.getFirstPropertyValue('uid') ?? `without ${i}`),
  }));
  const moved = all.filter(({ component }) => component.hasProperty('recurrence-id'));
  for (const { component, uid } of all) {
    if (uid.endsWith('@hausplan')) {
      into.own++;
      continue;
    }
    // What was moved out of a series is read with it, and by itself where the series is not there.
    const isMoved = component.hasProperty('recurrence-id');
    const isSeries = (c: (typeof all)[number]): boolean =>
      c.uid === uid && !c.component.hasProperty('recurrence-id');
    if (isMoved && all.some(isSeries)) continue;
    const others = isMoved ? [] : moved.filter((m) => m.uid === uid).map((m) => m.component);
    const title = titleOf(component);
    const found: ReadAppointment[] = [];
    const why = whyLeft(() => readEvent(component, others, { uid: uid.slice(0, 400), title }, within, found));
    if (why) into.left.push({ title, why });
    else into.found.push(...found);
  }
}

/** A rule that says nothing sensible is only found out as it is followed. */
function whyLeft(read: () => string | undefined): string | undefined {
  try {
    return read();
  } catch (e) {
    return `it cannot be read: ${(e as Error).message}`;
  }
}

const titleOf = (component: ICAL.Component): string =>
  String(component.getFirstPropertyValue('summary') ?? '')
    .replace(/\s+/g, ' ')
    .trim()
    .slice(0, MOST_TITLE) || 'without a name';

const isCancelled = (component: ICAL.Component): boolean =>
  String(component.getFirstPropertyValue('status') ?? '').toUpperCase() === 'CANCELLED';

/** @returns why nothing of it is taken */
function readEvent(
  component: ICAL.Component,
  moved: readonly ICAL.Component[],
  { uid, title }: Pick<ReadAppointment, 'uid' | 'title'>,
  within: Within,
  found: ReadAppointment[],
): string | undefined {
  if (isCancelled(component)) return 'called off';
  if (!component.hasProperty('dtstart')) return 'it says no day';
  const event = new ICAL.Event(component, { exceptions: [...moved] });
  if (!event.startDate.isDate && event.duration.toSeconds() <= 0)
    return event.duration.toSeconds() < 0 ? 'it ends before it begins' : 'it takes no time';
  const isAllDay = event.startDate.isDate;
  const isFree = String(component.getFirstPropertyValue('transp') ?? '').toUpperCase() === 'TRANSPARENT';
  const byTimes = new Map<string, ReadAppointment>();
  const take = (from: ICAL.Time, to: ICAL.Time, of: ICAL.Component): void => {
    for (const piece of piecesOf(from, to, zoneNamed(of), within)) {
      const key = `${piece.starts} ${piece.ends}`;
      if (!byTimes.has(key))
        byTimes.set(key, { uid, title, dates: [], starts: piece.starts, ends: piece.ends, isAllDay, isFree });
      const { dates } = byTimes.get(key)!;
      if (!dates.includes(piece.date)) dates.push(piece.date);
    }
  };
  if (!event.isRecurring()) take(event.startDate, event.endDate, component);
  else if (!follow(event, within, take)) return 'it comes too often to be followed';
  if (!byTimes.size) return 'not in this school year';
  for (const one of byTimes.values()) found.push({ ...one, dates: one.dates.sort() });
  return undefined;
}

/** Goes through a series up to the end of the year. @returns false where it has more times than are followed */
function follow(
  event: ICAL.Event,
  { to }: Within,
  take: (from: ICAL.Time, to: ICAL.Time, of: ICAL.Component) => void,
): boolean {
  const times = event.iterator();
  // A time of another zone can be on the day before here.
  const after = addDays(to, 2);
  for (let n = 0; n < MOST_TIMES; n++) {
    const next = times.next();
    if (!next || dateText(next) > after) return true;
    const { startDate, endDate, item } = event.getOccurrenceDetails(next);
    if (!isCancelled(item.component)) take(startDate, endDate, item.component);
  }
  return false;
}

interface Piece {
  date: IsoDate;
  starts: number;
  ends: number;
}

/** A stretch of time by the clock of the house, day by day, as far as it lies in the year. */
function piecesOf(from: ICAL.Time, to: ICAL.Time, named: string, within: Within): Piece[] {
  const isInYear = ({ date }: Piece): boolean => date >= within.from && date <= within.to;
  if (from.isDate) {
    const first = dateText(from);
    const days = Math.min(LONGEST, Math.max(1, daysBetween(first, dateText(to))));
    return Array.from({ length: days }, (_, i) => ({
      date: addDays(first, i),
      starts: 0,
      ends: LAST_MINUTE,
    })).filter(isInYear);
  }
  const a = atHome(from, named, within.zone);
  const b = atHome(to, named, within.zone);
  const days = Math.min(LONGEST, daysBetween(a.date, b.date));
  return Array.from({ length: days + 1 }, (_, i) => ({
    date: addDays(a.date, i),
    starts: i === 0 ? a.minutes : 0,
    ends: i === days ? b.minutes : LAST_MINUTE,
  })).filter((piece) => piece.starts < piece.ends && isInYear(piece));
}

const two = (n: number): string => String(n).padStart(2, '0');
const dateText = (t: ICAL.Time): IsoDate =>
  `${String(t.year).padStart(4, '0')}-${two(t.month)}-${two(t.day)}`;

/** The zone that an event’s times are said in, where the file names it and does not explain it. */
const zoneNamed = (component: ICAL.Component): string =>
  String(component.getFirstProperty('dtstart')?.getFirstParameter('tzid') ?? '');

/** A moment by the clock of the house. A time of no zone, or of one that nobody knows, is taken as it stands. */
function atHome(time: ICAL.Time, named: string, zone: string): { date: IsoDate; minutes: number } {
  const isLocal = time.zone === ICAL.Timezone.localTimezone;
  const asWritten = { date: dateText(time), minutes: time.hour * 60 + time.minute };
  let at: number;
  if (isLocal && !named) return asWritten;
  try {
    const clock = `${dateText(time)}T${two(time.hour)}:${two(time.minute)}:00`;
    at = isLocal ? toZoned(parseDateTime(clock), named).toDate().getTime() : time.toUnixTime() * 1000;
  } catch {
    return asWritten;
  }
  const here = fromAbsolute(at, zone);
  return {
    date: `${String(here.year).padStart(4, '0')}-${two(here.month)}-${two(here.day)}`,
    minutes: here.hour * 60 + here.minute,
  };
}
