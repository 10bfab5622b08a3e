import type { PartKind } from './lesson';
import { describe, expect, it } from 'vitest';
import { aLesson, aPart, aPlan, aUnit } from '../../../tests/sample-plan';
import { blankChild, blankMark } from './blank';
import { childrenOf, doneParts, homes, lessonsOf, partsByLesson } from './lookup';
import type { Mark, Plan } from './plan';
import { keyOf, RUNG_KEYS } from './words';
import { work, workFields } from './work';

const mark = (partId: string, childId: string | null, outcome: Mark['outcome'] = 'done'): Mark => ({
  id: `${partId}-${childId}`,
  partId,
  childId,
  date: '2026-09-01',
  outcome,
  ...blankMark,
});
const three = ['c1', 'c2', 'c3'].map((id, i) => ({
  ...blankChild,
  id,
  name: id,
  birthMonth: `201${i}-01`,
  hatch: (['bars', 'dots', 'waves'] as const)[i],
}));
const plan: Plan = {
  ...aPlan(
    2,
    {
      units: [aUnit({ childIds: ['c2', 'c1'] })],
      lessons: [aLesson('l1'), aLesson('x', { unitId: 'another' }), aLesson('l2')],
    },
    (l) => [aPart(`${l}-all`, l), aPart(`${l}-one`, l, { childIds: ['c1', 'c3'] })],
  ),
  children: three,
};

describe('who takes part', () => {
  it('is everyone of the unit, in the family’s order; of those named only who is in the unit; of the family’s own parts everyone', () => {
    expect(childrenOf({ kind: 'talk', childIds: null }, plan.units[0], three).map((c) => c.id)).toEqual([
      'c1',
      'c2',
    ]);
    expect(
      childrenOf({ kind: 'talk', childIds: ['c3', 'c1'] }, plan.units[0], three).map((c) => c.id),
    ).toEqual(['c1']);
    expect(childrenOf({ kind: 'talk', childIds: null }, undefined, three).map((c) => c.id)).toEqual([
      'c1',
      'c2',
      'c3',
    ]);
    expect(childrenOf({ kind: 'talk', childIds: [] }, undefined, three)).toEqual([]);
  });
  it('with whoever listens in where it is done together, and without where it is work of one’s own', () => {
    const unit = { ...plan.units[0], listens: ['c3'] };
    const who = (kind: PartKind, childIds: string[] | null): string[] =>
      childrenOf({ kind, childIds }, unit, three).map((c) => c.id);
    expect(who('read-aloud', null)).toEqual(['c1', 'c2', 'c3']);
    expect(who('demonstration', ['c3'])).toEqual(['c3']);
    expect(who('copying', null)).toEqual(['c1', 'c2']);
    expect(who('copying', ['c2', 'c3'])).toEqual(['c2']);
  });
});

describe('what is done', () => {
  const done = (...marks: Mark[]): string[] => [...doneParts({ ...plan, marks })];
  it('is a part marked for everyone, or by each who takes part; not one that was missed', () => {
    expect(done(mark('l1-all', null))).toEqual(['l1-all']);
    expect(done(mark('l1-all', 'c1'))).toEqual([]);
    expect(done(mark('l1-all', 'c1'), mark('l1-all', 'c2'))).toEqual(['l1-all']);
    expect(done(mark('l1-one', 'c1'))).toEqual(['l1-one']);
    expect(done(mark('l1-all', null, 'missed'))).toEqual([]);
    expect(done(mark('gone', null))).toEqual([]);
  });
});

describe('where things belong', () => {
  it('a part to its lesson and unit, or to neither', () => {
    const homeOf = homes(plan);
    expect(homeOf(plan.parts[0])).toMatchObject({ lesson: { id: 'l1' }, unit: { id: 'u1' } });
    expect(homeOf(aPart('loose', '', { lessonId: null, unitId: 'u1' }))).toMatchObject({
      lesson: undefined,
      unit: { id: 'u1' },
    });
    expect(homeOf(aPart('family', '', { lessonId: null }))).toEqual({ lesson: undefined, unit: undefined });
  });
  it('lessons are numbered within their unit, and parts keep their order', () => {
    expect(lessonsOf(plan, 'u1').map((l) => [l.id, l.number])).toEqual([
      ['l1', 1],
      ['l2', 2],
    ]);
    expect(
      partsByLesson(plan.parts)
        .get('l2')
        ?.map((p) => p.id),
    ).toEqual(['l2-all', 'l2-one']);
  });
});

describe('a kind of work', () => {
  const words = (rungs: readonly string[]): Record<string, { wording: string }> =>
    Object.fromEntries(rungs.map((r) => [r, { wording: `Do ${r}` }]));
  const own = { kind: 'own-kind', title: 'Map', skill: 'hands' } as const;
  it('of the family’s own says something on all five rungs, and names the one where it does not', () => {
    expect(RUNG_KEYS.map(Number).map(keyOf)).toEqual([...RUNG_KEYS]);
    expect(workFields.safeParse({ ...own, versions: words(RUNG_KEYS) }).success).toBe(true);
    const missing = work.safeParse({ ...own, id: 'w', versions: words(['1', '2', '3', '5']) });
    expect(missing.error?.issues.map((i) => [i.path.join('.'), i.message])).toEqual([
      ['versions.4.wording', 'say what it is on rung 4'],
    ]);
  });
  it('that there is already may be changed on one rung alone, within bounds', () => {
    expect(
      workFields.safeParse({ ...own, kind: 'copying', versions: { 3: { amount: 4 } } }).data?.versions['3'],
    ).toEqual({ wording: '', amount: 4, minutes: null, parentMinutes: null, produces: null, supplies: null });
    for (const bad of [{ amount: 0 }, { amount: 501 }, { minutes: -1 }, { wording: 'x'.repeat(301) }])
      expect(workFields.safeParse({ ...own, kind: 'copying', versions: { 3: bad } }).success).toBe(false);
    expect(workFields.safeParse({ ...own, kind: 'copying', versions: { 6: {} } }).success).toBe(false);
  });
});
