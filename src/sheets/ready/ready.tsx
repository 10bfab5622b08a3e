'use client';
/** What is to be got ready, by the day it is to be done on, and what is to be got for it. */
import { useRouter } from 'next/navigation';
import styled from 'styled-components';
import { lengthText, shortDate } from '@/core/calendar/dates';
import { count } from '@/core/plan/called';
import { groupBy } from '@/core/plan/lookup';
import type { Needed } from '@/core/prep/supplies';
import type { Measures } from '@/core/calendar/customs';
import { amountIn } from '@/core/prep/amount';
import { useCustoms } from '@/kit/locale';
import type { Shortage } from '@/core/prep/when';
import { Choose } from '@/kit/choose';
import { Checkbox } from '@/kit/field';
import { Fold } from '@/kit/fold';
import { Link } from '@/kit/link';
import { LinkButton } from '@/kit/link-button';
import { Caution, Heading, Quiet } from '@/kit/text';
import { colour, middling, narrow, paper } from '@/kit/tokens';
import { Frame } from '../frame/frame';
import { useAct } from '../frame/use-act';
import { Weather } from '../frame/weather';
import { useDrawnAtOnce } from '../frame/use-drawn-at-once';
import { doOtherwise, prepare } from './actions';
import { DimensionLines } from './dimension-lines';
import { Kits } from './kits';
import type { Preparing, ReadyView } from './load';
import { dayWords, SPANS } from './spans';
import { ToBuy } from './to-buy';
import { leftToPrint, ToPrint } from './to-print';

export function ReadySheet(view: ReadyView) {
  const { measures } = useCustoms();
  const { info, today, preparing, supplies, span, last, full } = view;
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
        <>
          <LinkButton href="/paper/kits" style={{ alignSelf: 'end' }}>
            Labels for the kits
          </LinkButton>
          <Choose label="For" value={span} onChange={(v) => router.push(`/ready?for=${v}`)} choices={SPANS} />
        </>
      }
      figures={[
        { name: 'To get ready', value: String(left.length) },
        { name: 'Late', value: String(late.length) },
        { name: 'Minutes', value: String(left.reduce((sum, p) => sum + p.minutes, 0)), how: 'layout' },
        { name: 'To get', value: String(toGet.length) },
        { name: 'To print', value: String(view.prints.reduce((sum, p) => sum + leftToPrint(p), 0)) },
      ]}
      keys={[{ keys: 'Space', does: 'on a tick box: ready' }]}
    >
      <DimensionLines preparing={preparing} lessons={view.lessons} today={today} last={last} />
      <Columns>
        <section aria-labelledby="preparing">
          <Heading id="preparing">To get ready</Heading>
          {preparing.length ? null : (
            <Quiet>
              Nothing is to be got ready. What has to be is said on the parts of a{' '}
              <Link href="/lessons">lesson</Link>.
            </Quiet>
          )}
          {full ? <TooFull full={full} /> : null}
          {[...groupBy(preparing, (p) => p.day)].map(([date, of]) => (
            <Day key={date} $late={of.some((p) => p.isLate)}>
              <b>{dayWords(date, today)}</b> <Quiet as="span">{minutesLeft(of)}</Quiet>
              <ul>
                {of.map((p) => (
                  <Preparation key={`${p.partId} ${p.preparationId}`} p={p} today={today} />
                ))}
              </ul>
            </Day>
          ))}
        </section>
        <section>
          <ToBuy view={view} />
        </section>
        <section>
          <ToPrint view={view} />
          <Kits kits={view.kits} counts={view.counts} numbers={view.kitNumbers} today={today} />
          <Weather rained={view.rained} doOtherwise={doOtherwise} />
        </section>
      </Columns>
      <Fold title="All that is needed" message={count(supplies.length, 'thing')}>
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
                  <td>{amountIn(s, s.unit, measures) || 'some'}</td>
                  <td>
                    {s.inHouse === null
                      ? 'enough'
                      : amountIn({ amount: s.inHouse, least: null }, s.unit, measures)}
                  </td>
                  <td>
                    <b>{toGetText(s, measures)}</b>
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
          What is in the house is said on <Link href="/setup">Family</Link>, minutes to prepare and shopping
          days on <Link href="/year">Year</Link>. Cups are 250 ml, tablespoons 15 and teaspoons 5; a volume is
          never taken for a weight.
        </Quiet>
      </Fold>
    </Frame>
  );
}

/** Days that have too few minutes: whose limit it is, and what would help. */
function TooFull({ full: { first, last, needs, has, byUnits } }: { full: Shortage }) {
  return (
    <Caution role="status">
      {first === last ? `On ${shortDate(first)}` : `From ${shortDate(first)} to ${shortDate(last)}`} there are{' '}
      {needs} min to do and {has} min to do them in
      {byUnits ? ', by the minutes a week the units may take' : ''}. Move one of the parts, leave some of it
      out, or give it more minutes on{' '}
      {byUnits ? <Link href="/unit">Unit</Link> : <Link href="/year">Year</Link>}.
    </Caution>
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
          {p.minutes} min · for {p.part}
          {p.lesson ? `, ${p.lesson}` : ''}, {shortDate(p.on)}
          {p.isLate ? ` · was due ${shortDate(p.date)}` : ''}
          {!p.isReady && !p.isLate && p.day < p.date ? ` · at the latest ${shortDate(p.date)}` : ''}
        </Quiet>
      </span>
    </li>
  );
}

function toGetText({ toGet, leastToGet, unit }: Needed, measures: Measures): string {
  if (toGet === 0) return 'nothing';
  return amountIn({ amount: toGet, least: leastToGet }, unit, measures) || 'some';
}

function minutesLeft(of: readonly Preparing[]): string {
  const left = of.filter((p) => !p.isReady).reduce((sum, p) => sum + p.minutes, 0);
  return left ? lengthText(left) : '';
}

function forWhat({ parts }: Needed): string {
  if (parts.length === 1) return `for ${parts[0].title}`;
  return `for ${parts[0].title} and ${count(parts.length - 1, 'other', 'others')}`;
}

const Columns = styled.div`
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 32px;
  padding: 14px 0;
  section {
    display: grid;
    gap: 8px;
    align-content: start;
    min-width: 0;
  }
  ${middling} {
    grid-template-columns: repeat(2, minmax(0, 1fr));
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
