'use client';
/** The ruler of a unit. */
import { dayMonth, shortDate } from '@/core/calendar/dates';
import type { UnitDay } from '@/core/layout/unit-days';
import { Ruler } from '@/kit/ruler';

export function UnitRuler({
  days,
  today,
  wishedEnd,
  message,
}: {
  days: UnitDay[];
  today: string;
  wishedEnd: string | null;
  message: string;
}) {
  const weeks = days.flatMap((d, i) =>
    i === 0 || days[i - 1].monday !== d.monday ? [{ at: i, name: dayMonth(d.date) }] : [],
  );
  const next = days.findIndex((d) => d.date >= today);
  const end = wishedEnd ? days.reduce((at, d, i) => (d.date <= wishedEnd ? i : at), -1) : -1;
  return (
    <Ruler
      days={days.map((d) => ({ ...d, name: `${shortDate(d.date)}: ${NAMES[d.is]}` }))}
      weeks={weeks}
      today={next >= 0 && days[0]?.date <= today ? next : undefined}
      end={end >= 0 ? end : undefined}
      message={message}
    />
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
