'use client';
/** Pacing a book over days: so many chapters or pages each school day, from here to there. */
import { Choose } from '@/kit/choose';
import { FormDialog } from '@/kit/form-dialog';
import { paceBook } from '@/core/books/fill';
import { DateField } from '@/kit/date-field';
import { FieldRow, NumberField } from '@/kit/field';
import { Quiet } from '@/kit/text';
import { useAct } from '../frame/use-act';
import { useForm } from '../frame/use-form';
import { pace } from './actions';
import type { PulledBook } from './load';

export function PaceForm({
  pulled,
  today,
  onClose,
}: {
  pulled: PulledBook;
  today: string;
  onClose: () => void;
}) {
  const { act } = useAct();
  const { book } = pulled;
  const chapters = book.chapters.length;
  const form = useForm<{
    by: 'chapters' | 'pages';
    each: number | null;
    from: number | null;
    to: number | null;
    first: string | null;
  }>({
    by: chapters ? 'chapters' : 'pages',
    each: chapters ? 1 : 10,
    from: 1,
    to: chapters || book.pages,
    first: today,
  });
  const { value, set, error } = form;
  const steps =
    value.each && value.from && value.to ? paceBook(book, value.by, value.each, value.from, value.to) : [];
  const go = (): void =>
    act((base) => pace(base, { pullId: pulled.pullId, ...value }), {
      faults: form.takeFaults,
      then: onClose,
    });
  return (
    <FormDialog
      title={`Read “${book.title}” over days`}
      verb="Lay it on the days"
      onSubmit={go}
      onClose={onClose}
    >
      <FieldRow>
        <NumberField
          label="A day"
          value={value.each}
          onChange={(v) => set('each', v)}
          min={1}
          max={500}
          error={error('each')}
        />
        <Choose
          label="of"
          value={value.by}
          onChange={(v) => {
            set('by', v);
            set('to', v === 'chapters' ? chapters || null : book.pages);
          }}
          choices={[
            { value: 'chapters', name: 'chapters' },
            { value: 'pages', name: 'pages' },
          ]}
        />
        <NumberField
          label="from"
          value={value.from}
          onChange={(v) => set('from', v)}
          min={1}
          max={9999}
          error={error('from')}
        />
        <NumberField
          label="to"
          value={value.to}
          onChange={(v) => set('to', v)}
          min={1}
          max={9999}
          error={error('to')}
        />
      </FieldRow>
      <DateField
        label="From the day"
        value={value.first}
        onChange={(v) => set('first', v)}
        error={error('first')}
      />
      <Quiet aria-live="polite">
        {'wrong' in steps ? steps.wrong : null}
        {!('wrong' in steps) && steps.length
          ? `That is ${steps.length} school days; ${steps[0].title.slice(book.title.length + 2)} first. A day that falls out moves the rest on.`
          : null}
        {!('wrong' in steps) && !steps.length ? '' : null}
      </Quiet>
      <button type="submit" hidden />
    </FormDialog>
  );
}
