/** When a part comes back, in words. */
import { weekdayName } from '../calendar/dates';
import type { Rhythm } from '../plan/lesson';

/** `nameOf` names a part that is looked at again. */
export function rhythmInWords(rhythm: Rhythm, nameOf: (partId: string) => string = () => 'it'): string {
  switch (rhythm.on) {
    case 'day':
      return 'daily';
    case 'weekday':
      return rhythm.everyWeeks === 1
        ? `on ${weekdayName(rhythm.weekday)}s`
        : `every ${nth(rhythm.everyWeeks)} ${weekdayName(rhythm.weekday)}${from(rhythm.startWeek)}`;
    case 'week-first':
      return rhythm.everyWeeks === 1
        ? 'as each week opens'
        : `as every ${nth(rhythm.everyWeeks)} week opens${from(rhythm.startWeek)}`;
    case 'week-last':
      return rhythm.everyWeeks === 1
        ? 'as each week closes'
        : `as every ${nth(rhythm.everyWeeks)} week closes${from(rhythm.startWeek)}`;
    case 'lesson':
      return rhythm.place === 'first' ? 'as each lesson opens' : 'at the end of each lesson';
    case 'after':
      return `every ${nth(rhythm.everyDays)} day after “${nameOf(rhythm.partId)}”, ${rhythm.times} times`;
  }
}

const from = (week: number): string => (week > 1 ? `, from week ${week}` : '');

function nth(n: number): string {
  const names = [
    '',
    'single',
    'other',
    'third',
    'fourth',
    'fifth',
    'sixth',
    'seventh',
    'eighth',
    'ninth',
    'tenth',
  ];
  return names[n] ?? `${n}th`;
}
