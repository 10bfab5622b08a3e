import { gatherLessons, stretchLessons } from './stretch';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { aLesson, aPart, aPlan, aUnit, somePlan } from '../../../tests/sample-plan';
import { breaches } from '../layout/check';
import { redraw } from '../layout/redraw';
import { canonical } from '../plan/canonical';
import type { Plan } from '../plan/plan';
import { perform, type Edit } from './edit';
import { addIdeas, addObjectives, placeIdea, suitIdea, tieObjective, turnIdea } from './gathered';
import { addDrafts, dealActivities, moveLessons } from './lessons';
import { keepOutline, placeOutline } from './rules';
import { groupLessons, indentLesson, joinLessons, outdentTopic, splitLesson, swapLessons } from './shape';
import { markDone } from './today';
import { dropInIllness, endUnit, letUnitWait, placeInRow, placeUnit } from './year';
import { inkDays, layOutAgain } from './weeks';
import { blankActivity, blankDraft, blankDraftPart } from '../formats/blank-draft';
import { readContents } from '../formats/contents';
import { blankBook } from '../plan/blank';
import { addBook } from './books';
import { addContents } from './units';

const TODAY = '2026-08-31';
let ids = 0;
const context = { today: TODAY, newId: () => `n${++ids}` };
const after = (plan: Plan, ...edits: Edit[]): Plan =>
  edits.reduce((now, edit) => {
    const done = perform(edit, now, context);
    if ('refused' in done) throw new Error(done.refused);
    return canonical(done.plan);
  }, plan);
const refusal = (plan: Plan, edit: Edit): string => {
  const done = perform(edit, plan, context);
  return 'refused' in done ? done.refused : 'not refused';
};
const WEEK = {
  name: 'A week',
  days: [1, 2, 3, 4].map((weekday) => ({ weekday, closes: false })).concat({ weekday: 5, closes: true }),
};
const paged = (n: number): Plan =>
  aPlan(n, {
    lessons: Array.from({ length: n }, (_, i) =>
      aLesson(`l${i + 1}`, { firstPage: 1 + 4 * i, lastPage: 4 + 4 * i }),
    ),
  });

describe('joining lessons', () => {
  it('makes topics of them, with their pages, and keeps what they do', () => {
    const plan = after(paged(4), joinLessons(['l2', 'l3'], null, true));
    expect(plan.lessons.map((l) => l.title)).toEqual(['Lesson l1', 'Lesson l2 and Lesson l3', 'Lesson l4']);
    expect(plan.lessons[1]).toMatchObject({
      firstPage: 5,
      lastPage: 12,
      topics: [
        { title: 'Lesson l2', page: 5 },
        { title: 'Lesson l3', page: 9 },
      ],
    });
    expect(plan.parts.filter((p) => p.lessonId === 'l2').map((p) => p.id)).toEqual(['l2-a', 'l3-a']);
  });
  it('reads, tells back and copies once', () => {
    const plan = aPlan(2, {}, (l) => [
      aPart(`${l}-r`, l, { kind: 'read-aloud', minutes: null }),
      aPart(`${l}-a`, l),
    ]);
    expect(after(plan, joinLessons(['l1', 'l2'], 'Both', false)).parts.map((p) => p.id)).toEqual([
      'l1-r',
      'l1-a',
      'l2-a',
    ]);
  });
  it('needs two, of one unit', () => {
    expect(refusal(paged(2), joinLessons(['l1'], null, true))).toBe('Choose at least two lessons to join.');
    expect(
      refusal(
        {
          ...paged(1),
          units: [aUnit(), aUnit({ id: 'u2' })],
          lessons: [aLesson('l1'), aLesson('x', { unitId: 'u2' })],
        },
        joinLessons(['l1', 'x'], null, true),
      ),
    ).toBe('Only lessons of one unit can be joined.');
  });
  it('twenty-four small topics become eight lessons of three', () => {
    const plan = after(
      paged(24),
      groupLessons(
        paged(24).lessons.map((l) => l.id),
        [0, 3, 6, 9, 12, 15, 18, 21],
      ),
    );
    expect([
      plan.lessons.length,
      plan.lessons.every((l) => l.topics.length === 3),
      plan.parts.length,
    ]).toEqual([8, true, 24]);
  });
});

