/**
 * Tables as text (RFC 4180): columns known by their headings, rows by their line in the file. Reading and quoting are
 * papaparse's.
 */
import Papa from 'papaparse';
import type { LineFault } from './draft';

export interface CsvRow<Column extends string> {
  /** Row of the file, from 1; the headings are row 1. */
  line: number;
  cells: Record<Column, string>;
}

export interface CsvRead<Column extends string> {
  rows: CsvRow<Column>[];
  faults: LineFault[];
  /** Headings that belong to no column; their cells are left out. */
  unknown: string[];
  /** The headings as they stand, each with the column it was taken for; none when the table has no headings. */
  matched: { heading: string; column: Column | null }[];
}

/**
 * Reads a table. Headings are matched without regard to case; with none that fit, the first row counts as a row and the
 * columns are taken in their order.
 * @param columns for each column the headings it is known by
 * @param chosen headings that were matched by hand: to a column, or (empty) to none
 */
export function readCsv<Column extends string>(
  text: string,
  columns: Readonly<Record<Column, readonly string[]>>,
  chosen: Readonly<Record<string, Column | ''>> = {},
): CsvRead<Column> {
  const names = Object.keys(columns) as Column[];
  const body = text.replace(/^\uFEFF/u, '');
  const known = new Set(names.flatMap((n) => columns[n]));
  const parsed = Papa.parse<string[]>(body, {
    skipEmptyLines: false,
    delimitersToGuess: DELIMITERS,
    delimiter: delimiterOf(body, known),
  });
  const faults: LineFault[] = parsed.errors
    .filter((e) => e.code !== 'UndetectableDelimiter')
    .map((e) => ({
      line: (e.row ?? 0) + 1,
      what:
        e.code === 'MissingQuotes'
          ? 'a quotation mark is opened and not closed'
          : e.code === 'InvalidQuotes'
            ? 'a quotation mark stands in the middle of a cell'
            : e.message,
    }));
  const data = parsed.data
    .map((cells, i) => ({ line: i + 1, cells: cells.map((c) => alive(c.trim())) }))
    .filter((r) => r.cells.some(Boolean));
  const first = data[0]?.cells ?? [];
  const at = new Map<Column, number>();
  first.forEach((heading, i) => {
    const by = chosen[heading];
    if (by && !at.has(by)) at.set(by, i);
  });
  first.forEach((heading, i) => {
    if (heading in chosen) return;
    const column = names.find((n) => !at.has(n) && columns[n].some((h) => h === heading.toLowerCase()));
    if (column) at.set(column, i);
  });
  const headed = at.size > 0 || Object.keys(chosen).length > 0;
  if (!headed) names.forEach((n, i) => at.set(n, i));
  const taken = new Set(at.values());
  const rows = data.slice(headed ? 1 : 0).map(({ line, cells }) => ({
    line,
    cells: Object.fromEntries(names.map((n) => [n, cells[at.get(n) ?? -1] ?? ''])) as Record<Column, string>,
  }));
  if (headed)
    for (const { line, cells } of data.slice(1))
      if (cells.length > first.length && cells.slice(first.length).some(Boolean))
        faults.push({ line, what: `has ${cells.length} cells, and there are ${first.length} headings` });
  return {
    rows,
    faults: faults.sort((a, b) => a.line - b.line),
    unknown: headed ? first.filter((h, i) => h && !taken.has(i)) : [],
    matched: headed
      ? first.filter(Boolean).map((heading) => ({
          heading,
          column: names.find((n) => first[at.get(n) ?? -1] === heading) ?? null,
        }))
      : [],
  };
}

const DELIMITERS = [',', ';', '\t', '|'];

/**
 * The delimiter that makes most known headings of the first line; left to be guessed (empty) when none makes any:
 * cells may hold the others.
 */
function delimiterOf(body: string, known: ReadonlySet<string>): string {
  const line = /^[^\r\n]*/.exec(body)![0];
  const counted = DELIMITERS.map((delimiter) => ({
    delimiter,
    n: (Papa.parse<string[]>(line, { delimiter }).data[0] ?? []).filter((h) =>
      known.has(h.trim().toLowerCase()),
    ).length,
  }));
  const best = counted.reduce((a, b) => (b.n > a.n ? b : a));
  return best.n > 0 ? best.delimiter : '';
}

/** A cell that a spreadsheet would take for a formula. A number with its sign is none. */
const FORMULA = /^[=+\-@\t\r]/;
const NUMBER = /^[+-]?\d+(?:[.,]\d+)?$/;

/** A cell as it is written: an apostrophe before what a spreadsheet would work out, and before one that is there already. */
const inert = (cell: string): string =>
  (FORMULA.test(cell) && !NUMBER.test(cell)) || /^'+[=+\-@\t\r]/.test(cell) ? `'${cell}` : cell;

/** A cell as it was before `inert`. */
export const alive = (cell: string): string => (/^'+[=+\-@\t\r]/.test(cell) ? cell.slice(1) : cell);

/** Writes a table with headings; lines end as RFC 4180 says, and no cell is a formula. */
export function writeCsv(headings: readonly string[], rows: readonly (readonly string[])[]): string {
  return `${Papa.unparse({ fields: [...headings], data: rows.map((r) => r.map(inert)) }, { newline: '\r\n' })}\r\n`;
}
