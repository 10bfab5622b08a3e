import { describe, expect, it } from 'vitest';
import { aLesson, aPart, aPlan, aUnit } from '../../../tests/sample-plan';
import { timetable } from '../dayplan/timetable';
import { breaches, withoutPlace } from '../layout/check';
import { layoutInput } from '../layout/input';
import { layOut } from '../layout/lay-out';
import { unplacedInWords } from '../layout/reasons';
import { namesIn } from '../plan/called';
import type { Adult } from '../plan/household';
import { blankUnit } from '../plan/blank';
import type { Plan } from '../plan/plan';
import { freeAlternative, makeAlternative, takeAlternative } from './alternatives';
import { perform, type Edit } from './edit';
import { addAdult, removeAdult, setCountsFor, setPantry } from './household';
import { editPart } from './lessons';
import { editUnit } from './units';
import { markDone } from './today';

const TODAY = '2026-08-31';
let n = 0;
const context = { today: TODAY, newId: (): string => `h${++n}` };
function after(plan: Plan, edit: Edit): Plan {
  const outcome = perform(edit, plan, context);
  if ('refused' in outcome) throw new Error(outcome.refused);
  return outcome.plan;
}
const refusal = (plan: Plan, edit: Edit): string => {
  const outcome = perform(edit, plan, context);
  return 'refused' in outcome ? outcome.refused : '';
};
const WENKE: Omit<Adult, 'id'> = { name: 'Wenke', minutes: 60, weekdays: [4], starts: 780, ends: null };

const start = after({ ...aPlan(2), adults: [], parts: aPlan(2).parts }, addAdult(WENKE));
const wenke = start.adults[0].id;
const [first] = start.parts;
const change = (p: Plan, id: string, fields: Partial<typeof first>): Plan =>
  after(p, editPart(id, { ...p.parts.find((x) => x.id === id)!, ...fields }));
const sittingOf = (p: Plan, id: string): Plan['sittings'][number] | undefined =>
  p.sittings.find((s) => s.partId === id);

describe('another adult', () => {
  const led = change(start, first.id, { adultId: wenke, lead: 'leads', minutes: 40 });

  it('leads only on their weekday and in their hours, and takes none of the parent’s minutes', () => {
    const at = sittingOf(led, first.id)!;
    expect([new Date(`${at.date}T00:00Z`).getUTCDay(), at.window]).toEqual([4, 'afternoon']);
    expect(breaches(led)).toEqual([]);
    const room = timetable(led, at.date).find((r) => r.partId === first.id)!;
    expect([room.parentMinutes, room.adultMinutes, room.adultId]).toEqual([0, 40, wenke]);
    expect(room.starts).toBeGreaterThanOrEqual(780);
  });
  it('who never comes, or not for so long, is said by name', () => {
    const plan = change(led, first.id, { minutes: 70 });
    expect(withoutPlace(plan).map((w) => w.part.id)).toContain(first.id);
    const input = layoutInput(plan, { today: TODAY })!;
    const [lack] = layOut(input).unplaced;
    expect(unplacedInWords(lack, namesIn(plan))).toContain('Wenke’s time');
    const never = after(change(start, first.id, { adultId: wenke, lead: 'leads' }), (p) => ({
      plan: { ...p, adults: [{ ...p.adults[0], weekdays: [7] }] },
    }));
    const why = layOut(layoutInput(never, { today: TODAY })!).unplaced[0];
    expect(unplacedInWords(why, namesIn(never))).toBe(
      'Wenke is there in none of the hours it can be done in.',
    );
  });
  it('taken off leaves the part to the parent', () => {
    const plan = after(led, removeAdult(wenke));
    expect(plan.parts.find((p) => p.id === first.id)!.adultId).toBeNull();
    expect(sittingOf(plan, first.id)).toBeDefined();
  });
  it('has a name of their own', () =>
    expect(refusal(start, addAdult({ ...WENKE, name: 'wenke' }))).toContain('another wenke'));
});

describe('the evening', () => {
  it('takes nobody’s school minutes, and holds up no lesson', () => {
    const tight: Plan = {
      ...start,
      parts: [...start.parts, aPart('late', 'l1', { minutes: 60 })],
      children: start.children.map((c) => ({ ...c, minutes: 60 })),
    };
    const plan = change(tight, 'late', { window: 'evening', minutes: 60, lead: 'leads' });
    const at = sittingOf(plan, 'late')!;
    expect(at.window).toBe('evening');
    expect(plan.sittings.some((s) => s.date === at.date && s.window !== 'evening')).toBe(true);
    expect(breaches(plan)).toEqual([]);
    expect(timetable(plan, at.date).find((r) => r.partId === 'late')!.starts).toBe(1080);
  });
  it('has no room for what is longer than it', () => {
    const plan = change(start, first.id, { window: 'evening', minutes: 130 });
    expect(withoutPlace(plan).map((w) => w.part.id)).toEqual([first.id]);
  });
});