describe('indenting', () => {
  it('makes a lesson a topic of the one above, and back again', () => {
    const indented = after(paged(3), indentLesson('l2'));
    expect(indented.lessons[0]).toMatchObject({
      id: 'l1',
      title: 'Lesson l1',
      topics: [{ title: 'Lesson l2', page: 5 }],
    });
    const out = after(indented, outdentTopic('l1', 0));
    expect(out.lessons.map((l) => [l.title, l.firstPage])).toEqual([
      ['Lesson l1', 1],
      ['Lesson l2', 5],
      ['Lesson l3', 9],
    ]);
  });
  it('the first lesson has none above it', () =>
    expect(refusal(paged(2), indentLesson('l1'))).toBe(
      'There is no lesson above it whose topic it could be.',
    ));
});

describe('splitting a lesson', () => {
  it('shares out its pages and its parts, and cuts a long part', () => {
    const plan = after(
      { ...paged(1), parts: [aPart('a', 'l1', { minutes: 60, waitAfterHours: 24, waitLabel: 'dries' })] },
      splitLesson('l1', 3),
    );
    expect(plan.lessons.map((l) => [l.title, l.firstPage, l.lastPage])).toEqual([
      ['Lesson l1 (1 of 3)', 1, 1],
      ['Lesson l1 (2 of 3)', 2, 2],
      ['Lesson l1 (3 of 3)', 3, 4],
    ]);
    expect(plan.parts.map((p) => [p.title, p.minutes, p.waitAfterHours])).toEqual([
      ['Part a, 1 of 3', 20, 0],
      ['Part a, 2 of 3', 20, 0],
      ['Part a, 3 of 3', 20, 24],
    ]);
  });
  it('leaves alone what is taught in part', () =>
    expect(refusal(after(paged(1), markDone('l1-a', null, TODAY)), splitLesson('l1', 2))).toContain(
      'has been taught in part',
    ));
});

describe('stretching a lesson over a week', () => {
  const four = aPlan(2, {}, (l) => ['a', 'b', 'c', 'd'].map((x) => aPart(`${l}-${x}`, l)));
  const stretched = after(four, stretchLessons(['l1', 'l2'], WEEK, true));
  it('puts its four parts on Monday to Thursday and its close on Friday, a lesson a week', () => {
    expect(stretched.sittings.map((s) => s.date)).toEqual([
      '2026-08-31',
      '2026-09-01',
      '2026-09-02',
      '2026-09-03',
      '2026-09-04',
      '2026-09-07',
      '2026-09-08',
      '2026-09-09',
      '2026-09-10',
      '2026-09-11',
    ]);
    expect(stretched.units[0].lessonsPerWeek).toBe(1);
  });
  it('cuts a long part where there are too few', () =>
    expect(
      after(
        aPlan(1, {}, (l) => [aPart('x', l, { minutes: 80 })]),
        stretchLessons(['l1'], WEEK, false),
      ).parts.map((p) => [p.title, p.minutes, p.weekday]),
    ).toEqual([
      ['Part x, 1 of 4', 20, 1],
      ['Part x, 2 of 4', 20, 2],
      ['Part x, 3 of 4', 20, 3],
      ['Part x, 4 of 4', 20, 4],
      ['Close the lesson', 15, 5],
    ]));
  it('twice is no more than once, and it can be gathered again', () => {
    expect(after(stretched, stretchLessons(['l1', 'l2'], WEEK, true)).parts).toEqual(stretched.parts);
    expect(
      after(stretched, gatherLessons(['l1']))
        .parts.filter((p) => p.lessonId === 'l1')
        .every((p) => p.weekday === null),
    ).toBe(true);
  });
  it('refuses a pattern with a day without school', () =>
    expect(
      refusal(four, stretchLessons(['l1'], { name: 'x', days: [{ weekday: 6, closes: false }] }, false)),
    ).toBe('The pattern has a weekday on which you do not teach.'));
});

describe('any shaping', () => {
  it('loses no work, leaves nothing hanging and breaks no promise', () => {
    const shape = fc.tuple(
      fc.constantFrom<(a: string, b: string) => Edit>(
        (a, b) => joinLessons([a, b], null, true),
        (a) => indentLesson(a),
        (a) => splitLesson(a, 2),
        swapLessons,
        (a) => outdentTopic(a, 0),
      ),
      fc.nat(30),
      fc.nat(30),
    );
    fc.assert(
      fc.property(somePlan, fc.array(shape, { maxLength: 4 }), (given, steps) => {
        let plan = canonical(redraw(given, { today: TODAY }).plan);
        for (const [edit, a, b] of steps) {
          const [x, y] = [a, b].map((n) => plan.lessons[n % plan.lessons.length].id);
          const done = perform(edit(x, y), plan, context);
          if ('refused' in done) continue;
          const minutes = (p: Plan): number =>
            p.parts.filter((q) => q.kind === 'activity').reduce((sum, q) => sum + q.minutes!, 0);
          expect(minutes(done.plan)).toBe(minutes(plan));
          plan = canonical(done.plan);
          const lessons = new Set(plan.lessons.map((l) => l.id));
          expect(plan.parts.every((p) => lessons.has(p.lessonId!))).toBe(true);
          expect(breaches(plan)).toEqual([]);
        }
      }),
      { numRuns: 40 },
    );
  });
});

