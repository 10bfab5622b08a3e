/** Every change a parent can make, as functions of a plan and a number, on things there are and on things that are gone. */
import { pauseBefore } from '../src/core/edit/pause';
import { waitUntil } from '../src/core/edit/waiting';
import { gatherLessons, onceMore, stretchLessons } from '../src/core/edit/stretch';
import type { Plan } from '../src/core/plan/plan';
import { pullBooks, removeBook, setRole } from '../src/core/edit/books';
import {
  addAppointment,
  dropCalendar,
  editAppointment,
  removeAppointment,
  takeCalendar,
} from '../src/core/edit/appointments';
import type { AppointmentFields } from '../src/core/plan/appointment';
import { type Edit } from '../src/core/edit/edit';
import { removeChild } from '../src/core/edit/family';
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
} from '../src/core/edit/ladder';
import { addObjectives, placeIdea, removeObjective, turnIdea } from '../src/core/edit/gathered';
import {
  addLesson,
  editPart,
  leaveOut,
  noteSeen,
  removeLessons,
  removePart,
  reorderLesson,
  reorderPart,
  moveLessons,
} from '../src/core/edit/lessons';
import {
  doWithout,
  noteReading,
  readInstead,
  setCard,
  stepLoan,
  unwantLoan,
  waitForBook,
  wantLoan,
  addLoans,
} from '../src/core/edit/loans';
import { fillBook, giveAway, paceBookOver, setCells, takeSet } from '../src/core/edit/pages';
import { addRule, keepOutline, placeOutline, removeRule } from '../src/core/edit/rules';
import { indentLesson, joinLessons, outdentTopic, splitLesson, swapLessons } from '../src/core/edit/shape';
import {
  didNotHappen,
  markDone,
  noteFelt,
  noteTook,
  nothingHappened,
  tickAll,
  unmark,
} from '../src/core/edit/today';
import { editUnit, removeUnit } from '../src/core/edit/units';
import { addWorkPart, keepWork, removeWork } from '../src/core/edit/works';
import { inkDays, layOutAgain, rubOutDays, takeLayOut } from '../src/core/edit/weeks';
import {
  dropInIllness,
  endUnit,
  letUnitWait,
  paceUnit,
  placeInRow,
  placeUnit,
  setYear,
  takeDayOff,
} from '../src/core/edit/year';
import { mendLoan } from '../src/core/edit/loan-remedies';
import type { CameUp } from '../src/core/edit/came-up';
import { countBack, setBought, setKit, setPacked, setPrepared, setPrinted } from '../src/core/edit/ready';
import {
  call,
  keepFile,
  noteOn,
  say,
  sayAnew,
  setAsked,
  setChecked,
  attend,
  giveTalk,
  judge,
  setFact,
  setLoved,
  setOtherwise,
  takeBackFact,
  takeLonger,
} from '../src/core/edit/facts';
import { putBefore } from '../src/core/edit/change-places';
import { afresh, changePart, pencil, several } from '../src/core/edit/compose';
import { takeWay } from '../src/core/edit/ways-through';
import { closeUnit, reopenUnit, takeLeftOver } from '../src/core/edit/closing';
import { takeUnit } from '../src/core/edit/take-unit';
import { againOf, takeFactors, whoseIn } from '../src/core/edit/teach-again';
import { outlineOf, withoutFamily } from '../src/core/formats/unit-outline';
import { closeYear, leftOver, nextDates, type NextYear } from '../src/core/edit/years';
import { blankBook, blankRule } from '../src/core/plan/blank';
import { ROLES, SHOWS, SKILLS, SWAP_KINDS } from '../src/core/plan/words';

