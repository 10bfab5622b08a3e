'use client';
/** Where the family lives: its country says how dates, times, paper and money are written; each can be said otherwise. */
import { blankLives } from '@/core/plan/blank';
import type { Family } from '@/core/plan/plan';
import { Choose } from '@/kit/choose';
import { FieldRow, FieldStack } from '@/kit/field';
import { Quiet } from '@/kit/text';
import { useAct } from '../frame/use-act';
import { saveWhere } from './actions';
import { Ruled } from './ruled';

type Lives = NonNullable<Family['lives']>;

/** `country` is where the family lives as the plan has it, also by the holidays of its year. */
export function Where({
  lives,
  country,
  countries,
  regions,
}: {
  lives: Family['lives'];
  country: string;
  countries: { code: string; name: string }[];
  regions: { code: string; name: string }[];
}) {
  const { act } = useAct();
  const now = lives ?? blankLives;
  const change = (to: Partial<Lives>): void => act((base) => saveWhere(base, to));
  return (
    <section aria-labelledby="where">
      <Ruled id="where">Where you live</Ruled>
      <FieldStack>
        <FieldRow>
          <OrNot
            label="Country"
            value={country || null}
            none="not said"
            choices={countries.map((c) => [c.code, c.name])}
            onChange={(c) => change({ country: c ?? '', region: '' })}
          />
          {regions.length ? (
            <OrNot
              label="Region"
              value={now.region || null}
              none="the whole country"
              choices={regions.map((r) => [r.code, r.name])}
              onChange={(r) => change({ region: r ?? '' })}
            />
          ) : null}
        </FieldRow>
        <FieldRow>
          <OrNot
            label="Dates in figures"
            value={now.dates}
            choices={[
              ['day first', 'day before month'],
              ['month first', 'month before day'],
            ]}
            onChange={(dates) => change({ dates })}
          />
          <OrNot
            label="Clock"
            value={now.clock}
            choices={[
              [24, '24 hours'],
              [12, '12 hours, am and pm'],
            ]}
            onChange={(clock) => change({ clock })}
          />
          <OrNot
            label="Paper"
            value={now.paper}
            choices={[
              ['A4', 'A4'],
              ['letter', 'US Letter'],
            ]}
            onChange={(paper) => change({ paper })}
          />
        </FieldRow>
        <FieldRow>
          <OrNot
            label="Measures"
            value={now.measures}
            choices={[
              ['metric', 'grams, litres, metres'],
              ['customary', 'ounces, quarts, feet'],
            ]}
            onChange={(measures) => change({ measures })}
          />
          <OrNot
            label="Spelling"
            value={now.spelling}
            choices={[
              ['British', 'colour, fibre'],
              ['American', 'color, fiber'],
            ]}
            onChange={(spelling) => change({ spelling })}
          />
          <OrNot
            label="A week begins on"
            value={now.weekStarts}
            choices={[
              [1, 'Monday'],
              [6, 'Saturday'],
              [7, 'Sunday'],
            ]}
            onChange={(weekStarts) => change({ weekStarts })}
          />
        </FieldRow>
        <Quiet>
          Public holidays of your country are offered on the Year sheet; nothing is off until you say so.
        </Quiet>
      </FieldStack>
    </section>
  );
}

/** One of several, or null: left as the country has it. */
function OrNot<Value extends string | number>({
  label,
  value,
  none = 'as the country has it',
  choices,
  onChange,
}: {
  label: string;
  value: Value | null;
  none?: string;
  choices: [Value, string][];
  onChange: (value: Value | null) => void;
}) {
  return (
    <Choose
      label={label}
      value={String(value ?? 'none')}
      choices={[{ value: 'none', name: none }, ...choices.map(([v, name]) => ({ value: String(v), name }))]}
      onChange={(chosen) => onChange(choices.find(([v]) => String(v) === chosen)?.[0] ?? null)}
    />
  );
}
