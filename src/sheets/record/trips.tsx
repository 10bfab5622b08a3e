'use client';
/** Trips, and anything else of school that stands in no lesson: written down, and taken back. */
import { count } from '@/core/plan/called';
import { shortDate } from '@/core/calendar/dates';
import { Button, PlainButton } from '@/kit/button';
import { DateField } from '@/kit/date-field';
import { FieldRow, FieldStack, NumberField, TextField } from '@/kit/field';
import { spelt } from '@/core/calendar/spelling';
import { Fold } from '@/kit/fold';
import { Link } from '@/kit/link';
import { useCustoms } from '@/kit/locale';
import { Line, Quiet } from '@/kit/text';
import { Ticks } from '@/kit/ticks';
import { useAct } from '../frame/use-act';
import { useForm } from '../frame/use-form';
import { attend, takeBack } from './actions';
import type { RecordView } from './load';

/** Trips that are listed, the last ones. */
const SHOWN = 5;

export function Trips({ view: { trips, children, today, subjects } }: { view: RecordView }) {
  const { spelling } = useCustoms();
  const { act } = useAct();
  const form = useForm({
    title: '',
    date: today as string | null,
    minutes: null as number | null,
    childIds: children.map((c) => c.id),
    subjects: '',
  });
  const { value, set, error } = form;
  return (
    <Fold
      title="Trips, and what stands in no lesson"
      message={
        trips.length
          ? trips
              .slice(0, 2)
              .map((t) => t.title)
              .join(', ')
          : spelt('a museum, a concert, a day with the neighbours', spelling)
      }
    >
      <form
        onSubmit={(e) => {
          e.preventDefault();
          act(
            (base) =>
              attend(base, {
                ...value,
                subjects: value.subjects
                  .split(',')
                  .map((s) => s.trim())
                  .filter(Boolean),
              }),
            {
              faults: form.takeFaults,
              then: () => {
                set('title', '');
                set('minutes', null);
                form.stored();
              },
            },
          );
        }}
      >
        <FieldStack>
          <FieldRow>
            <TextField
              label="Where, or what"
              value={value.title}
              onChange={(v) => set('title', v)}
              error={error('title')}
            />
            <DateField label="On" value={value.date} onChange={(v) => set('date', v)} error={error('date')} />
            <NumberField
              label="Minutes"
              value={value.minutes}
              onChange={(v) => set('minutes', v)}
              min={1}
              max={1440}
              error={error('minutes')}
            />
            <TextField
              label="Counts for"
              placeholder={subjects.slice(0, 2).join(', ') || 'history, art'}
              help="Subjects, commas between."
              value={value.subjects}
              onChange={(v) => set('subjects', v)}
              error={error('subjects')}
            />
          </FieldRow>
          <Ticks
            label="Who was there"
            all={children.map((c) => ({ value: c.id, name: c.name }))}
            value={value.childIds}
            onChange={(v) => set('childIds', v)}
          />
          {error('childIds') ? <Quiet role="alert">{error('childIds')}</Quiet> : null}
          <div>
            <Button type="submit">Write it down</Button>
          </div>
        </FieldStack>
      </form>
      {trips.slice(0, SHOWN).map((t) => (
        <Line key={t.ids[0]}>
          <span>
            {shortDate(t.date)}: {t.title}
            <Quiet>
              {t.who}
              {t.minutes ? `, ${t.minutes} min` : ''}
            </Quiet>
          </span>
          <PlainButton
            aria-label={`Take back ${t.title}, ${shortDate(t.date)}`}
            onPress={() => t.ids.forEach((id) => act((base) => takeBack(base, id)))}
          >
            take back
          </PlainButton>
        </Line>
      ))}
      {trips.length > SHOWN ? (
        <Quiet>
          {count(trips.length - SHOWN, 'more stands', 'more stand')} under “What happened” on{' '}
          <Link href="/setup">Family</Link>.
        </Quiet>
      ) : null}
    </Fold>
  );
}
