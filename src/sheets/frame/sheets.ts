/** The sheets, numbered in the order of the work; the number is also the key that opens them. */
export interface SheetName {
  number: number;
  name: string;
  path: string;
  /** Whether the sheet is about one unit. */
  ofUnit: boolean;
}

export const SHEETS: readonly SheetName[] = [
  { number: 1, name: 'Year', path: '/year', ofUnit: false },
  { number: 2, name: 'Unit', path: '/unit', ofUnit: true },
  { number: 3, name: 'Books', path: '/books', ofUnit: true },
  { number: 4, name: 'Lessons', path: '/lessons', ofUnit: true },
  { number: 5, name: 'Ladder', path: '/ladder', ofUnit: true },
  { number: 6, name: 'Weeks', path: '/weeks', ofUnit: true },
  { number: 7, name: 'Ready', path: '/ready', ofUnit: false },
  { number: 8, name: 'Today', path: '/today', ofUnit: false },
  { number: 9, name: 'Record', path: '/record', ofUnit: false },
];

/** Not numbered: who is at the table. Its key is 0. */
export const FAMILY: SheetName = { number: 0, name: 'Family', path: '/setup', ofUnit: false };

/** The page of help of a sheet; the first one where it is none. */
export const helpFor = (sheet: SheetName | undefined): string => sheet?.name.toLowerCase() ?? 'first-hour';

export function hrefOf(sheet: SheetName, unitId: string | undefined): string {
  return sheet.ofUnit && unitId ? `${sheet.path}?unit=${unitId}` : sheet.path;
}

/** The sheet an address belongs to; the shelf is a part of Books. Undefined where it is none. */
export function sheetOf(path: string): SheetName | undefined {
  const first = `/${path.split('/')[1] ?? ''}`;
  return [...SHEETS, FAMILY].find((s) => s.path === (first === '/shelf' ? '/books' : first));
}
