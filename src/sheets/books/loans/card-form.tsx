'use client';
/** What the library card allows, and when the family goes. */
import { FormDialog } from '@/kit/form-dialog';
import { weekdayName } from '@/core/calendar/dates';
import type { Card } from '@/core/plan/loan';
import { PlainButton } from '@/kit/button';
import { Checkbox, FieldRow, NumberField, Several } from '@/kit/field';
import { useAct } from '../../frame/use-act';
import { useForm } from '../../frame/use-form';
import { keepCard } from './actions';

export function CardForm({ card, onClose }: { card: Card | null; onClose: () => void }) {
  const { act } = useAct();
  const form = useForm<{
    loans: number | null;
    weeks: number | null;
    renewals: number | null;
    days: number[];
  }>(card ?? { loans: 12, weeks: 3, renewals: 1, days: [6] });
  const { value, set, error } = form;
  const save = (): void => act((base) => keepCard(base, value), { faults: form.takeFaults, then: onClose });
  return (
    <FormDialog
      title="The library card"
      verb="Keep"
      more={
        <>
          {card ? (
            <PlainButton onPress={() => act((base) => keepCard(base, null), { then: onClose })}>
              We have none
            </PlainButton>
          ) : null}
        </>
      }
      onSubmit={save}
      onClose={onClose}
    >
      <FieldRow>
        <NumberField
          label="Things out at once"
          value={value.loans}
          onChange={(v) => set('loans', v)}
          min={1}
          max={500}
          error={error('loans')}
        />
        <NumberField
          label="Weeks for each"
          value={value.weeks}
          onChange={(v) => set('weeks', v)}
          min={1}
          max={26}
          error={error('weeks')}
        />
        <NumberField
          label="Renewals"
          value={value.renewals}
          onChange={(v) => set('renewals', v)}
          min={0}
          max={9}
          error={error('renewals')}
        />
      </FieldRow>
      <Several>
        <legend>Days on which you can go</legend>
        {[1, 2, 3, 4, 5, 6, 7].map((d) => (
          <Checkbox
            key={d}
            isSelected={value.days.includes(d)}
            onChange={(on) =>
              set(
                'days',
                [1, 2, 3, 4, 5, 6, 7].filter((x) => (x === d ? on : value.days.includes(x))),
              )
            }
          >
            {weekdayName(d)}
          </Checkbox>
        ))}
      </Several>
      {error('days') ? <p role="alert">{error('days')}</p> : null}
      <button type="submit" hidden />
    </FormDialog>
  );
}
