/**
 * Calendars as other programs write them, labelled by hand before they were read: RFC 5545 sections 3.3.10 (recurrence),
 * 3.6.1 (events), 3.8.4.4 (one of a series that was moved), 3.8.5.1 (days left out); the recurrences are examples of 3.8.5.3.
 */
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { readAppointments } from '@/core/formats/appointments';
import { readHausplanJson } from '@/core/formats/hausplan-json';
import { writeICalendar } from '@/core/formats/icalendar';

const YEAR = { from: '2026-09-01', to: '2027-06-30', zone: 'Europe/Berlin' };
const calendar = (...lines: string[]): string =>
  ['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//Else//EN', ...lines, 'END:VCALENDAR', ''].join('\r\n');
const event = (...lines: string[]): string[] => ['BEGIN:VEVENT', ...lines, 'END:VEVENT'];
const BERLIN = [
  'BEGIN:VTIMEZONE',
  'TZID:Own/Berlin',
  'BEGIN:STANDARD',
  'DTSTART:19961027T030000',
  'TZOFFSETFROM:+0200',
  'TZOFFSETTO:+0100',
  'RRULE:FREQ=YEARLY;BYMONTH=10;BYDAY=-1SU',
  'END:STANDARD',
  'BEGIN:DAYLIGHT',
  'DTSTART:19960331T020000',
  'TZOFFSETFROM:+0100',
  'TZOFFSETTO:+0200',
  'RRULE:FREQ=YEARLY;BYMONTH=3;BYDAY=-1SU',
  'END:DAYLIGHT',
  'END:VTIMEZONE',
];
function read(text: string) {
  const found = readAppointments(text, YEAR);
  if ('fault' in found) throw new Error(found.fault);
  return found;
}
const rows = (text: string): unknown[] =>
  read(text).found.map(({ title, dates, starts, ends }) => [title, starts, ends, dates]);

describe('one event', () => {
  it('at a time of no zone is at that time', () => {
    expect(
      rows(
        calendar(...event('UID:1', 'DTSTART:20261006T140000', 'DTEND:20261006T150000', 'SUMMARY:Dentist')),
      ),
    ).toEqual([['Dentist', 840, 900, ['2026-10-06']]]);
  });
  it('in UTC is at the time of the house, in summer and in winter', () => {
    expect(
      rows(
        calendar(
          ...event('UID:1', 'DTSTART:20261006T120000Z', 'DTEND:20261006T130000Z', 'SUMMARY:A'),
          ...event('UID:2', 'DTSTART:20261103T120000Z', 'DTEND:20261103T130000Z', 'SUMMARY:B'),
        ),
      ),
    ).toEqual([
      ['A', 840, 900, ['2026-10-06']],
      ['B', 780, 840, ['2026-11-03']],
    ]);
  });
  it('in a zone that the file explains, or only names, is at the time of the house', () => {
    expect(
      rows(
        calendar(
          ...BERLIN,
          ...event('UID:1', 'DTSTART;TZID=Own/Berlin:20261006T140000', 'DURATION:PT1H30M', 'SUMMARY:A'),
          ...event(
            'UID:2',
            'DTSTART;TZID=Europe/London:20261006T140000',
            'DTEND;TZID=Europe/London:20261006T150000',
            'SUMMARY:B',
          ),
        ),
      ),
    ).toEqual([
      ['A', 840, 930, ['2026-10-06']],
      ['B', 900, 960, ['2026-10-06']],
    ]);
  });
  it('all day is all day, and says so; its end is the day after it', () => {
    const { found } = read(
      calendar(
        ...event('UID:1', 'DTSTART;VALUE=DATE:20261006', 'SUMMARY:Trip'),
        ...event('UID:2', 'DTSTART;VALUE=DATE:20261012', 'DTEND;VALUE=DATE:20261015', 'SUMMARY:Camp'),
      ),
    );
    expect(found).toMatchObject([
      { title: 'Camp', isAllDay: true, dates: ['2026-10-12', '2026-10-13', '2026-10-14'] },
      { title: 'Trip', isAllDay: true, starts: 0, ends: 1439, dates: ['2026-10-06'] },
    ]);
  });
  it('over a night is on each of its days for as long as it is', () => {
    expect(
      rows(calendar(...event('UID:1', 'DTSTART:20261009T180000', 'DTEND:20261011T120000', 'SUMMARY:Visit'))),
    ).toEqual([
      ['Visit', 0, 720, ['2026-10-11']],
      ['Visit', 0, 1439, ['2026-10-10']],
      ['Visit', 1080, 1439, ['2026-10-09']],
    ]);
  });
  it('has its title whole, folded and escaped as it may be', () => {
    expect(
      rows(
        calendar(
          ...event(
            'UID:1',
            'DTSTART:20261006T140000',
            'DTEND:20261006T150000',
            'SUMMARY:Choir\\, with',
            '  Ottilie\\; hall 2',
          ),
        ),
      ),
    ).toEqual([['Choir, with Ottilie; hall 2', 840, 900, ['2026-10-06']]]);
  });
});

