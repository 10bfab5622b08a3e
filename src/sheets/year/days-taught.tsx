'use client';
/** The weekdays on which there is school; and where that is all of them, with which of them a week begins. */
import { weekdayName } from '@/core/calendar/dates';
import { Choose } from '@/kit/choose';
import { FieldRow } from '@/kit/field';
import { useCustoms } from '@/kit/locale';
import { Weekdays } from '../frame/weekdays';
import { type Fields, Wrong } from './year-fields';

const ALL = [1, 2, 3, 4, 5, 6, 7];

export function DaysTaught({
  value: { weekdays, weekBegins },
  set,
  wrong,
}: {
  value: Pick<Fields, 'weekdays' | 'weekBegins'>;
  set: <K extends 'weekdays' | 'weekBegins'>(field: K, value: Fields[K]) => void;
  wrong: string | undefined;
}) {
  const { weekStarts } = useCustoms();
  const isEveryDay = (days: readonly number[]): boolean => days.length === ALL.length;
  return (
    <>
      <Weekdays
        label="Days you teach"
        value={weekdays}
        onChange={(days) => {
          set('weekdays', days);
          // A plan that has had its weeks from Monday keeps them until something else is said.
          if (isEveryDay(days) && !isEveryDay(weekdays)) set('weekBegins', weekBegins ?? weekStarts);
        }}
      />
      {wrong ? <Wrong>{wrong}</Wrong> : null}
      {isEveryDay(weekdays) ? (
        <FieldRow>
          <Choose
            label="A school week begins on"
            help="Lessons a week are counted from this day"
            value={String(weekBegins ?? 1)}
            choices={ALL.map((day) => ({ value: String(day), name: weekdayName(day) }))}
            onChange={(day) => set('weekBegins', Number(day))}
          />
        </FieldRow>
      ) : null}
    </>
  );
}
