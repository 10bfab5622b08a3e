import { describe, expect, it } from 'vitest';
import { aPart, aPlan, aUnit } from '../../../tests/sample-plan';
import { perform } from '../edit/edit';
import { takeWay, waysThrough } from '../edit/ways-through';
import type { Plan } from '../plan/plan';
import { shortDate } from '../calendar/dates';
import { conflictInWords, conflictOf } from './conflict';
import { layoutInput } from './input';
import { redraw } from './redraw';
import { verdictOf } from './verdict';

const TODAY = '2026-08-31';
const context = { today: TODAY, newId: () => `n${++made}` };
let made = 0;

/** Nine lessons of 40 minutes for two children, at a pace, with an end. */
const plan = (over: Parameters<typeof aUnit>[0], more: Partial<Plan> = {}): Plan => {
  const from = aPlan(9, { units: [aUnit(over)], ...more }, (l) => [aPart(`${l}-a`, l, { minutes: 40 })]);
  return redraw({ ...from, children: from.children.map((c) => ({ ...c, minutes: 60 })) }, context).plan;
};
const wishes = (p: Plan): string[] =>
  conflictOf(layoutInput(p, { today: TODAY })!, 'u1').map((w) => (w.of ? `${w.is} ${w.of}` : w.is));

describe('wishes that cannot stand together', () => {
  it('are none where all is met', () => expect(wishes(plan({ wishedEnd: '2026-10-30' }))).toEqual([]));

  it('are the pace and the end, where nobody is full', () => {
    const tight = plan({ lessonsPerWeek: 2, wishedEnd: '2026-09-18' });
    expect(wishes(tight)).toEqual(['pace', 'end']);
    expect(conflictInWords(tight, 'u1', TODAY)).toBe(
      'These cannot stand together: 2 lessons a week and the end on Fri 18 Sep.',
    );
  });

  it('are one child’s minutes and the end, where a day holds one lesson for that child alone', () => {
    const from = plan({ lessonsPerWeek: null, wishedEnd: '2026-09-04' });
    const one = { ...from, children: from.children.map((c, i) => (i ? { ...c, minutes: 300 } : c)) };
    expect(wishes(redraw(one, context).plan)).toEqual(['minutes c1', 'end']);
  });

  it('names a child whose day no lesson fits into', () => {
    const from = plan({ lessonsPerWeek: 3 });
    const short = { ...from, children: from.children.map((c, i) => (i ? { ...c, minutes: 30 } : c)) };
    expect(wishes(redraw(short, context).plan)).toEqual(['minutes c2']);
  });

  it('are what has to be prepared first and the end, not the days that parts are given', () => {
    const from = plan({ wishedEnd: '2026-09-18' });
    expect(wishes(from)).toEqual([]);
    const order = { id: 'o', what: 'Order the dye', daysBefore: 15, minutes: 5, atMostBefore: null };
    const asked: Plan = {
      ...from,
      parts: from.parts.map((p) =>
        p.id === 'l2-a' ? { ...p, preparations: [order], earliest: '2026-09-01' } : p,
      ),
    };
    // Drawn without it standing anywhere, the end comes after what is waited for.
    const late = redraw({ ...asked, sittings: [] }, { ...context, fresh: 'all' }).plan;
    expect(wishes(late)).toEqual(['needs “Order the dye”', 'pace', 'end']);
    expect(conflictInWords(late, 'u1', TODAY)).toBe(
      'These cannot stand together: the days that “Order the dye” takes beforehand, 3 lessons a week and the end on Fri 18 Sep.',
    );
  });

  it('are the other appointments of who is needed, and the end', () => {
    const from = plan({ lessonsPerWeek: null, wishedEnd: '2026-09-18' });
    const away = {
      id: 'a',
      title: 'Away',
      childIds: ['c1'],
      adultIds: [],
      parent: false,
      dates: [TODAY, ...Array.from({ length: 18 }, (_, i) => `2026-09-${String(i + 1).padStart(2, '0')}`)],
      starts: 0,
      ends: 1439,
      readFrom: null,
    };
    expect(wishes(from)).toEqual([]);
    const gone = redraw({ ...from, appointments: [away] }, { ...context, fresh: ['u1'] }).plan;
    expect(wishes(gone)).toEqual(['appointments c1', 'end']);
    expect(conflictInWords(gone, 'u1', TODAY)).toContain('the other appointments of ');
    expect(verdictOf(gone, 'u1', TODAY)).toMatchObject({ meetsEnd: false, heldBy: 'appointments' });
    // Who is not in it holds nothing up.
    const parent = redraw({ ...from, appointments: [{ ...away, childIds: [], parent: true }] }, context).plan;
    expect(wishes(parent).filter((w) => w.startsWith('appointments'))).toEqual(
      parent.parts.some((p) => p.lead === 'leads') ? ['appointments parent'] : [],
    );
  });

  it('each is needed: without any one of them it fits', () => {
    const tight = plan({ lessonsPerWeek: 2, wishedEnd: '2026-09-18' });
    const anew = { ...context, fresh: ['u1'] };
    const open = redraw({ ...tight, units: [{ ...tight.units[0], wishedEnd: null }] }, anew).plan;
    const fast = redraw({ ...tight, units: [{ ...tight.units[0], lessonsPerWeek: null }] }, anew).plan;
    for (const p of [open, fast])
      expect(verdictOf(p, 'u1', TODAY)).toMatchObject({ meetsEnd: true, placed: 9 });
  });
});

describe('ways to make it fit', () => {
  it('are worked out: those that meet the end come first, and hold what they say', () => {
    const tight = plan({ lessonsPerWeek: 2, wishedEnd: '2026-09-18' });
    const what = { is: 'does-not-fit', unitId: 'u1' } as const;
    const ways = waysThrough(tight, what, context);
    const meets = ways.map((w) => {
      const done = perform(takeWay(what, w.key), tight, context);
      if ('refused' in done) throw new Error(done.refused);
      return !!verdictOf(
        { ...done.plan, units: done.plan.units.map((u) => ({ ...u, wishedEnd: '2026-09-18' })) },
        'u1',
        TODAY,
      )?.meetsEnd;
    });
    expect(ways[0].does).toBe('Three lessons a week');
    expect(meets[0]).toBe(true);
    // Once one of them misses the end, all after it do.
    expect(meets.indexOf(false)).toBe(meets.filter(Boolean).length);
    expect(ways.map((w) => w.does)).toContain(
      `Let it end on ${shortDate(verdictOf(tight, 'u1', TODAY)!.finishes!)}`,
    );
  });

  it('give the child who binds as many minutes as it takes', () => {
    const from = plan({ lessonsPerWeek: 3 });
    const short = redraw(
      { ...from, children: from.children.map((c, i) => (i ? { ...c, name: 'Junia', minutes: 30 } : c)) },
      context,
    ).plan;
    const ways = waysThrough(short, { is: 'does-not-fit', unitId: 'u1' }, context);
    expect(ways[0].does).toBe('Junia works 10 minutes more a day');
    expect(ways[0].says.some((s) => s.worse)).toBe(false);
  });

  it('are none for a unit that fits', () =>
    expect(
      waysThrough(plan({ wishedEnd: '2026-10-30' }), { is: 'does-not-fit', unitId: 'u1' }, context),
    ).toEqual([]));
});
