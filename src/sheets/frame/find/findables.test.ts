import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { readHausplanJson } from '@/core/formats/hausplan-json';
import { KEEPS } from '@/core/plan/words';
import type { Plan } from '@/core/plan/plan';
import { KEPT_BY } from '../kept-words';
import { helpPages, methodSections } from '../help/pages';
import { numbersFor } from '../how/numbers';
import { SECTIONS, type Section } from '../how/sections';
import { FAMILY, helpFor, SHEETS } from '../sheets';
import { findAll, suggestedFor } from './findables';

const read = readHausplanJson(readFileSync('demo/fleece.json', 'utf8'));
if ('faults' in read) throw new Error('the demo cannot be read');
const plan: Plan = read.plan;
const EARLIER = [
  { kind: 'unit' as const, title: 'Herbs of the Yard', unitId: 'e1', yearId: 'y1', year: '2019/20' },
];
const found = (typed: string): string[] =>
  findAll(plan, EARLIER, typed, 'demo-0005').map((f) => `${f.kind}: ${f.title}`);

describe('finding anything from anywhere', () => {
  it.each([
    ['shearing', 'lesson: Shearing day'],
    ['dyer kettle', 'book: The Dyer’s Kettle'],
    ['JUNIA', 'child: Junia'],
    ['madder', 'supply: madder root'],
    ['hall', 'place: hall shelf'],
    ['mordant', 'word: mordant'],
    ['herbs', 'earlier: Herbs of the Yard'],
    ['weeks', 'sheet: Weeks'],
    ['handwriting', 'method: Handwriting'],
  ])('%s finds %s', (typed, expected) => expect(found(typed)).toContain(expected));
  it('puts what is called so before what only speaks of it', () =>
    expect(found('felt')[0]).toMatch(/^lesson: Felt/));
  it('finds nothing by words that stand nowhere, and nothing by none', () =>
    expect([found('zzyzx'), found('  ')]).toEqual([[], []]));
  it('shows a few of each kind, however many there are', () => {
    const kinds = findAll(plan, [], 'a', undefined).map((f) => f.kind);
    for (const kind of new Set(kinds)) expect(kinds.filter((k) => k === kind).length).toBeLessThanOrEqual(6);
  });
  it('suggests the lessons of the day, the children and the unit before anything is typed', () => {
    const kinds = suggestedFor(plan, '2026-10-28', 'demo-0005').map((f) => f.kind);
    expect(new Set(kinds)).toEqual(new Set(['unit', 'lesson', 'child']));
  });
});

describe('help and method', () => {
  it('every sheet has its page of help', () =>
    expect(helpPages().map((p) => p.name)).toEqual(
      expect.arrayContaining([...SHEETS, FAMILY].map((s) => helpFor(s))),
    ));
  it('every figure that can be asked about has its section, with this family’s numbers', () => {
    const names = methodSections().map((s) => s.name);
    const here = { plan, unit: plan.units.find((u) => u.id === 'demo-0005'), today: '2026-10-28' };
    for (const [section, name] of Object.entries(SECTIONS)) {
      expect(names).toContain(name);
      expect(numbersFor(section as Section, here).length).toBeGreaterThan(0);
    }
  });
  it.each(KEEPS)('says by what a day counts as kept: %s', (by) => {
    const keeping = { ...plan, family: { ...plan.family!, keeps: { by, least: 3 } } };
    const [line] = numbersFor('record', { plan: keeping, unit: undefined, today: '2026-10-28' });
    expect(line).toContain(`A day is kept when ${KEPT_BY[by]}`);
  });
  it('says the numbers that the sheets show', () => {
    const here = { plan, unit: plan.units.find((u) => u.id === 'demo-0005'), today: '2026-10-28' };
    expect(numbersFor('calendar', here).join(' ')).toContain('166 school days in 34 weeks');
    expect(numbersFor('pacing', here)[0]).toContain(
      '16 lessons from Mon 12 Oct, 3 lessons a week, wished to end on Fri 27 Nov',
    );
    expect(numbersFor('record', here).join(' ')).toContain('35 kept and 3 lost');
  });
});
