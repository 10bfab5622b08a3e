/** Help and method, on the server: read from the same text as the docs, once. */
import type { Spelling } from '@/core/calendar/customs';
import { spelt } from '@/core/calendar/spelling';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { micromark } from 'micromark';
import { gfmTable, gfmTableHtml } from 'micromark-extension-gfm-table';

export interface HelpPage {
  name: string;
  title: string;
  text: string;
}

/** The pages of help, in the order of the work; all but the first have the name of a sheet. */
const NAMES = [
  'first-hour',
  'family',
  'year',
  'unit',
  'books',
  'lessons',
  'ladder',
  'weeks',
  'ready',
  'today',
  'record',
] as const;

const docs = (...path: string[]): string => readFileSync(join(process.cwd(), 'docs', ...path), 'utf8');

let pages: HelpPage[] | undefined;
export const helpPages = (): readonly HelpPage[] =>
  (pages ??= NAMES.map((name) => {
    const text = docs('help', `${name}.md`);
    return { name, title: /^# (.*)$/m.exec(text)![1], text };
  }));

let sections: HelpPage[] | undefined;
/** The sections of docs/method.md, each named by the first words of its heading. */
export const methodSections = (): readonly HelpPage[] =>
  (sections ??= docs('method.md')
    .split(/^(?=## )/m)
    .slice(1)
    .map((text) => {
      const heading = /^## (.*)$/m.exec(text)![1];
      const title = heading.replace(/\s*\(`.*$/u, '');
      return { name: nameOf(title), title, text: text.replace(/^## .*\n/, '') };
    }));

/** “Whom a book suits, and where” as `whom-a-book-suits-and-where`. */
export const nameOf = (title: string): string =>
  title
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '');

/** Markdown as HTML; no HTML of its own is let through. */
export const asHtml = (markdown: string, spelling: Spelling = 'British'): string =>
  micromark(spelt(markdown, spelling), { extensions: [gfmTable()], htmlExtensions: [gfmTableHtml()] });
