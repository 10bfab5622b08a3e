/** What cannot be done is refused in words that say why and what to do; nothing of it is kept. */
import { stretchLessons } from './stretch';
import { describe, expect, it } from 'vitest';
import { aPart, aPlan, aUnit, YEAR } from '../../../tests/sample-plan';
import { blankActivity, blankDraft, blankDraftPart } from '../formats/blank-draft';
import { blankPart, blankRule } from '../plan/blank';
import type { Plan } from '../plan/plan';
import { EMPTY_PLAN } from '../plan/plan';
import { perform, type Edit } from './edit';
import {
  addIdeas,
  addObjectives,
  askQuestion,
  editObjective,
  editQuestion,
  placeIdea,
  suitIdea,
  tieObjective,
  turnIdea,
} from './gathered';
import {
  addForChildren,
  endTeaching,
  joinLesson,
  letTeach,
  moveInPart,
  moveKindFromHere,
  moveRung,
  moveRungFromHere,
  showBy,
  skipPart,
  swapWork,
} from './ladder';
import { noteTook } from './today';
import { addWorkPart, keepWork, removeWork } from './works';
import {
  addDrafts,
  addLesson,
  addPart,
  addUnitPart,
  dealActivities,
  editLesson,
  editPart,
  noteSeen,
  removePart,
  type PartFields,
} from './lessons';
import { addRule, editRule, keepOutline, keepPattern, placeOutline, type RuleFields } from './rules';
import { groupLessons, indentLesson, joinLessons, outdentTopic, splitLesson, swapLessons } from './shape';
import { addUnit, editUnit } from './units';
import { dropInIllness, endUnit, letUnitWait, paceUnit, placeInRow, placeUnit, takeDayOff } from './year';

const PLAN = aPlan(2);
const said = (edit: Edit, plan: Plan = PLAN): string => {
  const done = perform(edit, plan, { today: '2026-08-31', newId: () => 'new' });
  return 'refused' in done ? done.refused : 'not refused';
};
const GONE = 'That is no longer in the plan; someone may have removed it in another window.';
const {
  id: _,
  lessonId: __,
  unitId: ___,
  ruleId: ____,
  seen: _____,
  ...FIELDS
} = {
  ...blankPart,
  id: '',
  kind: 'craft' as const,
  title: 'Weave',
  minutes: 20 as number | null,
  lead: 'near' as const,
};
const part = (over: Partial<PartFields>): PartFields => ({ ...FIELDS, ...over });
const rule = (over: Partial<RuleFields>): RuleFields => ({
  ...blankRule,
  unitId: 'u1',
  title: 'Recall',
  kind: 'recall',
  rhythm: { on: 'day' },
  ...over,
});

