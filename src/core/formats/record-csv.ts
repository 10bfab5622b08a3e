/** What happened as a table: a line for each thing done, missed or read, as it was then. */
import { inForce } from '../plan/happened';
import type { Entry } from '../plan/entry';
import type { Plan } from '../plan/plan';
import { JUDGED, KNEW, MET } from '../plan/words';
import { writeCsv } from './csv';

const COLUMNS = [
  'Date',
  'Child',
  'What happened',
  'Unit',
  'Lesson',
  'Title',
  'Kind',
  'Rung',
  'Minutes',
  'Pages',
  'Amount',
  'How it went',
  'Note',
  'Corrected on',
] as const;

/** What a grade says, by the kind of fact. */
const GRADES: Partial<Record<Entry['kind'], readonly string[]>> = {
  asked: KNEW,
  checked: MET,
  judged: JUDGED,
};
const saidOf = (e: Entry): string => GRADES[e.kind]?.[e.grade! - 1] ?? '';

/** Kinds that are of everybody who took part where they name nobody. */
const OF_CHILDREN: readonly string[] = ['done', 'missed', 'attended', 'loved', 'otherwise'];

/** The entries in force, by day; who all took part is said as “all”. */
export function writeRecordCsv(plan: Plan): string {
  const text = (value: string | number | null): string => (value === null ? '' : String(value));
  return writeCsv(
    COLUMNS,
    inForce(plan.entries)
      .map((e) => [
        e.date,
        e.childId === null && OF_CHILDREN.includes(e.kind) ? 'all' : e.about.child,
        e.kind,
        e.about.unit,
        e.about.lesson,
        e.about.title,
        e.about.kind,
        text(e.about.rung),
        text(e.minutes),
        text(e.pages),
        e.amount === null ? '' : `${e.amount} ${e.unit}`.trim(),
        text(e.felt),
        [saidOf(e), e.note].filter(Boolean).join(': '),
        e.withdraws === null ? '' : e.at.slice(0, 10),
      ])
      .sort((a, b) => {
        if (a[0] === b[0]) return 0;
        return a[0] < b[0] ? -1 : 1;
      }),
  );
}
