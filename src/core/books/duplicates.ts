/** The same thing twice on the shelf: surely, by its number, or perhaps, by its words. What is only alike is left alone. */
import type { Book } from '../plan/book';

export interface Twice {
  /** `number`: the same number; `work`: the same title and author under other numbers, or without, to be asked. */
  by: 'number' | 'work';
  /** Ids, in the order of the shelf. */
  ids: string[];
}

type Known = Pick<Book, 'id' | 'title' | 'authors' | 'label' | 'form'>;

/** Books that are the same by number, and those that are the same work by title, author and form. */
export function duplicates(books: readonly Known[]): Twice[] {
  const found: Twice[] = [];
  const gather = (by: Twice['by'], key: (b: Known) => string): void => {
    const groups = new Map<string, string[]>();
    for (const b of books) {
      const k = key(b);
      if (k) groups.set(k, [...(groups.get(k) ?? []), b.id]);
    }
    for (const ids of groups.values())
      if (ids.length > 1 && !found.some((f) => ids.every((id) => f.ids.includes(id))))
        found.push({ by, ids });
  };
  gather('number', (b) => b.label);
  gather('work', workKey);
  return found;
}

/** The books that a new one would be the same as. */
export function sameAs(
  book: Omit<Known, 'id'>,
  books: readonly Known[],
): { by: Twice['by']; id: string } | undefined {
  const byNumber = book.label && books.find((b) => b.label === book.label);
  if (byNumber) return { by: 'number', id: byNumber.id };
  const key = workKey({ id: '', ...book });
  const byWork = key && books.find((b) => workKey(b) === key);
  return byWork ? { by: 'work', id: byWork.id } : undefined;
}

/** Title and first author's family name, folded, and the form: a film of a book is not the book. Empty without a title. */
function workKey(b: Known): string {
  const title = folded(b.title).replace(/^(the|a|an|der|die|das|le|la|les|el) /, '');
  return title ? `${title}|${familyName(b.authors)}|${b.form}` : '';
}

/** The family name of the first author: before a comma, else the last word of the first name given. */
function familyName(authors: string): string {
  const [first = ''] = authors.split(/;|\band\b|&/i);
  const name = first.includes(',') ? first.split(',')[0] : (first.trim().split(/\s+/).at(-1) ?? '');
  return folded(name);
}

/** Text without case, accents and punctuation, its words apart by single spaces. */
export function folded(text: string): string {
  return text
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/ß/g, 'ss')
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim();
}