describe('on what is gone', () => {
  it.each<[string, Edit]>([
    ['a lesson of no unit', addLesson('none', 'x')],
    ['a lesson', editLesson('none', { title: 'x' })],
    ['a part of no lesson', addPart('none', part({}))],
    ['a part of no unit', addUnitPart('none', part({}))],
    ['a part', editPart('none', part({}))],
    ['a caution', noteSeen('none', 'hot', true)],
    ['drafts', addDrafts('none', [{ ...blankDraft, title: 'x' }], { start: false, questions: false })],
    ['indenting', indentLesson('none')],
    ['outdenting', outdentTopic('l1', 3)],
    ['swapping', swapLessons('l1', 'none')],
    ['splitting', splitLesson('none', 2)],
    ['stretching', stretchLessons(['none'], { name: 'w', days: [{ weekday: 1, closes: false }] }, false)],
    ['an objective of no unit', addObjectives('none', [{ code: '', wording: 'x' }])],
    ['an objective', editObjective('none', { code: '', wording: 'x' })],
    ['a tie', tieObjective('none', [])],
    ['a question of no unit', askQuestion('none', null, 'Why?', '2026-08-31')],
    ['a question', editQuestion('none', { answer: 'x' })],
    ['ideas of no unit', addIdeas('none', ['x'])],
    ['whom an idea suits', suitIdea('none', [])],
    ['an idea turned', turnIdea('none', 'lesson')],
    ['an idea placed', placeIdea('none', 'l1')],
    ['a rule of no unit', addRule(rule({ unitId: 'none' }))],
    ['a rule', editRule('none', rule({}))],
    [
      'looking again at no part',
      addRule(rule({ rhythm: { on: 'after', partId: 'none', everyDays: 3, times: 2 } })),
    ],
    ['an outline of no part', keepOutline('none', null)],
    ['an outline on no lesson', placeOutline('none', { ...blankActivity, id: 'o', title: 'x', taste: null })],
    ['a unit', editUnit('none', {})],
    ['a place', placeUnit('none', '2026-09-07')],
    ['an end', endUnit('none', null)],
    ['a wait', letUnitWait('none')],
    ['a pace', paceUnit('none', 2)],
    ['a row', placeInRow(['none'], '2026-09-07')],
    ['a rung in a part', moveInPart('none', 'c1', 1)],
    ['a rung of no child', moveInPart('l1-a', 'none', 1)],
    ['a rung in a kind', moveKindFromHere('none', 'c1', 1)],
    ['a rung in a lesson', moveRung('none', 'c1', 1)],
    ['a rung from here on', moveRungFromHere('l1', 'none', 1)],
    ['a part left out', skipPart('none', 'c1')],
    ['a part left out by a child of no unit', skipPart('l1-a', 'none')],
    ['a lesson sat out', joinLesson('none', 'c1', false)],
    ['a swap', swapWork('none', 'c1', null)],
    ['something for one child', addForChildren('none', ['c1'], { title: 'x', minutes: 5, lead: 'near' })],
    ['teaching', letTeach('none', 'c2', 'c1')],
    ['the end of no teaching', endTeaching('l1-a')],
    ['a way of showing', showBy('u1', 'none', 'quiz')],
    ['a kind of work', keepWork('none', { kind: 'copying', title: 'x', skill: 'writing', versions: {} })],
    ['a kind taken back', removeWork('none')],
    ['a kind on a lesson', addWorkPart('l1', 'none')],
    ['minutes of no work', noteTook('l1-a', 'c1', 5, '2026-09-01')],
  ])('%s', (_name, edit) => expect(said(edit)).toBe(GONE));
});

