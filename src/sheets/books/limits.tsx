'use client';
/** The limits of the unit, and how much of each is spoken for; what is to buy, and what the family has instead. */
import styled from 'styled-components';
import { moneyText } from '@/core/loans/money-text';
import { Caution, Column, Heading, Quiet } from '@/kit/text';
import { colour } from '@/kit/tokens';
import type { BooksView } from './load';
import { useCustoms } from '@/kit/locale';

export function Limits({ view: { money, loans, children } }: { view: BooksView }) {
  const customs = useCustoms();
  const over = money.limit !== null && money.total > money.limit;
  return (
    <Column aria-label="Limits">
      <header>
        <Heading>Limits</Heading>
      </header>
      {loans.card ? (
        <Entry>
          <b>
            {loans.out} of {loans.card.loans} loans
          </b>
        </Entry>
      ) : null}
      <Entry>
        <b>
          {money.limit === null
            ? `${moneyText(money.total, customs)} to spend`
            : `${moneyText(money.total, customs)} of ${moneyText(money.limit, customs)} spent`}
        </b>
        {over ? (
          <Caution>{moneyText(money.total - money.limit!, customs)} over the unit’s limit.</Caution>
        ) : null}
        {money.toBuy.map((b) => (
          <Quiet key={b.id}>
            {b.title}, {b.price === null ? 'no price yet' : moneyText(b.price, customs)}
            {b.instead.length
              ? `: you have ${b.instead
                  .slice(0, 2)
                  .map((t) => `“${t}”`)
                  .join(' and ')} on the same`
              : ''}
          </Quiet>
        ))}
      </Entry>
      <Entry>
        <b>Reading alone</b>
        {children
          .filter((c) => c.reads)
          .map((c) => (
            <Quiet key={c.id}>
              {c.name}: {c.rate} words a minute,{' '}
              {c.measuredOn
                ? `measured ${c.measuredOn === 1 ? 'once' : `${c.measuredOn} times`}`
                : 'by the table for their grade'}
            </Quiet>
          ))}
      </Entry>
    </Column>
  );
}

const Entry = styled.div`
  padding: 7px 0;
  border-bottom: 1px solid ${colour.rule};
  b {
    font-size: 13.5px;
  }
`;
