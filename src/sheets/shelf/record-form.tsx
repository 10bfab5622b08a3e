'use client';
/** All that is known of a book: what it is, where it is, what is in it, whom it suits, whether it was looked through. */
import { Choose } from '@/kit/choose';
import { FormDialog } from '@/kit/form-dialog';
import { useEffect, useState } from 'react';
import { blankBook } from '@/core/plan/blank';
import type { Book } from '@/core/plan/book';
import { BOOK_FORMS, BOOK_SOURCES, BOOK_STATES } from '@/core/plan/words';
import { Button } from '@/kit/button';
import { Dialog } from '@/kit/dialog';
import { FieldRow, NumberField, TextField, Two } from '@/kit/field';
import { Quiet } from '@/kit/text';
import { useAct } from '../frame/use-act';
import { useForm } from '../frame/use-form';
import { fieldsOf, recordFrom } from './record-fields';
import { ByForm } from '../frame/shelf/by-form';
import { RecordFolds } from './record-folds';
import { changeRecord, putOnShelf, recordOf, takeOffShelf } from './actions';

interface Props {
  bookId?: string;
  /** A number that was scanned and is not on the shelf yet. */
  label?: string;
  childrenOfFamily: { id: string; name: string }[];
  onClose: () => void;
}

export function RecordForm({ bookId, label = '', ...rest }: Props) {
  const [book, setBook] = useState<Omit<Book, 'id'> | undefined>(
    bookId ? undefined : { ...blankBook, title: '', label },
  );
  useEffect(() => {
    if (!bookId) return;
    let late = false;
    void recordOf(bookId).then(
      (b) => {
        if (!late && b) setBook(b);
      },
      () => undefined,
    );
    return () => {
      late = true;
    };
  }, [bookId]);
  return book ? (
    <Fields book={book} bookId={bookId} {...rest} />
  ) : (
    <Dialog title="A book" isOpen onClose={rest.onClose}>
      <Quiet>Fetching it from the shelf…</Quiet>
    </Dialog>
  );
}

function Fields({
  book,
  bookId,
  childrenOfFamily,
  onClose,
}: { book: Omit<Book, 'id'> } & Omit<Props, 'label'>) {
  const { act } = useAct();
  const form = useForm(fieldsOf(book));
  const { value, set, error } = form;
  const save = (): void => {
    const record = recordFrom(value);
    const faults = (found: { where: string; what: string }[]): void =>
      form.takeFaults(found.map((f) => ({ ...f, where: f.where.replace(/^\d+\./, '') })));
    act((base) => (bookId ? changeRecord(base, bookId, record) : putOnShelf(base, [record])), {
      faults,
      then: onClose,
    });
  };
  return (
    <FormDialog
      title={bookId ? book.title : 'A book for the shelf'}
      wide
      verb={bookId ? 'Keep' : 'Put it on the shelf'}
      more={
        <>
          {bookId ? (
            <Button onPress={() => act((base) => takeOffShelf(base, bookId), { then: onClose })}>
              Take it off the shelf
            </Button>
          ) : null}
        </>
      }
      onSubmit={save}
      onClose={onClose}
    >
      <Two>
        <TextField
          label="Title"
          autoFocus
          value={value.title}
          onChange={(v) => set('title', v)}
          error={error('title')}
        />
        <TextField
          label="Authors"
          help="Apart by semicolons."
          value={value.authors}
          onChange={(v) => set('authors', v)}
          error={error('authors')}
        />
      </Two>
      <FieldRow>
        <TextField
          label="ISBN or home label"
          value={value.label}
          onChange={(v) => set('label', v)}
          error={error('label')}
        />
        <Choose
          label="Form"
          value={value.form}
          onChange={(v) => set('form', v)}
          choices={BOOK_FORMS.map((f) => ({ value: f, name: f }))}
        />
        <ByForm form={form} />
        <NumberField
          label="Year"
          value={value.year}
          onChange={(v) => set('year', v)}
          error={error('year') && 'A year from 1400 on.'}
        />
        <TextField
          label="Language"
          value={value.language}
          onChange={(v) => set('language', v)}
          error={error('language')}
        />
      </FieldRow>
      <FieldRow>
        <TextField
          label="Where it lives"
          value={value.place}
          onChange={(v) => set('place', v)}
          error={error('place')}
        />
        <Choose
          label="It is"
          value={value.state}
          onChange={(v) => set('state', v)}
          choices={BOOK_STATES.map((s) => ({ value: s, name: s === 'here' ? 'on its place' : s }))}
        />
        {value.state === 'here' ? null : (
          <TextField
            label={value.state === 'lent out' ? 'To whom' : 'Note'}
            value={value.stateNote}
            onChange={(v) => set('stateNote', v)}
            error={error('stateNote')}
          />
        )}
        <Choose
          label="How you have it"
          value={value.source}
          onChange={(v) => set('source', v)}
          choices={BOOK_SOURCES.map((s) => ({ value: s, name: s }))}
        />
        <TextField
          label="Price"
          placeholder="12.50"
          value={value.price}
          onChange={(v) => set('price', v)}
          error={error('price') && 'Write a sum, such as 12.50.'}
        />
        <TextField
          label="Condition"
          value={value.condition}
          onChange={(v) => set('condition', v)}
          error={error('condition')}
        />
      </FieldRow>
      <RecordFolds form={form} childrenOfFamily={childrenOfFamily} />
      <button type="submit" hidden />
    </FormDialog>
  );
}