describe('a series', () => {
  it('has all its days in the year, and no other; without those left out, with those added', () => {
    const text = calendar(
      ...event(
        'UID:1',
        'DTSTART:20260804T150000',
        'DTEND:20260804T160000',
        'RRULE:FREQ=WEEKLY;BYDAY=TU;UNTIL=20261013T235959Z',
        'EXDATE:20260922T150000',
        'RDATE:20261015T150000',
        'SUMMARY:Swimming',
      ),
    );
    expect(rows(text)).toEqual([
      [
        'Swimming',
        900,
        960,
        ['2026-09-01', '2026-09-08', '2026-09-15', '2026-09-29', '2026-10-06', '2026-10-13', '2026-10-15'],
      ],
    ]);
  });
  it('counts from its first time, on the last Friday of a month', () => {
    expect(
      rows(
        calendar(
          ...event(
            'UID:1',
            'DTSTART:20260828T100000',
            'DTEND:20260828T110000',
            'RRULE:FREQ=MONTHLY;COUNT=4;BYDAY=-1FR',
            'SUMMARY:Library',
          ),
        ),
      ),
    ).toEqual([['Library', 600, 660, ['2026-09-25', '2026-10-30', '2026-11-27']]]);
  });
  it('stays at its hour by the clock of the house over the change of clocks', () => {
    expect(
      rows(
        calendar(
          ...BERLIN,
          ...event(
            'UID:1',
            'DTSTART;TZID=Own/Berlin:20261019T150000',
            'DTEND;TZID=Own/Berlin:20261019T160000',
            'RRULE:FREQ=WEEKLY;COUNT=3',
            'SUMMARY:Flute',
          ),
        ),
      ),
    ).toEqual([['Flute', 900, 960, ['2026-10-19', '2026-10-26', '2026-11-02']]]);
    expect(
      rows(
        calendar(
          ...event(
            'UID:1',
            'DTSTART;TZID=Europe/Berlin:20261019T150000',
            'DURATION:PT1H',
            'RRULE:FREQ=WEEKLY;COUNT=3',
            'SUMMARY:Flute',
          ),
        ),
      ),
    ).toEqual([['Flute', 900, 960, ['2026-10-19', '2026-10-26', '2026-11-02']]]);
  });
  it('of another zone is where that zone has it, week by week', () => {
    // New York leaves summer time a week after Berlin.
    expect(
      rows(
        calendar(
          ...event(
            'UID:1',
            'DTSTART;TZID=America/New_York:20261019T080000',
            'DURATION:PT1H',
            'RRULE:FREQ=WEEKLY;COUNT=3',
            'SUMMARY:Call',
          ),
        ),
      ),
    ).toEqual([
      ['Call', 780, 840, ['2026-10-26']],
      ['Call', 840, 900, ['2026-10-19', '2026-11-02']],
    ]);
  });
  it('of which one was moved has that one where it went, and one taken off nowhere', () => {
    expect(
      rows(
        calendar(
          ...event(
            'UID:1',
            'DTSTART:20261005T090000',
            'DTEND:20261005T100000',
            'RRULE:FREQ=WEEKLY;COUNT=4',
            'SUMMARY:Piano',
          ),
          ...event(
            'UID:1',
            'RECURRENCE-ID:20261012T090000',
            'DTSTART:20261013T140000',
            'DTEND:20261013T150000',
            'SUMMARY:Piano',
          ),
          ...event(
            'UID:1',
            'RECURRENCE-ID:20261019T090000',
            'DTSTART:20261019T090000',
            'DTEND:20261019T100000',
            'STATUS:CANCELLED',
            'SUMMARY:Piano',
          ),
        ),
      ),
    ).toEqual([
      ['Piano', 540, 600, ['2026-10-05', '2026-10-26']],
      ['Piano', 840, 900, ['2026-10-13']],
    ]);
  });
  it('that has gone on for thirty years, and goes on for ever, has the days of the year', () => {
    const [row] = read(
      calendar(
        ...event(
          'UID:1',
          'DTSTART:19960102T080000',
          'DTEND:19960102T083000',
          'RRULE:FREQ=DAILY',
          'SUMMARY:Milking',
        ),
      ),
    ).found;
    expect([row.dates.length, row.dates[0], row.dates.at(-1)]).toEqual([303, '2026-09-01', '2027-06-30']);
  });
});

