/** Plans for tests: one built by hand from a few figures, and arbitrary ones for property tests. */
import fc from 'fast-check';
import type { Lesson, Part, Rhythm, Rule, Supply } from '@/core/plan/lesson';
import { numbered } from '@/core/plan/pieces';
import { entriesFrom, withHappened } from '@/core/plan/happened';
import type { Plan } from '@/core/plan/plan';
import type { SchoolYear } from '@/core/plan/year';
import type { Unit } from '@/core/plan/unit';
import { EMPTY_PLAN } from '@/core/plan/plan';
import {
  blankBook,
  blankChild,
  blankFamily,
  blankLesson,
  blankPart,
  blankRule,
  blankUnit,
  blankYear,
  blankLoan,
} from '@/core/plan/blank';
import { blankActivity } from '@/core/formats/blank-draft';
import { HATCHES, IDEA_BECOMES, SEASONS, SHOWS, TASTES, WINDOWS } from '@/core/plan/words';

/** So much of a thing, for the table or for each child. */
let supplies = 0;
export const aSupply = (name: string, amount: number | null, unit: string, each = false): Supply => ({
  id: `s${++supplies}`,
  name,
  amount,
  least: null,
  unit,
  each,
  keepsDays: null,
});

export const YEAR: SchoolYear = {
  ...blankYear,
  weeksOff: 1,
  starts: '2026-08-31',
  ends: '2027-06-11',
};

export function aUnit(over: Partial<Unit> = {}): Unit {
  return {
    ...blankUnit,
    id: 'u1',
    title: 'A unit',
    starts: '2026-08-31',
    lessonsPerWeek: 3,
    childIds: ['c1', 'c2'],
    ...over,
  };
}

export function aLesson(id: string, over: Partial<Lesson> = {}): Lesson {
  return { ...blankLesson, id, unitId: 'u1', title: `Lesson ${id}`, ...over };
}

export function aPart(id: string, lessonId: string, over: Partial<Part> = {}): Part {
  return {
    ...blankPart,
    id,
    lessonId,
    kind: 'activity',
    title: `Part ${id}`,
    minutes: 30,
    lead: 'leads',
    ...over,
  };
}

/** A family of two with one unit of n lessons, one part each unless `parts` says otherwise. */
export function aPlan(
  lessons: number,
  over: Partial<Plan> = {},
  parts: (lessonId: string, i: number) => Part[] = (l) => [aPart(`${l}-a`, l)],
): Plan {
  const list = Array.from({ length: lessons }, (_, i) => aLesson(`l${i + 1}`));
  return {
    ...EMPTY_PLAN,
    family: { ...blankFamily, name: 'The house', leadMinutes: 180 },
    year: YEAR,
    children: ['c1', 'c2'].map((id, i) => ({
      ...blankChild,
      id,
      name: id,
      birthMonth: `201${6 + i}-04`,
      hatch: HATCHES[i],
      minutes: 120,
    })),
    units: [aUnit()],
    lessons: list,
    parts: list.flatMap((l, i) => parts(l.id, i)),
    ...over,
  };
}

const date = (from: string, days: number): fc.Arbitrary<string> =>
  fc
    .integer({ min: 0, max: days })
    .map((n) => new Date(Date.parse(`${from}T00:00:00Z`) + n * 86_400_000).toISOString().slice(0, 10));

const someYear: fc.Arbitrary<SchoolYear> = fc
  .record({
    weekdays: fc
      .uniqueArray(fc.integer({ min: 1, max: 7 }), { minLength: 1, maxLength: 7 })
      .map((d) => d.sort((a, b) => a - b)),
    weekBegins: fc.constantFrom(null, 1, 6, 7),
    weeksOn: fc.integer({ min: 1, max: 8 }),
    weeksOff: fc.integer({ min: 0, max: 2 }),
    daysOff: fc.array(fc.tuple(date('2026-09-01', 280), fc.integer({ min: 0, max: 10 })), { maxLength: 6 }),
  })
  .map(({ daysOff, ...y }) => ({
    ...YEAR,
    ...y,
    daysOff: daysOff.map(([first, n], i) => ({
      id: `off${i}`,
      first,
      last: new Date(Date.parse(`${first}T00:00:00Z`) + n * 86_400_000).toISOString().slice(0, 10),
      label: '',
      kind: 'off' as const,
    })),
  }));