import {
  addBook,
  addBooks,
  editBook,
  mergeBooks,
  pullBook,
  putBack,
  putOnLesson,
  setRoles,
  takeOffLesson,
} from '../src/core/edit/books';
import { freeAlternative, makeAlternative, takeAlternative } from '../src/core/edit/alternatives';
import {
  addAdult,
  editAdult,
  removeAdult,
  setCountsFor,
  setCounting,
  setWhere,
  setPantry,
} from '../src/core/edit/household';
import { addChild, editChild, setFamily, setRung } from '../src/core/edit/family';
import {
  addIdeas,
  askQuestion,
  editObjective,
  editQuestion,
  removeIdea,
  removeQuestion,
  reorderIdea,
  suitIdea,
  tieObjective,
} from '../src/core/edit/gathered';
import { moveRung, wordByHand, wordByLadder } from '../src/core/edit/ladder';
import {
  addDrafts,
  addPart,
  addUnitPart,
  dealActivities,
  editLesson,
  setBuildsOn,
  setOptional,
  type PartFields,
} from '../src/core/edit/lessons';
import { remedyEdit } from '../src/core/edit/load-remedies';
import { hearOfLoans, removeReading } from '../src/core/edit/loans';
import { fillBooks } from '../src/core/edit/pages';
import { editRule, keepPattern, removeOutline } from '../src/core/edit/rules';
import { groupLessons } from '../src/core/edit/shape';
import { addContents, addUnit } from '../src/core/edit/units';
import { inkLesson, moveLesson, movePart, rubOutLesson } from '../src/core/edit/weeks';
import { blankDraft, blankDraftPart } from '../src/core/formats/blank-draft';
import { readContents } from '../src/core/formats/contents';
import { blankChild, blankPart, blankUnit } from '../src/core/plan/blank';
import { HATCHES } from '../src/core/plan/words';

export type Step = (plan: Plan, n: number) => Edit;
const pick = <T>(items: readonly T[], n: number): T => items[n % items.length];
const NONE = { id: 'none' };
const lesson = (p: Plan, n: number): string => pick([...p.lessons, NONE], n).id;
const part = (p: Plan, n: number): string => pick([...p.parts, NONE], n).id;
const unit = (p: Plan, n: number): string => pick([...p.units, NONE], n).id;
const book = (p: Plan, n: number): string => pick([...p.books, NONE], n).id;
const adult = (p: Plan, n: number): string => pick([...p.adults, NONE], n).id;
const appointment = (p: Plan, n: number): string => pick([...p.appointments, NONE], n).id;
const appointmentAt = (p: Plan, n: number): AppointmentFields => ({
  title: pick(['Choir', 'Piano'], n),
  childIds: p.children.length && n % 3 ? [pick(p.children, n).id] : [],
  adultIds: p.adults.length && n % 4 === 0 ? [pick(p.adults, n).id] : [],
  parent: n % 3 === 0,
  dates: [...new Set([day(n), day(n + 2), day(n + 7)])].sort(),
  starts: 480 + 15 * (n % 20),
  ends: 540 + 15 * (n % 20) + 30 * (n % 5),
});
/** A part that has alternatives, where there is one, with one of them. */
function alternativeOf(p: Plan, n: number): [partId: string, alternativeId: string] {
  const of = p.parts.find((x) => x.alternatives.length);
  return of ? [of.id, pick(of.alternatives, n).id] : [part(p, n), 'none'];
}
const pull = (p: Plan, n: number): string => pick([...p.pulls, NONE], n).id;
const loan = (p: Plan, n: number): string => pick([...p.loans, NONE], n).id;
const day = (n: number): string =>
  `2026-${['09', '10', '11', '12'][n % 4]}-${String(1 + (n % 28)).padStart(2, '0')}`;

/** Something that comes up, of each kind in turn. */
function somethingFor(p: Plan, n: number): CameUp {
  const days = { first: day(n), last: day(n) };
  const childId = pick([...p.children, NONE], n).id;
  const all: CameUp[] = [
    { is: 'days-lost', ...days, label: 'snow' },
    { is: 'child-ill', ...days, childId },
    { is: 'you-ill', ...days },
    { is: 'ran-over', lessonId: lesson(p, n), date: day(n) },
    { is: 'comes-late', partId: part(p, n), until: day(n) },
    { is: 'does-not-fit', unitId: unit(p, n) },
    { is: 'enough', unitId: unit(p, n) },
  ];
  return pick(all, n);
}

/** Every change a parent can make, on things there are and on things that are gone. */
/** A day a lesson has something on. */
const sittingOf = (p: Plan, lessonId: string): string | undefined =>
  p.sittings.find((s) => p.parts.find((x) => x.id === s.partId)?.lessonId === lessonId)?.date;

/** The next year, with every other thing that can go on; now and then one that cannot be. */
export function theNextYear(plan: Plan, n: number): NextYear {
  const left = leftOver(plan);
  const some = (items: readonly { id: string }[]): string[] =>
    items.filter((_, i) => (n + i) % 2).map((i) => i.id);
  const dates = plan.year ? nextDates(plan.year) : { starts: '2027-09-01', ends: '2028-06-30' };
  return {
    ...dates,
    starts: n % 10 === 9 ? '2026-09-01' : dates.starts,
    unitIds: some([...left.unfinished.map((u) => u.unit), ...left.waiting]),
    ruleIds: some(left.rules),
    questionIds: some(left.questions),
    leadMinutes: 100 + n,
    childMinutes: Object.fromEntries(plan.children.map((c) => [c.id, 60 + n])),
  };
}

