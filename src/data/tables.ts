/** The plan's tables, parents before children, with their key columns. */
export const TABLES = {
  family: ['id'],
  school_year: ['id'],
  day_off: ['id'],
  adult: ['id'],
  appointment: ['id'],
  child: ['id'],
  child_rung: ['child_id', 'skill'],
  unit: ['id'],
  unit_child: ['unit_id', 'child_id'],
  objective: ['id'],
  question: ['id'],
  idea: ['id'],
  lesson: ['id'],
  lesson_rung: ['lesson_id', 'child_id'],
  rule: ['id'],
  work: ['id'],
  thing_in_house: ['id'],
  outline: ['id'],
  part: ['id'],
  part_child: ['part_id', 'child_id'],
  book: ['id'],
  pull: ['id'],
  book_use: ['id'],
  loan: ['id'],
  assignment: ['part_id', 'child_id'],
  sitting: ['id'],
  entry: ['id'],
  closed_year: ['id'],
} as const satisfies Record<string, readonly string[]>;

export type TableName = keyof typeof TABLES;
export const TABLE_NAMES = Object.keys(TABLES) as TableName[];

export type Row = Record<string, string | number | null>;
export type Rows = Record<TableName, Row[]>;

/** Place of each item among those it belongs with, counted as they come. */
export function within<T>(owner: (item: T) => string): (item: T) => number {
  const next = new Map<string, number>();
  return (item) => {
    const n = next.get(owner(item)) ?? 0;
    next.set(owner(item), n + 1);
    return n;
  };
}
