/**
 * Books as BibTeX. Reading, LaTeX and all, is the package `@retorquere/bibtex-parser`'s; writing escapes what LaTeX
 * would take for its own.
 */
import { parse } from '@retorquere/bibtex-parser';
import type { Book, BookForm } from '../plan/book';
import { BOOK_FORMS } from '../plan/words';
import { bookDraft, type BookDraft, type BooksRead } from './book-draft';

interface Name {
  lastName?: string;
  firstName?: string;
  name?: string;
  prefix?: string;
}

export function readBibtex(text: string): BooksRead {
  const books: BooksRead['books'] = [];
  const faults: BooksRead['faults'] = [];
  const parsed = parse(text, {
    sentenceCase: false,
    caseProtection: false,
    unsupported: 'ignore',
    verbatimFields: ['isbn', 'url', 'doi'],
  });
  const lineOf = (input: string): number =>
    input ? text.slice(0, Math.max(0, text.indexOf(input))).split('\n').length : 1;
  for (const e of parsed.errors)
    faults.push({ line: lineOf(e.input ?? ''), what: e.error.replace(/ at line \d+, column \d+/u, '') });
  for (const entry of parsed.entries) {
    if (!entry.input) continue;
    const line = lineOf(entry.input);
    const say = (what: string): void => {
      faults.push({ line, what: `${entry.key ? `${entry.key}: ` : ''}${what}` });
    };
    const fields = entry.fields as Record<string, unknown>;
    const field = (...names: string[]): string => {
      for (const n of names)
        if (typeof fields[n] === 'string' && fields[n]) return (fields[n] as string).trim();
      return '';
    };
    const people = (fields.author ?? fields.editor ?? []) as Name[];
    const pages = Number(/\d+/.exec(field('pagetotal', 'numpages'))?.[0] ?? NaN);
    const year = Number(/\d{4}/.exec(field('year', 'date'))?.[0] ?? NaN);
    const how = field('howpublished', 'type').toLowerCase();
    const known: Partial<BookDraft> & { title: string } = {
      title: [field('title'), field('subtitle')].filter(Boolean).join(': '),
      authors: people
        .map(
          (p) =>
            p.name ??
            [[p.prefix, p.lastName].filter(Boolean).join(' '), p.firstName].filter(Boolean).join(', '),
        )
        .join('; '),
      form: BOOK_FORMS.find((f) => f === how) ?? FORMS[entry.type] ?? 'book',
      language: field('language', 'langid').slice(0, 40),
      pages: pages > 0 && pages < 10_000 ? pages : null,
      year: year >= 1400 && year <= 2200 ? year : null,
      place: field('library').slice(0, 100),
    };
    const book = bookDraft(known, field('isbn').split(/[\s,;]+/)[0] ?? '', say);
    if (book) books.push({ line, book, due: null });
  }
  return { books, faults: faults.sort((a, b) => a.line - b.line), unknown: [] };
}

const FORMS: Readonly<Record<string, BookForm>> = {
  online: 'site',
  www: 'site',
  movie: 'film',
  video: 'film',
  audio: 'audio',
  music: 'audio',
  image: 'poster',
  artwork: 'poster',
};

export function writeBibtex(books: readonly Book[]): string {
  return books
    .map((b) => {
      const authors = b.authors
        .split(';')
        .map((a) => a.trim())
        .filter(Boolean)
        .map((a) => (a.includes(',') ? escaped(a) : `{${escaped(a)}}`))
        .join(' and ');
      const fields: [string, string][] = [
        ['title', escaped(b.title)],
        ['author', authors],
        ['isbn', b.label],
        ['year', b.year?.toString() ?? ''],
        ['pagetotal', b.pages?.toString() ?? ''],
        ['language', escaped(b.language)],
        ['library', escaped(b.place)],
        ['howpublished', b.form === 'book' ? '' : b.form],
      ];
      return `@${b.form === 'book' ? 'book' : 'misc'}{${b.id.replace(/[^A-Za-z0-9-]/g, '-')},\n${fields
        .filter(([, v]) => v)
        .map(([k, v]) => `  ${k} = {${v}},\n`)
        .join('')}}\n`;
    })
    .join('\n');
}

const LATEX: Readonly<Record<string, string>> = {
  '\\': '\\textbackslash{}',
  '{': '\\{',
  '}': '\\}',
  '~': '\\textasciitilde{}',
  '^': '\\textasciicircum{}',
  $: '\\$',
  '&': '\\&',
  '%': '\\%',
  '#': '\\#',
  _: '\\_',
};
const escaped = (text: string): string => text.replace(/[\\{}~^$&%#_]/g, (c) => LATEX[c]);
