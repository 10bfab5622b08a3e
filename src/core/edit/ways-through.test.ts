import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { someFullPlan } from '../../../tests/sample-plan';
import { addDays } from '../calendar/dates';
import { readHausplanJson } from '../formats/hausplan-json';
import { breaches } from '../layout/check';
import { redraw } from '../layout/redraw';
import { doneParts } from '../plan/lookup';
import type { Plan } from '../plan/plan';
import type { CameUp } from './came-up';
import { perform } from './edit';
import { takeWay, waysThrough } from './ways-through';

const TODAY = '2026-10-28';
let made = 0;
const context = { today: TODAY, newId: () => `w${++made}` };
const read = readHausplanJson(readFileSync('demo/fleece.json', 'utf8'));
if (!('plan' in read)) throw new Error('the demo is faulty');
const demo = read.plan;
const named = (title: string): string => demo.units.find((u) => u.title === title)!.id;
const FLEECE = named('From Fleece to Cloth');
const lesson = (n: number): Plan['lessons'][number] => demo.lessons.filter((l) => l.unitId === FLEECE)[n - 1];
const does = (what: CameUp): string[] => waysThrough(demo, what, context).map((w) => w.does);
const taken = (what: CameUp, key: string): Plan => {
  const done = perform(takeWay(what, key), demo, context);
  if ('refused' in done) throw new Error(done.refused);
  return done.plan;
};
const datesOf = (plan: Plan, of: (p: Plan['parts'][number]) => boolean): string[] => {
  const ids = new Set(plan.parts.filter(of).map((p) => p.id));
  return plan.sittings.filter((s) => ids.has(s.partId)).map((s) => s.date);
};

const ILL: CameUp = { is: 'days-lost', first: '2026-11-02', last: '2026-11-06', label: 'ill' };

describe('a week that is lost before a hard end', () => {
  const ways = waysThrough(demo, ILL, context);

  it('has ways that make the end first, and says of the others by how much they miss it', () => {
    expect(ways.map((w) => w.does)).toEqual([
      'Four lessons of “From Fleece to Cloth” a week',
      'Leave out “Mending and wearing out”',
      'What stood there comes later',
      'Three lessons of “Bridges and How They Stand” a week',
      '“From Fleece to Cloth” ends on Mon 30 Nov',
    ]);
    expect(ways[2].says).toContainEqual({
      text: '“From Fleece to Cloth” ends Mon 30 Nov, 1 school day after your end',
      worse: true,
    });
    expect(ways[1].gone).toEqual([demo.lessons.find((l) => l.title === 'Mending and wearing out')!.id]);
    expect(ways[0].also).toContain('Order cotton warp: by Wed 4 Nov instead of Wed 28 Oct');
  });

  it('leaves those days free, and marks nothing as missed that is still to come', () => {
    for (const { key } of ways) {
      const after = taken(ILL, key);
      expect(datesOf(after, () => true).filter((d) => d >= ILL.first && d <= ILL.last)).toEqual([]);
      expect(after.marks.filter((m) => m.outcome === 'missed')).toEqual(
        demo.marks.filter((m) => m.outcome === 'missed'),
      );
    }
  });
});

