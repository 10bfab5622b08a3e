/**
 * Who in a lesson is done before the others, or is small and takes no part: something for the time, and what must be
 * out of reach.
 */
import { suits } from '../books/fit';
import { cautionsFor } from '../cautions/match';
import { attentionStretch } from '../ladder/handwriting';
import { materialOf } from '../ladder/material';
import { wordsFor } from '../ladder/word-list';
import { ageOn } from '../plan/age';
import { booksById } from '../plan/lookup';
import type { Lesson } from '../plan/lesson';
import type { Rung } from '../plan/measures';
import type { Child, Plan } from '../plan/plan';
import { rungOf } from '../plan/rungs';
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

/** Idle minutes that are worth a thought; ages below which a child is kept busy in any case. Own choice. */
const IDLE = 15;
const SMALL = 5;

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
    if (idle < IDLE || (!inUnit && age >= SMALL)) return [];
    const care =
      age < SMALL
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

/** What a child can do without the parent for so many minutes, with what the lesson is about. */
export function fillersFor(
  plan: Plan,
  lesson: Lesson,
  unit: Unit,
  child: Child,
  minutes: number,
): DoneEarly['fillers'] {
  const age = ageOn(child.birthMonth, unit.starts);
  const books = booksById(plan.books);
  const basket = plan.pulls
    .filter((p) => p.unitId === unit.id && p.role === 'basket')
    .map((p) => books.get(p.bookId)!)
    .filter(
      (b) =>
        ['fits', 'stretch'].includes(suits(b, child, unit.starts, 'read')) ||
        suits(b, child, unit.starts, 'listen') === 'fits',
    );
  const rung = rungOf(child, 'hands', unit.starts);
  const words = wordsFor(
    materialOf(plan)(lesson, unit).words,
    Math.max(2, rungOf(child, 'reading', unit.starts)) as Rung,
  );
  const texts = [
    ...basket.slice(0, 2).map((b) => `Look at “${b.title}” from the basket`),
    ...(age < SMALL
      ? [
          'Sort big things by colour beside you: cloths, lids, blocks',
          'Fill and empty a box of soft things',
          'Draw with a thick crayon at the table',
        ]
      : rung <= 2
        ? [
            'Make a picture of the lesson from cut paper',
            `Play a guessing game with the words of the lesson: ${words.slice(0, 3).join(', ')}`,
          ]
        : [
            `Write a riddle about one of these: ${words.slice(0, 4).join(', ')}`,
            'Read on in a book of your own',
            'Draw a plan of what was shown, with arrows',
          ]),
  ];
  return texts.map((text) => ({ text, minutes }));
}
