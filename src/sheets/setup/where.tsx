'use client';
/** Where the family lives: its country says how dates, times, paper and money are written; each can be said otherwise. */
import type { Family } from '@/core/plan/plan';
import { Choose } from '@/kit/choose';
import { FieldRow, FieldStack } from '@/kit/field';
import { Quiet } from '@/kit/text';
import { useAct } from '../frame/use-act';
import { saveWhere } from './actions';
import { Ruled } from './ruled';

type Lives = NonNullable<Family['lives']>;
const NOWHERE: Lives = { country: '', region: '', dates: null, clock: null, paper: null };

const CLOCKS = { country: null, '12': 12, '24': 24 } as const;

export function Where({
  lives,
  countries,
  regions,
}: {
  lives: Family['lives'];
  countries: { code: string; name: string }[];
  regions: { code: string; name: string }[];
}) {
  const { act } = useAct();
  const now = lives ?? NOWHERE;
  const change = (to: Partial<Lives>): void => act((base) => saveWhere(base, to));
  return (
    <section aria-labelledby="where">
      <Ruled id="where">Where you live</Ruled>
      <FieldStack>
        <FieldRow>
          <Choose
            label="Country"
            value={now.country || 'none'}
            choices={[
              { value: 'none', name: 'not said' },
              ...countries.map((c) => ({ value: c.code, name: c.name })),
            ]}
            onChange={(c) => change({ country: c === 'none' ? '' : c, region: '' })}
          />
          {regions.length ? (
            <Choose
              label="Region"
              value={now.region || 'all'}
              choices={[
                { value: 'all', name: 'the whole country' },
                ...regions.map((r) => ({ value: r.code, name: r.name })),
              ]}
              onChange={(r) => change({ region: r === 'all' ? '' : r })}
            />
          ) : null}
        </FieldRow>
        <FieldRow>
          <Choose
            label="Dates in figures"
            value={now.dates ?? 'country'}
            choices={[
              { value: 'country', name: 'as the country has it' },
              { value: 'day first', name: 'day before month' },
              { value: 'month first', name: 'month before day' },
            ]}
            onChange={(v) => change({ dates: v === 'country' ? null : (v as Lives['dates']) })}
          />
          <Choose
            label="Clock"
            value={now.clock === null ? 'country' : String(now.clock)}
            choices={[
              { value: 'country', name: 'as the country has it' },
              { value: '24', name: '24 hours' },
              { value: '12', name: '12 hours, am and pm' },
            ]}
            onChange={(v) => change({ clock: CLOCKS[v as keyof typeof CLOCKS] })}
          />
          <Choose
            label="Paper"
            value={now.paper ?? 'country'}
            choices={[
              { value: 'country', name: 'as the country has it' },
              { value: 'A4', name: 'A4' },
              { value: 'letter', name: 'US Letter' },
            ]}
            onChange={(v) => change({ paper: v === 'country' ? null : (v as Lives['paper']) })}
          />
        </FieldRow>
        <Quiet>
          Public holidays of your country are offered on the Year sheet; nothing is off until you say so.
        </Quiet>
      </FieldStack>
    </section>
  );
}