describe('what is not taken', () => {
  it('is named with why', () => {
    const { found, left } = read(
      calendar(
        ...event('UID:1', 'DTSTART:20200106T090000', 'DTEND:20200106T100000', 'SUMMARY:Old'),
        ...event(
          'UID:2',
          'DTSTART:20261006T090000',
          'DTEND:20261006T100000',
          'STATUS:CANCELLED',
          'SUMMARY:Off',
        ),
        ...event('UID:3', 'DTSTART:20261006T090000', 'SUMMARY:Reminder'),
        ...event('UID:4', 'SUMMARY:No day'),
        ...event('UID:5', 'DTSTART:20261006T090000', 'DTEND:20261006T080000', 'SUMMARY:Backwards'),
        ...event(
          'UID:7',
          'DTSTART:20261006T090000',
          'DURATION:PT1H',
          'RRULE:FREQ=MONTHLY;BYDAY=6MO',
          'SUMMARY:No such Monday',
        ),
        ...event('UID:6', 'DTSTART:20261006T000000', 'DURATION:PT1S', 'RRULE:FREQ=SECONDLY', 'SUMMARY:Ticks'),
      ),
    );
    expect(found).toEqual([]);
    expect(Object.fromEntries(left.map((l) => [l.title, l.why]))).toEqual({
      Old: 'not in this school year',
      Off: 'called off',
      Reminder: 'it takes no time',
      'No day': 'it says no day',
      Backwards: 'it ends before it begins',
      Ticks: 'it comes too often to be followed',
      'No such Monday': 'it cannot be read: Malformed values in BYDAY part',
    });
  });
  it('is what Hausplan itself has written', () => {
    const demo = readHausplanJson(readFileSync('demo/fleece.json', 'utf8'));
    if (!('plan' in demo)) throw new Error('the demo cannot be read');
    const own = writeICalendar(demo.plan, '20261028T080000Z');
    const { found, own: count } = read(own);
    expect(found).toEqual([]);
    expect(count).toBe(demo.plan.sittings.length);
  });
  it('is what is no calendar: it is said what it is, and where it breaks', () => {
    expect(readAppointments('title,author\nSheep,Wool', YEAR)).toEqual({
      fault:
        'This is no calendar file: a calendar begins with BEGIN:VCALENDAR, and this begins with “title,author”.',
    });
    expect(readAppointments('', YEAR)).toEqual({ fault: 'There is nothing in this file.' });
    expect(
      readAppointments(
        ['BEGIN:VCALENDAR', 'BEGIN:VEVENT', 'what is this', 'END:VEVENT', 'END:VCALENDAR'].join('\n'),
        YEAR,
      ),
    ).toMatchObject({ fault: expect.stringContaining('what is this') });
  });
});

it('a mark at the start, line ends of any kind, and several calendars in one file are read', () => {
  const one = calendar(...event('UID:1', 'DTSTART:20261006T140000', 'DTEND:20261006T150000', 'SUMMARY:A'));
  const two = calendar(...event('UID:2', 'DTSTART:20261007T140000', 'DTEND:20261007T150000', 'SUMMARY:B'));
  expect(rows(`\uFEFF${one.replaceAll('\r\n', '\n')}${two}`)).toHaveLength(2);
});

it('what shows as free, and what it is called, is told', () => {
  const read1 = read(
    calendar(
      'X-WR-CALNAME:Our days',
      ...event('UID:1', 'DTSTART:20261006T140000', 'DTEND:20261006T150000', 'TRANSP:TRANSPARENT'),
    ),
  );
  expect(read1).toMatchObject({ name: 'Our days', found: [{ isFree: true, title: 'without a name' }] });
});
