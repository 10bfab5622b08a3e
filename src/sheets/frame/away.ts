/** Who is at an appointment of their own on a day. */
import { awayOf, PARENT } from '@/core/calendar/away';
import { clockText } from '@/core/calendar/dates';
import type { Clock } from '@/core/calendar/customs';
import type { Plan } from '@/core/plan/plan';

export interface AwayOnDay {
  /** A child’s or an adult’s id, or the parent. */
  who: string;
  name: string;
  title: string;
  starts: number;
  ends: number;
}

export function awayOn(plan: Plan, date: string): AwayOnDay[] {
  const people = [...plan.children, ...plan.adults];
  return (awayOf(plan).get(date) ?? [])
    .map(({ who, from, to, title }) => ({
      who,
      name: people.find((p) => p.id === who)?.name ?? '',
      title,
      starts: from,
      ends: to,
    }))
    .sort((a, b) => a.starts - b.starts);
}

/** “Ottilie is away 13:30 to 14:30: The mill choir”. */
export const awayInWords = ({ who, name, title, starts, ends }: AwayOnDay, clock: Clock): string =>
  `${who === PARENT ? 'You are' : `${name} is`} away ${clockText(starts, clock)} to ${clockText(ends, clock)}: ${title}`;
