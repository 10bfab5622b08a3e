import { elderFor } from '../ladder/elder';
import { remediesFor, remediesForWait, remedyEdit } from '../edit/load-remedies';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { aLesson, aPart, aPlan, aUnit, somePlan } from '../../../tests/sample-plan';
import { moveRungFromHere, skipPart } from '../edit/ladder';
import { perform, type Edit } from '../edit/edit';
import { waitsOn } from './waits';
import { partMinutes } from '../layout/input';
import { redraw } from '../layout/redraw';
import { blankMark } from '../plan/blank';
import type { Plan } from '../plan/plan';
import { lessonLoad, loadsByDay, loadsByWeek, overBy, waitingIn } from './loads';

const context = { today: '2026-08-31', newId: () => 'new' };
const POEM = Array.from(
  { length: 8 },
  (_, i) => `Off the hill the grey flock came and stood in line ${i}`,
).join('\n');
function plan(minutes = 45): Plan {
  const base = aPlan(
    3,
    { units: [aUnit({ passage: POEM })], lessons: ['l1', 'l2', 'l3'].map((id) => aLesson(id)) },
    (l) => [
      aPart(`${l}-do`, l, { minutes: 20 }),
      aPart(`${l}-copy`, l, { kind: 'copying', minutes: null, lead: 'not-needed' }),
      aPart(`${l}-page`, l, { kind: 'notebook', minutes: null, lead: 'not-needed' }),
    ],
  );
  return redraw(
    { ...base, children: base.children.map((c) => ({ ...c, minutes, rungs: { writing: 5 } })) },
    context,
  ).plan;
}
const run = (edit: Edit, p: Plan): Plan => {
  const done = perform(edit, p, context);
  if ('refused' in done) throw new Error(done.refused);
  return done.plan;
};

describe('the load of a lesson', () => {
  it('is each child’s minutes over all its parts, and the parent’s with one child at a time', () => {
    const p = plan(200);
    const load = lessonLoad(p, 'l1');
    const mine = p.assignments.filter((a) => a.partId.startsWith('l1-') && a.childId === 'c1');
    expect(load.children[0].minutes).toBe(20 + mine.reduce((sum, a) => sum + a.minutes, 0));
    expect(load.oneToOne).toBe(
      p.assignments.filter((a) => a.partId.startsWith('l1-')).reduce((sum, a) => sum + a.parentMinutes, 0),
    );
  });
  it('is mended in ways that are worked out: what is said is what comes of it, and the smallest change that is enough comes first', () => {
    const p = plan();
    const ways = remediesFor(p, 'l1', { childId: 'c1' }, context);
    expect(ways.length).toBeGreaterThan(1);
    for (const way of ways)
      expect(
        lessonLoad(run(remedyEdit('l1', way.remedy), p), 'l1').children.find((c) => c.childId === 'c1')!
          .minutes,
      ).toBe(way.minutes);
    const enough = ways.filter((w) => !w.over);
    if (enough.length) expect(ways[0].minutes).toBe(Math.max(...enough.map((w) => w.minutes)));
  });
  it('never by leaving out what is done', () => {
    const p: Plan = {
      ...plan(),
      marks: [
        { id: 'm', partId: 'l1-copy', childId: null, date: '2026-08-31', outcome: 'done', ...blankMark },
      ],
    };
    const skips = remediesFor(p, 'l1', { childId: 'c1' }, context).flatMap(({ remedy }) =>
      remedy.does === 'skip' ? [remedy.partId] : [],
    );
    expect(skips).toContain('l1-page');
    expect(skips).not.toContain('l1-copy');
  });
  it('for the parent: an elder teaches a younger, what is optional is dropped, a part waits a day; each is what it says', () => {
    const base = plan(240);
    const p = redraw(
      {
        ...base,
        family: { ...base.family!, leadMinutes: 20 },
        children: base.children.map((c, i) => ({
          ...c,
          birthMonth: i ? '2020-03' : '2014-03',
          rungs: i ? { writing: 1 } : {},
        })),
        parts: base.parts.map((x) => (x.id === 'l1-do' ? { ...x, lead: 'leads', optional: true } : x)),
      },
      context,
    ).plan;
    const ways = remediesFor(p, 'l1', 'parent', context);
    expect(ways.map((w) => w.remedy.does)).toEqual(expect.arrayContaining(['teach', 'drop']));
    for (const way of ways)
      expect(lessonLoad(run(remedyEdit('l1', way.remedy), p), 'l1').parent.minutes).toBe(way.minutes);
    expect(
      elderFor(
        p,
        p.parts.find((x) => x.id === 'l1-copy')!,
        p.children[1],
      )?.id,
    ).toBe('c1');
    expect(
      elderFor(
        p,
        p.parts.find((x) => x.id === 'l1-copy')!,
        p.children[0],
      ),
    ).toBeUndefined();
  });
});

