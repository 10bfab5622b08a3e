'use client';
/** What of a part is folded away: what waits after it, when it can be, how and where it is done. */
import styled from 'styled-components';
import { weekdayName } from '@/core/calendar/dates';
import { OVERNIGHT_HOURS } from '@/core/formats/times-in-text';
import { agesInWords } from '@/core/plan/age';
import type { Part } from '@/core/plan/lesson';
import { PlainButton } from '@/kit/button';
import { Choose } from '@/kit/choose';
import { DateField } from '@/kit/date-field';
import { Checkbox, FieldRow, NumberField, TextField } from '@/kit/field';
import { Fold } from '@/kit/fold';
import type { PartFormState } from './part-fields';

export function PartFolds({
  form: { value, set, error },
  part,
  weekdays,
}: {
  form: PartFormState;
  part: Part | undefined;
  weekdays: number[];
}) {
  const wait = (hours: number, label: string): void => {
    set('waitAfterHours', hours);
    set('waitLabel', label);
  };
  const when = [
    value.fixedDate ? 'a fixed date' : '',
    value.weekday !== 'any' ? `${weekdayName(Number(value.weekday))}s` : '',
    value.optional ? 'may be left out' : '',
  ]
    .filter(Boolean)
    .join(', ');
  return (
    <div>
      <Fold
        title="Wait after it"
        message={
          value.waitAfterHours
            ? `${value.waitLabel || 'waits'} ${value.waitAfterHours} h`
            : 'nothing dries or freezes'
        }
        open={!!part?.waitAfterHours}
      >
        <FieldRow>
          <NumberField
            label="Hours to wait after it"
            help="Nights and weekends count."
            value={value.waitAfterHours}
            onChange={(v) => set('waitAfterHours', v)}
            min={0}
            max={1440}
            error={error('waitAfterHours')}
          />
          <TextField
            label="The wait"
            placeholder="dries"
            value={value.waitLabel}
            onChange={(v) => set('waitLabel', v)}
            error={error('waitLabel')}
          />
        </FieldRow>
        <Quick>
          <PlainButton onPress={() => wait(24, 'dries')}>Dries a day</PlainButton>
          <PlainButton onPress={() => wait(48, 'dries')}>Dries two days</PlainButton>
          <PlainButton onPress={() => wait(OVERNIGHT_HOURS, 'stands')}>Stands overnight</PlainButton>
          <PlainButton
            onPress={() =>
              set(
                'preparations',
                [value.preparations, 'Freeze it, evening before'].filter(Boolean).join('\n'),
              )
            }
          >
            Frozen the evening before
          </PlainButton>
          <PlainButton onPress={() => wait(0, '')}>No wait</PlainButton>
        </Quick>
      </Fold>
      <Fold title="When" message={when || 'whenever the lesson falls'} open={!!when}>
        <FieldRow>
          <DateField
            label="Fixed date"
            help="Only if it cannot move."
            value={value.fixedDate}
            onChange={(v) => set('fixedDate', v)}
            error={error('fixedDate')}
          />
          <Choose
            label="Only on"
            value={value.weekday}
            onChange={(v) => set('weekday', v)}
            choices={[
              { value: 'any', name: 'any weekday' },
              ...weekdays.map((d) => ({ value: String(d), name: weekdayName(d) })),
            ]}
          />
          <DateField
            label="Not before"
            value={value.earliest}
            onChange={(v) => set('earliest', v)}
            error={error('earliest')}
          />
          <DateField
            label="Not after"
            value={value.latest}
            onChange={(v) => set('latest', v)}
            error={error('latest')}
          />
        </FieldRow>
        <Checkbox isSelected={value.optional} onChange={(v) => set('optional', v)}>
          May be left out when days run short
        </Checkbox>
      </Fold>
      <Fold
        title="How, and where"
        message={
          [
            value.directions ? 'directions' : '',
            value.prediction ? 'a guess first' : '',
            value.outdoors ? 'outdoors' : '',
            value.needs,
            agesInWords(value.ageFrom, value.ageTo),
          ]
            .filter(Boolean)
            .join(', ') || 'directions, a guess first, outdoors, things that exist once'
        }
        open={
          !!(
            part &&
            (part.directions ||
              part.prediction ||
              part.outdoors ||
              part.needs.length ||
              part.ageFrom ||
              part.ageTo)
          )
        }
      >
        <TextField
          label="Directions"
          rows={4}
          value={value.directions}
          onChange={(v) => set('directions', v)}
          error={error('directions')}
        />
        <TextField
          label="Guess first"
          placeholder="What will happen, and why?"
          help="Asked before it is shown; the guesses are compared after."
          value={value.prediction}
          onChange={(v) => set('prediction', v)}
          error={error('prediction')}
        />
        <FieldRow>
          <TextField
            label="Needs, of which there is one"
            placeholder="laptop, kitchen"
            value={value.needs}
            onChange={(v) => set('needs', v)}
            error={error('needs')}
          />
          <TextField
            label="Indoors instead"
            placeholder="if the weather is against it"
            value={value.indoors}
            onChange={(v) => set('indoors', v)}
            error={error('indoors')}
          />
        </FieldRow>
        <Checkbox isSelected={value.outdoors} onChange={(v) => set('outdoors', v)}>
          Outdoors
        </Checkbox>
        <FieldRow>
          <NumberField
            label="Meant for ages from"
            value={value.ageFrom}
            onChange={(v) => set('ageFrom', v)}
            min={0}
            max={21}
            error={error('ageFrom')}
          />
          <NumberField
            label="Up to age"
            value={value.ageTo}
            onChange={(v) => set('ageTo', v)}
            min={0}
            max={21}
            error={error('ageTo')}
          />
        </FieldRow>
      </Fold>
    </div>
  );
}

const Quick = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
`;
