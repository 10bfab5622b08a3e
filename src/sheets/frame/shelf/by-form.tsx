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
  return (
    <>
      {RUNS.includes(form) ? (
        <NumberField
          label="Minutes it runs"
          value={value.minutes}
          onChange={(v) => set('minutes', v)}
          min={1}
          max={2000}
          error={error('minutes')}
        />
      ) : null}
      {HAS_PIECES.includes(form) ? (
        <>
          <NumberField
            label="Pieces"
            value={value.pieces}
            onChange={(v) => set('pieces', v)}
            min={1}
            max={20_000}
            error={error('pieces')}
          />
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
          <NumberField
            label="Players, at least"
            value={value.playersFrom}
            onChange={(v) => set('playersFrom', v)}
            min={1}
            max={99}
          />
          <NumberField
            label="Players, at most"
            value={value.playersTo}
            onChange={(v) => set('playersTo', v)}
            min={1}
            max={99}
            error={error('playersTo')}
          />
        </>
      ) : null}
      {UNREAD.includes(form) ? null : (
        <>
          <NumberField
            label="Pages"
            value={value.pages}
            onChange={(v) => set('pages', v)}
            min={1}
            max={9999}
            error={error('pages')}
          />
          <NumberField
            label="Words, if counted"
            value={value.words}
            onChange={(v) => set('words', v)}
            min={1}
            max={5_000_000}
            error={error('words')}
          />
        </>
      )}
    </>
  );
}