describe('waiting for the parent', () => {
  it('is shorter where an elder teaches, by the minutes that are said', () => {
    const base = plan(240);
    const p = redraw(
      {
        ...base,
        units: [aUnit({ childIds: ['c0', 'c1', 'c2', 'c3', 'c4'], passage: POEM })],
        children: [
          { ...base.children[0], id: 'c0', name: 'Elder', birthMonth: '2013-03', hatch: 'waves', rungs: {} },
          ...[
            ...base.children,
            { ...base.children[1], id: 'c3', name: 'c3', hatch: 'dots' as const },
            { ...base.children[1], id: 'c4', name: 'c4', hatch: 'chevrons' as const },
          ].map((c, i) => ({
            ...c,
            birthMonth: `202${i}-03`,
            rungs: { writing: 1 as const },
          })),
        ],
      },
      context,
    ).plan;
    const waiting = waitingIn(p, 'l1');
    expect(waiting).toBeGreaterThan(0);
    const waits = [
      ...new Set(p.sittings.filter((s) => s.partId.startsWith('l1-')).map((s) => s.date)),
    ].flatMap((d) => waitsOn(p, d));
    const ways = waits.flatMap((wait) => remediesForWait(p, 'l1', wait, context));
    expect(ways.length).toBeGreaterThan(0);
    for (const way of ways) {
      expect(way.minutes).toBeLessThan(waiting);
      expect(waitingIn(run(remedyEdit('l1', way.remedy), p), 'l1')).toBe(way.minutes);
      expect(way.message).toMatch(/^Elder teaches c[1-4] /);
    }
    expect(remediesForWait({ ...p, children: p.children.slice(1, 3) }, 'l1', waits[0], context)).toEqual([]);
  });
});

describe('a day that is too full', () => {
  it('is a breach even where the lesson as a whole is not, and what empties the day mends it', () => {
    const p = plan(200);
    const days = [...new Set(p.sittings.map((s) => s.date))].sort();
    // Everything of the first lesson stands in ink on one day, and then the child can take less.
    const full: Plan = {
      ...p,
      children: p.children.map((c) => (c.id === 'c1' ? { ...c, minutes: 30 } : c)),
      sittings: p.sittings.map((s) =>
        s.partId.startsWith('l1-') ? { ...s, date: days[0], state: 'ink' as const } : s,
      ),
    };
    const share = lessonLoad(full, 'l1').children[0];
    expect(share.day).toMatchObject({ date: days[0], limit: 30 });
    expect(overBy(share)).toBe(share.day!.minutes - 30);
    for (const way of remediesFor(full, 'l1', { childId: 'c1' }, context))
      expect(way.over).toBeLessThanOrEqual(overBy(share));
  });
});

