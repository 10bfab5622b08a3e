'use client';
import { Choose } from '@/kit/choose';

import type { SchoolYear } from '@/core/plan/year';
import { Button, PlainButton } from '@/kit/button';
import { DateField } from '@/kit/date-field';
import { FieldRow, FieldStack, NumberField, TextField } from '@/kit/field';
import { Weekdays } from '../frame/weekdays';
import { TimeField } from '@/kit/time-field';
import { Heading, Quiet } from '@/kit/text';
import { useAct } from '../frame/use-act';
import { useForm } from '../frame/use-form';
import { saveYear } from './actions';
import { DaysTaught } from './days-taught';
import { type Off, type Odd, type TermRow, type Fields, plain, Wrong, OffRow, Buttons } from './year-fields';

export function YearForm({
  year,
  today,
  country,
}: {
  year: SchoolYear | null;
  today: string;
  country: string;
}) {
  const { act } = useAct();
  const form = useForm<Fields>(year ?? plain(today, country));
  const { value, set, error } = form;
  const off = (i: number, change: Partial<Off>): void =>
    set(
      'daysOff',
      value.daysOff.map((d, n) => (n === i ? { ...d, ...change } : d)),
    );
  const termAt = (i: number, change: Partial<TermRow>): void =>
    set(
      'terms',
      value.terms.map((t, n) => (n === i ? { ...t, ...change } : t)),
    );
  const odd = (list: 'shortDays' | 'extraDays', i: number, change: Partial<Odd>): void =>
    set(
      list,
      value[list].map((d, n) => (n === i ? { ...d, ...change } : d)),
    );
  const withoutTerms = value.weeksOff === 0 ? 'none' : 'weeks';
  const rhythm = value.terms.length ? 'terms' : withoutTerms;
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        act((base) => saveYear(base, value), { faults: form.takeFaults, then: form.stored });
      }}
    >
      <FieldStack>
        {year ? null : <Heading>Lay down the school year</Heading>}
        <FieldRow>
          <DateField
            label="First day"
            value={value.starts}
            onChange={(v) => set('starts', v)}
            error={error('starts')}
          />
          <DateField
            label="Last day"
            value={value.ends}
            onChange={(v) => set('ends', v)}
            error={error('ends')}
          />
          <NumberField
            label="Days to keep"
            help="Your own target"
            value={value.targetDays}
            onChange={(v) => set('targetDays', v)}
            min={1}
            max={366}
            error={error('targetDays')}
          />
        </FieldRow>
        <FieldRow>
          <Choose
            label="Rhythm"
            value={rhythm}
            onChange={(r) => {
              if (r === 'terms')
                set(
                  'terms',
                  value.terms.length
                    ? value.terms
                    : [{ name: 'Term 1', first: value.starts, last: value.ends }],
                );
              else {
                set('terms', []);
                set('weeksOff', r === 'none' ? 0 : 1);
              }
            }}
            choices={[
              { value: 'weeks', name: 'so many weeks on, so many off' },
              { value: 'terms', name: 'named terms' },
              { value: 'none', name: 'none' },
            ]}
          />
          {rhythm === 'weeks' ? (
            <>
              <NumberField
                label="Weeks on"
                value={value.weeksOn}
                onChange={(v) => set('weeksOn', v)}
                min={1}
                max={60}
                error={error('weeksOn')}
              />
              <NumberField
                label="Weeks off"
                value={value.weeksOff}
                onChange={(v) => set('weeksOff', v)}
                min={0}
                max={20}
                error={error('weeksOff')}
              />
            </>
          ) : null}
        </FieldRow>
        {value.terms.map((t, i) => (
          <OffRow key={t.id ?? `new${i}`}>
            <DateField label="From" value={t.first} onChange={(v) => termAt(i, { first: v })} />
            <DateField label="To" value={t.last} onChange={(v) => termAt(i, { last: v })} />
            <TextField label="Name of the term" value={t.name} onChange={(v) => termAt(i, { name: v })} />
            <PlainButton
              onPress={() =>
                set(
                  'terms',
                  value.terms.filter((_, n) => n !== i),
                )
              }
              aria-label={`Remove ${t.name || `term ${i + 1}`}`}
            >
              Remove
            </PlainButton>
          </OffRow>
        ))}
        {error('terms') ? <Wrong>{error('terms')}</Wrong> : null}
        {rhythm === 'terms' ? (
          <div>
            <Button
              onPress={() =>
                set('terms', [
                  ...value.terms,
                  {
                    name: `Term ${value.terms.length + 1}`,
                    first: value.terms.at(-1)?.last ?? value.starts,
                    last: value.ends,
                  },
                ])
              }
            >
              Add a term
            </Button>
          </div>
        ) : null}
        <DaysTaught value={value} set={set} wrong={error('weekdays')} />
        <FieldRow>
          <TimeField
            label="The day starts"
            value={value.dayStarts}
            onChange={(v) => set('dayStarts', v)}
            error={error('dayStarts')}
          />
          <TimeField
            label="Midday begins"
            value={value.middayStarts}
            onChange={(v) => set('middayStarts', v)}
            error={error('middayStarts')}
          />
          <TimeField
            label="Afternoon begins"
            value={value.afternoonStarts}
            onChange={(v) => set('afternoonStarts', v)}
            error={error('afternoonStarts')}
          />
          <TimeField
            label="The day ends"
            value={value.dayEnds}
            onChange={(v) => set('dayEnds', v)}
            error={error('dayEnds')}
          />
          <TimeField
            label="The evening begins"
            value={value.eveningStarts}
            onChange={(v) => set('eveningStarts', v)}
            error={error('eveningStarts')}
          />
          <TimeField
            label="It ends"
            value={value.eveningEnds}
            onChange={(v) => set('eveningEnds', v)}
            error={error('eveningEnds')}
          />
        </FieldRow>
        <FieldRow>
          <NumberField
            label="Minutes to prepare, on a school day"
            value={value.prepOnSchoolDay}
            onChange={(v) => set('prepOnSchoolDay', v ?? 0)}
            min={0}
            max={600}
            error={error('prepOnSchoolDay')}
          />
          <NumberField
            label="On a day without school"
            value={value.prepOnFreeDay}
            onChange={(v) => set('prepOnFreeDay', v ?? 0)}
            min={0}
            max={600}
            error={error('prepOnFreeDay')}
          />
        </FieldRow>
        <Weekdays label="Days you shop" value={value.shopWeekdays} onChange={(v) => set('shopWeekdays', v)} />
        <div>
          <Heading as="h3">Days off</Heading>
          {value.daysOff.length ? null : <Quiet>None yet. Holidays, visits, a week away.</Quiet>}
        </div>
        {value.daysOff.map((d, i) => (
          <OffRow key={d.id ?? `new${i}`}>
            <DateField
              label="From"
              value={d.first}
              onChange={(v) => off(i, { first: v, last: d.last && v && d.last >= v ? d.last : v })}
            />
            <DateField label="To" value={d.last} onChange={(v) => off(i, { last: v })} />
            <TextField label="What for" value={d.label} onChange={(v) => off(i, { label: v })} />
            <PlainButton
              onPress={() =>
                set(
                  'daysOff',
                  value.daysOff.filter((_, n) => n !== i),
                )
              }
              aria-label={`Remove days off ${d.label || i + 1}`}
            >
              Remove
            </PlainButton>
          </OffRow>
        ))}
        {error('daysOff') ? <Wrong>{error('daysOff')}</Wrong> : null}
        {value.shortDays.length ? <Heading as="h3">Days that end early</Heading> : null}
        {value.shortDays.map((d, i) => (
          <OffRow key={d.id ?? `new${i}`}>
            <DateField label="Short day" value={d.date} onChange={(v) => odd('shortDays', i, { date: v })} />
            <TimeField
              label="Ends at"
              value={d.ends ?? value.middayStarts}
              onChange={(v) => odd('shortDays', i, { ends: v })}
            />
            <TextField label="What for" value={d.label} onChange={(v) => odd('shortDays', i, { label: v })} />
            <PlainButton
              onPress={() =>
                set(
                  'shortDays',
                  value.shortDays.filter((_, n) => n !== i),
                )
              }
              aria-label={`Remove the short day ${d.label || i + 1}`}
            >
              Remove
            </PlainButton>
          </OffRow>
        ))}
        {error('shortDays') ? <Wrong>{error('shortDays')}</Wrong> : null}
        {value.extraDays.length ? <Heading as="h3">Extra days</Heading> : null}
        {value.extraDays.map((d, i) => (
          <OffRow key={d.id ?? `new${i}`}>
            <DateField label="Extra day" value={d.date} onChange={(v) => odd('extraDays', i, { date: v })} />
            <span />
            <TextField label="What for" value={d.label} onChange={(v) => odd('extraDays', i, { label: v })} />
            <PlainButton
              onPress={() =>
                set(
                  'extraDays',
                  value.extraDays.filter((_, n) => n !== i),
                )
              }
              aria-label={`Remove the extra day ${d.label || i + 1}`}
            >
              Remove
            </PlainButton>
          </OffRow>
        ))}
        {error('extraDays') ? <Wrong>{error('extraDays')}</Wrong> : null}
        <Buttons>
          <Button
            onPress={() =>
              set('daysOff', [...value.daysOff, { first: value.starts, last: value.starts, label: '' }])
            }
          >
            Add days off
          </Button>
          <Button
            onPress={() =>
              set('shortDays', [
                ...value.shortDays,
                { date: value.starts, label: '', ends: value.middayStarts },
              ])
            }
          >
            Add a short day
          </Button>
          <Button onPress={() => set('extraDays', [...value.extraDays, { date: value.starts, label: '' }])}>
            Add an extra day
          </Button>
          <Button type="submit" $primary>
            {year ? 'Keep the year' : 'Lay down the year'}
          </Button>
        </Buttons>
      </FieldStack>
    </form>
  );
}
