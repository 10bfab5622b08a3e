'use client';
/** Other adults who lead: on which weekdays they are there, in which hours, and for how long they lead. */
import { useState } from 'react';
import { spelt } from '@/core/calendar/spelling';
import { clockText, weekdayName } from '@/core/calendar/dates';
import type { Adult } from '@/core/plan/household';
import { Button, PlainButton } from '@/kit/button';
import { FieldRow, NumberField, TextField } from '@/kit/field';
import { FormDialog } from '@/kit/form-dialog';
import { Caution, Quiet } from '@/kit/text';
import { TimeField } from '@/kit/time-field';
import { Weekdays } from '../frame/weekdays';
import { useAct } from '../frame/use-act';
import { useForm } from '../frame/use-form';
import { dropAdult, saveAdult } from './actions';
import { Rows, Ruled } from './ruled';
import { useCustoms } from '@/kit/locale';
import type { Clock } from '@/core/calendar/customs';

export function Adults({ rows }: { rows: Adult[] }) {
  const { clock, spelling } = useCustoms();
  const [editing, setEditing] = useState<Adult | 'new'>();
  const { act } = useAct();
  return (
    <section aria-labelledby="adults">
      <Ruled id="adults">Others who lead</Ruled>
      {rows.length ? null : (
        <Quiet>{spelt('Nobody but you yet: the other parent, a grandparent, a neighbour.', spelling)}</Quiet>
      )}
      <Rows>
        {rows.map((a) => (
          <li key={a.id}>
            <b>{a.name}</b>
            <Quiet>
              {a.minutes} min a day · {daysText(a.weekdays)}
              {hoursText(a, clock)}
            </Quiet>
            <span>
              <PlainButton onPress={() => setEditing(a)} aria-label={`Change ${a.name}`}>
                Change
              </PlainButton>
              <PlainButton
                onPress={() => act((base) => dropAdult(base, a.id))}
                aria-label={`Take ${a.name} off the plan`}
              >
                Take off
              </PlainButton>
            </span>
          </li>
        ))}
      </Rows>
      <Button onPress={() => setEditing('new')}>Add an adult</Button>
      {editing ? (
        <AdultForm
          key={editing === 'new' ? 'new' : editing.id}
          row={editing === 'new' ? undefined : editing}
          onClose={() => setEditing(undefined)}
        />
      ) : null}
    </section>
  );
}

const daysText = (weekdays: readonly number[]): string =>
  weekdays.length === 7 ? 'every day' : weekdays.map((d) => `${weekdayName(d)}s`).join(', ');
function hoursText({ starts, ends }: Adult, clock: Clock): string {
  if (starts !== null && ends !== null) return `, ${clockText(starts, clock)} to ${clockText(ends, clock)}`;
  if (starts !== null) return `, from ${clockText(starts, clock)}`;
  return ends === null ? '' : `, until ${clockText(ends, clock)}`;
}

function AdultForm({ row, onClose }: { row?: Adult; onClose: () => void }) {
  const { act } = useAct();
  const form = useForm({
    name: row?.name ?? '',
    minutes: row?.minutes ?? (60 as number | null),
    weekdays: row?.weekdays ?? [],
    starts: row?.starts ?? null,
    ends: row?.ends ?? null,
  });
  const { value, set, error } = form;
  return (
    <FormDialog
      title={row ? `Change ${row.name}` : 'Somebody else who leads'}
      verb={row ? 'Keep' : 'Add'}
      onSubmit={() =>
        act((base) => saveAdult(base, row?.id ?? null, value), { faults: form.takeFaults, then: onClose })
      }
      onClose={onClose}
    >
      <FieldRow>
        <TextField
          label="Name"
          autoFocus
          value={value.name}
          onChange={(v) => set('name', v)}
          error={error('name')}
        />
        <NumberField
          label="Minutes a day they can lead"
          value={value.minutes}
          onChange={(v) => set('minutes', v)}
          min={0}
          max={720}
          error={error('minutes') && 'Say how many minutes.'}
        />
      </FieldRow>
      <Weekdays label="There on" value={value.weekdays} onChange={(v) => set('weekdays', v)} />
      {error('weekdays') ? <Caution>{error('weekdays')}</Caution> : null}
      <FieldRow>
        <TimeField
          label="Comes at"
          optional
          value={value.starts}
          onChange={(v) => set('starts', v)}
          error={error('starts')}
        />
        <TimeField
          optional
          label="Goes at"
          value={value.ends}
          onChange={(v) => set('ends', v)}
          error={error('ends')}
        />
      </FieldRow>
      <Quiet>
        Leave the times empty for all day. What somebody else leads is said on the part itself; it takes none
        of your minutes and stands only when they are there.
      </Quiet>
      <button type="submit" hidden />
    </FormDialog>
  );
}
