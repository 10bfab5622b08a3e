'use client';
/** When a unit that is taken up begins, for whom, and how it is called; and what it brings, row by row. */
import styled from 'styled-components';
import type { TakingRow } from '@/core/edit/take-unit';
import { DateField } from '@/kit/date-field';
import { Checkbox, FieldRow, NumberField, TextField } from '@/kit/field';
import { Fold } from '@/kit/fold';
import { Quiet } from '@/kit/text';
import { Ticks } from '@/kit/ticks';
import { colour } from '@/kit/tokens';
import type { FormState } from '../use-form';

export interface TakingForm {
  title: string;
  starts: string | null;
  waiting: boolean;
  childIds: string[];
  lessonsPerWeek: number | null;
}

export const takingOf = (title: string, today: string, children: readonly { id: string }[]): TakingForm => ({
  title,
  starts: today,
  waiting: false,
  childIds: children.map((c) => c.id),
  lessonsPerWeek: 3,
});

export function TakingFields({
  form: { value, set, error },
  people,
}: {
  form: FormState<TakingForm>;
  people: readonly { id: string; name: string }[];
}) {
  return (
    <>
      <FieldRow>
        <TextField
          label="Title"
          value={value.title}
          onChange={(v) => set('title', v)}
          error={error('title')}
        />
        {value.waiting ? null : (
          <DateField
            label="Starts"
            value={value.starts}
            onChange={(v) => set('starts', v)}
            error={error('starts')}
          />
        )}
        <NumberField
          label="Lessons a week"
          value={value.lessonsPerWeek}
          onChange={(v) => set('lessonsPerWeek', v)}
          min={1}
          max={35}
          error={error('lessonsPerWeek')}
        />
      </FieldRow>
      <Ticks
        label="For"
        all={people.map((c) => ({ value: c.id, name: c.name }))}
        value={value.childIds}
        onChange={(v) => set('childIds', v)}
      />
      <Checkbox isSelected={value.waiting} onChange={(v) => set('waiting', v)}>
        It waits: its lessons stand on no day yet
      </Checkbox>
    </>
  );
}

export function Rows({ rows }: { rows: readonly TakingRow[] }) {
  return (
    <Fold title="What it brings" message={`${rows.length} rows`} open>
      <List>
        {rows.map((r, i) => (
          <li key={i}>
            <span>{r.what}</span>
            <b>{r.title}</b>
            <Quiet as="span">{r.does}</Quiet>
          </li>
        ))}
      </List>
    </Fold>
  );
}

const List = styled.ol`
  max-height: 260px;
  overflow: auto;
  font-size: 13.5px;
  li {
    display: grid;
    grid-template-columns: 90px minmax(0, 1fr) minmax(0, 1fr);
    gap: 8px;
    padding: 5px 0;
    border-bottom: 1px solid ${colour.rule};
    overflow-wrap: anywhere;
  }
`;
