'use client';
/** The children: who they are, and how much a day they can take. */
import { Choose } from '@/kit/choose';
import { FormDialog } from '@/kit/form-dialog';
import { MONTHS } from '@/core/calendar/dates';
import { Rows, Ruled } from './ruled';
import { useState } from 'react';
import { Button, PlainButton } from '@/kit/button';
import { Dialog } from '@/kit/dialog';
import { Checkbox, FieldRow, NumberField, TextField } from '@/kit/field';
import { ChildName, HATCHES, Hatch, type HatchName } from '@/kit/hatch';
import { Quiet } from '@/kit/text';
import { useAct } from '../frame/use-act';
import { useForm } from '../frame/use-form';
import { dropChild, saveChild } from './actions';
import type { SetupView } from './load';

type Row = SetupView['children'][number];
export function Children({ rows }: { rows: Row[] }) {
  const [editing, setEditing] = useState<Row | 'new'>();
  const [removing, setRemoving] = useState<Row>();
  const { act } = useAct();
  return (
    <section aria-labelledby="children">
      <Ruled id="children">Children</Ruled>
      {rows.length ? null : <Quiet>No one is at the table yet.</Quiet>}
      <Rows>
        {rows.map((c) => (
          <li key={c.id}>
            <ChildName name={c.name} hatch={c.hatch} />
            <Quiet>
              {c.age >= 0 ? `${c.age} years, ${c.grade}` : 'not born yet'} · {c.minutes} min of unit work a
              day
              {c.mouths ? ' · puts things in the mouth' : ''}
            </Quiet>
            <span>
              <PlainButton onPress={() => setEditing(c)} aria-label={`Change ${c.name}`}>
                Change
              </PlainButton>
              <PlainButton onPress={() => setRemoving(c)} aria-label={`Take ${c.name} off the plan`}>
                Take off
              </PlainButton>
            </span>
          </li>
        ))}
      </Rows>
      {rows.length < HATCHES.length ? (
        <Button onPress={() => setEditing('new')}>Add a child</Button>
      ) : (
        <Quiet>Eight children is as many as there are hatches.</Quiet>
      )}
      {editing ? (
        <ChildForm
          key={editing === 'new' ? 'new' : editing.id}
          row={editing === 'new' ? undefined : editing}
          taken={rows.filter((r) => r !== editing).map((r) => r.hatch)}
          onClose={() => setEditing(undefined)}
        />
      ) : null}
      <Dialog
        title={`Take ${removing?.name ?? ''} off the plan?`}
        urgent
        isOpen={!!removing}
        onClose={() => setRemoving(undefined)}
        footer={
          <>
            <Button onPress={() => setRemoving(undefined)}>Leave as it is</Button>
            <Button
              $primary
              onPress={() => {
                const { id } = removing!;
                setRemoving(undefined);
                act((base) => dropChild(base, id));
              }}
            >
              Take off
            </Button>
          </>
        }
      >
        <p>
          Their work goes too. What they did stays under “What happened”, and in the years that are closed.
          Undo brings everything back.
        </p>
      </Dialog>
    </section>
  );
}

function ChildForm({ row, taken, onClose }: { row?: Row; taken: HatchName[]; onClose: () => void }) {
  const { act } = useAct();
  const free = HATCHES.filter((h) => !taken.includes(h));
  const form = useForm({
    name: row?.name ?? '',
    month: row?.birthMonth.slice(5) ?? '01',
    year: row ? Number(row.birthMonth.slice(0, 4)) : (null as number | null),
    hatch: row?.hatch ?? free[0],
    minutes: row?.minutes ?? (90 as number | null),
    mouths: row?.mouths ?? false,
    writes: row?.writes ?? null,
  });
  const { name, month, year, hatch, minutes, mouths, writes } = form.value;
  const save = (): void =>
    act(
      (base) =>
        saveChild(base, row?.id ?? null, {
          name,
          birthMonth: year ? `${year}-${month}` : '',
          hatch,
          minutes,
          mouths,
          writes,
        }),
      {
        faults: (faults) =>
          form.takeFaults(
            faults.map((f) =>
              f.where === 'birthMonth' ? { where: 'year', what: 'A year of four figures, such as 2018.' } : f,
            ),
          ),
        then: onClose,
      },
    );
  return (
    <FormDialog
      title={row ? `Change ${row.name}` : 'A child'}
      verb={row ? 'Keep' : 'Add'}
      onSubmit={save}
      onClose={onClose}
    >
      <TextField
        label="Name"
        autoFocus
        value={name}
        onChange={(v) => form.set('name', v)}
        error={form.error('name')}
      />
      <FieldRow>
        <Choose
          label="Born in"
          value={month}
          onChange={(v) => form.set('month', v)}
          choices={MONTHS.map((n, i) => ({ value: String(i + 1).padStart(2, '0'), name: n }))}
        />
        <NumberField
          label="Year"
          value={year}
          onChange={(v) => form.set('year', v)}
          error={form.error('year')}
        />
      </FieldRow>
      <FieldRow>
        <Choose
          label="Hatch"
          help="It stands beside the name everywhere."
          value={hatch}
          onChange={(v) => form.set('hatch', v)}
          choices={free.map((h) => ({ value: h, name: h, mark: <Hatch name={h} /> }))}
          error={form.error('hatch')}
        />
        <NumberField
          label="Minutes of unit work a day"
          help="As much as this child can take."
          value={minutes}
          onChange={(v) => form.set('minutes', v)}
          min={0}
          max={720}
          error={form.error('minutes') && 'Say how many minutes.'}
        />
      </FieldRow>
      <Choose
        label="Letters to copy from"
        help="The models themselves are chosen for the whole family."
        value={writes ?? 'age'}
        onChange={(v) => form.set('writes', v === 'age' ? null : (v as 'print' | 'joined'))}
        choices={[
          { value: 'age', name: 'as goes with the age' },
          { value: 'print', name: 'print' },
          { value: 'joined', name: 'joined' },
        ]}
      />
      <Checkbox isSelected={mouths} onChange={(v) => form.set('mouths', v)}>
        Puts things in the mouth
      </Checkbox>
      <button type="submit" hidden />
    </FormDialog>
  );
}
