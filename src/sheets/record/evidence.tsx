'use client';
/** How far a child meets an objective, and by what that was seen: a piece of work, a quiz, a talk, or in words. */
import { useState } from 'react';
import { shortDate } from '@/core/calendar/dates';
import { MET } from '@/core/plan/words';
import { Choose } from '@/kit/choose';
import { DateField } from '@/kit/date-field';
import { TextField } from '@/kit/field';
import { FormDialog } from '@/kit/form-dialog';
import { Quiet } from '@/kit/text';
import { useAct } from '../frame/use-act';
import { useForm } from '../frame/use-form';
import { check } from './actions';
import type { Known, RecordView } from './load';

const BY = ['a piece of work', 'a quiz', 'a talk', 'what was said'] as const;
const NO_FILE = '';

export function Evidence({
  objective,
  view: { children, samples, today },
  onClose,
}: {
  objective: Known;
  view: RecordView;
  onClose: () => void;
}) {
  const { act } = useAct();
  const [childId, setChild] = useState(children[0].id);
  const met = objective.met[childId];
  const form = useForm({
    grade: String(met?.grade ?? 2),
    by: 'what was said' as (typeof BY)[number],
    note: '',
    file: NO_FILE,
    date: today as string | null,
  });
  const { value, set, error } = form;
  const own = samples.filter((s) => s.childId === childId || s.childId === null);
  return (
    <FormDialog
      title={objective.wording}
      verb="Keep it"
      onSubmit={() =>
        act(
          (base) =>
            check(base, {
              of: objective.of,
              childId,
              grade: Number(value.grade),
              date: value.date,
              note: [value.by, value.note.trim()].filter(Boolean).join(': '),
              file: value.file === NO_FILE ? null : value.file,
            }),
          { faults: form.takeFaults, then: onClose },
        )
      }
      onClose={onClose}
    >
      <Choose
        label="Who"
        value={childId}
        onChange={setChild}
        choices={children.map((c) => ({ value: c.id, name: c.name }))}
      />
      <Quiet>
        {met
          ? `So far: ${MET[met.grade - 1]}, since ${shortDate(met.since)}${met.note ? `, by ${met.note}` : ''}.`
          : 'Not looked at so far.'}
      </Quiet>
      <Choose
        label="How far"
        value={value.grade}
        onChange={(v) => set('grade', v)}
        choices={MET.map((name, i) => ({ value: String(i + 1), name }))}
      />
      <Choose
        label="Seen by"
        value={value.by}
        onChange={(v) => set('by', v)}
        choices={BY.map((name) => ({ value: name, name }))}
      />
      <TextField
        label="In words"
        placeholder="drew the whorl from memory"
        value={value.note}
        onChange={(v) => set('note', v)}
        error={error('note')}
      />
      {own.length ? (
        <Choose
          label="File of the work"
          value={value.file}
          onChange={(v) => set('file', v)}
          choices={[
            { value: NO_FILE, name: 'none' },
            ...own.map((s) => ({ value: s.file, name: `${shortDate(s.date)}, ${s.title}` })),
          ]}
        />
      ) : null}
      <DateField label="On" value={value.date} onChange={(v) => set('date', v)} error={error('date')} />
    </FormDialog>
  );
}
