/**
 * A plan as iCalendar (RFC 5545): one event for each placed part, on its date, at the time its day gives it.
 * Times are floating (section 3.3.5, form 1): school happens at home, in whatever zone that is.
 */
import { dayMonth } from '../calendar/dates';
import { timetable } from '../dayplan/timetable';
import { byId, childrenOf, groupBy, homes } from '../plan/lookup';
import type { IsoDate } from '../plan/measures';
import type { Plan } from '../plan/plan';

/**
 * The plan's calendar; `stamp` is the UTC time of writing, `YYYYMMDDTHHMMSSZ`, given so that the same plan writes the
 * same bytes.
 */
export function writeICalendar(plan: Plan, stamp: string): string {
  const parts = byId(plan.parts);
  const homeOf = homes(plan);
  const lines = [
    'BEGIN:VCALENDAR',
    'VERSION:2.0',
    'PRODID:-//Hausplan//Hausplan 1//EN',
    'CALSCALE:GREGORIAN',
    'METHOD:PUBLISH',
    property('X-WR-CALNAME', plan.family?.name ?? 'Hausplan'),
  ];
  const dates = [...groupBy(plan.sittings, (s) => s.date)].sort(([a], [b]) => (a < b ? -1 : 1));
  for (const [date, sittings] of dates) {
    const times = groupBy(timetable(plan, date), (r) => r.sittingId);
    for (const s of sittings) {
      const part = parts.get(s.partId)!;
      const { lesson, unit } = homeOf(part);
      const rooms = times.get(s.id);
      // An event ends after it begins (RFC 5545, 3.8.2.2), also where there is nothing to do in it.
      const starts = Math.min(1438, ...(rooms ?? []).map((r) => r.starts));
      const ends = Math.max(...(rooms ?? []).map((r) => r.ends), starts);
      const names = childrenOf(part, unit, plan.children).map((c) => c.name);
      lines.push(
        'BEGIN:VEVENT',
        property('UID', `${s.id}@hausplan`),
        `DTSTAMP:${stamp}`,
        ...(rooms
          ? [`DTSTART:${moment(date, starts)}`, `DTEND:${moment(date, Math.max(ends, starts + 1))}`]
          : [`DTSTART;VALUE=DATE:${compact(date)}`]),
        property('SUMMARY', lesson ? `${lesson.title}: ${part.title}` : part.title),
        property(
          'DESCRIPTION',
          `${unit ? `${unit.title}, from ${dayMonth(unit.starts)}\n` : ''}${names.join(', ')}`,
        ),
        `STATUS:${s.state === 'ink' ? 'CONFIRMED' : 'TENTATIVE'}`,
        property('CATEGORIES', unit?.title ?? 'every day'),
        'END:VEVENT',
      );
    }
  }
  lines.push('END:VCALENDAR');
  return lines.map((l) => `${fold(l)}\r\n`).join('');
}

const compact = (date: IsoDate): string => date.replaceAll('-', '');

/** Local date and time; a day that runs past midnight is cut off at its last minute. */
function moment(date: IsoDate, minutes: number): string {
  const m = Math.min(minutes, 1439);
  return `${compact(date)}T${String(Math.floor(m / 60)).padStart(2, '0')}${String(m % 60).padStart(2, '0')}00`;
}

/** A property whose value is text (section 3.3.11). */
function property(name: string, text: string): string {
  return `${name}:${text
    .replace(/\\/g, '\\\\')
    .replace(/;/g, '\\;')
    .replace(/,/g, '\\,')
    .replace(/\r\n|\r|\n/g, '\\n')
    .replace(/[\p{Cc}]/gu, '')}`;
}

const encoder = new TextEncoder();

/** Content lines are at most 75 octets; longer ones go on after a line break and a space (section 3.1). */
function fold(line: string): string {
  if (encoder.encode(line).length <= 75) return line;
  const folded: string[] = [];
  let current = '';
  let octets = 0;
  for (const character of line) {
    const size = encoder.encode(character).length;
    if (octets + size > 75) {
      folded.push(current);
      current = ' ';
      octets = 1;
    }
    current += character;
    octets += size;
  }
  folded.push(current);
  return folded.join('\r\n');
}
