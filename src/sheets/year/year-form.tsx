'use client';
import styled from 'styled-components';
import { addDays, weekdayName } from '@/core/calendar/dates';
import { blankYear } from '@/core/plan/blank';
import type { SchoolYear } from '@/core/plan/year';
import { Button, PlainButton } from '@/kit/button';
import { DateField } from '@/kit/date-field';
import { Checkbox, FieldRow, FieldStack, NumberField, Several, TextField } from '@/kit/field';
import { TimeField } from '@/kit/time-field';
import { Heading, Quiet } from '@/kit/text';
import { colour } from '@/kit/tokens';
import { useAct } from '../frame/use-act';
import { useForm } from '../frame/use-form';
import { saveYear } from './actions';

interface Off { kind?: SchoolYear['daysOff'][number]['kind']; id?: string; first: string | null; last: string | null; label: string }
type Fields = Omit<SchoolYear, 'daysOff' | 'starts' | 'ends' | 'weeksOn' | 'weeksOff'> & { starts: string | null; ends: string | null; weeksOn: number | null; weeksOff: number | null; daysOff: Off[] };

const plain = (today: string): Fields => ({
  ...blankYear, starts: today, ends: addDays(today, 280),
});

export function YearForm({ year, today }: { year: SchoolYear | null; today: string }) {
  const { act } = useAct();
  const form = useForm<Fields>(year ?? plain(today));
  const { value, set, error } = form;
  const off = (i: number, change: Partial<Off>): void => set('daysOff', value.daysOff.map((d, n) => (n === i ? { ...d, ...change } : d)));
  return (
    <form onSubmit={(e) => { e.preventDefault(); act((base) => saveYear(base, value), { faults: form.takeFaults, then: form.stored }); }}>
      <FieldStack>
        <Heading>{year ? 'How the year goes' : 'Lay down the school year'}</Heading>
        <FieldRow>
          <DateField label="First day" value={value.starts} onChange={(v) => set('starts', v)} error={error('starts')} />
          <DateField label="Last day" value={value.ends} onChange={(v) => set('ends', v)} error={error('ends')} />
          <NumberField label="Weeks on" value={value.weeksOn} onChange={(v) => set('weeksOn', v)} min={1} max={60} error={error('weeksOn')} />
          <NumberField label="Weeks off" help="0 for no rhythm" value={value.weeksOff} onChange={(v) => set('weeksOff', v)} min={0} max={20} error={error('weeksOff')} />
        </FieldRow>
        <Several>
          <legend>Days you teach</legend>
          {[1, 2, 3, 4, 5, 6, 7].map((d) => (
            <Checkbox key={d} isSelected={value.weekdays.includes(d)} onChange={(on) => set('weekdays', on ? [...value.weekdays, d].sort() : value.weekdays.filter((x) => x !== d))}>{weekdayName(d)}</Checkbox>
          ))}
        </Several>
        {error('weekdays') ? <Wrong>{error('weekdays')}</Wrong> : null}
        <FieldRow>
          <TimeField label="The day starts" value={value.dayStarts} onChange={(v) => set('dayStarts', v)} error={error('dayStarts')} />
          <TimeField label="Midday begins" value={value.middayStarts} onChange={(v) => set('middayStarts', v)} error={error('middayStarts')} />
          <TimeField label="Afternoon begins" value={value.afternoonStarts} onChange={(v) => set('afternoonStarts', v)} error={error('afternoonStarts')} />
          <TimeField label="The day ends" value={value.dayEnds} onChange={(v) => set('dayEnds', v)} error={error('dayEnds')} />
        </FieldRow>
        <div>
          <Heading as="h3">Days off</Heading>
          {value.daysOff.length ? null : <Quiet>None yet. Holidays, visits, a week away.</Quiet>}
        </div>
        {value.daysOff.map((d, i) => (
          <OffRow key={d.id ?? `new${i}`}>
            <DateField label="From" value={d.first} onChange={(v) => off(i, { first: v, last: d.last && v && d.last >= v ? d.last : v })} />
            <DateField label="To" value={d.last} onChange={(v) => off(i, { last: v })} />
            <TextField label="What for" value={d.label} onChange={(v) => off(i, { label: v })} />
            <PlainButton onPress={() => set('daysOff', value.daysOff.filter((_, n) => n !== i))} aria-label={`Remove days off ${d.label || i + 1}`}>Remove</PlainButton>
          </OffRow>
        ))}
        {error('daysOff') ? <Wrong>{error('daysOff')}</Wrong> : null}
        <Buttons>
          <Button onPress={() => set('daysOff', [...value.daysOff, { first: value.starts, last: value.starts, label: '' }])}>Add days off</Button>
          <Button type="submit" $primary>{year ? 'Keep the year' : 'Lay down the year'}</Button>
        </Buttons>
      </FieldStack>
    </form>
  );
}

const Wrong = styled.p`color: ${colour.red}; font-weight: 600; font-size: 13px;`;
const OffRow = styled.div`display: grid; grid-template-columns: 150px 150px minmax(120px, 1fr) auto; gap: 12px; align-items: end; @media (max-width: 760px) { grid-template-columns: 1fr 1fr; }`;
const Buttons = styled.div`display: flex; gap: 12px; flex-wrap: wrap;`;
