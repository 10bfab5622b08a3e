'use client';
/** What is to be got ready, by the day it is to be done on, and what is to be got for it. */
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import styled from 'styled-components';
import { shortDate } from '@/core/calendar/dates';
import { count } from '@/core/plan/called';
import { groupBy } from '@/core/plan/lookup';
import type { Needed } from '@/core/prep/supplies';
import { Choose } from '@/kit/choose';
import { Checkbox } from '@/kit/field';
import { Heading, Quiet } from '@/kit/text';
import { colour, narrow, paper } from '@/kit/tokens';
import { Frame } from '../frame/frame';
import { useAct } from '../frame/use-act';
import { useDrawnAtOnce } from '../frame/use-drawn-at-once';
import { prepare } from './actions';
import type { Preparing, ReadyView } from './load';
import { dayWords, SPANS } from './spans';

export function ReadySheet(view: ReadyView) {
  const { info, today, preparing, supplies, span, last } = view;
  const router = useRouter();
  const left = preparing.filter((p) => !p.isReady);
  const late = left.filter((p) => p.isLate);
  const toGet = supplies.filter((s) => s.toGet !== 0);
  return (
    <Frame
      info={info}
      sheet={7}
      title="Ready"
      subtitle={`to ${shortDate(last)}`}
      actions={
        <Choose label="For" value={span} onChange={(v) => router.push(`/ready?for=${v}`)} choices={SPANS} />
      }
      figures={[
        { name: 'To get ready', value: String(left.length) },
        { name: 'Late', value: String(late.length) },
        { name: 'To get', value: String(toGet.length) },
      ]}
      keys={[{ keys: 'Space', does: 'on a tick box: ready' }]}
    >
      <Columns>
        <section aria-labelledby="preparing">
          <Heading id="preparing">To get ready</Heading>
          {preparing.length ? null : (
            <Quiet>
              Nothing is to be got ready. What has to be is said on the parts of a{' '}
              <Link href="/lessons">lesson</Link>.
            </Quiet>
          )}
          {[...groupBy(preparing, (p) => p.date)].map(([date, of]) => (
            <Day key={date} $late={of.some((p) => p.isLate)}>
              <b>{dayWords(date, today)}</b>
              <ul>
                {of.map((p) => (
                  <Preparation key={`${p.partId} ${p.preparationId}`} p={p} today={today} />
                ))}
              </ul>
            </Day>
          ))}
        </section>
        <section aria-labelledby="supplies">
          <Heading id="supplies">To get</Heading>
          {supplies.length ? (
            <Table>
              <thead>
                <tr>
                  <th scope="col">What</th>
                  <th scope="col">Needed</th>
                  <th scope="col">In the house</th>
                  <th scope="col">To get</th>
                  <th scope="col">By</th>
                </tr>
              </thead>
              <tbody>
                {supplies.map((s) => (
                  <tr key={`${s.name} ${s.unit}`} data-got={s.toGet === 0 ? '' : undefined}>
                    <th scope="row">
                      {s.name}
                      <Quiet>{forWhat(s)}</Quiet>
                    </th>
                    <td>{amountOf(s.amount, s.unit, 'some')}</td>
                    <td>{s.inHouse === null ? 'enough' : amountOf(s.inHouse, s.unit, '')}</td>
                    <td>
                      <b>{s.toGet === 0 ? 'nothing' : amountOf(s.toGet, s.unit, 'some')}</b>
                    </td>
                    <td>{shortDate(s.from)}</td>
                  </tr>
                ))}
              </tbody>
            </Table>
          ) : (
            <Quiet>Nothing is needed.</Quiet>
          )}
          <Quiet>
            What is in the house is said on <Link href="/setup">Family</Link>. Cups are 250 ml, tablespoons 15
            and teaspoons 5; a volume is never taken for a weight.
          </Quiet>
        </section>
      </Columns>
    </Frame>
  );
}

function Preparation({ p, today }: { p: Preparing; today: string }) {
  const { act } = useAct();
  const [isReady, draw] = useDrawnAtOnce(p.isReady);
  const { partId, preparationId } = p;
  return (
    <li>
      <Checkbox
        isSelected={isReady}
        label={`Ready: ${p.what}, for ${p.part}`}
        onChange={(on) => {
          const back = draw(on);
          act((base) => prepare(base, { partId, preparationId, isReady: on, date: today }), { failed: back });
        }}
      />
      <span>
        {p.what}
        {p.cautions.length ? <b> with care: {p.cautions.join(', ').toLowerCase()}</b> : null}
        <Quiet>
          for {p.part}
          {p.lesson ? `, ${p.lesson}` : ''}, {shortDate(p.on)}
        </Quiet>
      </span>
    </li>
  );
}

const amountOf = (amount: number | null, unit: string, otherwise: string): string => {
  if (amount === null) return otherwise;
  return amount === 0 ? '' : `${Math.round(amount * 100) / 100} ${unit}`.trim();
};

function forWhat({ parts }: Needed): string {
  if (parts.length === 1) return `for ${parts[0].title}`;
  return `for ${parts[0].title} and ${count(parts.length - 1, 'other', 'others')}`;
}

const Columns = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 5fr) minmax(0, 6fr);
  gap: 32px;
  section {
    display: grid;
    gap: 8px;
    align-content: start;
    min-width: 0;
  }
  ${narrow} {
    grid-template-columns: minmax(0, 1fr);
  }
`;
const Day = styled.div<{ $late: boolean }>`
  border-left: 4px solid ${(p) => (p.$late ? colour.red : colour.ink)};
  padding: 2px 0 2px 12px;
  & > b {
    color: ${(p) => (p.$late ? colour.red : 'inherit')};
  }
  li {
    display: grid;
    grid-template-columns: auto minmax(0, 1fr);
    gap: 10px;
    padding: 5px 0;
    break-inside: avoid;
    overflow-wrap: anywhere;
  }
  li b {
    color: ${colour.red};
    font-weight: 600;
  }
`;
const Table = styled.table`
  border-collapse: collapse;
  width: 100%;
  font-size: 14px;
  th,
  td {
    text-align: left;
    vertical-align: top;
    padding: 5px 8px 5px 0;
    border-bottom: 1px solid ${colour.rule};
    overflow-wrap: anywhere;
  }
  thead th {
    font-size: 12.5px;
    border-bottom: 1.5px solid ${colour.ink};
  }
  tbody th {
    font-weight: 600;
  }
  tbody th > * {
    font-weight: 400;
  }
  td {
    white-space: nowrap;
  }
  tr[data-got] {
    color: ${colour.graphite};
  }
  ${paper} {
    font-size: 12px;
  }
`;
