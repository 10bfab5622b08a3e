/** Books as CSL-JSON, the item format of the Citation Style Language: read with what a shelf can keep of it, and written back. */
import { z } from 'zod';
import type { Book, BookForm } from '../plan/book';
import { bookDraft, type BookDraft, type BooksRead } from './book-draft';

const name = z.object({
  family: z.string().optional(),
  given: z.string().optional(),
  literal: z.string().optional(),
});
const item = z.object({
  type: z.string().optional(),
  title: z.string().optional(),
  author: z.array(name).optional(),
  ISBN: z.string().optional(),
  language: z.string().optional(),
  'number-of-pages': z.union([z.string(), z.number()]).optional(),
  issued: z
    .object({
      'date-parts': z.array(z.array(z.union([z.string(), z.number()]))).optional(),
      literal: z.string().optional(),
      raw: z.string().optional(),
    })
    .optional(),
  source: z.string().optional(),
  note: z.string().optional(),
});

/** CSL types as forms, and back. */
const FORMS: Readonly<Record<string, BookForm>> = {
  book: 'book',
  motion_picture: 'film',
  song: 'audio',
  webpage: 'site',
  'post-weblog': 'site',
  graphic: 'poster',
  map: 'poster',
};

export function readCslJson(text: string): BooksRead {
  let document: unknown;
  try {
    document = JSON.parse(text);
  } catch (e) {
    return {
      books: [],
      faults: [{ line: 1, what: `this is not JSON: ${(e as Error).message}` }],
      unknown: [],
    };
  }
  const items = Array.isArray(document) ? document : [document];
  const books: BooksRead['books'] = [];
  const faults: BooksRead['faults'] = [];
  items.forEach((raw, i) => {
    const line = i + 1;
    const say = (what: string): void => {
      faults.push({ line, what });
    };
    const parsed = item.safeParse(raw);
    if (!parsed.success)
      return say(
        `this is no CSL item: ${parsed.error.issues[0].path.join('.')} ${parsed.error.issues[0].message}`,
      );
    const { type = 'book', title = '', author = [], ISBN = '', language = '', issued } = parsed.data;
    const pages = Number(parsed.data['number-of-pages'] ?? NaN);
    const year = Number(
      issued?.['date-parts']?.[0]?.[0] ?? /\d{4}/.exec(issued?.literal ?? issued?.raw ?? '')?.[0] ?? NaN,
    );
    const known: Partial<BookDraft> & { title: string } = {
      title,
      authors: author.map((a) => a.literal ?? [a.family, a.given].filter(Boolean).join(', ')).join('; '),
      form: FORMS[type] ?? 'book',
      language: language.slice(0, 40),
      pages: Number.isInteger(pages) && pages > 0 && pages < 10_000 ? pages : null,
      year: Number.isInteger(year) && year >= 1400 && year <= 2200 ? year : null,
    };
    const book = bookDraft(known, ISBN.split(/\s*[,;]\s*|\s+(?=97)/)[0], say);
    if (book) books.push({ line, book, due: null });
  });
  return { books, faults, unknown: [] };
}

export function writeCslJson(books: readonly Book[]): string {
  const types = new Map(
    Object.entries(FORMS)
      .reverse()
      .map(([type, form]) => [form, type]),
  );
  return `${JSON.stringify(
    books.map((b) => ({
      id: b.id,
      type: types.get(b.form) ?? 'book',
      title: b.title,
      ...(b.authors
        ? {
            author: b.authors
              .split(';')
              .map((a) => a.trim())
              .filter(Boolean)
              .map(nameOf),
          }
        : {}),
      ...(b.label ? { ISBN: b.label } : {}),
      ...(b.language ? { language: b.language } : {}),
      ...(b.pages ? { 'number-of-pages': String(b.pages) } : {}),
      ...(b.year ? { issued: { 'date-parts': [[b.year]] } } : {}),
    })),
    null,
    2,
  )}\n`;
}

/** “Halm, T.” has a family and a given name; anything else is written as it stands. */
function nameOf(author: string): { family: string; given: string } | { literal: string } {
  const comma = /^([^,]+),\s*([^,]+)$/u.exec(author);
  return comma ? { family: comma[1].trim(), given: comma[2].trim() } : { literal: author };
}
