/** Rows of the shelf, of books pulled for units and of their pages on lessons. */
import type { Book, Pull, Use } from '@/core/plan/plan';
import type { Rows } from './tables';

export function bookRows(books: readonly Book[], pulls: readonly Pull[], uses: readonly Use[]): Pick<Rows, 'book' | 'pull' | 'book_use'> {
  return {
    book: books.map((b, position) => ({ id: b.id, position, title: b.title, authors: b.authors, label: b.label, form: b.form, pages: b.pages, place: b.place })),
    pull: pulls.map((p, position) => ({ id: p.id, position, unit_id: p.unitId, book_id: p.bookId, role: p.role, child_id: p.childId })),
    book_use: uses.map((u, position) => ({ id: u.id, position, pull_id: u.pullId, lesson_id: u.lessonId, first_page: u.firstPage, last_page: u.lastPage })),
  };
}

export function booksFrom({ book, pull, book_use }: Pick<Rows, 'book' | 'pull' | 'book_use'>): { books: Book[]; pulls: Pull[]; uses: Use[] } {
  return {
    books: book.map((b) => ({
      id: b.id as string, title: b.title as string, authors: b.authors as string, label: b.label as string, form: b.form as Book['form'], pages: b.pages as number | null, place: b.place as string,
    })),
    pulls: pull.map((p) => ({ id: p.id as string, unitId: p.unit_id as string, bookId: p.book_id as string, role: p.role as Pull['role'], childId: p.child_id as string | null })),
    uses: book_use.map((u) => ({ id: u.id as string, pullId: u.pull_id as string, lessonId: u.lesson_id as string, firstPage: u.first_page as number | null, lastPage: u.last_page as number | null })),
  };
}
