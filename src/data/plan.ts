/** The whole plan as rows, and back. */
import type Database from 'better-sqlite3';
import { canonical } from '@/core/plan/canonical';
import { withHappened } from '@/core/plan/happened';
import type { Plan } from '@/core/plan/plan';
import { once } from '@/core/plan/once';
import { bookRows, booksFrom, loanRows, loansFrom, pullRows, useRows } from './books';
import { CLOSED_YEAR_COLUMNS, closedYearRows, closedYearsFrom } from './closed-years';
import {
  adultRows,
  adultsFrom,
  appointmentRows,
  appointmentsFrom,
  childRows,
  childrenFrom,
  familyFrom,
  familyRows,
  pantryFrom,
  pantryRows,
  yearFrom,
  yearRows,
} from './family';
import { TABLES, TABLE_NAMES, type Row, type Rows } from './tables';
import { partRows, partsFrom } from './parts';
import {
  gatheredFrom,
  ideaRows,
  objectiveRows,
  outlineRows,
  outlinesFrom,
  questionRows,
  ruleRows,
  rulesFrom,
  workRows,
  worksFrom,
} from './gathered';
import { lessonRows, lessonsFrom, unitRows, unitsFrom } from './units';
import { assignmentRows, assignmentsFrom, entriesOf, entryRows, sittingRows, sittingsFrom } from './work';

/** The rows that each list of a plan, and what is there once, is kept in. */
const KEPT_IN: { [K in keyof Plan]?: (list: NonNullable<Plan[K]>) => Partial<Rows> } = {
  family: once(familyRows),
  year: once(yearRows),
  adults: once(adultRows),
  appointments: once(appointmentRows),
  children: once(childRows),
  units: once(unitRows),
  objectives: once(objectiveRows),
  questions: once(questionRows),
  ideas: once(ideaRows),
  rules: once(ruleRows),
  works: once(workRows),
  pantry: once(pantryRows),
  outlines: once(outlineRows),
  lessons: once(lessonRows),
  parts: once(partRows),
  books: once(bookRows),
  pulls: once(pullRows),
  uses: once(useRows),
  loans: once(loanRows),
  assignments: once(assignmentRows),
  sittings: once(sittingRows),
  entries: once(entryRows),
  closedYears: once(closedYearRows),
};

/** A plan as rows. Of a list that is the same as in another plan the rows are the same ones. */
export function rowsOf(given: Plan): Rows {
  const plan = canonical(given);
  const rows = { ...NO_ROWS };
  for (const [list, rowsIn] of Object.entries(KEPT_IN) as [keyof Plan, (list: unknown) => Partial<Rows>][])
    if (plan[list]) Object.assign(rows, rowsIn(plan[list]));
  return rows;
}

const NO_ROWS = Object.fromEntries(TABLE_NAMES.map((table) => [table, []])) as unknown as Rows;

/** Tables whose rows carry their place in the plan. */
const PLACED = new Set<string>([
  'day_off',
  'adult',
  'appointment',
  'child',
  'unit',
  'unit_child',
  'objective',
  'question',
  'idea',
  'rule',
  'work',
  'thing_in_house',
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
    adults: adultsFrom(rows),
    appointments: appointmentsFrom(rows),
    children: childrenFrom(rows),
    units: unitsFrom(rows),
    ...gatheredFrom(rows),
    rules: rulesFrom(rows),
    works: worksFrom(rows),
    pantry: pantryFrom(rows),
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