const somePart = (id: string, lessonId: string): fc.Arbitrary<Part> =>
  fc
    .record({
      kind: fc.constantFrom('activity' as const, 'tell-back' as const, 'copying' as const),
      minutes: fc.integer({ min: 5, max: 70 }),
      lead: fc.constantFrom('leads' as const, 'near' as const, 'not-needed' as const),
      window: fc.option(fc.constantFrom(...WINDOWS), { nil: null }),
      childIds: fc.option(fc.constantFrom<string[]>(['c1'], ['c2'], ['c1', 'c2', 'c3']), { nil: null }),
      waitAfterHours: fc.constantFrom(0, 0, 0, 14, 48),
    })
    .map((p) => aPart(id, lessonId, p));

/** A family of three with one to three units side by side, of any pace, some parts with waits, windows and own work. */
export const somePlan: fc.Arbitrary<Plan> = fc
  .record({
    year: someYear,
    units: fc.array(
      fc.record({
        starts: date('2026-08-31', 120),
        wishedEnd: fc.option(date('2026-12-01', 180), { nil: null }),
        lessonsPerWeek: fc.option(fc.integer({ min: 1, max: 7 }), { nil: null }),
        mostPerWeek: fc.option(fc.integer({ min: 2, max: 9 }), { nil: null }),
        lessons: fc.array(fc.integer({ min: 1, max: 4 }), { minLength: 1, maxLength: 12 }),
        childIds: fc.constantFrom<string[]>(['c1'], ['c1', 'c2'], ['c1', 'c2', 'c3']),
      }),
      { minLength: 1, maxLength: 3 },
    ),
    limits: fc.tuple(
      fc.integer({ min: 40, max: 200 }),
      fc.integer({ min: 40, max: 200 }),
      fc.integer({ min: 40, max: 200 }),
      fc.integer({ min: 60, max: 240 }),
    ),
  })
  .chain(({ year, units, limits }) => {
    const lessons = units.flatMap((u, i) =>
      u.lessons.map((_, j) => aLesson(`u${i}l${j}`, { unitId: `u${i}` })),
    );
    const partsOf = units.flatMap((u, i) =>
      u.lessons.flatMap((n, j) =>
        Array.from({ length: n }, (_, k) => somePart(`u${i}l${j}p${k}`, `u${i}l${j}`)),
      ),
    );
    return fc.tuple(...partsOf).map((parts): Plan => ({
      ...EMPTY_PLAN,
      family: { ...blankFamily, name: 'Any house', leadMinutes: limits[3] },
      year,
      children: ['c1', 'c2', 'c3'].map((id, i) => ({
        ...blankChild,
        id,
        name: id,
        birthMonth: `${2013 + 3 * i}-05`,
        hatch: HATCHES[i],
        minutes: limits[i],
      })),
      units: units.map((u, i) =>
        aUnit({
          id: `u${i}`,
          starts: u.starts,
          wishedEnd: u.wishedEnd && u.wishedEnd > u.starts ? u.wishedEnd : null,
          lessonsPerWeek: u.lessonsPerWeek,
          mostPerWeek: u.lessonsPerWeek === null ? null : u.mostPerWeek,
          childIds: u.childIds,
        }),
      ),
      lessons,
      parts,
    }));
  });

const someText = fc.constantFrom('', 'a word', 'Two words, “quoted”', 'line\nbreak', 'ü; \\ , ☂');
const somePhrase = fc.constantFrom('Wool', 'The dye pot', 'Salt & ropes', 'Ein Wort');

const someSwaps = (some: boolean): Part['swaps'] =>
  some ? { c1: { kind: 'labels', why: 'a sore hand' } } : {};

