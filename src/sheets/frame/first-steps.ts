/** What there is to do before a week can be taught, in the order of the work. */
import type { Plan } from '@/core/plan/plan';

export interface FirstStep {
  name: string;
  /** What is done there, in a few words. */
  what: string;
  href: string;
  done: boolean;
}

export const firstSteps = (plan: Plan): FirstStep[] => [
  {
    name: 'The family and its children',
    what: 'Who is at the table, how old, and how long they can work.',
    href: '/setup',
    done: !!plan.family && plan.children.length > 0,
  },
  {
    name: 'A first unit with its lessons',
    what: 'What it is about; its lessons are pasted from a contents page, a guide, cards or questions.',
    href: plan.units.length ? '/lessons' : '/unit',
    done: plan.lessons.length > 0,
  },
  {
    name: 'The school year',
    what: 'From when to when, and what is off. Without one, Mondays to Fridays are school days.',
    href: '/year',
    // Without a year of its own a first unit has plain days; nothing waits for it.
    done: !!plan.year,
  },
  {
    name: 'The books',
    what: 'A spine, and what lies beside it.',
    href: '/books',
    done: plan.pulls.length > 0,
  },
  {
    name: 'Ink the first week',
    what: 'What is agreed is inked, and stays where it is.',
    href: '/weeks',
    done: plan.sittings.some((s) => s.state === 'ink'),
  },
];
