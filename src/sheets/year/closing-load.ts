/** What closing the year asks: what can go on into the next one, and how that is likely to be. */
import { leftOver, nextDates } from '@/core/edit/years';
import { rhythmInWords } from '@/core/layout/rule-words';
import { ageOn } from '@/core/plan/age';
import { count } from '@/core/plan/called';
import type { Plan } from '@/core/plan/plan';
import type { SchoolYear } from '@/core/plan/year';

/** What can go on into the next year, and how the next one is likely to be. */
export interface Closing {
  starts: string;
  ends: string;
  leadMinutes: number;
  children: { id: string; name: string; age: number; minutes: number }[];
  /** With why each is there: how much is left of it, or that it waits. */
  units: { id: string; title: string; message: string }[];
  rules: { id: string; title: string; message: string }[];
  questions: { id: string; title: string; unitId: string; message: string }[];
}

export function closingOf(plan: Plan, year: SchoolYear): Closing {
  const left = leftOver(plan);
  const next = nextDates(year);
  return {
    ...next,
    leadMinutes: plan.family?.leadMinutes ?? 0,
    children: plan.children.map((c) => ({
      id: c.id,
      name: c.name,
      age: ageOn(c.birthMonth, next.starts),
      minutes: c.minutes,
    })),
    units: [
      ...left.unfinished.map(({ unit, lessons, lessonsLeft }) => ({
        id: unit.id,
        title: unit.title,
        message: lessons ? `${lessonsLeft} of ${count(lessons, 'lesson')} left` : 'no lessons yet',
      })),
      ...left.waiting.map(({ id, title }) => ({ id, title, message: 'waits' })),
    ],
    rules: left.rules.map((r) => ({ id: r.id, title: r.title, message: rhythmInWords(r.rhythm) })),
    questions: left.questions.map((q) => ({
      id: q.id,
      title: q.text,
      unitId: q.unitId,
      message: [
        plan.children.find((c) => c.id === q.childId)?.name,
        plan.units.find((u) => u.id === q.unitId)?.title,
      ]
        .filter(Boolean)
        .join(' · '),
    })),
  };
}
