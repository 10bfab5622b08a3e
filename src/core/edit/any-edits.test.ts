import { gatherLessons, stretchLessons } from './stretch';
import fc from 'fast-check';
import { expect, it } from 'vitest';
import { someFullPlan } from '../../../tests/sample-plan';
import { readHausplanJson, writeHausplanJson } from '../formats/hausplan-json';
import { breaches } from '../layout/check';
import { redraw } from '../layout/redraw';
import { canonical } from '../plan/canonical';
import type { Plan } from '../plan/plan';
import { pullBooks, removeBook, setRole } from './books';
import { perform, type Edit } from './edit';
import { removeChild } from './family';
import {
  addForChildren,
  endTeaching,
  joinLesson,
  letTeach,
  moveInPart,
  moveKindFromHere,
  moveRungFromHere,
  showBy,
  skipPart,
  swapWork,
} from './ladder';
import { addObjectives, placeIdea, removeObjective, turnIdea } from './gathered';
import {
  addLesson,
  editPart,
  noteSeen,
  removeLessons,
  removePart,
  reorderLesson,
  reorderPart,
} from './lessons';
import {
  doWithout,
  noteReading,
  readInstead,
  setCard,
  stepLoan,
  unwantLoan,
  waitForBook,
  wantLoan,
} from './loans';
import { fillBook, giveAway, paceBookOver, setCells, takeSet } from './pages';
import { addRule, keepOutline, placeOutline, removeRule } from './rules';
import { indentLesson, joinLessons, outdentTopic, splitLesson, swapLessons } from './shape';
import { didNotHappen, markDone, noteFelt, noteTook, unmark } from './today';
import { editUnit, removeUnit } from './units';
import { addWorkPart, keepWork, removeWork } from './works';
import { inkDays, layOutAgain, rubOutDays } from './weeks';
import {
  dropInIllness,
  endUnit,
  letUnitWait,
  paceUnit,
  placeInRow,
  placeUnit,
  setYear,
  takeDayOff,
} from './year';
import { blankBook, blankRule } from '../plan/blank';
import { ROLES, SHOWS, SKILLS, SWAP_KINDS } from '../plan/words';

type Step = (plan: Plan, n: number) => Edit;
const pick = <T>(items: readonly T[], n: number): T => items[n % items.length];
const NONE = { id: 'none' };
const lesson = (p: Plan, n: number): string => pick([...p.lessons, NONE], n).id;
const part = (p: Plan, n: number): string => pick([...p.parts, NONE], n).id;
const unit = (p: Plan, n: number): string => pick([...p.units, NONE], n).id;
const book = (p: Plan, n: number): string => pick([...p.books, NONE], n).id;
const pull = (p: Plan, n: number): string => pick([...p.pulls, NONE], n).id;
const loan = (p: Plan, n: number): string => pick([...p.loans, NONE], n).id;
const day = (n: number): string =>
  `2026-${['09', '10', '11', '12'][n % 4]}-${String(1 + (n % 28)).padStart(2, '0')}`;