/** Everything that was ever written down, the years before first. */
export const everyEntry = (plan: Plan): Plan['entries'] => [
  ...plan.closedYears.flatMap((y) => y.slice!.entries),
  ...plan.entries,
];

export const EVERY_EDIT: Step[] = [
  (p, n) => joinLessons([lesson(p, n), lesson(p, n + 1)], null, n % 2 === 0),
  (p, n) => splitLesson(lesson(p, n), 2 + (n % 3)),
  (p, n) => indentLesson(lesson(p, n)),
  (p, n) => outdentTopic(lesson(p, n), 0),
  (p, n) => moveLessons([lesson(p, n), lesson(p, n + 3)], 1 + (n % 5)),
  (p, n) => swapLessons(lesson(p, n), lesson(p, n + 2)),
  (p, n) => waitUntil([lesson(p, n)], '2026-11-09', 'choose another day'),
  (p, n) => pauseBefore(lesson(p, n), n % 3 ? '2026-11-09' : null),
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
  (p, n) => tickAll(day(n), n % 3 ? null : lesson(p, n)),
  (_, n) => nothingHappened(day(n), n % 2 > 0),
  (p, n) => unmark(part(p, n), n % 2 ? 'c1' : null),
  (p, n) => didNotHappen(part(p, n), day(n), n % 2 === 0),
  (_, n) => inkDays(day(n), '2026-12-20'),
  (_, n) => rubOutDays(day(n), '2026-12-20'),
  () => layOutAgain(),
  (p, n) => placeUnit(unit(p, n), day(n)),
  (p, n) => endUnit(unit(p, n), n % 3 ? day(n) : null),
  (p, n) => mendLoan(loan(p, n), pick(['wait', 'instead', 'without'] as const, n), book(p, n)),
  (p, n) => leaveOut([lesson(p, n)], n % 3 > 0),
  (p, n) =>
    takeWay(somethingFor(p, n), pick(['later', 'without', 'alone', 'goes-on', 'wait', 'anew', 'close'], n)),
  (p, n) =>
    several(pencil([part(p, n)]), afresh(unit(p, n)), changePart(part(p, n + 1), { optional: n % 2 > 0 })),
  (p, n) =>
    n % 2
      ? closeUnit(unit(p, n))
      : closeUnit(unit(p, n), {
          partIds: [part(p, n), part(p, n + 1)],
          ruleIds: p.rules.filter((_, i) => (i + n) % 2).map((r) => r.id),
          pullIds: [pull(p, n)],
        }),
  (p, n) => takeLeftOver(lesson(p, n), unit(p, n + 1)),
  (p, n) => onceMore(part(p, n)),
  (p, n) => takeFactors(unit(p, n), [{ kind: 'activity', factor: 0.5 + (n % 5) / 2 }]),
  (p, n) => {
    const of = pick(p.units, n);
    if (!of || !p.lessons.some((l) => l.unitId === of.id)) return closeUnit('none');
    const outline =
      n % 2
        ? againOf(p, of, p, { today: day(n), asItTook: n % 4 > 1 })
        : withoutFamily(outlineOf(p, of), p).outline;
    return takeUnit(outline, {
      title: `${outline.title.slice(0, 150)}, again`,
      starts: day(n),
      waiting: n % 3 === 0,
      childIds: p.children.slice(0, 1 + (n % 2)).map((c) => c.id),
      lessonsPerWeek: n % 5 || null,
      whose: whoseIn(p, of),
      repeats: n % 2 ? { unitId: of.id, title: of.title, closedOn: of.closedOn } : null,
    });
  },
  (p, n) => reopenUnit(unit(p, n)),
  (p, n) => letUnitWait(unit(p, n)),
  (p, n) => paceUnit(unit(p, n), n % 4 || null),
  (p, n) => placeInRow([unit(p, n)], day(n)),
  (p, n) => removeUnit(unit(p, n)),
  (p, n) => editUnit(unit(p, n), { childIds: n % 2 ? ['c1'] : ['c1', 'c2'] }),
  (_, n) => dropInIllness(day(n), day(n + 3) > day(n) ? day(n + 3) : day(n), 'fever'),
  (_, n) => takeDayOff({ first: day(n), last: day(n), label: '', kind: 'holiday' }),
  (p, n) => closeYear(theNextYear(p, n)),
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
  (p, n) => setRole(pull(p, n), pick(ROLES, n), n % 2 ? ['c1', 'c2'] : []),
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
  (p, n) =>
    addBook(
      unit(p, n),
      { ...blankBook, title: `Book ${n}`, pages: 40 + n },
      pick(ROLES, n),
      n % 2 ? ['c1'] : [],
    ),
  (p, n) => pullBook(unit(p, n), book(p, n), pick(ROLES, n), n % 2 ? ['c2'] : []),
  (p, n) =>
    setRoles([
      { pullId: pull(p, n), role: pick(ROLES, n), childIds: ['c1'] },
      { pullId: pull(p, n + 1), role: pick(ROLES, n + 3), childIds: [] },
    ]),
  (p, n) => editBook(book(p, n), { title: `Another ${n}`, pages: n % 3 ? 10 + n : null }),
  (p, n) => putBack(pull(p, n)),
  (p, n) => putOnLesson(pull(p, n), lesson(p, n), n % 2 ? 1 : null, n % 2 ? 1 + (n % 30) : null),
  (p, n) => takeOffLesson(pick([...p.uses, NONE], n).id),
  (_, n) =>
    addLoans([
      {
        book: { ...blankBook, title: `Borrowed ${n}` },
        due: n % 2 ? '2027-06-30' : null,
      },
    ]),
  (p, n) =>
    addBooks([
      { ...blankBook, title: `One ${n}` },
      { ...blankBook, title: `Two ${n}`, pages: 12 },
    ]),
  (p, n) => mergeBooks(book(p, n), book(p, n + 1)),
  (_, n) =>
    setFamily({
      name: `House ${n}`,
      leadMinutes: 20 + (n % 200),
      allergies: n % 2 ? ['nuts'] : ['eggs', 'wool'],
    }),
  (_, n) => addChild({ ...blankChild, name: `Child ${n}`, birthMonth: '2019-04', hatch: pick(HATCHES, n) }),
  (p, n) =>
    editChild(pick([...p.children, NONE], n).id, {
      ...blankChild,
      name: `Renamed ${n}`,
      birthMonth: n % 2 ? '2024-08' : '2012-01',
      hatch: pick(HATCHES, n),
      minutes: 15 + (n % 90),
    }),
  (_, n) => setRung(n % 2 ? 'c1' : 'c2', pick(SKILLS, n), pick([null, 1, 3, 5] as const, n)),
  (p, n) => editObjective(pick([...p.objectives, NONE], n).id, { code: `E.${n}`, wording: 'Said otherwise' }),
  (p, n) => tieObjective(pick([...p.objectives, NONE], n).id, [lesson(p, n), lesson(p, n + 1)]),
  (p, n) => askQuestion(unit(p, n), n % 2 ? 'c1' : null, `Why ${n}?`, day(n)),
  (p, n) => editQuestion(pick([...p.questions, NONE], n).id, { answer: n % 2 ? 'Because.' : '' }),
  (p, n) => removeQuestion(pick([...p.questions, NONE], n).id),
  (p, n) => addIdeas(unit(p, n), ['dye a skein', `idea ${n}`]),
  (p, n) => suitIdea(pick([...p.ideas, NONE], n).id, n % 2 ? ['c1'] : []),
  (p, n) => reorderIdea(pick([...p.ideas, NONE], n).id, (n % 5) - 2),
  (p, n) => removeIdea(pick([...p.ideas, NONE], n).id),
  (p, n) => moveRung(lesson(p, n), n % 2 ? 'c1' : 'c2', n % 3 ? 1 : -1),
  (p, n) => wordByHand(part(p, n), n % 2 ? 'c1' : 'c2', 'In your own words', 5 + (n % 40)),
  (p, n) => wordByLadder(part(p, n), n % 2 ? 'c1' : 'c2'),
  (p, n) =>
    editLesson(lesson(p, n), {
      title: `Lesson ${n}`,
      passage: n % 2 ? 'Wash the wool, then wait for it.' : '',
    }),
  (p, n) => setOptional([lesson(p, n), lesson(p, n + 1)], n % 2 === 0),
  (p, n) => putBefore(lesson(p, n + 1), lesson(p, n)),
  (p, n) => takeLayOut([{ partId: part(p, n), date: day(n), window: n % 2 ? 'morning' : 'afternoon' }]),
  (p, n) =>
    setPrepared(
      part(p, n),
      p.parts.find((x) => x.id === part(p, n))?.preparations[0]?.id ?? 'none',
      n % 2 > 0,
      day(n),
    ),
  (p, n) => say({ kind: 'noted', note: 'Rain', partId: part(p, n), date: day(n) }),
  (p, n) => sayAnew({ kind: 'packed', lessonId: lesson(p, n), date: day(n) }, 'once'),
  (p, n) => setFact({ kind: 'packed', lessonId: lesson(p, n), date: day(n) }, n % 2 > 0, 'once'),
  (_, n) => setWhere(n % 2 ? { country: n % 3 ? 'US' : '' } : { clock: 12, dates: 'month first' }),
  (_, n) =>
    setCounting(
      n % 2
        ? { kitNumbers: 'year' }
        : { recall: { minutes: n % 60, retention: 85, reward: '' }, hours: 'shared' },
    ),
  (p, n) =>
    attend(n % 5 ? [p.children[n % 2]?.id ?? 'c1'] : [], 'Mill museum', n % 3 ? 90 : null, ['art'], day(n)),
  (p, n) => giveTalk(p.units[0]?.id ?? 'u1', n % 2 ? 'c1' : 'c2', n % 3 > 0, day(n)),
  (p, n) =>
    judge(
      n % 3
        ? { partId: part(p, n) }
        : n % 2
          ? { lessonId: lesson(p, n) }
          : { bookId: p.books[0]?.id ?? 'none' },
      n % 4 ? 1 + (n % 3) : null,
      'Too long',
      day(n),
    ),
  (_, n) => setBought({ name: 'alum', amount: n % 3 ? 10 * n : null, unit: 'g' }, n % 4 > 0, day(n)),
  (p, n) => setPrinted([part(p, n)], n % 2 ? 'c1' : 'c2', n % 3 > 0, day(n)),
  (p, n) => setPacked(lesson(p, n), n % 3 > 0, day(n)),
  (p, n) =>
    setKit(lesson(p, n), {
      kitPlace: `shelf ${n}`,
      kitCounts: n % 2 ? [{ what: 'gears', pieces: 1 + n }] : [],
    }),
  (p, n) => countBack(lesson(p, n), 'gears', n, day(n)),
  (p, n) => setLoved(part(p, n), n % 2 ? 'c1' : null, n % 3 > 0, day(n)),
  (p, n) =>
    setAsked(
      p.lessons[n % p.lessons.length]?.recall[0]?.id ?? 'none',
      n % 2 ? 'c1' : 'c2',
      n % 5 || null,
      day(n),
    ),
  (p, n) =>
    setChecked(
      n % 3
        ? { objectiveId: p.objectives[0]?.id ?? 'none' }
        : n % 2
          ? { promptId: p.units[0]?.vocabulary[0]?.id ?? 'none' }
          : { idea: p.units[0]?.bigIdeas[0] ?? 'none' },
      n % 2 ? 'c1' : 'c2',
      1 + (n % 3),
      day(n),
    ),
  (p, n) => takeLonger(part(p, n), 5 + n, day(n)),
  (p, n) => setOtherwise(part(p, n), n % 3 > 0, day(n)),
  (p, n) => noteOn(n % 2 ? part(p, n) : null, n % 3 ? 'c2' : null, 'Again, slower', day(n)),
  (p, n) => keepFile(part(p, n), n % 2 ? 'c1' : 'c2', `${String(n % 10).repeat(64)}.png`, '', day(n)),
  (p, n) => call(n % 2 ? 'c1' : 'c2', n % 2 ? 'help' : 'early', n % 3 ? part(p, n) : null, day(n)),
  (p, n) => takeBackFact(p.entries[n % Math.max(1, p.entries.length)]?.id ?? 'none'),
  (p, n) => setBuildsOn([lesson(p, n), lesson(p, n + 1)], n % 3 === 0),
  (p, n) =>
    addDrafts(
      unit(p, n),
      [
        {
          ...blankDraft,
          title: `Drafted ${n}`,
          words: ['carder'],
          parts: [{ ...blankDraftPart, title: 'Card a lock', minutes: n % 2 ? 20 : null }],
        },
      ],
      { start: n % 2 === 0, questions: n % 3 === 0 },
    ),
  (p, n) => dealActivities(unit(p, n), [{ ...blankDraftPart, title: 'Spin' }], [1 + (n % 4)]),
  (p, n) =>
    addPart(lesson(p, n), {
      ...blankPart,
      kind: pick(['activity', 'walk', 'talk'] as const, n),
      title: `Part ${n}`,
      lead: pick(['leads', 'near', 'not-needed'] as const, n),
    }),
  (p, n) => addUnitPart(unit(p, n), { ...blankPart, kind: 'opening', title: 'At the start', lead: 'leads' }),
  (p, n) =>
    remedyEdit(
      lesson(p, n),
      pick(
        [
          { does: 'rung', childId: 'c1', by: -1 },
          { does: 'skip', childId: 'c2', partId: part(p, n) },
          { does: 'teach', partId: part(p, n), youngerId: 'c2', elderId: 'c1' },
          { does: 'later', partId: part(p, n), date: day(n) },
          { does: 'drop', partId: part(p, n) },
        ] as const,
        n,
      ),
    ),
  (p, n) => hearOfLoans([{ id: loan(p, n), ready: day(n), expected: null }]),
  (p, n) => removeReading(pick([...p.readings, NONE], n).id),
  (p, n) => fillBooks([pull(p, n), pull(p, n + 1)], [lesson(p, n), lesson(p, n + 1), lesson(p, n + 2)]),
  (p, n) => editRule(pick([...p.rules, NONE], n).id, { title: `Again ${n}`, minutes: 5 + (n % 20) }),
  (p, n) => removeOutline(pick([...p.outlines, NONE], n).id),
  (p, n) =>
    keepPattern({
      name: `Pattern ${n % 3}`,
      days: p.year!.weekdays.map((weekday, i) => ({ weekday, closes: i > 0 && n % 2 === 0 })),
    }),
  (p, n) => groupLessons([lesson(p, n), lesson(p, n + 1), lesson(p, n + 2)], [0, 2]),
  (_, n) =>
    addUnit({ ...blankUnit, title: `Unit ${n}`, starts: day(n), childIds: ['c1'], lessonsPerWeek: 2 }),
  (p, n) =>
    addContents(
      unit(p, n),
      readContents(['1 Sorting the clip .... 3', '2 Washing .... 9', '  Soap'].join('\n')),
    ),
  (p, n) => inkLesson(lesson(p, n)),
  (p, n) => rubOutLesson(lesson(p, n)),
  (p, n) => moveLesson(lesson(p, n), sittingOf(p, lesson(p, n)) ?? day(n), day(n + 1)),
  (p, n) => movePart(part(p, n), day(n)),
  (_, n) =>
    addAdult({
      name: `Adult ${n % 3}`,
      minutes: 30 + (n % 60),
      weekdays: [1 + (n % 5)],
      starts: n % 2 ? 540 : null,
      ends: null,
    }),
  (p, n) =>
    editAdult(adult(p, n), {
      name: `Adult ${n % 4}`,
      minutes: n % 90,
      weekdays: [2, 4],
      starts: null,
      ends: 800,
    }),
  (p, n) => removeAdult(adult(p, n)),
  (p, n) => addAppointment(appointmentAt(p, n)),
  (p, n) => editAppointment(appointment(p, n), appointmentAt(p, n + 1)),
  (p, n) => removeAppointment(appointment(p, n)),
  (p, n) =>
    takeCalendar(
      pick(['Ours', 'Choir'], n),
      [n, n + 3].map((m) => ({ ...appointmentAt(p, m), uid: `uid${m % 4}` })),
    ),
  (_, n) => dropCalendar(pick(['Ours', 'Choir'], n)),
  (p, n) =>
    editPart(part(p, n), {
      ...blankPart,
      ...p.parts.find((x) => x.id === part(p, n)),
      adultId: p.adults.length && n % 3 ? adult(p, n) : null,
      window: n % 2 ? 'evening' : null,
    } as PartFields),
  (_, n) => setPantry([{ name: pick(['alum', 'soap', 'card'], n), amount: 1 + n, unit: 'g' }]),
  (_, n) => setCountsFor({ copying: n % 2 ? ['language'] : [], craft: ['art'] }),
  (p, n) => makeAlternative(part(p, n), part(p, n + 1)),
  (p, n) => takeAlternative(...alternativeOf(p, n)),
  (p, n) => freeAlternative(...alternativeOf(p, n), n % 2 === 0),
  (p, n) => editUnit(unit(p, n), { after: n % 3 ? unit(p, n + 1) : null, listens: n % 2 ? ['c2'] : [] }),
];
