/** The whole plan as rows, and back. */
import type Database from 'better-sqlite3';
import { canonical } from '@/core/plan/canonical';
import { withHappened } from '@/core/plan/happened';
import type { Plan } from '@/core/plan/plan';
import { bookRows, booksFrom, loanRows, loansFrom } from './books';
import { CLOSED_YEAR_COLUMNS, closedYearRows, closedYearsFrom } from './closed-years';
import { childRows, childrenFrom, familyFrom, familyRows, yearFrom, yearRows } from './family';
import { TABLES, TABLE_NAMES, type Row, type Rows } from './tables';
import { partRows, partsFrom } from './parts';
import {
  gatheredFrom,
  gatheredRows,
  outlineRows,
  outlinesFrom,
  ruleRows,
  rulesFrom,
  workRows,
  worksFrom,
} from './gathered';
import { lessonRows, lessonsFrom, unitRows, unitsFrom } from './units';
import { assignmentRows, assignmentsFrom, entriesOf, entryRows, sittingRows, sittingsFrom } from './work';

export function rowsOf(given: Plan): Rows {
  const plan = canonical(given);
  return {
    ...familyRows(plan.family),
    ...yearRows(plan.year),
    ...childRows(plan.children),
    ...unitRows(plan.units),
    ...gatheredRows(plan.objectives, plan.questions, plan.ideas),
    ...ruleRows(plan.rules),
    ...workRows(plan.works),
    ...outlineRows(plan.outlines),
    ...lessonRows(plan.lessons),
    ...partRows(plan.parts),
    ...bookRows(plan.books, plan.pulls, plan.uses),
    ...loanRows(plan.loans),
    ...assignmentRows(plan.assignments),
    ...sittingRows(plan.sittings),
    ...entryRows(plan.entries),
    ...closedYearRows(plan.closedYears),
  };
}

/** Tables whose rows carry their place in the plan. */
const PLACED = new Set<string>([
  'day_off',
  'child',
  'unit',
  'unit_child',
  'objective',
  'question',
  'idea',
  'rule',
  'work',
  'outline',
  'lesson',
  'part',
  'part_child',
  'book',
  'pull',
  'book_use',
  'loan',
  'entry',
  'closed_year',
]);

export function readPlan(db: Database.Database): Plan {
  const rows = Object.fromEntries(
    TABLE_NAMES.map((table) => [
      table,
      db
        .prepare(
          `SELECT ${table === 'closed_year' ? CLOSED_YEAR_COLUMNS : '*'} FROM ${table} ORDER BY ${PLACED.has(table) ? 'position, ' : ''}${TABLES[table].join(', ')}`,
        )
        .all() as Row[],
    ]),
  ) as Rows;
  const plan = withHappened({
    family: familyFrom(rows),
    year: yearFrom(rows),
    children: childrenFrom(rows),
    units: unitsFrom(rows),
    ...gatheredFrom(rows),
    rules: rulesFrom(rows),
    works: worksFrom(rows),
    outlines: outlinesFrom(rows),
    lessons: lessonsFrom(rows),
    parts: partsFrom(rows),
    ...booksFrom(rows),
    loans: loansFrom(rows),
    readings: [],
    assignments: assignmentsFrom(rows),
    sittings: sittingsFrom(rows),
    marks: [],
    entries: entriesOf(rows),
    closedYears: closedYearsFrom(rows),
  });
  return canonical(plan);
}
