/** The fields of a book's form, and the record they say. */
import { readContents } from '@/core/formats/contents';
import type { Book } from '@/core/plan/book';
import { byFormFields, withPlayers } from '../frame/shelf/by-form';
import type { FormState } from '../frame/use-form';

export type BookRecord = Omit<Book, 'id'>;

export function fieldsOf(book: BookRecord) {
  return {
    title: book.title,
    authors: book.authors,
    label: book.label,
    ...byFormFields(book),
    year: book.year,
    language: book.language,
    place: book.place,
    source: book.source,
    state: book.state,
    stateNote: book.stateNote,
    condition: book.condition,
    price: book.price === null ? '' : (book.price / 100).toFixed(2),
    chapters: book.chapters.map((c) => (c.page ? `${c.title} ... ${c.page}` : c.title)).join('\n'),
    topics: book.topics
      .map((t) =>
        t.first ? `${t.title} ${t.first}${t.last && t.last !== t.first ? `-${t.last}` : ''}` : t.title,
      )
      .join('\n'),
    listenFrom: book.listenFrom,
    listenTo: book.listenTo,
    readFrom: book.readFrom,
    readTo: book.readTo,
    preview: book.preview,
    previewNote: book.previewNote,
    notFor: book.notFor,
  };
}

export type RecordFields = ReturnType<typeof fieldsOf>;
export type RecordFormState = FormState<RecordFields>;

/** The record as the fields say it, for the door to check. */
export function recordFrom(value: RecordFields) {
  return {
    ...withPlayers(value),
    price: value.price.trim() ? Math.round(Number(value.price.replace(',', '.')) * 100) : null,
    chapters: readChapters(value.chapters),
    topics: readTopics(value.topics),
    notFor: value.preview === 'not for' ? value.notFor : [],
  };
}

/** Chapters from a contents page: every line that is not left out, whatever its depth. */
export function readChapters(text: string): Book['chapters'] {
  return readContents(text)
    .filter((l) => l.becomes !== 'nothing')
    .map((l) => ({ title: l.title, page: l.page }));
}

export function readTopics(text: string): Book['topics'] {
  return text
    .split('\n')
    .map((l) => l.trim())
    .filter(Boolean)
    .map((line) => {
      const paged = /^(.*\S)[\s,]+(?:pp?\.?\s*)?(\d{1,4})(?:\s*[–-]\s*(\d{1,4}))?$/iu.exec(line);
      const first = paged ? Number(paged[2]) : 0;
      return paged && first
        ? { title: paged[1].slice(0, 200), first, last: Math.max(first, Number(paged[3] ?? first)) }
        : { title: line.slice(0, 200), first: null, last: null };
    });
}
