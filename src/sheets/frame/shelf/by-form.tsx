'use client';
/** What is asked of a thing on the shelf by its form: a book has pages, a film its minutes, a game players, a kit pieces. */
import type { Book, BookForm } from '@/core/plan/book';
import { NumberField, TextField } from '@/kit/field';
import type { FormState } from '../use-form';

const RUNS: readonly BookForm[] = ['film', 'audio'];
const HAS_PIECES: readonly BookForm[] = ['kit', 'model', 'game', 'cards'];
const UNREAD: readonly BookForm[] = ['film', 'audio', 'kit', 'model', 'game', 'poster'];

type OfForm = Pick<Book, 'form' | 'pages' | 'words' | 'minutes' | 'pieces' | 'partsPlace'>;

/** What is asked by the form of a thing, as it stands in a form. */
export type ByFormFields = OfForm & { playersFrom: number | null; playersTo: number | null };

export const byFormFields = (book: OfForm & Pick<Book, 'players'>): ByFormFields => ({
  form: book.form,
  pages: book.pages,
  words: book.words,
  minutes: book.minutes,
  pieces: book.pieces,
  playersFrom: book.players?.from ?? null,
  playersTo: book.players?.to ?? null,
  partsPlace: book.partsPlace,
});

/** The fields with the players as a record has them, for the door to check. */
export function withPlayers<T extends Pick<ByFormFields, 'playersFrom' | 'playersTo'>>({
  playersFrom,
  playersTo,
  ...value
}: T): Omit<T, 'playersFrom' | 'playersTo'> & Pick<Book, 'players'> {
  const from = playersFrom ?? playersTo;
  return { ...value, players: from === null ? null : { from, to: playersTo ?? from } };
}

export function ByForm({
  form: { value, set, error },
}: {
  form: Pick<FormState<ByFormFields>, 'value' | 'set' | 'error'>;
}) {
  const { form } = value;
  const number = (field: Figure, label: string, max: number) => (
    <NumberField
      label={label}
      value={value[field]}
      onChange={(v) => set(field, v)}
      min={1}
      max={max}
      error={error(field)}
    />
  );
  return (
    <>
      {RUNS.includes(form) ? number('minutes', 'Minutes it runs', 2000) : null}
      {HAS_PIECES.includes(form) ? (
        <>
          {number('pieces', 'Pieces', 20_000)}
          <TextField
            label="Small parts are kept"
            value={value.partsPlace}
            onChange={(v) => set('partsPlace', v)}
            error={error('partsPlace')}
          />
        </>
      ) : null}
      {form === 'game' ? (
        <>
          {number('playersFrom', 'Players, at least', 99)}
          {number('playersTo', 'Players, at most', 99)}
        </>
      ) : null}
      {UNREAD.includes(form) ? null : (
        <>
          {number('pages', 'Pages', 9999)}
          {number('words', 'Words, if counted', 5_000_000)}
        </>
      )}
    </>
  );
}

/** What of it is a figure. */
type Figure = Exclude<keyof ByFormFields, 'form' | 'partsPlace'>;
