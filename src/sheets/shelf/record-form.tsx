'use client';
/** All that is known of a book: what it is, where it is, what is in it, whom it suits, whether it was looked through. */
import { useEffect, useState } from 'react';
import styled from 'styled-components';
import { readContents } from '@/core/formats/contents';
import { blankBook } from '@/core/plan/blank';
import type { Book } from '@/core/plan/book';
import { BOOK_FORMS, BOOK_SOURCES, BOOK_STATES, PREVIEWS } from '@/core/plan/words';
import { Button } from '@/kit/button';
import { Dialog } from '@/kit/dialog';
import { Checkbox, Choose, FieldRow, FieldStack, NumberField, Several, TextField } from '@/kit/field';
import { Fold } from '@/kit/fold';
import { Quiet } from '@/kit/text';
import { useAct } from '../frame/use-act';
import { useForm } from '../frame/use-form';
import { changeRecord, putOnShelf, recordOf, takeOffShelf } from './actions';

interface Props {
  bookId?: string;
  /** A number that was scanned and is not on the shelf yet. */
  label?: string;
  childrenOfFamily: { id: string; name: string }[];
  onClose: () => void;
}

export function RecordForm({ bookId, label = '', ...rest }: Props) {
  const [book, setBook] = useState<Omit<Book, 'id'> | undefined>(bookId ? undefined : { ...blankBook, title: '', label });
  useEffect(() => {
    if (!bookId) return;
    let late = false;
    void recordOf(bookId).then((b) => { if (!late && b) setBook(b); }, () => undefined);
    return () => { late = true; };
  }, [bookId]);
  return book ? <Fields book={book} bookId={bookId} {...rest} /> : <Dialog title="A book" isOpen onClose={rest.onClose}><Quiet>Fetching it from the shelf…</Quiet></Dialog>;
}

