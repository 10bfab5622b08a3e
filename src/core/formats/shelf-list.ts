/** Books as a list, one to a line, as they are typed: “Title; author; 88 p; picture book; KIT-01; due 9 Nov”. */
import type { DatesWritten } from '../calendar/customs';
import type { BooksRead } from './book-draft';
import { readBookLine } from './book-line';
import { dateIn } from './dates-in-text';

const DUE = /[\s;,(]*\bdue\b(?:\s+(?:back|on|by))?\s*[:.]?\s*(?<date>[^;]*)$/iu;
const MOST_LINES = 5000;

export function readBooksList(text: string, dates: DatesWritten): BooksRead {
  const books: BooksRead['books'] = [];
  const faults: BooksRead['faults'] = [];
  text
    .split(/\r\n|\r|\n/)
    .slice(0, MOST_LINES)
    .forEach((raw, i) => {
      const content = raw.trim().replace(/^(?:[•·▪*–-]|\d{1,4}[.)])\s+/u, '');
      if (!content) return;
      const line = i + 1;
      const due = DUE.exec(content);
      const date = due && dateIn(due.groups!.date, dates.near, dates.order);
      if (due && !date) {
        faults.push({ line, what: `“${due[0].replace(/^[\s;,(]+/u, '')}” is no day; write due 9 Nov` });
        return;
      }
      const book = readBookLine(due ? content.slice(0, due.index) : content);
      if ('wrong' in book) faults.push({ line, what: book.wrong });
      else books.push({ line, book: date ? { ...book, source: 'borrowed' } : book, due: date?.date ?? null });
    });
  return { books, faults, unknown: [] };
}
