/**
 * Who in a lesson is done before the others, or is small and takes no part: something for the time, and what must be
 * out of reach.
 */
import { cautionsFor } from '../cautions/match';
import { attentionStretch } from '../ladder/handwriting';
import { keptBusy } from '../ladder/kept-busy';
import { SMALL_UNDER } from '../ladder/small';
import { ageOn } from '../plan/age';
import type { Lesson } from '../plan/lesson';
import type { Child, Plan } from '../plan/plan';
import type { Unit } from '../plan/unit';
import { lessonLoad } from './loads';

export interface DoneEarly {
  childId: string;
  /** Their own minutes in the lesson, and how much longer the others are at it. */
  minutes: number;
  idle: number;
  /** What they can do meanwhile without the parent, for no longer than suits the age. */
  fillers: { text: string; minutes: number }[];
  /** For the smallest: what in the lesson must be out of their reach. */
  care: string[];
}

/** Idle minutes that are worth a thought. Own choice. */
const IDLE = 15;

/** Who in a lesson is done early, or takes no part and is small: with something for the time, and what must be out of reach. */
export function doneEarly(plan: Plan, lesson: Lesson, unit: Unit): DoneEarly[] {
  const shares = new Map(lessonLoad(plan, lesson.id).children.map((c) => [c.childId, c.minutes]));
  const longest = Math.max(0, ...shares.values());
  const parts = plan.parts.filter((p) => p.lessonId === lesson.id);
  return plan.children.flatMap((child): DoneEarly[] => {
    const age = ageOn(child.birthMonth, unit.starts);
    const inUnit = unit.childIds.includes(child.id);
    const minutes = shares.get(child.id) ?? 0;
    const idle = longest - minutes;
    if (idle < IDLE || (!inUnit && age >= SMALL_UNDER)) return [];
    const care =
      age < SMALL_UNDER
        ? parts.flatMap((p) =>
            cautionsFor(p, [child], plan.family?.allergies ?? [], unit.starts)
              .filter((c) => c.stays)
              .map((c) => `${p.title}: ${c.title}. ${c.steps}`),
          )
        : [];
    return [
      {
        childId: child.id,
        minutes,
        idle,
        fillers: fillersFor(plan, lesson, unit, child, Math.min(idle, attentionStretch(age))),
        care: [...new Set(care)],
      },
    ];
  });
}

/** Things offered to a child who waits. */
const OFFERED = 3;

/** What a child can do without the parent for so many minutes; other things in each lesson. */
export function fillersFor(
  plan: Plan,
  lesson: Lesson,
  unit: Unit,
  child: Child,
  minutes: number,
): DoneEarly['fillers'] {
  const place = plan.lessons.filter((l) => l.unitId === unit.id).findIndex((l) => l.id === lesson.id);
  const here = { topic: lesson.title, place: Math.max(0, place) };
  return keptBusy(plan, unit, child, here, OFFERED).map((text) => ({ text, minutes }));
}
