'use client';
/** How much a child read alone, and how long it took: it becomes their own rate. */
import { FormDialog } from '@/kit/form-dialog';
import { FieldRow, NumberField } from '@/kit/field';
import { Quiet } from '@/kit/text';
import { noteRead } from './actions';
import { useAct } from '../frame/use-act';
import { useForm } from '../frame/use-form';

export interface Read {
  bookId: string;
  title: string;
  childId: string;
  reader: string;
  pages: number | null;
}

export function NoteReading({ read, date, onClose }: { read: Read; date: string; onClose: () => void }) {
  const { act } = useAct();
  const form = useForm<{ pages: number | null; minutes: number | null }>({
    pages: read.pages,
    minutes: null,
  });
  const save = (): void =>
    act((base) => noteRead(base, { ...form.value, childId: read.childId, bookId: read.bookId, date }), {
      faults: form.takeFaults,
      then: onClose,
    });
  return (
    <FormDialog
      title={`${read.reader} read “${read.title}”`}
      verb="Note it"
      onSubmit={save}
      onClose={onClose}
    >
      <FieldRow>
        <NumberField
          label="Pages read"
          value={form.value.pages}
          onChange={(v) => form.set('pages', v)}
          min={1}
          max={2000}
          error={form.error('pages')}
        />
        <NumberField
          label="Minutes it took"
          value={form.value.minutes}
          onChange={(v) => form.set('minutes', v)}
          min={1}
          max={600}
          error={form.error('minutes')}
        />
      </FieldRow>
      <Quiet>
        From ten minutes on, what you note takes the place of the table’s rate: {read.reader}’s reading is
        planned by how {read.reader} reads.
      </Quiet>
      <button type="submit" hidden />
    </FormDialog>
  );
}
