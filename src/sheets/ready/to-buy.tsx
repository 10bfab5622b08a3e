'use client';
/** What is to be bought and fetched, by the way it is done on, ticked as it is got. */
import styled from 'styled-components';
import { shortDate } from '@/core/calendar/dates';
import { count } from '@/core/plan/called';
import { amountIn } from '@/core/prep/amount';
import { useCustoms } from '@/kit/locale';
import type { Trip } from '@/core/prep/when';
import { Checkbox } from '@/kit/field';
import { Column, Heading, Quiet } from '@/kit/text';
import { colour } from '@/kit/tokens';
import { useAct } from '../frame/use-act';
import { buy } from './actions';
import type { ReadyView } from './load';

export function ToBuy({ view }: { view: ReadyView }) {
  const { shopping, library, got, today } = view;
  return (
    <Column aria-labelledby="trips">
      <header>
        <Heading id="trips">To buy and to fetch</Heading>
        <Quiet as="span">by trip, less what is in the house</Quiet>
      </header>
      {shopping.map((t) => (
        <Way key={t.day ?? 'never'} $late={t.day === null}>
          <b>
            {t.day === null
              ? 'No shopping day in time: get these some other way'
              : `${shortDate(t.day)}, shopping`}
          </b>
          {t.things.map((thing) => (
            <Thing key={`${thing.name} ${thing.unit}`} thing={thing} today={today} />
          ))}
        </Way>
      ))}
      {library.map((t) => (
        <Way key={`library ${t.date}`} $late={false}>
          <b>{shortDate(t.date)}, library</b>
          {t.errands.map((errand) => (
            <span key={errand}>{errand}</span>
          ))}
        </Way>
      ))}
      {got.length ? (
        <Way $late={false}>
          <b>Got today</b>
          {got.map((thing, i) => (
            <Thing
              key={`${thing.name} ${i}`}
              thing={{ ...thing, least: null, keepsDays: null }}
              today={today}
              isGot
            />
          ))}
        </Way>
      ) : null}
      {shopping.length + library.length + got.length ? null : <Quiet>No way is to be made.</Quiet>}
    </Column>
  );
}

function Thing({
  thing: { name, amount, least, unit, keepsDays },
  today,
  isGot = false,
}: {
  thing: Omit<Trip['things'][number], 'from'>;
  today: string;
  isGot?: boolean;
}) {
  const { act } = useAct();
  const { measures } = useCustoms();
  const so = amountIn({ amount, least }, unit, measures);
  return (
    <span>
      <Checkbox
        isSelected={isGot}
        label={`Got: ${[name, so].filter(Boolean).join(' ')}`}
        onChange={(is) => act((base) => buy(base, { name, amount, unit, is, date: today }))}
      />{' '}
      {name} {so} {keepsDays === null ? null : <Quiet as="span">keeps {count(keepsDays, 'day')}</Quiet>}
    </span>
  );
}

const Way = styled.div<{ $late: boolean }>`
  padding: 6px 0;
  border-bottom: 1px solid ${colour.rule};
  font-size: 14px;
  display: grid;
  gap: 4px;
  break-inside: avoid;
  overflow-wrap: anywhere;
  & > b {
    color: ${(p) => (p.$late ? colour.red : 'inherit')};
  }
  & > span > label {
    vertical-align: middle;
    margin-right: 6px;
  }
`;
