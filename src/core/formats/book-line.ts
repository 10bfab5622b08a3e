/** A book in one line, as it is typed at the shelf: “The Dyer’s Kettle; M. Oberwasser; 88 p; picture book; hall shelf; 978…”. */
import { readNumber } from '../books/numbers';
import { bookDraft, type BookDraft } from './book-draft';
import { meaningOf } from './shelf-words';

/** Of the words for where a thing comes from those that cannot be a name. */
const isSource = (piece: string): boolean =>
  /^(?:borrowed|library|library book|from the library|on loan)$/iu.test(piece);

/**
 * Reads a line; what is wrong with it is given instead of a book. Pieces stand apart by semicolons: first the title,
 * then in any order.
 */
export function readBookLine(line: string): BookDraft | { wrong: string } {
  const [title = '', ...pieces] = line.split(';').map((p) => p.trim());
  const known: Partial<BookDraft> & { title: string } = { title };
  let number = '';
  const words: string[] = [];
  for (const piece of pieces.filter(Boolean)) {
    const pages = /^(?:pp?\.?\s*)?(\d{1,4})\s*(?:pp?\.?|pages)?$/iu.exec(piece);
    const runs = /^(\d{1,4})\s*(?:min(?:utes?)?)\.?$/iu.exec(piece);
    const form = meaningOf('form', piece, {}) as BookDraft['form'] | null;
    const source = isSource(piece) ? meaningOf('source', piece, {}) : null;
    if (form) known.form = form;
    else if (/^\p{Lu}{1,6}[- ]?\d{1,5}$/u.test(piece)) number = piece;
    else if (!('wrong' in readNumber(piece)) || /^[\d\s‐–-]{9,}[\dX]?$/iu.test(piece)) number = piece;
    else if (source) known.source = source as BookDraft['source'];
    else if (/^(1[4-9]|20|21)\d\d$/.test(piece)) known.year = Number(piece);
    else if (runs && Number(runs[1]) && Number(runs[1]) <= 2000) known.minutes = Number(runs[1]);
    else if (pages && Number(pages[1])) known.pages = Number(pages[1]);
    else words.push(piece);
  }
  if (words[0]) known.authors = words[0];
  if (words[1]) known.place = words.slice(1).join(', ').slice(0, 100);
  let wrong = '';
  const book = bookDraft(known, number, (what) => {
    wrong = what;
  });
  return book ?? { wrong };
}