describe('lessons moved far', () => {
  it('keep their order, and the others close up; nothing moves out of its unit', () => {
    const plan = paged(6);
    const order = (p: Plan): string => p.lessons.map((l) => l.id).join(' ');
    expect(order(after(plan, moveLessons(['l5', 'l2'], 1)))).toBe('l2 l5 l1 l3 l4 l6');
    expect(order(after(plan, moveLessons(['l1'], 6)))).toBe('l2 l3 l4 l5 l6 l1');
    expect(order(after(plan, moveLessons(['l1', 'l2'], 5)))).toBe('l3 l4 l5 l6 l1 l2');
    expect(refusal(plan, moveLessons(['l1', 'l2'], 6))).toBe('Say a place from 1 to 5.');
    expect(refusal(plan, moveLessons(['gone'], 1))).toBeTruthy();
  });
});

describe('from what is gathered', () => {
  const empty = aPlan(0, { lessons: [], parts: [] });
  it('drafts become lessons, and their words join the vocabulary once', () => {
    const plan = after(
      {
        ...empty,
        units: [aUnit({ startKinds: ['copying'], vocabulary: [{ id: '', word: 'vat', meaning: 'a tub' }] })],
      },
      addDrafts(
        'u1',
        [
          {
            ...blankDraft,
            title: 'Dyes',
            words: ['vat', 'mordant', 'mordant'],
            parts: [{ ...blankDraftPart, title: 'Dye pot' }],
          },
        ],
        { start: true, questions: true },
      ),
    );
    expect(plan.parts.map((p) => p.kind)).toEqual(['copying', 'activity']);
    expect(plan.units[0].vocabulary.map((v) => v.word)).toEqual(['vat', 'mordant']);
    expect(plan.questions).toMatchObject([{ text: 'Dyes', answer: '', asked: TODAY }]);
  });
  it('drafts tie objectives by their codes, keep ways to choose from, and bring a reading with their pages', () => {
    const tied = after(empty, addObjectives('u1', [{ code: 'LS 2.1', wording: 'Name three' }]));

    const plan = after(
      tied,
      addDrafts(
        'u1',
        [
          {
            ...blankDraft,
            title: 'Mills',
            firstPage: 12,
            lastPage: 19,
            objectiveCodes: ['LS 2.1', 'unknown'],
            bigIdeas: ['Water works'],
            parts: [
              {
                ...blankDraftPart,
                title: 'Build a wheel',
                earliest: '2026-11-09',
                weekday: 4,
                alternatives: [{ ...blankActivity, title: 'Draw a wheel' }],
              },
            ],
          },
        ],
        { start: false, questions: false },
      ),
    );
    expect(plan.lessons[0].objectiveIds).toEqual([tied.objectives[0].id]);
    expect(plan.units[0].bigIdeas).toEqual(['Water works']);
    expect(plan.parts).toMatchObject([
      { kind: 'read-aloud' },
      {
        title: 'Build a wheel',
        earliest: '2026-11-09',
        weekday: 4,
        alternatives: [{ title: 'Draw a wheel' }],
      },
    ]);
    expect(plan.parts[1].alternatives[0].id).toBeTruthy();
  });
  it('a contents page is the book’s own from then on, where it had none', () => {
    const withBook = after(empty, addBook('u1', { ...blankBook, title: 'Wool', pages: 40 }, 'spine'));
    const made = after(withBook, addContents('u1', readContents('Sheep ... 3\nLooms ... 20')));
    expect(made.books[0].chapters).toEqual([
      { title: 'Sheep', page: 3 },
      { title: 'Looms', page: 20 },
    ]);
    expect(after(made, addContents('u1', readContents('More ... 30'))).books[0].chapters).toHaveLength(2);
  });
  it('an idea becomes a lesson for those whom it suits, or finds its place on one', () => {
    const made = after(empty, addIdeas('u1', ['Weave a belt', 'Felt a ball, 20 min; wool 10 g']));
    const [belt, ball] = made.ideas.map((i) => i.id);
    const turned = after(made, suitIdea(belt, ['c1']), turnIdea(belt, 'lesson'), turnIdea(ball, 'activity'));
    expect(turned.lessons.map((l) => l.title)).toEqual(['Weave a belt']);
    expect(turned.parts).toMatchObject([{ childIds: ['c1'], kind: 'craft' }]);
    const placed = after(turned, placeIdea(ball, turned.lessons[0].id));
    expect(placed.parts[1]).toMatchObject({
      title: 'Felt a ball',
      minutes: 20,
      supplies: [{ name: 'wool', amount: 10, unit: 'g' }],
      childIds: null,
    });
    expect(placed.ideas.map((i) => i.becomes)).toEqual(['lesson']);
  });
  it('an objective with a code that is there already gets its new wording, and is tied to lessons', () => {
    const plan = after(
      paged(2),
      addObjectives('u1', [{ code: 'A.1', wording: 'One' }]),
      addObjectives('u1', [
        { code: 'a.1', wording: 'Two' },
        { code: '', wording: 'Three' },
      ]),
    );
    expect(plan.objectives.map((o) => o.wording)).toEqual(['Two', 'Three']);
    const tied = after(plan, tieObjective(plan.objectives[0].id, ['l2']));
    expect(tied.lessons.map((l) => l.objectiveIds.length)).toEqual([0, 1]);
  });
  it('activities are dealt to lessons, kept for another time, and used again', () => {
    const plan = after(paged(2), dealActivities('u1', [{ ...blankDraftPart, title: 'Spin' }], [1]));
    const spin = plan.parts.find((p) => p.title === 'Spin')!;
    expect(spin.lessonId).toBe('l2');
    const kept = after(plan, keepOutline(spin.id, 'table'));
    expect(
      after(kept, placeOutline('l1', kept.outlines[0]))
        .parts.filter((p) => p.title === 'Spin')
        .map((p) => p.lessonId),
    ).toEqual(['l1', 'l2']);
    expect(refusal(kept, keepOutline(spin.id, 'table'))).toContain('is kept already');
  });
});

