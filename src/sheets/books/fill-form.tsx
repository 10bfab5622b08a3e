'use client';
/** Filling along the lessons that are chosen: a chapter a lesson, pages evenly, or a book each. */
import { Choose } from '@/kit/choose';
import { FormDialog } from '@/kit/form-dialog';
import { useState } from 'react';
import { FieldRow, NumberField } from '@/kit/field';
import { Quiet } from '@/kit/text';
import { useAct } from '../frame/use-act';
import { fill, fillOneEach } from './actions';
import type { Range } from './use-cells';
import type { BooksView } from './load';

type How = 'chapters' | 'pages' | 'whole' | 'each';

export function FillForm({
  range,
  lessons,
  pictureBooks,
  onClose,
}: {
  range: Range;
  lessons: BooksView['lessons'];
  /** Pulls that can be laid one a lesson. */ pictureBooks: string[];
  onClose: () => void;
}) {
  const { act } = useAct();
  const [pulled] = range.books;
  const { book } = pulled;
  const several = range.books.length > 1;
  const [how, setHow] = useState<How>(() => {
    if (several) return 'each';
    return book.chapters.length ? 'chapters' : 'pages';
  });
  const [from, setFrom] = useState<number | null>(1);
  const [to, setTo] = useState<number | null>(book.pages);
  const numbers = lessons.filter((l) => range.lessonIds.includes(l.id)).map((l) => l.number);
  const each = several ? range.books.map((b) => b.pullId) : pictureBooks;
  const go = (): void => {
    if (how === 'each')
      act((base) => fillOneEach(base, { pullIds: each, lessonIds: range.lessonIds }), { then: onClose });
    else
      act(
        (base) =>
          fill(base, {
            pullId: pulled.pullId,
            lessonIds: range.lessonIds,
            how,
            ...(how === 'pages' ? { from: from ?? 1, ...(to === null ? {} : { to }) } : {}),
          }),
        { then: onClose },
      );
  };
  return (
    <FormDialog
      title={several ? `Fill ${range.books.length} books along` : `Fill “${book.title}” along`}
      onClose={onClose}
      onSubmit={go}
      verb="Fill"
    >
      <Quiet>
        Lessons {numbers[0]}
        {numbers.length > 1 ? ` to ${numbers.at(-1)}` : ''}: {numbers.length} of them. What stands there makes
        way.
      </Quiet>
      <Choose
        label="How"
        value={how}
        onChange={setHow}
        choices={[
          ...(several
            ? []
            : [
                {
                  value: 'chapters' as const,
                  name: `A chapter a lesson${book.chapters.length ? ` (${book.chapters.length} chapters)` : ': its contents are not known'}`,
                },
                { value: 'pages' as const, name: 'Pages spread evenly' },
                { value: 'whole' as const, name: 'All of it each time' },
              ]),
          ...(each.length
            ? [
                {
                  value: 'each' as const,
                  name: several
                    ? 'One of these books a lesson, in order'
                    : `A picture book a lesson (${each.length} pulled)`,
                },
              ]
            : []),
        ]}
      />
      {how === 'pages' ? (
        <FieldRow>
          <NumberField label="From page" value={from} onChange={setFrom} min={1} max={9999} />
          <NumberField label="To page" value={to} onChange={setTo} min={1} max={9999} />
        </FieldRow>
      ) : null}
    </FormDialog>
  );
}