function Fields({ book, bookId, childrenOfFamily, onClose }: { book: Omit<Book, 'id'> } & Omit<Props, 'label'>) {
  const { act } = useAct();
  const form = useForm({
    title: book.title, authors: book.authors, label: book.label, form: book.form, pages: book.pages, words: book.words, year: book.year, language: book.language, place: book.place, source: book.source, state: book.state, stateNote: book.stateNote, condition: book.condition,
    price: book.price === null ? '' : (book.price / 100).toFixed(2), chapters: book.chapters.map((c) => (c.page ? `${c.title} ... ${c.page}` : c.title)).join('\n'), topics: book.topics.map((t) => (t.first ? `${t.title} ${t.first}${t.last && t.last !== t.first ? `-${t.last}` : ''}` : t.title)).join('\n'),
    listenFrom: book.listenFrom, listenTo: book.listenTo, readFrom: book.readFrom, readTo: book.readTo, preview: book.preview, previewNote: book.previewNote, notFor: book.notFor,
  });
  const { value, set, error } = form;
  const save = (): void => {
    const record = { ...value, price: value.price.trim() ? Math.round(Number(value.price.replace(',', '.')) * 100) : null, chapters: readChapters(value.chapters), topics: readTopics(value.topics), notFor: value.preview === 'not for' ? value.notFor : [] };
    const faults = (found: { where: string; what: string }[]): void => form.takeFaults(found.map((f) => ({ ...f, where: f.where.replace(/^\d+\./, '') })));
    act((base) => (bookId ? changeRecord(base, bookId, record) : putOnShelf(base, [record])), { faults, then: onClose });
  };
  const chapters = readChapters(value.chapters);
  return (
    <Dialog
      title={bookId ? book.title : 'A book for the shelf'} wide isOpen onClose={onClose}
      footer={<>{bookId ? <Button onPress={() => act((base) => takeOffShelf(base, bookId), { then: onClose })}>Take it off the shelf</Button> : null}<Button onPress={onClose}>Leave it</Button><Button $primary onPress={save}>{bookId ? 'Keep' : 'Put it on the shelf'}</Button></>}
    >
      <form onSubmit={(e) => { e.preventDefault(); save(); }}>
        <FieldStack>
          <Two><TextField label="Title" autoFocus value={value.title} onChange={(v) => set('title', v)} error={error('title')} /><TextField label="Authors" help="Apart by semicolons." value={value.authors} onChange={(v) => set('authors', v)} error={error('authors')} /></Two>
          <FieldRow>
            <TextField label="ISBN or home label" value={value.label} onChange={(v) => set('label', v)} error={error('label')} />
            <Choose label="Form" value={value.form} onChange={(v) => set('form', v)} choices={BOOK_FORMS.map((f) => ({ value: f, name: f }))} />
            <NumberField label="Pages" value={value.pages} onChange={(v) => set('pages', v)} min={1} max={9999} error={error('pages')} />
            <NumberField label="Words, if counted" value={value.words} onChange={(v) => set('words', v)} min={1} max={5_000_000} error={error('words')} />
            <NumberField label="Year" value={value.year} onChange={(v) => set('year', v)} error={error('year') && 'A year from 1400 on.'} />
            <TextField label="Language" value={value.language} onChange={(v) => set('language', v)} error={error('language')} />
          </FieldRow>
          <FieldRow>
            <TextField label="Where it lives" value={value.place} onChange={(v) => set('place', v)} error={error('place')} />
            <Choose label="It is" value={value.state} onChange={(v) => set('state', v)} choices={BOOK_STATES.map((s) => ({ value: s, name: s === 'here' ? 'on its place' : s }))} />
            {value.state === 'here' ? null : <TextField label={value.state === 'lent out' ? 'To whom' : 'Note'} value={value.stateNote} onChange={(v) => set('stateNote', v)} error={error('stateNote')} />}
            <Choose label="How you have it" value={value.source} onChange={(v) => set('source', v)} choices={BOOK_SOURCES.map((s) => ({ value: s, name: s }))} />
            <TextField label="Price" placeholder="12.50" value={value.price} onChange={(v) => set('price', v)} error={error('price') && 'Write a sum, such as 12.50.'} />
            <TextField label="Condition" value={value.condition} onChange={(v) => set('condition', v)} error={error('condition')} />
          </FieldRow>
          <div>
            <Fold title="What is in it" says={[chapters.length ? `${chapters.length} chapters` : '', value.topics.trim() ? `${readTopics(value.topics).length} topics` : ''].filter(Boolean).join(', ') || 'chapters from its contents page, topics with their pages'}>
              <Two>
                <TextField label="Contents" help={chapters.length ? `${chapters.length} chapters read, ${chapters.filter((c) => c.page).length} with a page` : 'Paste its contents page.'} rows={6} value={value.chapters} onChange={(v) => set('chapters', v)} error={error('chapters')} />
                <TextField label="Topics" help="One to a line, with pages if you like: Mordants 33-35." rows={6} value={value.topics} onChange={(v) => set('topics', v)} error={error('topics')} />
              </Two>
            </Fold>
            <Fold title="Whom it suits" says={[value.listenFrom || value.listenTo ? `to listen ${value.listenFrom ?? ''}–${value.listenTo ?? ''}` : '', value.readFrom || value.readTo ? `to read ${value.readFrom ?? ''}–${value.readTo ?? ''}` : '', value.preview].filter(Boolean).join(' · ')}>
              <FieldRow>
                <NumberField label="To listen to, from age" value={value.listenFrom} onChange={(v) => set('listenFrom', v)} min={0} max={21} />
                <NumberField label="to age" value={value.listenTo} onChange={(v) => set('listenTo', v)} min={0} max={21} />
                <NumberField label="To read alone, from age" value={value.readFrom} onChange={(v) => set('readFrom', v)} min={0} max={21} />
                <NumberField label="up to age" value={value.readTo} onChange={(v) => set('readTo', v)} min={0} max={21} />
              </FieldRow>
              <FieldRow>
                <Choose label="Looked through" value={value.preview} onChange={(v) => set('preview', v)} choices={PREVIEWS.map((p) => ({ value: p, name: { 'not seen': 'not seen yet', fine: 'fine', parts: 'parts of it', 'not for': 'not for some of the children' }[p] }))} />
                <TextField label="Why" placeholder="the wolf on p. 30" value={value.previewNote} onChange={(v) => set('previewNote', v)} error={error('previewNote')} />
              </FieldRow>
              {value.preview === 'not for' ? <Several><legend>Not for</legend>{childrenOfFamily.map((c) => <Checkbox key={c.id} isSelected={value.notFor.includes(c.id)} onChange={(on) => set('notFor', childrenOfFamily.map((x) => x.id).filter((x) => (x === c.id ? on : value.notFor.includes(x))))}>{c.name}</Checkbox>)}</Several> : null}
            </Fold>
          </div>
          <button type="submit" hidden />
        </FieldStack>
      </form>
    </Dialog>
  );
}

/** Chapters from a contents page: every line that is not left out, whatever its depth. */
function readChapters(text: string): Book['chapters'] {
  return readContents(text).filter((l) => l.becomes !== 'nothing').map((l) => ({ title: l.title, page: l.page }));
}

function readTopics(text: string): Book['topics'] {
  return text.split('\n').map((l) => l.trim()).filter(Boolean).map((line) => {
    const paged = /^(.*\S)[\s,]+(?:pp?\.?\s*)?(\d{1,4})(?:\s*[–-]\s*(\d{1,4}))?$/iu.exec(line);
    const first = paged ? Number(paged[2]) : 0;
    return paged && first ? { title: paged[1].slice(0, 200), first, last: Math.max(first, Number(paged[3] ?? first)) } : { title: line.slice(0, 200), first: null, last: null };
  });
}

const Two = styled.div`display: grid; grid-template-columns: 1fr 1fr; gap: 14px; @media (max-width: 760px) { grid-template-columns: 1fr; }`;
