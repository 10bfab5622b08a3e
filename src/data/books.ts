/** Rows of the shelf, of books pulled for units, of their pages on lessons, of loans and of what was read. */
import type { Book } from '@/core/plan/book';
import type { Loan } from '@/core/plan/loan';
import type { Pull, Use } from '@/core/plan/plan';
import type { Rows } from './tables';

export function bookRows(books: readonly Book[]): Pick<Rows, 'book'> {
  return {
    book: books.map((b, position) => ({
      id: b.id,
      position,
      title: b.title,
      authors: b.authors,
      label: b.label,
      form: b.form,
      pages: b.pages,
      words: b.words,
      minutes: b.minutes,
      pieces: b.pieces,
      players: b.players && JSON.stringify(b.players),
      parts_place: b.partsPlace,
      place: b.place,
      year: b.year,
      language: b.language,
      chapters: JSON.stringify(b.chapters),
      topics: JSON.stringify(b.topics),
      listen_from: b.listenFrom,
      listen_to: b.listenTo,
      read_from: b.readFrom,
      read_to: b.readTo,
      preview: b.preview,
      preview_note: b.previewNote,
      not_for: JSON.stringify(b.notFor),
      source: b.source,
      price: b.price,
      state: b.state,
      state_note: b.stateNote,
      condition: b.condition,
    })),
  };
}

export function pullRows(pulls: readonly Pull[]): Pick<Rows, 'pull'> {
  return {
    pull: pulls.map((p, position) => ({
      id: p.id,
      position,
      unit_id: p.unitId,
      book_id: p.bookId,
      role: p.role,
      child_ids: JSON.stringify(p.childIds),
      read: p.read,
    })),
  };
}

export function useRows(uses: readonly Use[]): Pick<Rows, 'book_use'> {
  return {
    book_use: uses.map((u, position) => ({
      id: u.id,
      position,
      pull_id: u.pullId,
      lesson_id: u.lessonId,
      first_page: u.firstPage,
      last_page: u.lastPage,
    })),
  };
}

export function booksFrom({ book, pull, book_use }: Pick<Rows, 'book' | 'pull' | 'book_use'>): {
  books: Book[];
  pulls: Pull[];
  uses: Use[];
} {
  return {
    books: book.map((b) => ({
      id: b.id as string,
      title: b.title as string,
      authors: b.authors as string,
      label: b.label as string,
      form: b.form as Book['form'],
      pages: b.pages as number | null,
      words: b.words as number | null,
      minutes: b.minutes as number | null,
      pieces: b.pieces as number | null,
      players: b.players === null ? null : JSON.parse(b.players as string),
      partsPlace: b.parts_place as string,
      place: b.place as string,
      year: b.year as number | null,
      language: b.language as string,
      chapters: JSON.parse(b.chapters as string),
      topics: JSON.parse(b.topics as string),
      listenFrom: b.listen_from as number | null,
      listenTo: b.listen_to as number | null,
      readFrom: b.read_from as number | null,
      readTo: b.read_to as number | null,
      preview: b.preview as Book['preview'],
      previewNote: b.preview_note as string,
      notFor: JSON.parse(b.not_for as string),
      source: b.source as Book['source'],
      price: b.price as number | null,
      state: b.state as Book['state'],
      stateNote: b.state_note as string,
      condition: b.condition as string,
    })),
    pulls: pull.map((p) => ({
      id: p.id as string,
      unitId: p.unit_id as string,
      bookId: p.book_id as string,
      role: p.role as Pull['role'],
      read: p.read as Pull['read'],
      childIds: JSON.parse(p.child_ids as string),
    })),
    uses: book_use.map((u) => ({
      id: u.id as string,
      pullId: u.pull_id as string,
      lessonId: u.lesson_id as string,
      firstPage: u.first_page as number | null,
      lastPage: u.last_page as number | null,
    })),
  };
}

export function loanRows(loans: readonly Loan[]): Pick<Rows, 'loan'> {
  return {
    loan: loans.map((l, position) => ({
      id: l.id,
      position,
      book_id: l.bookId,
      ref: l.ref,
      asked: l.asked,
      expected: l.expected,
      ready: l.ready,
      fetched: l.from,
      due: l.due,
      renewals: l.renewals,
      refused: l.refused,
      back: l.back,
    })),
  };
}

export function loansFrom({ loan }: Pick<Rows, 'loan'>): Loan[] {
  const date = (v: unknown): string | null => v as string | null;
  return loan.map((l) => ({
    id: l.id as string,
    bookId: l.book_id as string,
    ref: l.ref as string,
    asked: date(l.asked),
    expected: date(l.expected),
    ready: date(l.ready),
    from: date(l.fetched),
    due: date(l.due),
    renewals: l.renewals as number,
    refused: l.refused as string,
    back: date(l.back),
  }));
}