/** Every change a parent can make, on things there are and on things that are gone. */
const STEPS: Step[] = [
  (p, n) => joinLessons([lesson(p, n), lesson(p, n + 1)], null, n % 2 === 0),
  (p, n) => splitLesson(lesson(p, n), 2 + (n % 3)),
  (p, n) => indentLesson(lesson(p, n)),
  (p, n) => outdentTopic(lesson(p, n), 0),
  (p, n) => swapLessons(lesson(p, n), lesson(p, n + 2)),
  (p, n) =>
    stretchLessons(
      [lesson(p, n)],
      {
        name: 'w',
        days: p.year!.weekdays.map((weekday, i, all) => ({
          weekday,
          closes: all.length > 1 && i === all.length - 1,
        })),
      },
      n % 2 === 0,
    ),
  (p, n) => gatherLessons([lesson(p, n)]),
  (p, n) => reorderLesson(lesson(p, n), (n % 5) - 2),
  (p, n) => removeLessons([lesson(p, n)]),
  (p, n) => addLesson(unit(p, n), 'Another', n % 2 ? lesson(p, n) : null),
  (p, n) => reorderPart(part(p, n), (n % 3) - 1),
  (p, n) => removePart(part(p, n)),
  (p, n) => {
    const x = pick(p.parts, n);
    return x
      ? editPart(x.id, { ...x, minutes: 5 + (n % 60), weekday: null, childIds: null, optional: n % 2 === 0 })
      : removePart('none');
  },
  (p, n) => noteSeen(part(p, n), 'hot', n % 2 === 0),
  (p, n) =>
    addRule({
      ...blankRule,
      unitId: n % 3 ? unit(p, n) : null,
      title: 'Again',
      kind: 'recall',
      minutes: 10,
      rhythm: pick(
        [{ on: 'day' }, { on: 'week-first', everyWeeks: 1, startWeek: 1 }, { on: 'lesson', place: 'last' }],
        n,
      ),
    }),
  (p, n) => removeRule(pick([...p.rules, NONE], n).id),
  (p, n) => markDone(part(p, n), n % 2 ? 'c1' : null, day(n)),
  (p, n) => noteFelt(part(p, n), n % 2 ? 'c1' : 'c2', pick(['easy', 'right', 'hard'] as const, n), day(n)),
  (p, n) => unmark(part(p, n), n % 2 ? 'c1' : null),
  (p, n) => didNotHappen(part(p, n), day(n), n % 2 === 0),
  (_, n) => inkDays(day(n), '2026-12-20'),
  (_, n) => rubOutDays(day(n), '2026-12-20'),
  () => layOutAgain(),
  (p, n) => placeUnit(unit(p, n), day(n)),
  (p, n) => endUnit(unit(p, n), n % 3 ? day(n) : null),
  (p, n) => letUnitWait(unit(p, n)),
  (p, n) => paceUnit(unit(p, n), n % 4 || null),
  (p, n) => placeInRow([unit(p, n)], day(n)),
  (p, n) => removeUnit(unit(p, n)),
  (p, n) => editUnit(unit(p, n), { childIds: n % 2 ? ['c1'] : ['c1', 'c2'] }),
  (_, n) => dropInIllness(day(n), day(n + 3) > day(n) ? day(n + 3) : day(n), 'fever'),
  (_, n) => takeDayOff({ first: day(n), last: day(n), label: '', kind: 'holiday' }),
  (p, n) => setYear({ ...p.year!, weekdays: n % 2 ? [1, 3, 5] : [2, 4], terms: [] }),
  (p, n) => turnIdea(pick([...p.ideas, NONE], n).id, n % 2 ? 'lesson' : 'activity'),
  (p, n) => placeIdea(pick([...p.ideas, NONE], n).id, lesson(p, n)),
  (p, n) => addObjectives(unit(p, n), [{ code: 'N.1', wording: 'New' }]),
  (p, n) => removeObjective(pick([...p.objectives, NONE], n).id),
  (p, n) => keepOutline(part(p, n), null),
  (p, n) => (p.outlines.length ? placeOutline(lesson(p, n), pick(p.outlines, n)) : layOutAgain()),
  (p, n) => removeChild(pick([...p.children.slice(1), NONE], n).id),
  (p, n) => moveRungFromHere(lesson(p, n), 'c1', n % 2 ? 1 : -1),
  (p, n) => skipPart(part(p, n), n % 2 ? 'c1' : 'c2'),
  (p, n) => moveInPart(part(p, n), 'c2', (n % 9) - 4),
  (p, n) => moveKindFromHere(part(p, n), 'c1', n % 2 ? 1 : -1),
  (p, n) => swapWork(part(p, n), 'c1', n % 3 ? { kind: pick(SWAP_KINDS, n), why: 'for once' } : null),
  (p, n) => joinLesson(lesson(p, n), n % 2 ? 'c1' : 'c2', n % 3 === 0),
  (p, n) => addForChildren(lesson(p, n), ['c1'], { title: 'Another', minutes: 10, lead: 'near' }),
  (p, n) => letTeach(part(p, n), 'c2', 'c1'),
  (p, n) => endTeaching(pick([...p.parts.filter((x) => x.kind === 'teaching'), NONE], n).id),
  (p, n) => showBy(unit(p, n), 'c1', pick(SHOWS, n)),
  (p, n) => noteTook(part(p, n), 'c1', 1 + (n % 40), day(n)),
  (p, n) =>
    keepWork(n % 2 ? null : pick([...p.works, NONE], n).id, {
      kind: n % 3 ? 'own-kind' : 'labels',
      title: `Kind ${n % 4}`,
      skill: pick(SKILLS, n),
      versions: Object.fromEntries(
        ['1', '2', '3', '4', '5'].map((r) => [
          r,
          {
            wording: `Rung ${r}`,
            amount: 1 + (n % 9),
            minutes: 5,
            parentMinutes: null,
            produces: null,
            supplies: null,
          },
        ]),
      ),
    }),
  (p, n) => addWorkPart(lesson(p, n), pick([...p.works, NONE], n).id),
  (p, n) => removeWork(pick([...p.works, NONE], n).id),
  (p, n) => pullBooks(unit(p, n), [book(p, n)]),
  (p, n) => setRole(pull(p, n), pick(ROLES, n), n % 2 ? 'c1' : null),
  (p, n) =>
    setCells([
      {
        pullId: pull(p, n),
        lessonId: lesson(p, n),
        pages: pick([null, 'all', { first: 1, last: 1 + (n % 40) }] as const, n),
      },
    ]),
  (p, n) => giveAway(unit(p, n)),
  (p, n) => fillBook(pull(p, n), [lesson(p, n), lesson(p, n + 1)], n % 2 ? 'pages' : 'whole'),
  (p, n) =>
    paceBookOver({ pullId: pull(p, n), by: 'pages', each: 3 + (n % 9), from: 1, to: 30, first: day(n) }),
  (p, n) => wantLoan(book(p, n), '', n % 2 ? day(n) : null),
  (p, n) => stepLoan(loan(p, n), pick(['ask', 'ready', 'fetch', 'renew', 'return'] as const, n), day(n)),
  (p, n) => unwantLoan(loan(p, n)),
  (p, n) => waitForBook([lesson(p, n)], day(n)),
  (p, n) => doWithout(unit(p, n), book(p, n), [lesson(p, n)]),
  (p, n) => readInstead(unit(p, n), book(p, n), [lesson(p, n)], book(p, n + 1)),
  (p, n) =>
    noteReading({
      childId: 'c1',
      bookId: book(p, n),
      date: '2026-09-04',
      pages: 1 + (n % 9),
      minutes: 5 + n,
    }),
  (_, n) => setCard({ loans: 1 + (n % 3), weeks: 3, renewals: 1, days: [2] }),
  (p, n) =>
    takeSet(unit(p, n), [
      {
        book: { draft: { ...blankBook, title: `New ${n}`, source: 'borrowed' }, ref: '', expected: null },
        role: 'together',
        childId: null,
        lessons: [{ lessonId: lesson(p, n), pages: 'all' }],
      },
    ]),
  (p, n) => removeBook(book(p, n)),
];

it('whatever a parent does, in whatever order, the plan stays whole: it is refused in words, or it breaks no promise and can be written and read', () => {
  fc.assert(
    fc.property(
      someFullPlan,
      fc.array(fc.tuple(fc.nat(STEPS.length - 1), fc.nat(200)), { minLength: 1, maxLength: 8 }),
      (given, steps) => {
        let ids = 0;
        const context = { today: '2026-09-10', newId: () => `new${++ids}` };
        let plan = canonical(redraw(given, context).plan);
        for (const [which, n] of steps) {
          const done = perform(STEPS[which](plan, n), plan, context);
          if ('refused' in done) {
            expect(done.refused.length).toBeGreaterThan(10);
            continue;
          }
          plan = canonical(done.plan);
          expect(breaches(plan)).toEqual([]);
          const reading = readHausplanJson(writeHausplanJson(plan));
          expect('plan' in reading ? canonical(reading.plan) : reading.faults).toEqual(plan);
          expect(new Set(plan.parts.map((p) => p.id)).size).toBe(plan.parts.length);
        }
      },
    ),
    { numRuns: 150 },
  );
});