describe('other things that come up', () => {
  it('a day of snow can be made up on a Saturday', () => {
    const snow: CameUp = { is: 'days-lost', first: '2026-10-29', last: '2026-10-29', label: 'snow' };
    expect(does(snow)).toContain('Make it up on Sat 31 Oct');
    expect(taken(snow, 'make-up').year!.extraDays.map((d) => d.date)).toContain('2026-10-31');
  });

  it('a child who is ill sits out, or listens from bed; the others go on', () => {
    const junia = demo.children.find((c) => c.name === 'Junia')!.id;
    const ill: CameUp = { is: 'child-ill', childId: junia, first: TODAY, last: '2026-10-30' };
    const out = taken(ill, 'without');
    const isDone = doneParts(demo);
    const inParts = (p: Plan): number => {
      const onDays = new Set(
        p.sittings.filter((s) => s.date >= TODAY && s.date <= '2026-10-30').map((s) => s.partId),
      );
      return p.parts.filter(
        (x) =>
          x.ruleId === null &&
          p.lessons.find((l) => l.id === x.lessonId)?.unitId === FLEECE &&
          onDays.has(x.id) &&
          !isDone.has(x.id) &&
          (x.childIds === null || x.childIds.includes(junia)),
      ).length;
    };
    expect(inParts(demo)).toBeGreaterThan(0);
    expect(inParts(out)).toBe(0);
    expect(inParts(taken(ill, 'from-bed'))).toBeGreaterThan(0);
    expect(datesOf(out, (p) => p.lessonId === lesson(8).id)).toEqual(
      datesOf(demo, (p) => p.lessonId === lesson(8).id),
    );
  });

  it('when you are ill another adult leads where they are there, and the farm visit waits a week', () => {
    const ill: CameUp = { is: 'you-ill', first: TODAY, last: '2026-10-30' };
    const [wenke] = demo.adults;
    expect(does(ill).join()).toContain('Aunt Wenke leads on Thu 29 Oct');
    const after = taken(ill, `adult:${wenke.id}`);
    const led = after.parts.filter((p) => p.lead === 'leads' && p.ruleId === null && p.adultId === null);
    expect(datesOf(after, (p) => led.includes(p)).filter((d) => d >= TODAY && d <= '2026-10-30')).toEqual(
      datesOf(demo, (p) => doneParts(demo).has(p.id) && led.some((l) => l.id === p.id)).filter(
        (d) => d === TODAY,
      ),
    );
    expect(
      after.parts.filter((p) => p.fixedDate === '2026-11-06' && p.ruleId === null).map((p) => p.lessonId),
    ).toEqual([lesson(9).id]);
  });

  it('what ran over goes on another day, or is enough', () => {
    const over: CameUp = { is: 'ran-over', lessonId: lesson(8).id, date: TODAY };
    expect(does(over)).toEqual([
      'The rest goes on the next day with room',
      'It is enough: leave the rest out',
    ]);
    expect(taken(over, 'enough').lessons.find((l) => l.id === lesson(8).id)!.leftOut).toBe(true);
  });

  it('what comes late is waited for, done otherwise, or comes after the next lesson', () => {
    const loom = demo.parts.find((p) => p.lessonId === lesson(11).id && p.alternatives.length)!;
    const late: CameUp = { is: 'comes-late', partId: loom.id, until: '2026-11-16' };
    expect(does(late)[0]).toBe('Do “A belt on a card loom” instead');
    expect(datesOf(taken(late, 'wait'), (p) => p.id === loom.id)[0] >= '2026-11-16').toBe(true);
  });

  it('says nothing of what is not there, and takes no way that is none', () => {
    expect(does({ is: 'enough', unitId: 'gone' })).toEqual([]);
    expect(does({ is: 'comes-late', partId: 'gone', until: TODAY })).toEqual([]);
    expect(perform(takeWay(ILL, 'nonsense'), demo, context)).toHaveProperty('refused');
  });
});

it('whatever comes up, no way through breaks a promise, loses what happened or moves what is done', () => {
  let tried = 0;
  fc.assert(
    fc.property(someFullPlan, fc.nat(5), fc.nat(60), fc.nat(4), (given, kind, from, long) => {
      const plan = redraw(given, { today: '2026-09-10' }).plan;
      const first = addDays('2026-09-10', from % 30);
      const days = { first, last: addDays(first, long) };
      const part = plan.parts[from % Math.max(1, plan.parts.length)];
      const what = (
        [
          { is: 'days-lost', ...days, label: '' },
          { is: 'child-ill', ...days, childId: plan.children[0]?.id ?? 'none' },
          { is: 'you-ill', ...days },
          { is: 'ran-over', lessonId: part?.lessonId ?? 'none', date: first },
          { is: 'comes-late', partId: part?.id ?? 'none', until: days.last },
          { is: 'enough', unitId: plan.units[0]?.id ?? 'none' },
        ] as const
      )[kind];
      const known = new Set(breaches(plan).map((b) => b.message));
      for (const way of waysThrough(plan, what, { ...context, today: '2026-09-10' })) {
        if (way.refused) continue;
        const done = perform(takeWay(what, way.key), plan, { ...context, today: '2026-09-10' });
        if ('refused' in done) throw new Error(done.refused);
        tried++;
        expect(
          breaches(done.plan).filter((b) => !known.has(b.message)),
          way.does,
        ).toEqual([]);
        expect(done.plan.entries.slice(0, plan.entries.length)).toEqual(plan.entries);
        const isDone = doneParts(plan);
        const stays = plan.sittings.filter((s) => isDone.has(s.partId));
        for (const s of stays)
          expect(done.plan.sittings.find((x) => x.partId === s.partId)?.date, way.does).toBe(s.date);
      }
    }),
    { numRuns: 60 },
  );
  expect(tried).toBeGreaterThan(30);
});
