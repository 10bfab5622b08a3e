'use client';
/** The ruler of a unit. */
import { dayMonth, shortDate } from '@/core/calendar/dates';
import type { UnitDay } from '@/core/layout/unit-days';
import { Ruler } from '@/kit/ruler';
import { Quiet } from '@/kit/text';
import type { ForecastLine } from './forecast-load';

export function UnitRuler({
  days,
  today,
  wishedEnd,
  message,
  forecast,
}: {
  days: UnitDay[];
  today: string;
  wishedEnd: string | null;
  message: string;
  forecast?: ForecastLine;
}) {
  const weeks = days.flatMap((d, i) =>
    i === 0 || days[i - 1].weekFrom !== d.weekFrom ? [{ at: i, name: dayMonth(d.date) }] : [],
  );
  const next = days.findIndex((d) => d.date >= today);
  const end = wishedEnd ? days.reduce((at, d, i) => (d.date <= wishedEnd ? i : at), -1) : -1;
  const likely = new Map(forecast?.ends.map((e) => [e.date, e.share]));
  return (
    <>
      <Ruler
        days={days.map((d) => ({
          ...d,
          name: `${shortDate(d.date)}: ${NAMES[d.is]}${ends(likely.get(d.date))}`,
        }))}
        weeks={weeks}
        today={next >= 0 && days[0]?.date <= today ? next : undefined}
        end={end >= 0 ? end : undefined}
        message={message}
      />
      {forecast ? (
        <Quiet>
          {forecast.isKnown ? 'Likely to end' : 'By guess, it ends'} {forecast.text}.
        </Quiet>
      ) : null}
    </>
  );
}

const NAMES: Record<UnitDay['is'], string> = {
  done: 'done',
  ink: 'in ink',
  pencil: 'in pencil',
  empty: 'nothing of this unit',
  spare: 'to spare',
  late: 'after the wished end',
};

/** How likely it is to end on a day, where that is worth a word. */
const ends = (share = 0): string =>
  share >= 0.01 ? `; ends here ${Math.round(share * 100)} times in 100` : '';