describe('the load of days and weeks', () => {
  it('counts everything that stands on the day, and a week is its days', () => {
    const p = plan(200);
    const days = loadsByDay(p, '2026-08-31', '2026-09-11');
    expect(days.map((d) => d.date)).toEqual([
      '2026-08-31',
      '2026-09-01',
      '2026-09-02',
      '2026-09-03',
      '2026-09-04',
      '2026-09-07',
      '2026-09-08',
      '2026-09-09',
      '2026-09-10',
      '2026-09-11',
    ]);
    const all = p.assignments.filter((a) => a.childId === 'c1').reduce((s, a) => s + a.minutes, 0) + 3 * 20;
    const [first, second] = loadsByWeek(p, days);
    expect(first.children[0].minutes + second.children[0].minutes).toBe(all);
    expect(first).toMatchObject({
      date: '2026-08-31',
      children: [{ limit: 1000 }, { limit: 1000 }],
      parent: { limit: 5 * 180 },
    });
  });
});

describe('one child', () => {
  it('moves a rung from a lesson on, and the lessons before it stay', () => {
    const p = run(moveRungFromHere('l2', 'c1', -1), plan(200));
    expect(p.lessons.map((l) => l.rungMoves.c1 ?? 0)).toEqual([0, -1, -1]);
    expect(run(moveRungFromHere('l3', 'c1', 1), p).lessons.map((l) => l.rungMoves.c1 ?? 0)).toEqual([
      0, -1, 0,
    ]);
  });
  it('leaves a part out and comes back to it; the last one does not', () => {
    const p = run(skipPart('l1-copy', 'c1'), plan(200));
    expect(p.parts.find((x) => x.id === 'l1-copy')!.childIds).toEqual(['c2']);
    expect(p.assignments.some((a) => a.partId === 'l1-copy' && a.childId === 'c1')).toBe(false);
    expect(run(skipPart('l1-copy', 'c1'), p).parts.find((x) => x.id === 'l1-copy')!.childIds).toBeNull();
    expect(perform(skipPart('l1-copy', 'c2'), p, context)).toMatchObject({
      refused: expect.stringContaining('Nobody else'),
    });
  });
});

describe('loads of any plan', () => {
  it('a lesson is its parts, a week is its days, and the days hold everything that stands', () => {
    fc.assert(
      fc.property(somePlan, (given) => {
        const p = redraw(given, context).plan;
        const minutes = partMinutes(p);
        const unitOf = (lessonId: string): (typeof p.units)[number] | undefined =>
          p.units.find((u) => u.id === p.lessons.find((l) => l.id === lessonId)?.unitId);
        for (const lesson of p.lessons.slice(0, 5)) {
          const parts = p.parts
            .filter((x) => x.lessonId === lesson.id && x.window !== 'evening')
            .map((x) => minutes(x, unitOf(lesson.id)));
          for (const share of lessonLoad(p, lesson.id).children)
            expect(share.minutes).toBe(parts.reduce((s, x) => s + (x.minutes[share.childId] ?? 0), 0));
          expect(lessonLoad(p, lesson.id).parent.minutes).toBe(parts.reduce((s, x) => s + x.lead, 0));
        }
        const days = loadsByDay(p, p.year!.starts, p.year!.ends);
        const weeks = loadsByWeek(p, days);
        const open = new Set(days.map((d) => d.date));
        for (const c of p.children) {
          const standing = p.sittings
            .filter((s) => open.has(s.date) && s.window !== 'evening')
            .reduce((sum, s) => {
              const part = p.parts.find((x) => x.id === s.partId)!;
              return sum + (minutes(part, unitOf(part.lessonId!)).minutes[c.id] ?? 0);
            }, 0);
          const of = (list: typeof days): number =>
            list.reduce((sum, d) => sum + d.children.find((x) => x.childId === c.id)!.minutes, 0);
          expect([of(days), of(weeks)]).toEqual([standing, standing]);
          // What is laid out in pencil is never more than a child can take.
          for (const d of days)
            expect(d.children.find((x) => x.childId === c.id)!.minutes).toBeLessThanOrEqual(c.minutes);
        }
      }),
      { numRuns: 40 },
    );
  });
});
