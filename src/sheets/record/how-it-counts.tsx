'use client';
/** How the family counts: minutes for what is asked again, how surely it is to be remembered, hours of several subjects. */
import { Button } from '@/kit/button';
import { Choose } from '@/kit/choose';
import { FieldRow, NumberField } from '@/kit/field';
import { Fold } from '@/kit/fold';
import { useAct } from '../frame/use-act';
import { useForm } from '../frame/use-form';
import { count } from './actions';
import type { RecordView } from './load';

const HOURS = [
  { value: 'in full', name: 'in full for each' },
  { value: 'shared', name: 'shared out among them' },
] as const;

export function HowItCounts({ view: { minutes, retention, shares } }: { view: RecordView }) {
  const { act } = useAct();
  const form = useForm({
    minutes: minutes as number | null,
    retention: retention as number | null,
    hours: (shares ? 'shared' : 'in full') as (typeof HOURS)[number]['value'],
  });
  const { value, set, error } = form;
  return (
    <Fold title="How it counts" message={`${minutes} min a day, ${retention} in 100 remembered`}>
      <form
        onSubmit={(e) => {
          e.preventDefault();
          act(
            (base) =>
              count(base, {
                recall: { minutes: value.minutes ?? 0, retention: value.retention ?? 90 },
                hours: value.hours,
              }),
            {
              faults: (found) =>
                form.takeFaults(found.map((f) => ({ ...f, where: f.where.replace('recall.', '') }))),
              then: form.stored,
            },
          );
        }}
      >
        <FieldRow>
          <NumberField
            label="Minutes a day to ask again"
            value={value.minutes}
            onChange={(v) => set('minutes', v)}
            min={0}
            max={60}
            error={error('minutes')}
          />
          <NumberField
            label="Remembered, of 100"
            value={value.retention}
            onChange={(v) => set('retention', v)}
            min={70}
            max={97}
            error={error('retention')}
          />
          <Choose
            label="An hour of several subjects counts"
            value={value.hours}
            onChange={(v) => set('hours', v)}
            choices={HOURS}
          />
        </FieldRow>
        <Button type="submit">Count so</Button>
      </form>
    </Fold>
  );
}