describe('what does not go together', () => {
  it.each<[string, Edit, string]>([
    [
      'an activity without minutes',
      addPart('l1', part({ minutes: null })),
      'Say how many minutes “Weave” takes.',
    ],
    ['a part for nobody', addPart('l1', part({ childIds: [] })), 'Choose at least one child for this part.'],
    [
      'a latest day before the earliest',
      addPart('l1', part({ earliest: '2026-09-09', latest: '2026-09-02' })),
      'The latest day comes before the earliest. Change one of them.',
    ],
    [
      'a weekday without school',
      addPart('l1', part({ weekday: 7 })),
      'You do not teach on that weekday. Choose another one.',
    ],
    [
      'the family’s rule with each lesson',
      addRule(rule({ unitId: null, rhythm: { on: 'lesson', place: 'last' } })),
      'Only a unit has lessons; what comes with each lesson belongs to a unit.',
    ],
    [
      'a rule on a weekday without school',
      addRule(rule({ rhythm: { on: 'weekday', weekday: 6, everyWeeks: 1, startWeek: 1 } })),
      'You do not teach on that weekday. Choose another one.',
    ],
    ['a rule for nobody', addRule(rule({ childIds: [] })), 'Choose at least one child.'],
    [
      'a rule that ends before it begins',
      addRule(rule({ first: '2026-10-01', last: '2026-09-01' })),
      'It ends before it begins. Change one of the dates.',
    ],
    [
      'a rule that takes no time',
      addRule(rule({ minutes: 0 })),
      'Say how many minutes “Recall” takes each time.',
    ],
    [
      'an assembly of what does not grow',
      addRule(rule({ assembly: { title: 'x', minutes: 20 } })),
      'Only what grows a piece with each lesson is put together at the end.',
    ],
    ['one lesson joined', joinLessons(['l1'], null, true), 'Choose at least two lessons to join.'],
    ['nothing grouped', groupLessons(['l1'], [0]), 'There are no lessons to group.'],
    ['a lesson split into one', splitLesson('l1', 1), 'A lesson is split into 2 to 20.'],
    [
      'a pattern that only closes',
      stretchLessons(['l1'], { name: 'w', days: [{ weekday: 5, closes: true }] }, false),
      'A pattern needs a day on which something is done, beside the close.',
    ],
    [
      'a close in mid-week',
      stretchLessons(
        ['l1'],
        {
          name: 'w',
          days: [
            { weekday: 1, closes: true },
            { weekday: 3, closes: false },
          ],
        },
        false,
      ),
      'The close comes on the last day of the pattern.',
    ],
    ['no drafts', addDrafts('u1', [], { start: false, questions: false }), 'There is no lesson in it.'],
    [
      'a unit that ends before it starts',
      addUnit({ ...aUnit(), starts: '2026-10-01', wishedEnd: '2026-09-01' }),
      'The wished end comes before the start. Change one of them.',
    ],
    ['a unit for nobody', addUnit({ ...aUnit(), childIds: [] }), 'Choose at least one child for this unit.'],
    [
      'an illness that ends before it begins',
      dropInIllness('2026-09-09', '2026-09-02', ''),
      'The last day comes before the first.',
    ],
  ])('%s', (_name, edit, message) => expect(said(edit)).toBe(message));

  it('activities are dealt to lessons, so there must be one', () =>
    expect(
      said(dealActivities('u1', [{ ...blankDraftPart, title: 'x' }], [0]), {
        ...PLAN,
        lessons: [],
        parts: [],
      }),
    ).toContain('has no lessons yet'));
  it('a row of a unit without lessons or hope', () =>
    expect(said(placeInRow(['u1'], '2026-09-07'), { ...PLAN, lessons: [], parts: [] })).toBe(
      '“A unit” has neither lessons nor a hoped length. Say how many weeks it may take.',
    ));
  it('a row past the end of the year', () =>
    expect(
      said(placeInRow(['u1', 'u2'], '2027-06-11'), {
        ...PLAN,
        units: [aUnit({ hopedWeeks: 2 }), aUnit({ id: 'u2', title: 'Salt', hopedWeeks: 2 })],
      }),
    ).toContain('The year is over before “Salt” could begin.'));
  it('a day that is off already', () =>
    expect(
      said(takeDayOff({ first: '2026-09-02', last: '2026-09-02', label: '', kind: 'holiday' }), {
        ...PLAN,
        year: {
          ...YEAR,
          daysOff: [{ id: 'o', first: '2026-09-01', last: '2026-09-04', label: '', kind: 'off' }],
        },
      }),
    ).toBe('Wed 2 Sep is off already.'));
  it('before there is a family, or a year', () => {
    expect(said(keepPattern({ name: 'w', days: [{ weekday: 1, closes: false }] }), EMPTY_PLAN)).toContain(
      'Say who the family is first',
    );
    expect(said(dropInIllness('2026-09-02', '2026-09-02', ''), EMPTY_PLAN)).toBe(
      'There is no school year yet.',
    );
    expect(
      said(takeDayOff({ first: '2026-09-02', last: '2026-09-02', label: '', kind: 'off' }), EMPTY_PLAN),
    ).toBe('There is no school year yet.');
  });
  it('what comes back is changed where it comes from', () => {
    const ruled = {
      ...PLAN,
      rules: [
        {
          ...blankRule,
          id: 'r',
          unitId: 'u1',
          title: 'Recall',
          kind: 'recall' as const,
          rhythm: { on: 'day' as const },
        },
      ],
      parts: [
        ...PLAN.parts,
        aPart('r-1', 'l1', {
          lessonId: null,
          unitId: 'u1',
          ruleId: 'r',
          fixedDate: '2026-08-31',
          title: 'Recall',
        }),
      ],
    };
    expect(said(editPart('r-1', part({})), ruled)).toBe(
      '“Recall” comes back by itself. Change what brings it back.',
    );
    expect(said(removePart('r-1'), ruled)).toContain('comes back by itself');
  });
});

it('those who plan no year have days all the same: Monday to Friday from the week of their first unit', () => {
  const done = perform(
    addUnit({ ...aUnit(), starts: '2026-09-03' }),
    { ...PLAN, year: null, units: [], lessons: [], parts: [] },
    { today: '2026-08-31', newId: () => 'new' },
  );
  expect('plan' in done && done.plan.year).toMatchObject({
    starts: '2026-08-31',
    ends: '2027-08-29',
    weekdays: [1, 2, 3, 4, 5],
    weeksOff: 0,
  });
});