describe('what is in the house, and what counts for what', () => {
  it('keeps its id when the amount or the wording changes', () => {
    const one = after(start, setPantry([{ name: 'alum', amount: 200, unit: 'g' }]));
    const two = after(
      one,
      setPantry([
        { name: 'vinegar', amount: 500, unit: 'ml' },
        { name: 'alum, ground', amount: 188, unit: 'g' },
      ]),
    );
    expect(two.pantry[1]).toEqual({ ...one.pantry[0], name: 'alum, ground', amount: 188 });
    expect(two.pantry[0].id).not.toBe(one.pantry[0].id);
    expect(
      refusal(
        one,
        setPantry([
          { name: 'Soap', amount: 1, unit: '' },
          { name: 'soap', amount: 2, unit: '' },
        ]),
      ),
    ).toContain('twice');
  });
  it('is written down with what happened: the subjects of the kind, then those of the unit', () => {
    const counted = after(
      after(start, setCountsFor({ [first.kind]: ['language'], craft: [] })),
      editUnit('u1', { subjects: ['history', 'language'] }),
    );
    expect(counted.family!.countsFor).toEqual({ [first.kind]: ['language'] });
    const done = after(counted, markDone(first.id, null, sittingOf(counted, first.id)!.date));
    expect(done.entries.at(-1)!.about.subject).toBe('language, history');
  });
});

describe('alternatives', () => {
  const two: Plan = {
    ...start,
    parts: [
      aPart('clay', 'l1', { title: 'In clay', kind: 'model', minutes: 40, childIds: null }),
      aPart('card', 'l1', { title: 'In card', kind: 'craft', minutes: 20, childIds: null }),
      aPart('look', 'l1', { title: 'Look', childIds: null }),
    ],
  };
  const one = after(two, makeAlternative('card', 'clay'));

  it('wait in the part that stands, and stand on no day', () => {
    expect(one.parts.map((p) => p.id)).toEqual(['clay', 'look']);
    expect(one.sittings.map((s) => s.partId).sort()).toEqual(['clay', 'look']);
    expect(one.parts[0].alternatives).toMatchObject([{ id: 'card', title: 'In card', minutes: 20 }]);
  });
  it('change places with it, there and back', () => {
    const taken = after(one, takeAlternative('clay', 'card'));
    expect(taken.parts[0]).toMatchObject({ id: 'clay', title: 'In card', kind: 'craft', minutes: 20 });
    const back = after(taken, takeAlternative('clay', taken.parts[0].alternatives[0].id));
    expect({ ...back.parts[0], alternatives: [] }).toEqual({ ...one.parts[0], alternatives: [] });
    expect(back.parts[0].alternatives[0].title).toBe('In card');
  });
  it('are done as well, or dropped', () => {
    const own = after(one, freeAlternative('clay', 'card'));
    expect(own.parts.map((p) => p.id)).toEqual(['clay', 'card', 'look']);
    expect(own.parts[0].alternatives).toEqual([]);
    expect(after(one, freeAlternative('clay', 'card', true)).parts.map((p) => p.id)).toEqual([
      'clay',
      'look',
    ]);
  });
  it('are refused where something of the part is done, comes back, or is for others', () => {
    const done = after(one, markDone('clay', 'c1', sittingOf(one, 'clay')!.date));
    expect(refusal(done, takeAlternative('clay', 'card'))).toContain('stays what it was');
    const others = change(two, 'card', { childIds: ['c1'] });
    expect(refusal(others, makeAlternative('card', 'clay'))).toContain('different children');
    expect(refusal(two, makeAlternative('card', 'nowhere'))).toContain('no longer');
  });
});

describe('units in a row', () => {
  const second = {
    ...blankUnit,
    id: 'u2',
    title: 'The next one',
    starts: TODAY,
    childIds: ['c1'],
    lessonsPerWeek: 3,
  };
  const row: Plan = {
    ...aPlan(6),
    units: [aUnit({ lessonsPerWeek: 3 }), second],
    lessons: [...aPlan(6).lessons, aLesson('n1', { unitId: 'u2' }), aLesson('n2', { unitId: 'u2' })],
    parts: [...aPlan(6).parts, aPart('n1p', 'n1'), aPart('n2p', 'n2')],
  };
  const tied = after(row, editUnit('u2', { after: 'u1' }));
  const days = (p: Plan, unitId: string): string[] =>
    p.sittings
      .filter((s) => {
        const part = p.parts.find((x) => x.id === s.partId)!;
        return p.lessons.find((l) => l.id === part.lessonId)?.unitId === unitId;
      })
      .map((s) => s.date)
      .sort();

  it('begin when the one before has ended, and follow it when that takes longer', () => {
    expect(days(tied, 'u2')[0] > days(tied, 'u1').at(-1)!).toBe(true);
    const slower = after(tied, editUnit('u1', { lessonsPerWeek: 1 }));
    expect(days(slower, 'u1').at(-1)! > days(tied, 'u1').at(-1)!).toBe(true);
    expect(days(slower, 'u2')[0] > days(slower, 'u1').at(-1)!).toBe(true);
    expect(slower.units[1].starts).toBe(days(slower, 'u2')[0]);
    expect(breaches(slower)).toEqual([]);
  });
  it('come forward again when that takes less', () => {
    const slower = after(tied, editUnit('u1', { lessonsPerWeek: 1 }));
    const again = after(slower, editUnit('u1', { lessonsPerWeek: 3 }));
    expect(days(again, 'u2')).toEqual(days(tied, 'u2'));
  });
  it('cannot wait for one another', () =>
    expect(refusal(tied, editUnit('u1', { after: 'u2' }))).toContain('itself waits'));
  it('a plan in which the second stands too early breaks a promise', () => {
    const early: Plan = {
      ...tied,
      units: tied.units.map((u) => ({ ...u, starts: TODAY })),
      sittings: tied.sittings.map((s) => (s.partId === 'n1p' ? { ...s, date: days(tied, 'u1')[0] } : s)),
    };
    expect(
      breaches(early)
        .map((b) => b.message)
        .join(),
    ).toContain('which comes first');
  });
});
