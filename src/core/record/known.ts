/** How far each child meets an objective, or knows a word or an idea, by the last that was said of it. */
import { isOf, type Checkable } from '../plan/checkable';
import type { Entry } from '../plan/entry';
import { inForce } from '../plan/happened';
import type { IsoDate } from '../plan/measures';
import type { Plan } from '../plan/plan';

export interface Met {
  /** 1 not yet, 2 with help, 3 alone. */
  grade: number;
  since: IsoDate;
  /** By what it was seen: in words, and the file of it. */
  note: string;
  file: string | null;
}

/** By child; who is absent was never looked at. */
export function metBy({ entries }: Pick<Plan, 'entries'>, of: Checkable): Record<string, Met> {
  const last: Record<string, Entry> = {};
  for (const e of inForce(entries))
    if (e.kind === 'checked' && isOf(e, of) && !(last[e.childId!]?.date > e.date)) last[e.childId!] = e;
  return Object.fromEntries(
    Object.entries(last).map(([childId, e]) => [
      childId,
      { grade: e.grade!, since: e.date, note: e.note, file: e.file },
    ]),
  );
}

/** What was read so far: books, or what was read without one by its title, and pages. */
export function readingLog({ entries }: Pick<Plan, 'entries'>): { books: number; pages: number } {
  const read = inForce(entries).filter((e) => e.kind === 'read');
  return {
    books: new Set(read.map((e) => e.bookId ?? e.about.title).filter(Boolean)).size,
    pages: read.reduce((sum, e) => sum + (e.pages ?? 0), 0),
  };
}
