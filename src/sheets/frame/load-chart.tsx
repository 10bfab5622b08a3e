'use client';
/**
 * Everybody's minutes on every school day of a unit or of weeks to come, each against what they can take: one small picture each, and
 * the weeks in figures under them.
 */
import { Bar, BarChart, ReferenceLine, XAxis, YAxis } from 'recharts';
import { dayMonth, lengthText } from '@/core/calendar/dates';
import type { Load, Stretch } from '@/core/dayplan/loads';
import { Hatch, hatchFill, type HatchName } from '@/kit/hatch';
import { AXIS, Figures, Pictures } from '@/kit/chart';
import { MARGIN, Picture } from '@/kit/picture';
import { colour } from '@/kit/tokens';

/** Somebody whose minutes are shown. */
interface Named {
  id: string;
  name: string;
  hatch: HatchName;
}

interface Person {
  name: string;
  hatch?: HatchName;
  of: (s: Stretch) => Load;
}

export function LoadChart({
  days,
  weeks,
  everyone,
}: {
  days: Stretch[];
  weeks: Stretch[];
  everyone: Named[];
}) {
  const people: Person[] = [
    ...everyone.map((c): Person => ({
      name: c.name,
      hatch: c.hatch,
      of: (s) => s.children.find((x) => x.childId === c.id)!,
    })),
    { name: 'You', of: (s) => s.parent },
  ];
  const most = Math.max(...people.flatMap((p) => days.map((d) => Math.max(p.of(d).minutes, p.of(d).limit))));
  return (
    <>
      <Pictures>
        {people.map((p) => (
          <Picture
            key={p.name}
            caption={
              <>
                {p.hatch ? <Hatch name={p.hatch} /> : null} <b>{p.name}</b> can take{' '}
                {lengthText(p.of(days[0]).limit)} a day
              </>
            }
          >
            <BarChart
              data={days.map((d) => ({ date: dayMonth(d.date), minutes: p.of(d).minutes }))}
              margin={MARGIN}
              accessibilityLayer={false}
            >
              <XAxis dataKey="date" {...AXIS} interval="preserveStartEnd" minTickGap={30} />
              <YAxis width={34} {...AXIS} domain={[0, most]} tickCount={4} />
              <Bar
                dataKey="minutes"
                fill={p.hatch ? hatchFill(p.hatch) : colour.red}
                stroke={colour.ink}
                strokeWidth={0.7}
                isAnimationActive={false}
              />
              <ReferenceLine y={p.of(days[0]).limit} stroke={colour.ink} strokeDasharray="5 4" />
            </BarChart>
          </Picture>
        ))}
      </Pictures>
      <Figures>
        <caption>Minutes in each week, of what can be taken on its school days</caption>
        <thead>
          <tr>
            <th scope="col">Week of</th>
            {people.map((p) => (
              <th key={p.name} scope="col">
                {p.name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {weeks.map((w) => (
            <tr key={w.date}>
              <th scope="row">{dayMonth(w.date)}</th>
              {people.map((p) => (
                <td key={p.name}>
                  {p.of(w).minutes} of {p.of(w).limit}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </Figures>
    </>
  );
}
