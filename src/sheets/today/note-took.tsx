'use client';
/** How long a piece of work took a child: with copying it becomes their own hand, and it speaks for or against the rung. */
import { FormDialog } from '@/kit/form-dialog';
import { NumberField } from '@/kit/field';
import { Quiet } from '@/kit/text';
import { useAct } from '../frame/use-act';
import { useForm } from '../frame/use-form';
import { took } from './actions';

export interface Taken {
  partId: string;
  /** Null: what is done together. */
  childId: string | null;
  title: string;
  name: string;
  copying: boolean;
}

export function NoteTook({ taken, date, onClose }: { taken: Taken; date: string; onClose: () => void }) {
  const { act } = useAct();
  const form = useForm<{ minutes: number | null }>({ minutes: null });
  const save = (): void =>
    act((base) => took(base, { ...form.value, partId: taken.partId, childId: taken.childId, date }), {
      faults: form.takeFaults,
      then: onClose,
    });
  return (
    <FormDialog title={`${taken.title}, ${taken.name}`} verb="Note it" onSubmit={save} onClose={onClose}>
      <NumberField
        label="Minutes it took"
        value={form.value.minutes}
        onChange={(v) => form.set('minutes', v)}
        min={1}
        max={600}
        error={form.error('minutes') && 'Say how many minutes.'}
      />
      <Quiet>{takenSays(taken)}</Quiet>
      <button type="submit" hidden />
    </FormDialog>
  );
}

function takenSays({ childId, copying, name }: Taken): string {
  if (childId === null)
    return 'It is ticked with it, and kept with what was taught; what is planned stays as it is.';
  return copying
    ? `From ten minutes on, ${name}’s own hand takes the place of the table’s: copying and writing are planned by it.`
    : 'It counts as easy or too hard where it is far from the minutes planned and you say nothing else.';
}
