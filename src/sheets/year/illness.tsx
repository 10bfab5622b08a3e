'use client';
import { DateField } from '@/kit/date-field';
import { FieldRow, TextField } from '@/kit/field';
import { FormDialog } from '@/kit/form-dialog';
import { Quiet } from '@/kit/text';
import { useAct } from '../frame/use-act';
import { useForm } from '../frame/use-form';
import { fallIll } from './actions';

export function Illness({ today, onClose }: { today: string; onClose: () => void }) {
  const { act } = useAct();
  const form = useForm({ first: today as string | null, last: today as string | null, label: 'illness' });
  const { value, set, error } = form;
  return (
    <FormDialog
      title="Days of illness"
      verb="Take these days out"
      onSubmit={() => act((base) => fallIll(base, value), { faults: form.takeFaults, then: onClose })}
      onClose={onClose}
    >
      <FieldRow>
        <DateField
          label="From"
          value={value.first}
          onChange={(v) => {
            set('first', v);
            if (v && (!value.last || value.last < v)) set('last', v);
          }}
          error={error('first')}
        />
        <DateField label="To" value={value.last} onChange={(v) => set('last', v)} error={error('last')} />
        <TextField
          label="What for"
          value={value.label}
          onChange={(v) => set('label', v)}
          error={error('label')}
        />
      </FieldRow>
      <Quiet>
        What was not done on these days moves on, ink and all; what was done stays. Undo brings everything
        back.
      </Quiet>
    </FormDialog>
  );
}
