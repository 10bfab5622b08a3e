/** Ten years of a family’s planning in one file: written, read, stored, copied and brought back whole. */
import { mkdtempSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, it } from 'vitest';
import { writeHausplanJson } from '@/core/formats/hausplan-json';
import type { Plan } from '@/core/plan/plan';
import { LARGEST_FILE } from '@/sheets/frame/file-size';
import { generatedPlan } from '../../tests/bench/generated';
import { keepCopy } from './copies';
import { currentRevision } from './revisions';
import { importText } from './import';
import { open } from './open';
import { readPlan } from './plan';

/** 60 units, 12,000 parts, five children with work in each. */
function tenYears(): Plan {
  const plan = generatedPlan(60, 40, 5);
  return {
    ...plan,
    sittings: plan.parts.map((p, i) => ({
      id: `s${i}`,
      partId: p.id,
      date: `20${String(26 + (i % 10))}-11-${String(1 + (i % 28)).padStart(2, '0')}`,
      window: 'morning',
      state: 'ink',
      reason: { kind: 'done' },
    })),
    assignments: plan.parts.flatMap((p) =>
      plan.children.map((c) => ({
        partId: p.id,
        childId: c.id,
        rung: 3,
        wording: 'Tell it in order: first, then, last, and what came of it in the end.',
        minutes: 10,
        parentMinutes: 0,
        note: '',
        byHand: true,
        produces: '',
        supplies: '',
      })),
    ),
  };
}

it('goes out and comes in whole, and is no larger than what can be brought in', () => {
  const folder = mkdtempSync(join(tmpdir(), 'hausplan-size-'));
  const db = open(join(folder, 'store.sqlite'));
  const text = writeHausplanJson(tenYears());
  expect(text.length).toBeGreaterThan(20_000_000);
  expect(text.length).toBeLessThan(LARGEST_FILE);
  expect(importText(db, currentRevision(db), text)).toEqual({ revision: 1 });
  const copy = keepCopy(db, join(folder, 'store.sqlite'), 'saved');
  expect(statSync(copy.path).size).toBeLessThan(LARGEST_FILE);
  db.close();
  const back = open(copy.path);
  expect(writeHausplanJson(readPlan(back))).toBe(text);
  back.close();
});
