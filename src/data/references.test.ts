/** What the plan says points to what, and what the store holds to, are the same. */
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, it } from 'vitest';
import { REFERENCES, type ListName } from '@/core/plan/references';
import { open } from './open';
import { TABLE_NAMES } from './tables';

/** Tables of one list, and of what several things of it point to. */
const LIST: Partial<Record<string, ListName>> = {
  adult: 'adults',
  child: 'children',
  unit: 'units',
  objective: 'objectives',
  question: 'questions',
  idea: 'ideas',
  lesson: 'lessons',
  part: 'parts',
  rule: 'rules',
  work: 'works',
  book: 'books',
  pull: 'pulls',
  book_use: 'uses',
  loan: 'loans',
  assignment: 'assignments',
  sitting: 'sittings',
};
const JOINED: Record<string, string> = {
  'unit_child.child_id': 'units.childIds',
  'part_child.child_id': 'parts.childIds',
  'lesson_rung.child_id': 'lessons.rungMoves',
};
/** Kept inside a column of JSON, where the store cannot hold to them; and a part that teaches another. */
const IN_JSON = [
  'appointments.childIds',
  'appointments.adultIds',
  'books.notFor',
  // Beside those in the unit, in the same table.
  'units.listens',
  'units.shows',
  'units.talks.talks',
  'ideas.childIds',
  'rules.childIds',
  'rules.unitId',
  'rules.adultId',
  'pulls.childIds',
  'rules.rhythm.partId',
  'lessons.objectiveIds',
  'parts.rungMoves',
  'parts.swaps',
  'parts.teaches',
];

const camel = (column: string): string => column.replace(/_(\w)/g, (_, c: string) => c.toUpperCase());
const fieldOf = (column: string): string => (camel(column) === 'askedBy' ? 'askedBy' : camel(column));

it('every reference of the store is one of the plan, and the other way round', () => {
  const db = open(join(mkdtempSync(join(tmpdir(), 'hausplan-refs-')), 'store.sqlite'));
  const held = TABLE_NAMES.flatMap((table) =>
    (db.pragma(`foreign_key_list(${table})`) as { from: string; table: string }[]).flatMap(
      ({ from, table: to }) => {
        const joined = JOINED[`${table}.${from}`];
        if (joined) return [`${joined} → ${LIST[to]}`];
        return LIST[table] ? [`${LIST[table]}.${fieldOf(from)} → ${LIST[to]}`] : [];
      },
    ),
  );
  db.close();
  // Marks and readings follow from entries, which point to nothing that must be there.
  const said = REFERENCES.filter(
    (r) => !IN_JSON.includes(`${r.list}.${r.field}`) && r.list !== 'marks' && r.list !== 'readings',
  );
  expect(held.filter((h) => !h.startsWith('rules.')).sort()).toEqual(
    said.map((r) => `${r.list}.${r.field} → ${r.to}`).sort(),
  );
  for (const json of IN_JSON) expect(REFERENCES.map((r) => `${r.list}.${r.field}`)).toContain(json);
});
