'use client';
/** What books ask for over a unit, as pictures with their tables: minutes of reading, its level, things out, money. */
import { Area, AreaChart, Bar, BarChart, ReferenceLine, XAxis, YAxis } from 'recharts';
import { dayMonth } from '@/core/calendar/dates';
import { moneyText } from '@/core/loans/money-text';
import { AXIS, Figures, Pictures, Shown } from '@/kit/chart';
import { useCustoms } from '@/kit/locale';
import { WorkTitle } from '@/kit/text';
import { colour } from '@/kit/tokens';
import type { BooksView } from './load';
import { Levels, Reading } from './over-reading';
import { MARGIN, Picture } from '@/kit/picture';

export function OverTime({ view }: { view: BooksView }) {
  return (
    <>
      <Reading view={view} />
      <Levels view={view} />
      <Out view={view} />
      <Money view={view} />
    </>
  );
}

function Out({ view }: { view: BooksView }) {
  const { out } = view.over;
  const card = view.loans.card;
  if (!out.length || !card) return null;
  const most = Math.max(card.loans, ...out.map((o) => o.out));
  return (
    <Shown aria-labelledby="out-over">
      <WorkTitle id="out-over">Things out of the library</WorkTitle>
      <Pictures>
        <Picture caption={<>at most {card.loans} on the card</>}>
          <AreaChart
            data={out.map((o) => ({ day: Date.parse(o.date), out: o.out }))}
            margin={MARGIN}
            accessibilityLayer={false}
          >
            <XAxis
              dataKey="day"
              type="number"
              scale="time"
              domain={['dataMin', 'dataMax']}
              tickFormatter={(day: number) => dayMonth(new Date(day).toISOString().slice(0, 10))}
              minTickGap={30}
              {...AXIS}
            />
            <YAxis width={34} domain={[0, most]} allowDecimals={false} tickCount={4} {...AXIS} />
            <Area
              type="stepAfter"
              dataKey="out"
              fill={colour.rule}
              stroke={colour.ink}
              isAnimationActive={false}
            />
            <ReferenceLine y={card.loans} stroke={colour.red} strokeDasharray="5 4" />
          </AreaChart>
        </Picture>
      </Pictures>
      <Figures>
        <caption>From each day on which it changes</caption>
        <thead>
          <tr>
            <th scope="col">From</th>
            <th scope="col">Out</th>
          </tr>
        </thead>
        <tbody>
          {out.map((o) => (
            <tr key={o.date}>
              <th scope="row">{dayMonth(o.date)}</th>
              <td>
                {o.out}
                {o.out > card.loans ? `, ${o.out - card.loans} too many` : ''}
              </td>
            </tr>
          ))}
        </tbody>
      </Figures>
    </Shown>
  );
}

function Money({ view }: { view: BooksView }) {
  const customs = useCustoms();
  const { money } = view.over;
  if (!money.length) return null;
  return (
    <Shown aria-labelledby="money-over">
      <WorkTitle id="money-over">What is to be bought, unit by unit</WorkTitle>
      <Pictures>
        <Picture caption={<>the outline is a unit’s own limit</>} height={40 + 44 * money.length}>
          <BarChart
            layout="vertical"
            data={money.map((m) => ({ title: m.title, total: m.total / 100, limit: (m.limit ?? 0) / 100 }))}
            margin={MARGIN}
            accessibilityLayer={false}
          >
            <XAxis type="number" {...AXIS} />
            <YAxis type="category" dataKey="title" width={120} {...AXIS} />
            <Bar dataKey="total" fill={colour.ink} isAnimationActive={false} />
            <Bar
              dataKey="limit"
              fill="none"
              stroke={colour.ink}
              strokeDasharray="4 3"
              isAnimationActive={false}
            />
          </BarChart>
        </Picture>
      </Pictures>
      <Figures>
        <caption>Money, as far as prices are known</caption>
        <thead>
          <tr>
            <th scope="col">Unit</th>
            <th scope="col">To be bought</th>
            <th scope="col">Limit</th>
          </tr>
        </thead>
        <tbody>
          {money.map((m) => (
            <tr key={m.unitId}>
              <th scope="row">{m.title}</th>
              <td>{moneyText(m.total, customs)}</td>
              <td>{m.limit === null ? 'none' : moneyText(m.limit, customs)}</td>
            </tr>
          ))}
        </tbody>
      </Figures>
    </Shown>
  );
}
