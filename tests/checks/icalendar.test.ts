/** What we write as iCalendar, read by ical.js; RFC 5545 sections 3.1 (lines) and 3.3.11 (text). */
import ICAL from 'ical.js';
import fc from 'fast-check';
import { expect, it } from 'vitest';
import { writeICalendar } from '@/core/formats/icalendar';
import { timetable } from '@/core/dayplan/timetable';
import { redraw } from '@/core/layout/redraw';
import { somePlan } from '../sample-plan';

const STAMP = '20260831T080000Z';
const events = (text: string): ICAL.Event[] =>
  new ICAL.Component(ICAL.parse(text) as unknown[])
    .getAllSubcomponents('vevent')
    .map((c) => new ICAL.Event(c));

it('holds each placed part once, on its date, at the time of its day', () => {
  fc.assert(
    fc.property(somePlan, (plan) => {
      const drawn = redraw(plan, { today: '2026-08-31' }).plan;
      const read = events(writeICalendar(drawn, STAMP));
      expect(read.length).toBe(drawn.sittings.length);
      const byUid = new Map(read.map((e) => [e.uid, e]));
      for (const s of drawn.sittings) {
        const event = byUid.get(`${s.id}@hausplan`)!;
        expect(event.startDate.toString().slice(0, 10)).toBe(s.date);
        expect(event.startDate.zone).toBe(ICAL.Timezone.localTimezone);
        const rooms = timetable(drawn, s.date).filter((r) => r.sittingId === s.id);
        if (rooms.length)
          expect(event.startDate.hour * 60 + event.startDate.minute).toBe(
            Math.min(1439, ...rooms.map((r) => r.starts)),
          );
      }
    }),
    { numRuns: 25 },
  );
});

it('keeps any title to the letter, in lines of at most 75 octets', () => {
  const letters = fc
    .string({ unit: 'grapheme', minLength: 1, maxLength: 150 })
    .map((t) => t.replace(/\p{Cc}/gu, '').trim())
    .filter(Boolean);
  fc.assert(
    fc.property(somePlan, letters, (plan, title) => {
      const drawn = redraw(
        {
          ...plan,
          lessons: plan.lessons.map((l) => ({ ...l, title })),
          parts: plan.parts.map((p) => ({ ...p, title: 'a; b, c\\d' })),
        },
        { today: '2026-08-31' },
      ).plan;
      const text = writeICalendar(drawn, STAMP);
      for (const line of text.split('\r\n')) expect(Buffer.byteLength(line)).toBeLessThanOrEqual(75);
      for (const event of events(text)) expect(event.summary).toBe(`${title}: a; b, c\\d`);
    }),
    { numRuns: 40 },
  );
});

it('says which sittings may still move', () => {
  const plan = fc.sample(somePlan, { numRuns: 1, seed: 7 })[0];
  const drawn = redraw(plan, { today: '2026-08-31' }).plan;
  const inked = {
    ...drawn,
    sittings: drawn.sittings.map((s, i) => ({ ...s, state: i % 2 ? ('ink' as const) : ('pencil' as const) })),
  };
  const status = new Map(
    events(writeICalendar(inked, STAMP)).map((e) => [e.uid, e.component.getFirstPropertyValue('status')]),
  );
  for (const s of inked.sittings)
    expect(status.get(`${s.id}@hausplan`)).toBe(s.state === 'ink' ? 'CONFIRMED' : 'TENTATIVE');
});

// RFC 5545, 3.6 and 3.6.1: PRODID and VERSION once in a calendar; UID, DTSTAMP and DTSTART once in an event; 3.8.2.2: an
// event's end is later than its start, and of the same kind.
it('has every required property once, and every event ends after it begins', () => {
  fc.assert(
    fc.property(somePlan, (plan) => {
      const drawn = redraw(
        { ...plan, parts: plan.parts.map((p, i) => (i % 3 ? p : { ...p, minutes: 0 })) },
        { today: '2026-08-31' },
      ).plan;
      const calendar = new ICAL.Component(ICAL.parse(writeICalendar(drawn, STAMP)) as unknown[]);
      for (const name of ['prodid', 'version']) expect(calendar.getAllProperties(name).length).toBe(1);
      expect(calendar.getFirstPropertyValue('version')).toBe('2.0');
      const uids = new Set<string>();
      for (const event of calendar.getAllSubcomponents('vevent')) {
        for (const name of ['uid', 'dtstamp', 'dtstart', 'summary'])
          expect(event.getAllProperties(name).length).toBe(1);
        expect(String(event.getFirstPropertyValue('dtstamp'))).toBe('2026-08-31T08:00:00Z');
        uids.add(String(event.getFirstPropertyValue('uid')));
        const end = event.getFirstProperty('dtend');
        if (!end) continue;
        const [from, to] = ['dtstart', 'dtend'].map((n) => event.getFirstPropertyValue(n) as ICAL.Time);
        expect(from.compare(to)).toBe(-1);
        expect(to.isDate).toBe(from.isDate);
      }
      expect(uids.size).toBe(calendar.getAllSubcomponents('vevent').length);
    }),
    { numRuns: 25 },
  );
});
