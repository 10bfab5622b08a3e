'use client';
/** One appointment: what it is, who is away for it, on which days and from when to when. */
import { appointmentInWords, isWeekly, weekly } from '@/core/calendar/appointment-words';
import { weekdayName, weekdayOf } from '@/core/calendar/dates';
import type { Appointment } from '@/core/plan/appointment';
import { Choose } from '@/kit/choose';
import { DateField } from '@/kit/date-field';
import { FieldRow, TextField } from '@/kit/field';
import { FormDialog } from '@/kit/form-dialog';
import { useCustoms } from '@/kit/locale';
import { Caution, Quiet } from '@/kit/text';
import { Ticks } from '@/kit/ticks';
import { TimeField } from '@/kit/time-field';
import { useAct } from '../frame/use-act';
import { useForm } from '../frame/use-form';
import { saveAppointment } from './appointment-actions';
import { awayFor, whoOf, type Person } from './people';

type How = 'once' | 'weekly' | 'as it is';

interface Props {
  row?: Appointment;
  people: readonly Person[];
  year: { starts: string; ends: string };
  today: string;
  onClose: () => void;
}

const HOW = [
  { value: 'once', name: 'on one day' },
  { value: 'weekly', name: 'every week' },
] as const;

function howOf(row: Appointment | undefined): How {
  if (!row || row.dates.length === 1) return 'once';
  return isWeekly(row.dates) ? 'weekly' : 'as it is';
}

export function AppointmentForm({ row, people, year, today, onClose }: Props) {
  const { act } = useAct();
  const { clock } = useCustoms();
  const firstDay = today < year.starts || today > year.ends ? year.starts : today;
  const form = useForm({
    title: row?.title ?? '',
    who: row ? awayFor(row, people).map((p) => p.id) : ([] as string[]),
    how: howOf(row) as How,
    first: (row?.dates[0] ?? firstDay) as string | null,
    last: (row?.dates.at(-1) ?? year.ends) as string | null,
    dates: [] as string[],
    starts: row?.starts ?? 900,
    ends: row?.ends ?? 960,
  });
  const { value, set, error } = form;
  const isRead = !!row?.readFrom;
  const dates = datesOf(value, row);
  return (
    <FormDialog
      title={row ? row.title : 'An appointment'}
      verb={row ? 'Keep' : 'Add'}
      onSubmit={() =>
        act(
          (base) =>
            saveAppointment(base, row?.id ?? null, {
              title: value.title,
              ...whoOf(value.who, people),
              dates,
              starts: value.starts,
              ends: value.ends,
            }),
          { faults: form.takeFaults, then: onClose },
        )
      }
      onClose={onClose}
    >
      {isRead ? (
        <Quiet>
          {appointmentInWords(row, clock)}. It was read from “{row.readFrom!.calendar}”: its name and its
          times are changed there, and read again.
        </Quiet>
      ) : (
        <TextField
          label="What it is"
          autoFocus
          value={value.title}
          onChange={(v) => set('title', v)}
          error={error('title')}
        />
      )}
      <Ticks
        label="Away for it"
        all={people.map((p) => ({ value: p.id, name: p.name }))}
        value={value.who}
        onChange={(v) => set('who', v)}
      />
      {isRead ? null : (
        <>
          <FieldRow>
            <Choose
              label="When"
              value={value.how}
              onChange={(v) => set('how', v)}
              choices={
                value.how === 'as it is' ? [...HOW, { value: 'as it is' as const, name: 'on its days' }] : HOW
              }
            />
            {value.how === 'as it is' ? null : (
              <DateField
                label={value.how === 'once' ? 'On' : 'First on'}
                value={value.first}
                onChange={(v) => set('first', v)}
              />
            )}
            {value.how === 'weekly' ? (
              <DateField label="Last on" value={value.last} onChange={(v) => set('last', v)} />
            ) : null}
          </FieldRow>
          <FieldRow>
            <TimeField label="From" value={value.starts} onChange={(v) => set('starts', v)} />
            <TimeField
              label="Until"
              value={value.ends}
              onChange={(v) => set('ends', v)}
              error={error('ends')}
            />
          </FieldRow>
          {value.how === 'weekly' && value.first && dates.length ? (
            <Quiet>
              {dates.length} {weekdayName(weekdayOf(value.first))}s, with the way there and back.
            </Quiet>
          ) : null}
          {error('dates') ? <Caution>{error('dates')}</Caution> : null}
        </>
      )}
      <Quiet>What is laid out for them then moves; what is in ink stays, and is pointed at.</Quiet>
      <button type="submit" hidden />
    </FormDialog>
  );
}

function datesOf(
  { how, first, last }: { how: How; first: string | null; last: string | null },
  row: Appointment | undefined,
): string[] {
  if (how === 'as it is') return row?.dates ?? [];
  if (!first) return [];
  return how === 'once' ? [first] : weekly(first, last ?? first);
}