describe('units in the year', () => {
  it('move with their hard end, and wait', () => {
    const plan = after(
      { ...aPlan(3), units: [aUnit({ wishedEnd: '2026-09-11' })] },
      placeUnit('u1', '2026-09-07'),
    );
    expect(plan.units[0]).toMatchObject({ starts: '2026-09-07', wishedEnd: '2026-09-18' });
    expect(plan.sittings[0].date).toBe('2026-09-07');
    expect(after(plan, letUnitWait('u1'))).toMatchObject({ sittings: [], units: [{ waiting: true }] });
    expect(refusal(plan, endUnit('u1', '2026-09-01'))).toContain('its end cannot come before that');
  });
  it('that have begun stay where they began', () => {
    const plan = after(aPlan(3), layOutAgain(), inkDays('2026-08-31', '2026-09-01'));
    expect(refusal(plan, letUnitWait('u1'))).toContain(
      'has begun: something of it is in ink or done on Mon 31 Aug',
    );
    expect(refusal(plan, placeUnit('u1', '2026-09-14'))).toContain('has begun');
  });
  it('are placed one after another', () => {
    const plan = after(
      { ...aPlan(6), units: [aUnit(), aUnit({ id: 'u2', title: 'Hoped', waiting: true, hopedWeeks: 2 })] },
      placeInRow(['u1', 'u2'], '2026-09-01'),
    );
    expect(plan.units.map((u) => [u.starts, u.waiting])).toEqual([
      ['2026-09-01', false],
      ['2026-09-14', false],
    ]);
  });
});

describe('an illness', () => {
  it('closes its days; what was in ink on them moves, and what was done stays', () => {
    const plan = after(
      aPlan(5, { units: [aUnit({ lessonsPerWeek: 5 })] }),
      layOutAgain(),
      inkDays('2026-08-31', '2026-09-04'),
      markDone('l1-a', null, '2026-08-31'),
    );
    const ill = after(plan, dropInIllness('2026-08-31', '2026-09-02', 'fever'));
    expect(ill.sittings.map((s) => [s.partId, s.date, s.state])).toEqual([
      ['l1-a', '2026-08-31', 'ink'],
      ['l2-a', '2026-09-03', 'pencil'],
      ['l3-a', '2026-09-03', 'pencil'],
      ['l4-a', '2026-09-03', 'ink'],
      ['l5-a', '2026-09-04', 'ink'],
    ]);
    // What is still to come has not been missed.
    const missed = (p: Plan): string[] => p.marks.filter((m) => m.outcome === 'missed').map((m) => m.partId);
    expect(missed(ill)).toEqual([]);
    const told = perform(dropInIllness('2026-08-31', '2026-09-02', 'fever'), plan, {
      today: '2026-09-02',
      newId: () => `m${missed(plan).length}${Math.random()}`,
    });
    expect('plan' in told && missed(told.plan)).toEqual(['l2-a', 'l3-a']);
  });
});