/** A plan with something of everything in it: gathered things, rules, outlines, terms, odd days, parts of the unit and of the family. */
export const someFullPlan: fc.Arbitrary<Plan> = fc
  .tuple(
    somePlan,
    fc.record({
      waiting: fc.boolean(),
      goals: someText,
      taste: fc.subarray([...TASTES]),
      season: fc.option(fc.constantFrom(...SEASONS), { nil: null }),
      money: fc.option(fc.nat(100_000), { nil: null }),
      shows: fc.constantFrom(...SHOWS),
      answers: fc.array(someText, { maxLength: 3 }),
      ideas: fc.array(fc.tuple(somePhrase, fc.constantFrom(...IDEA_BECOMES)), { maxLength: 4 }),
      objectives: fc.array(fc.tuple(fc.constantFrom('', 'A.1', 'B-2'), somePhrase), { maxLength: 3 }),
      rhythms: fc.array(
        fc.constantFrom<Rhythm>(
          { on: 'day' },
          { on: 'weekday', weekday: 3, everyWeeks: 2, startWeek: 1 },
          { on: 'week-first', everyWeeks: 1, startWeek: 1 },
          { on: 'week-last', everyWeeks: 3, startWeek: 3 },
          { on: 'lesson', place: 'first' },
          { on: 'after', partId: 'u0l0p0', everyDays: 3, times: 3 },
        ),
        { maxLength: 3 },
      ),
      supplies: fc.array(
        fc.record({
          id: fc.constant(''),
          name: somePhrase,
          amount: fc.option(fc.integer({ min: 1, max: 99 }), { nil: null }),
          least: fc.constantFrom(null, 0.5),
          unit: fc.constantFrom('', 'g'),
          each: fc.boolean(),
          keepsDays: fc.constantFrom(null, 4),
        }),
        { maxLength: 2 },
      ),
      outdoors: fc.boolean(),
      recall: fc.array(fc.record({ easy: someText, hard: someText }), { maxLength: 2 }),
      allergies: fc.subarray(['hazelnut', 'milk']),
      ofFamily: fc.boolean(),
    }),
  )
  .map(([plan, x]): Plan => ({
    ...plan,
    family: {
      ...plan.family!,
      allergies: x.allergies,
      countsFor: x.ofFamily ? { copying: ['handwriting', 'language'] } : {},
      card: x.ofFamily ? { loans: 12, weeks: 3, renewals: 1, days: [2, 6] } : null,
      patterns: [
        {
          id: 'w',
          name: 'A week',
          days: [
            { weekday: 1, closes: false },
            { weekday: 5, closes: true },
          ],
        },
      ],
    },
    year: {
      ...plan.year!,
      shortDays: [{ id: 's', date: '2026-09-02', ends: 700, label: 'x' }],
      extraDays: [{ id: 'e', date: '2026-09-05', label: '' }],
      targetDays: 170,
      country: 'DE',
      region: 'BY',
    },
    units: plan.units.map((u, i) => ({
      ...u,
      waiting: x.waiting && i === 1,
      goals: x.goals,
      taste: x.taste,
      season: x.season,
      moneyLimit: x.money,
      shows: { c1: x.shows },
      askedBy: x.waiting ? 'c1' : null,
      vocabulary: [{ id: '', word: 'vat', meaning: x.goals }],
      memoryWork: [{ id: '', text: 'Off the hill' }],
      subjects: x.ofFamily ? ['science'] : [],
      after: x.outdoors && i === 1 ? 'u0' : null,
    })),
    objectives: x.objectives.map(([code, wording], i) => ({ id: `o${i}`, unitId: 'u0', code, wording })),
    questions: x.answers.map((answer, i) => ({
      id: `q${i}`,
      unitId: 'u0',
      childId: i ? 'c1' : null,
      text: 'Why?',
      asked: '2026-09-01',
      answer: answer.trim(),
    })),
    ideas: x.ideas.map(([text, becomes], i) => ({
      id: `i${i}`,
      unitId: 'u0',
      text,
      childIds: ['c1'],
      becomes,
    })),
    lessons: plan.lessons.map((l, i) =>
      i
        ? l
        : {
            ...l,
            objective: x.goals.trim(),
            objectiveIds: x.objectives.map((_, n) => `o${n}`),
            optional: x.outdoors,
            recall: x.recall.map((r) => ({
              id: '',
              easy: r.easy.trim(),
              hard: r.hard.trim(),
              answer: x.goals.trim(),
            })),
          },
    ),
    parts: [
      ...plan.parts.map((p, i) =>
        i
          ? p
          : {
              ...p,
              supplies: x.supplies,
              outdoors: x.outdoors,
              preparations: [{ id: '', what: 'soak', daysBefore: 1, minutes: null, atMostBefore: null }],
              needs: ['kitchen'],
              seen: ['hot'],
              directions: x.goals,
              adultId: x.ofFamily ? 'a1' : null,
              ageFrom: x.waiting ? 8 : null,
              ageTo: x.outdoors ? 12 : null,
              rungMoves: { c1: -1 },
              swaps: someSwaps(x.outdoors),
            },
      ),
      ...(x.ofFamily
        ? [
            aPart('wall', plan.lessons[0].id, {
              kind: 'own-kind',
              workId: 'w1',
              minutes: null,
              lead: 'not-needed',
            }),
            aPart('teach', plan.lessons[0].id, {
              kind: 'teaching',
              teaches: plan.parts[0].id,
              minutes: null,
              lead: 'not-needed',
            }),
          ]
        : []),
      aPart('trip', '', { lessonId: null, unitId: 'u0', kind: 'trip' }),
    ],
    adults: x.ofFamily
      ? [{ id: 'a1', name: 'Aunt Wenke', minutes: 90, weekdays: [4], starts: 540, ends: null }]
      : [],
    appointments: x.ofFamily
      ? [
          {
            id: 'ap1',
            title: 'Choir',
            childIds: [plan.children[0].id],
            adultIds: ['a1'],
            parent: false,
            dates: ['2026-09-01', '2026-09-03', '2026-09-08', '2026-09-15'],
            starts: 560,
            ends: 640,
            readFrom: { calendar: 'Ours', uid: 'choir' },
          },
          {
            id: 'ap2',
            title: 'The dentist',
            childIds: [],
            adultIds: [],
            parent: true,
            dates: ['2026-09-02', '2026-09-04'],
            starts: 600,
            ends: 1439,
            readFrom: null,
          },
        ]
      : [],
    pantry: x.outdoors ? [{ id: 't1', name: 'alum', amount: 200, unit: 'g', since: null }] : [],
    rules: x.rhythms.map((rhythm, i): Rule => ({
      ...blankRule,
      id: `r${i}`,
      unitId: x.ofFamily && rhythm.on !== 'lesson' && rhythm.on !== 'after' ? null : 'u0',
      title: 'Comes back',
      kind: 'recall',
      minutes: 5,
      rhythm,
      steps: x.outdoors ? [{ title: 'Wool, chapters 1–2', minutes: 12 }] : [],
      first: '2026-08-31',
      last: '2026-12-01',
    })),
    books: [{ ...blankBook, id: 'b', title: 'Wool', words: 900, pages: 30 }],
    pulls: [
      {
        id: 'pl',
        unitId: 'u0',
        bookId: 'b',
        role: x.waiting ? 'own' : 'together',
        read: x.waiting ? 'beforehand' : 'aloud',
        childIds: x.waiting ? ['c1', 'c2'] : [],
      },
    ],
    marks: x.outdoors
      ? [
          {
            id: x.ofFamily ? 'mk-counted' : 'mk',
            partId: 'trip',
            childId: 'c1',
            date: '2026-09-02',
            outcome: 'done',
            note: '',
            felt: 'hard',
            rung: 2,
            minutes: 14,
            letters: 90,
          },
        ]
      : [],
    loans: x.outdoors
      ? [
          {
            ...blankLoan,
            id: 'ln',
            bookId: 'b',
            ref: 'urn:x:1',
            asked: '2026-09-01',
            expected: '2026-09-20',
          },
        ]
      : [],
    readings: x.ofFamily
      ? [{ id: 'rd', childId: 'c1', bookId: 'b', date: '2026-09-03', pages: 4, minutes: 9 }]
      : [],
    works: x.ofFamily
      ? [
          {
            id: 'w1',
            kind: 'own-kind',
            title: 'Map on the wall',
            skill: 'hands',
            versions: Object.fromEntries(
              ['1', '2', '3', '4', '5'].map((r) => [
                r,
                {
                  wording: `Pin ${r}`,
                  amount: null,
                  minutes: 5,
                  parentMinutes: null,
                  produces: null,
                  supplies: 'pins',
                },
              ]),
            ),
          },
          {
            id: 'w2',
            kind: 'copying',
            title: 'Copying',
            skill: 'writing',
            versions: {
              3: {
                wording: 'In your best hand',
                amount: 4,
                minutes: null,
                parentMinutes: null,
                produces: null,
                supplies: null,
              },
            },
          },
        ]
      : [],
    outlines: [{ ...blankActivity, id: 'kept', title: 'Felt balls', supplies: x.supplies, taste: 'art' }],
  }))
  .map((plan) => numbered(withHappened({ ...plan, entries: entriesFrom(plan) })));
