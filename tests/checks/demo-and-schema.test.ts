/** The demo and the published schema are what the code makes of them. */
import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { DEMO_TODAY } from '../../demo/day';
import { demoPlan } from '../../demo/make-demo';
import { readHausplanJson, writeHausplanJson } from '@/core/formats/hausplan-json';
import { jsonSchema, outlineSchema } from '@/core/formats/json-schema';
import { breaches } from '@/core/layout/check';
import { redraw } from '@/core/layout/redraw';
import { canonical } from '@/core/plan/canonical';

const file = readFileSync('demo/fleece.json', 'utf8');

it('the demo file is what demo/make-demo.ts makes', () => expect(writeHausplanJson(demoPlan())).toBe(file));

it('the demo keeps what a lay-out promises, and nothing in it moves by itself', () => {
  const reading = readHausplanJson(file);
  if (!('plan' in reading)) throw new Error(JSON.stringify(reading.faults));
  expect(breaches(reading.plan)).toEqual([]);
  const again = canonical(redraw(reading.plan, { today: DEMO_TODAY }).plan);
  expect(again.sittings.map((s) => `${s.partId} ${s.date} ${s.window}`)).toEqual(
    reading.plan.sittings.map((s) => `${s.partId} ${s.date} ${s.window}`),
  );
});

it('docs/hausplan.schema.json is what the shapes say', () =>
  expect(readFileSync('docs/hausplan.schema.json', 'utf8')).toBe(jsonSchema()));

it('docs/outline.schema.json is what the shape of an outline says', () =>
  expect(readFileSync('docs/outline.schema.json', 'utf8')).toBe(outlineSchema()));
