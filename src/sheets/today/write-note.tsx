'use client';
/** A note on a part, or on the day. */
import type { ReactNode } from 'react';
import { TextField } from '@/kit/field';
import { FormDialog } from '@/kit/form-dialog';
import { useAct } from '../frame/use-act';
import { useForm } from '../frame/use-form';
import { note } from './fact-actions';

export function WriteNote({
  title,
  about,
  onClose,
  children,
}: {
  title: string;
  about: { partId: string | null; childId: string | null; date: string };
  onClose: () => void;
  children?: ReactNode;
}) {
  const { act } = useAct();
  const form = useForm({ note: '' });
  const save = (): void =>
    act((base) => note(base, { ...about, ...form.value }), { faults: form.takeFaults, then: onClose });
  return (
    <FormDialog title={title} verb="Write it down" onSubmit={save} onClose={onClose}>
      <TextField
        label="Note"
        value={form.value.note}
        onChange={(v) => form.set('note', v)}
        error={form.error('note')}
      />
      {children}
    </FormDialog>
  );
}
