'use client';
/** How the family counts: minutes for what is asked again, how surely it is to be remembered, hours of several subjects. */
import { Button } from '@/kit/button';
import { Choose } from '@/kit/choose';
import { FieldRow, FieldStack, NumberField, TextField } from '@/kit/field';
import { Fold } from '@/kit/fold';
import { KEEPS } from '@/core/plan/words';
import { HOURS_COUNT, KEPT_BY } from '../frame/kept-words';
import { useAct } from '../frame/use-act';
import { useForm } from '../frame/use-form';
import { count } from './actions';
import type { RecordView } from './load';

const HOURS = (['in full', 'shared'] as const).map((as) => ({ value: as, name: HOURS_COUNT[as] }));

const KEPT = KEEPS.map((by) => ({ value: by, name: KEPT_BY[by] }));

export function HowItCounts({
  view: { minutes, retention, shares, reward, keeps, daysExpected },
}: {
  view: RecordView;
}) {
  const { act } = useAct();
  const form = useForm({
    minutes: minutes as number | null,
    retention: retention as number | null,
    reward,
    keepsBy: keeps.by,
    least: keeps.least as number | null,
    daysExpected: daysExpected as number | null,
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
                recall: {
                  minutes: value.minutes ?? 0,
                  retention: value.retention ?? 90,
                  reward: value.reward,
                },
                hours: value.hours,
                keeps: { by: value.keepsBy, least: value.keepsBy === 'anything' ? 1 : value.least },
                daysExpected: value.daysExpected,
              }),
            {
              faults: (found) =>
                form.takeFaults(
                  found.map((f) => ({ ...f, where: f.where.replace(/^(recall|keeps)\./, '') })),
                ),
              then: form.stored,
            },
          );
        }}
      >
        <FieldStack>
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
            <TextField
              label="When all was known"
              placeholder="the good tea"
              help="Said at the end of asking, in your own words."
              value={value.reward}
              onChange={(v) => set('reward', v)}
              error={error('reward')}
            />
            <Choose
              label="A day is kept when"
              value={value.keepsBy}
              onChange={(v) => set('keepsBy', v)}
              choices={KEPT}
            />
            {value.keepsBy === 'anything' ? null : (
              <NumberField
                label={value.keepsBy === 'minutes' ? 'Minutes, at least' : 'Things done, at least'}
                value={value.least}
                onChange={(v) => set('least', v)}
                min={1}
                max={600}
                error={error('least')}
              />
            )}
            <NumberField
              label="School days you expect to keep, of 100"
              help="For the forecast, until your own days say it."
              value={value.daysExpected}
              onChange={(v) => set('daysExpected', v)}
              min={10}
              max={100}
              error={error('daysExpected')}
            />
            <Choose
              label="An hour of several subjects counts"
              value={value.hours}
              onChange={(v) => set('hours', v)}
              choices={HOURS}
            />
          </FieldRow>
          <div>
            <Button type="submit">Count so</Button>
          </div>
        </FieldStack>
      </form>
    </Fold>
  );
}
