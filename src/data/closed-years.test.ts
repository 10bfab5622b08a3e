/** A closed year in the store: whole, untouched by whatever comes after it, and taken along by a copy and a file. */
import type Database from 'better-sqlite3';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { beforeEach, describe, expect, it } from 'vitest';
import { perform, type Edit } from '@/core/edit/edit';
import { removeChild } from '@/core/edit/family';
import { markDone } from '@/core/edit/today';
import { closeYear } from '@/core/edit/years';
import { writeHausplanJson } from '@/core/formats/hausplan-json';
import { redraw } from '@/core/layout/redraw';
import { canonical } from '@/core/plan/canonical';
import type { Plan } from '@/core/plan/plan';
import { theNextYear } from '../../tests/every-edit';
import { aPlan } from '../../tests/sample-plan';
import { readClosedYear, withClosedYears } from './closed-years';
import { readDrawn, write } from './door';
import { currentRevision } from './revisions';
import { redo, undo } from './undo';
import { importText } from './import';
import { open } from './open';

let db: Database.Database;
let ids = 0;
const TODAY = '2026-09-10';
const now = (): Plan => readDrawn(db).plan;
const whole = (): Plan => withClosedYears(db, now());
function act(edit: Edit): void {
  const outcome = write(db, currentRevision(db), { label: () => 'a change' }, (plan) =>
    perform(edit, plan, { today: TODAY, newId: () => `z${++ids}` }),
  );
  if ('refused' in outcome) throw new Error(JSON.stringify(outcome));
}

beforeEach(() => {
  db = open(join(mkdtempSync(join(tmpdir(), 'hausplan-years-')), 'store.sqlite'));
  const plan = canonical(redraw(aPlan(4), { today: '2026-08-31' }).plan);
  write(db, 0, { label: () => 'a plan' }, () => ({ plan }));
  act(markDone('l1-a', null, '2026-09-01'));
  act(markDone('l2-a', 'c1', '2026-09-02'));
});

describe('a year that is closed', () => {
  it('is read back as it stood, and is not read with the plan', () => {
    const before = now();
    act(closeYear(theNextYear(before, 1)));
    expect(now().closedYears).toMatchObject([{ starts: '2026-08-31', ends: '2027-06-11', slice: null }]);
    const { closedYears: _, ...slice } = before;
    expect(readClosedYear(db, now().closedYears[0].id)).toEqual({
      ...slice,
      outlines: [],
      loans: [],
      books: [],
    });
    expect(now().entries).toEqual([]);
    expect(readClosedYear(db, 'none')).toBeUndefined();
  });

  it('stays as it was whatever is changed, a child taken out of the family too', () => {
    act(closeYear(theNextYear(now(), 1)));
    const { id } = now().closedYears[0];
    const was = readClosedYear(db, id);
    act(removeChild('c1'));
    act(closeYear(theNextYear(now(), 2)));
    expect(now().closedYears).toHaveLength(2);
    expect(now().children.map((c) => c.id)).toEqual(['c2']);
    expect(readClosedYear(db, id)).toEqual(was);
  });

  it('is opened again by undo, with what happened as it was, and closed again by redo', () => {
    const before = now();
    act(closeYear(theNextYear(before, 1)));
    const after = whole();
    expect(undo(db, currentRevision(db))).toMatchObject({ label: 'a change' });
    expect(now()).toEqual(before);
    redo(db, currentRevision(db));
    expect(whole()).toEqual(after);
    // Ticks from before the year was closed are taken back in it, once it is open again.
    undo(db, currentRevision(db));
    undo(db, currentRevision(db));
    expect(now().marks.map((m) => m.partId)).toEqual(['l1-a']);
    expect(now().entries).toHaveLength(3);
  });

  it('goes out and comes in with the plan, takes the place of another of its name, and undo brings that back', () => {
    act(closeYear(theNextYear(now(), 1)));
    const kept = whole();
    const text = writeHausplanJson(kept);
    const empty = open(join(mkdtempSync(join(tmpdir(), 'hausplan-years-')), 'store.sqlite'));
    importText(empty, 0, text);
    expect(withClosedYears(empty, readDrawn(empty).plan)).toEqual(kept);
    empty.close();

    importText(db, currentRevision(db), text.replaceAll('Part l1-a', 'Another name'));
    expect(whole().closedYears[0].slice!.parts[0].title).toBe('Another name');
    importText(db, currentRevision(db), writeHausplanJson(aPlan(1)));
    expect(now().closedYears).toEqual([]);
    undo(db, currentRevision(db));
    undo(db, currentRevision(db));
    expect(whole()).toEqual(kept);
  });
});
