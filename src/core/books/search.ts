/** Searching the shelf as one types: every word typed must begin a word of the book, whatever its case and accents. */
import type { Book } from '../plan/book';
import { folded } from './duplicates';

export interface Index {
  ids: string[];
  /** Words of each book, apart by spaces, with one in front. */
  words: string[];
  titles: string[];
}

/** What can be looked for: title, authors, number, form, place, language, topics and chapters. */
export function indexOf(
  books: readonly Pick<
    Book,
    'id' | 'title' | 'authors' | 'label' | 'form' | 'place' | 'language' | 'topics' | 'chapters'
  >[],
): Index {
  return {
    ids: books.map((b) => b.id),
    titles: books.map((b) => folded(b.title)),
    words: books.map(
      (b) =>
        ` ${folded([b.title, b.authors, b.label, b.form, b.place, b.language, ...b.topics.map((t) => t.title), ...b.chapters.map((c) => c.title)].join(' '))}`,
    ),
  };
}

/**
 * Ids of the books that fit, those whose title begins so first, then in the order of the shelf. All of them for an
 * empty question.
 */
export function search(index: Index, typed: string): string[] {
  const words = folded(typed).split(' ').filter(Boolean);
  if (!words.length) return [...index.ids];
  const first: string[] = [];
  const others: string[] = [];
  const start = words.join(' ');
  for (let i = 0; i < index.ids.length; i++) {
    if (!words.every((w) => index.words[i].includes(` ${w}`))) continue;
    (index.titles[i].startsWith(start) ? first : others).push(index.ids[i]);
  }
  return [...first, ...others];
}
