/**
 * Nothing of a plan is lost in the store: in the demo’s plan every field of one thing of every kind is set to something that
 * stands nowhere else, and all of it is read back.
 */
import { mkdtempSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { z } from 'zod';
import { readHausplanJson } from '@/core/formats/hausplan-json';
import { canonical } from '@/core/plan/canonical';
import { withHappened } from '@/core/plan/happened';
import { EMPTY_PLAN, plan as planShape, slice, type Plan } from '@/core/plan/plan';
import { REFERENCES } from '@/core/plan/references';
import { withClosedYears } from './closed-years';
import { write } from './door';
import { currentRevision } from './revisions';
import { open } from './open';
import { readPlan } from './plan';

const { closedYears: _, ...emptySlice } = EMPTY_PLAN;

type Thing = Record<string, unknown>;

/** Values of every sort, tried in turn until the shape of a field takes one that is not what it has now. */
const SAMPLES: unknown[] = [
  true,
  false,
  3,
  7,
  77,
  700,
  'Ein Wort, “quoted”; ü',
  `${'0a'.repeat(32)}.png`,
  '2027-02-03',
  '2021-08',
  1998,
  'afternoon',
  'beforehand',
  'memory',
  'near',
  'music',
  'speaking',
  'lent',
  'lent out',
  'lost',
  [1, 3],
  [2, 4],
  {
    2: {
      wording: 'Write four',
      amount: 4,
      minutes: 9,
      parentMinutes: 2,
      produces: 'a card',
      supplies: 'card',
    },
  },
  'morning',
  '4',
  ['Ein Wort'],
  ['art'],
  ['tell-back', 'copying'],
  [{ id: '', word: 'fuller', meaning: 'one who felts' }],
  [{ piece: 'A verse', kind: 'poem' }],
  [{ title: 'A verse', text: 'to learn' }],
  [{ title: 'Kap. 9', page: 9 }],
  [{ what: 'gears', pieces: 24 }],
  [{ id: '', easy: 'What?', hard: 'Why?', answer: 'So.' }],
  [{ id: '', name: 'alum', amount: 12, least: 9, unit: 'g', each: true, keepsDays: 4 }],
  [{ id: '', what: 'soak', daysBefore: 2, minutes: 7, atMostBefore: 2 }],
  [{ title: 'Wool, chapters 1–2', minutes: 12 }],
  [{ id: 'day', first: '2027-02-01', last: '2027-02-02', label: 'ill', kind: 'illness' }],
  [{ id: 'term', name: 'One', first: '2026-09-01', last: '2026-12-01' }],
  [{ id: 'day', date: '2027-02-03', ends: 700, label: 'short' }],
  [{ id: 'day', date: '2027-02-06', label: 'extra' }],
  [{ id: 'w', name: 'A week', days: [{ weekday: 2, closes: true }] }],
  { copying: ['language'], craft: ['art'] },
  { loans: 4, weeks: 2, renewals: 1, days: [3] },
  { minutes: 11, retention: 85, reward: 'the good tea' },
  { by: 'parts', least: 3 },
  { print: 'print-upright', joined: 'joined-nz' },
  {
    country: 'US',
    region: 'vt',
    dates: 'month first',
    clock: 12,
    paper: 'letter',
    measures: 'customary',
    spelling: 'American',
    weekStarts: 7,
  },
  { unitId: 'gone', title: 'Wool, before', closedOn: '2025-03-02' },
  { date: '2027-02-03', starts: 1110, talks: [{ childId: 'demo-0002', topic: 'The vat', minutes: 4 }] },
  'shared',
  'year',
  { on: 'weekday', weekday: 4, everyWeeks: 2, startWeek: 2 },
  ['2027-02-03', '2027-02-10'],
  { calendar: 'Ours', uid: 'x@y' },
  { from: 2, to: 6 },
  { kind: 'day-off', label: 'x' },
  '2027-06-20T10:00:00.000Z',
  slice.parse(emptySlice),
  { reading: { amount: 900, minutes: 12, on: 2 }, hand: { amount: 400, minutes: 11, on: 1 } },
];

/** What must fit what another field has become. */
const FITTING: Record<string, unknown[]> = {
  'adults.ends': [1300],
  'appointments.ends': [1430],
  'units.listens': [['demo-0002']],
};

/** The shape under what may be null or absent. */
function bare(shape: z.ZodType): z.ZodType {
  const def = (shape as unknown as { def: { type: string; innerType?: z.ZodType } }).def;
  return ['nullable', 'optional', 'default', 'prefault'].includes(def.type) ? bare(def.innerType!) : shape;
}

/** The fields of the things of a list, or of a thing that is there once. */
function fieldsOf(list: keyof Plan): Record<string, z.ZodType> {
  const shape = bare(planShape.shape[list] as z.ZodType);
  const thing = 'element' in shape ? bare(shape.element as z.ZodType) : shape;
  return (thing as z.ZodObject).shape as Record<string, z.ZodType>;
}

/** Fields that point to other things: to the first and second of them, where they point to several. */
function pointsTo(list: keyof Plan, field: string, plan: Plan): unknown[] | undefined {
  const reference = REFERENCES.find((r) => r.list === list && r.field === field);
  if (!reference) return undefined;
  const ids = (plan[reference.to] as readonly { id: string }[]).map((x) => x.id);
  return [
    [ids[0]],
    [ids[1]],
    { [ids[0]]: 1 },
    { [ids[0]]: 'quiz' },
    { [ids[0]]: { kind: 'labels', why: 'for once' } },
  ];
}

function everyFieldOf(list: keyof Plan, thing: Thing, plan: Plan): { thing: Thing; same: string[] } {
  const changed: Thing = { ...thing };
  const same: string[] = [];
  for (const [field, shape] of Object.entries(fieldsOf(list))) {
    if (field === 'id') continue;
    const others = Array.isArray(plan[list]) ? (plan[list] as unknown as Thing[]).map((o) => o[field]) : [];
    const pointing = pointsTo(list, field, plan);
    const is = JSON.stringify(thing[field]);
    const to = (FITTING[`${list}.${field}`] ?? pointing ?? [...SAMPLES, ...others]).find((sample) => {
      const parsed = shape.safeParse(sample);
      return (
        parsed.success &&
        JSON.stringify(parsed.data) === JSON.stringify(sample) &&
        JSON.stringify(sample) !== is
      );
    });
    // What points to one thing stays: another would make another plan of it.
    if (to === undefined && !pointing) same.push(`${list}.${field}`);
    if (to === undefined) continue;
    changed[field] = to;
  }
  return { thing: changed, same };
}

describe('a plan in which every field of one thing of each kind is changed', () => {
  const reading = readHausplanJson(readFileSync('demo/fleece.json', 'utf8'));
  const demo: Plan = {
    ...(reading as { plan: Plan }).plan,
    works: [{ id: 'work', kind: 'labels', title: 'Labels', skill: 'hands', versions: {} }],
  };
  const same: string[] = [];
  const changed = Object.fromEntries(
    Object.entries(demo)
      // Marks and readings follow from what happened.
      .filter(([list]) => list !== 'marks' && list !== 'readings')
      .map(([list, value]) => {
        const things = (Array.isArray(value) ? value : [value]) as Thing[];
        expect(things.length, `the demo has no ${list}`).toBeGreaterThan(0);
        const made = everyFieldOf(list as keyof Plan, things[0], demo);
        same.push(...made.same);
        // An entry is never changed: this is another one in its place.
        if (list === 'entries') made.thing.id = 'another';
        return [list, Array.isArray(value) ? [made.thing, ...things.slice(1)] : made.thing];
      }),
  ) as unknown as Plan;
  const whole = withHappened(changed);

  it('has something new in every field but references', () => expect(same).toEqual([]));

  it('is read back as it was written', () => {
    const db = open(join(mkdtempSync(join(tmpdir(), 'hausplan-fields-')), 'store.sqlite'));
    write(db, currentRevision(db), { label: () => 'every field' }, () => ({ plan: whole }));
    expect(canonical(withClosedYears(db, readPlan(db)))).toEqual(canonical(whole));
    write(db, currentRevision(db), { label: () => 'as it was' }, () => ({ plan: demo }));
    expect(canonical(withClosedYears(db, readPlan(db)))).toEqual(canonical(demo));
    db.close();
  });
});
