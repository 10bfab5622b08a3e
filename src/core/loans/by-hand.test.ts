/**
 * Borrowing worked out by hand: lessons on Monday, Wednesday and Friday from 31 August 2026, library days on Tuesday
 * and Saturday, three weeks a loan, once renewed.
 */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { aPart, aPlan } from '../../../tests/sample-plan';
import { addDays } from '../calendar/dates';
import { markDone } from '../edit/today';
import { perform } from '../edit/edit';
import { redraw } from '../layout/redraw';
import { blankBook, blankLoan } from '../plan/blank';
import type { Book } from '../plan/book';
import type { Card, Loan } from '../plan/loan';
import type { Plan, Pull } from '../plan/plan';
import { stageOf } from '../books/borrowing';
import { loanLines, needsOf, overCard, tripsFor, type LoanLine } from './lines';
import { moneyOf } from './money';

const CARD: Card = { loans: 2, weeks: 3, renewals: 1, days: [2, 6] };
const TODAY = '2026-08-31';
const LOAN: Loan = {
  ...blankLoan,
  id: 'ln',
  bookId: 'b',
};
/** l1 is on 31 Aug, l4 on 7 Sep, l6 on 11 Sep, l12 on 25 Sep. */
function planWith(on: string[], over: Partial<Plan> = {}, pull: Partial<Pull> = {}): Plan {
  const plan = aPlan(
    12,
    {
      books: [{ ...blankBook, id: 'b', title: 'Blue roads', pages: 40, source: 'borrowed' }],
      pulls: [{ id: 'p', unitId: 'u1', bookId: 'b', role: 'together', read: 'aloud', childIds: [], ...pull }],
      uses: on.map((lessonId) => ({
        id: `use-${lessonId}`,
        pullId: 'p',
        lessonId,
        firstPage: 1,
        lastPage: 5,
      })),
      loans: [LOAN],
      ...over,
    },
    (l) => [aPart(`${l}-a`, l, { kind: 'read-aloud', minutes: null }), aPart(`${l}-b`, l)],
  );
  // It stood there before it was known when the book comes and goes.
  const stands = redraw({ ...plan, loans: [] }, { today: TODAY }).plan;
  return { ...stands, family: { ...stands.family!, card: CARD }, loans: plan.loans };
}
const line = (on: string[], over: Partial<Loan> = {}, today = TODAY, card = CARD): LoanLine =>
  loanLines(planWith(on, { loans: [{ ...LOAN, ...over }] }), card, today)[0];
const dates = ({ haveBy, askBy, here, due, stage, troubles }: LoanLine): unknown => ({
  haveBy,
  askBy,
  here,
  due,
  stage,
  troubles: troubles.map((t) => t.message),
});

describe('a line', () => {
  it.each<[string, LoanLine, object]>([
    [
      'not asked for: had by the Saturday before lesson 4, out for three weeks',
      line(['l4', 'l6']),
      {
        haveBy: '2026-09-05',
        askBy: '2026-09-05',
        here: '2026-09-05',
        due: '2026-09-26',
        stage: 'to ask for',
        troubles: [],
      },
    ],
    [
      'needed on a Tuesday’s morrow: had by that Tuesday',
      line(['l5']),
      {
        haveBy: '2026-09-08',
        askBy: '2026-09-08',
        here: '2026-09-08',
        due: '2026-09-29',
        stage: 'to ask for',
        troubles: [],
      },
    ],
    [
      'needed today: comes tomorrow, too late',
      line(['l1', 'l2', 'l3']),
      {
        haveBy: '2026-08-29',
        askBy: '2026-08-29',
        here: '2026-09-01',
        due: '2026-09-22',
        stage: 'to ask for',
        troubles: ['It comes on Tue 1 Sep at the earliest; lesson 1 on Mon 31 Aug is before that.'],
      },
    ],
    [
      'asked for, in a queue till after three lessons',
      line(['l1', 'l2', 'l3', 'l6'], { asked: TODAY, expected: '2026-09-05' }),
      {
        haveBy: '2026-08-29',
        askBy: undefined,
        here: '2026-09-05',
        due: '2026-09-26',
        stage: 'asked for',
        troubles: ['It comes on Sat 5 Sep at the earliest; lessons 1, 2 and 3 are before that.'],
      },
    ],
    [
      'ready since last week: fetched on the next library day',
      line(['l1'], { asked: '2026-08-20', ready: '2026-08-27' }),
      {
        haveBy: '2026-08-29',
        askBy: undefined,
        here: '2026-09-01',
        due: '2026-09-22',
        stage: 'ready',
        troubles: ['It can be fetched on Tue 1 Sep; lesson 1 on Mon 31 Aug is before that.'],
      },
    ],
    [
      'out, and due on the day of its last lesson',
      line(['l4', 'l6'], { from: '2026-08-22', due: '2026-09-11' }),
      {
        haveBy: '2026-09-05',
        askBy: undefined,
        here: '2026-08-22',
        due: '2026-09-11',
        stage: 'out',
        troubles: [],
      },
    ],
    [
      'out, and due the day before its last lesson',
      line(['l4', 'l6'], { from: '2026-08-22', due: '2026-09-10' }),
      {
        haveBy: '2026-09-05',
        askBy: undefined,
        here: '2026-08-22',
        due: '2026-09-10',
        stage: 'out',
        troubles: ['Renew it by Thu 10 Sep: lesson 6 on Fri 11 Sep comes after that.'],
      },
    ],
    [
      'out and renewed as often as may be, for two lessons after it is due',
      line(['l5', 'l6'], { from: '2026-08-08', due: '2026-09-08', renewals: 1 }),
      {
        haveBy: '2026-09-08',
        askBy: undefined,
        here: '2026-08-08',
        due: '2026-09-08',
        stage: 'out',
        troubles: ['It must go back by Tue 8 Sep; lessons 5 and 6 come after that.'],
      },
    ],
    [
      'out for longer than renewing once reaches',
      line(['l1', 'l12'], { from: '2026-08-15', due: '2026-09-03' }),
      {
        haveBy: '2026-08-29',
        askBy: undefined,
        here: '2026-08-15',
        due: '2026-09-03',
        stage: 'out',
        troubles: ['It must go back by Thu 24 Sep; lesson 12 on Fri 25 Sep comes after that.'],
      },
    ],
    [
      'overdue',
      line([], { from: '2026-08-01', due: '2026-08-30' }),
      {
        haveBy: undefined,
        askBy: undefined,
        here: '2026-08-01',
        due: '2026-08-30',
        stage: 'out',
        troubles: ['It was due on Sun 30 Aug.'],
      },
    ],
  ])('%s', (_, got, expected) => expect(dates(got)).toEqual(expected));
  it('goes from stage to stage', () =>
    expect(
      [
        {},
        { asked: TODAY },
        { asked: TODAY, ready: TODAY },
        { asked: TODAY, ready: TODAY, from: TODAY },
        { asked: TODAY, ready: TODAY, from: TODAY, back: TODAY },
      ].map((over) => stageOf({ ...LOAN, ...over })),
    ).toEqual(['to ask for', 'asked for', 'ready', 'out', 'back']));
  it('stands for what has not gone back, in the order in which things are needed', () => {
    const plan = planWith(['l6'], {
      books: ['b', 'c', 'd', 'e'].map((id) => ({ ...blankBook, id, title: id })),
      pulls: ['b', 'c', 'd'].map((id) => ({
        id: `p${id}`,
        unitId: 'u1',
        bookId: id,
        role: 'together',
        read: 'aloud',
        childIds: [],
      })),
      uses: [
        ['b', 'l6'],
        ['c', 'l4'],
        ['d', 'l5'],
      ].map(([id, lessonId]) => ({
        id: `u${id}`,
        pullId: `p${id}`,
        lessonId,
        firstPage: null,
        lastPage: null,
      })),
      loans: ['b', 'c', 'd', 'e'].map((bookId) => ({
        ...LOAN,
        id: `l${bookId}`,
        bookId,
        back: bookId === 'd' ? TODAY : null,
        from: bookId === 'd' ? TODAY : null,
      })),
    });
    expect(loanLines(plan, CARD, TODAY).map((l) => l.loan.bookId)).toEqual(['c', 'b', 'e']);
  });
});

describe('what needs a book', () => {
  const days = (plan: Plan): string[] => needsOf(plan, 'b').map((n) => `${n.number} ${n.first} ${n.last}`);
  it('are the lessons by day, and not those whose reading is done for all', () => {
    const plan = planWith(['l6', 'l4']);
    expect(days(plan)).toEqual(['4 2026-09-07 2026-09-07', '6 2026-09-11 2026-09-11']);
    const after = (childId: string | null): Plan => {
      const done = perform(markDone('l4-a', childId, '2026-09-07'), plan, { today: TODAY, newId: () => 'n' });
      return 'plan' in done ? done.plan : plan;
    };
    expect(days(after('c1'))).toEqual(days(plan));
    expect(days(after(null))).toEqual(['6 2026-09-11 2026-09-11']);
  });
  it('is each part of the lesson where none reads it: from the first day to the last', () => {
    const plan = planWith(['l4'], {}, { role: 'basket' });
    const spread = {
      ...plan,
      sittings: plan.sittings.map((s) => (s.partId === 'l4-b' ? { ...s, date: '2026-09-10' } : s)),
    };
    expect(days(spread)).toEqual(['4 2026-09-07 2026-09-10']);
    expect(days({ ...spread, pulls: spread.pulls.map((p) => ({ ...p, role: 'spine' as const })) })).toEqual([
      '4 2026-09-07 2026-09-07',
    ]);
  });
  it('is a child’s own reading only where that child reads', () => {
    const plan = planWith(['l4'], {}, { role: 'own', read: 'aloud', childIds: ['c1'] });
    const reads = (childIds: string[] | null): Plan => ({
      ...plan,
      parts: plan.parts.map((p) => (p.id === 'l4-a' ? { ...p, kind: 'own-reading', childIds } : p)),
      sittings: plan.sittings.map((s) => (s.partId === 'l4-b' ? { ...s, date: '2026-09-10' } : s)),
    });
    expect(days(reads(['c1', 'c2']))).toEqual(['4 2026-09-07 2026-09-07']);
    expect(days(reads(null))).toEqual(['4 2026-09-07 2026-09-07']);
    expect(days(reads(['c2']))).toEqual(['4 2026-09-07 2026-09-10']);
  });
});

describe('ways to the library', () => {
  const trips = (on: string[], over: Partial<Loan> = {}): unknown =>
    tripsFor([line(on, over)], CARD, TODAY).trips.map((t) => [t.date, ...t.errands.map((e) => e.what)]);
  it('fetch before the first lesson, and take back after the last when it is due', () => {
    expect(trips(['l4', 'l6'])).toEqual([
      ['2026-09-05', 'Fetch “Blue roads”'],
      ['2026-09-26', 'Take back “Blue roads”'],
    ]);
    // Renewed once, it may stay to 17 Oct, since lesson 12 of 25 Sep comes after 22 Sep.
    expect(trips(['l2', 'l12'])).toEqual([
      ['2026-09-01', 'Fetch “Blue roads”'],
      ['2026-10-13', 'Take back “Blue roads”'],
    ]);
    expect(trips(['l4'], { from: '2026-08-22', due: '2026-09-12' })).toEqual([
      ['2026-09-12', 'Take back “Blue roads”'],
    ]);
    // Overdue: on the next library day.
    expect(trips([], { from: '2026-08-01', due: '2026-08-22' })).toEqual([
      ['2026-09-01', 'Take back “Blue roads”'],
    ]);
    expect(trips([])).toEqual([]);
  });
});

describe('the card', () => {
  /** A line that is in the house from one day to another. */
  const inHouse = (from: number, to: number | null, i: number, out: boolean): LoanLine => {
    const first = addDays('2026-09-01', from);
    const last = to === null ? undefined : addDays(first, to);
    return {
      loan: { ...LOAN, id: `x${i}` },
      book: { ...blankBook, id: 'b', title: 'b' } as Book,
      stage: out ? 'out' : 'asked for',
      needs: last ? [{ lessonId: 'l', number: 1, first, last }] : [],
      here: first,
      due: addDays(first, 21),
      troubles: [],
    };
  };
  it('is over from the first of the days on which more are out, and again where more still', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.nat(12), fc.option(fc.nat(8), { nil: null }), fc.boolean()), { maxLength: 7 }),
        fc.integer({ min: 1, max: 3 }),
        (things, loans) => {
          const lines = things.map(([from, to, out], i) => inHouse(from, to, i, out));
          const counted = lines.filter((l) => l.needs.length || l.stage === 'out');
          const outOn = (day: string): number =>
            counted.filter((l) => l.here <= day && day <= (l.needs[0]?.last ?? l.here)).length;
          const expected: { date: string; out: number }[] = [];
          for (let d = -1; d < 30; d++) {
            const [before, day] = [addDays('2026-09-01', d - 1), addDays('2026-09-01', d)];
            const out = outOn(day);
            if (out > loans && (outOn(before) <= loans || out > expected.at(-1)!.out))
              expected.push({ date: day, out });
          }
          expect(overCard(lines, { ...CARD, loans })).toEqual(expected);
        },
      ),
      { numRuns: 400 },
    );
  });
});

it('money counts what is to buy and stays on the unit’s piles, and what nobody has priced', () => {
  const bought = (id: string, price: number | null): Book => ({
    ...blankBook,
    id,
    title: id,
    source: 'to buy',
    price,
  });
  const plan = planWith([], {
    books: [
      bought('a', 500),
      bought('c', null),
      bought('d', 900),
      bought('e', 70),
      { ...blankBook, id: 'f', title: 'f', price: 333 },
    ],
    pulls: (
      [
        ['a', 'together'],
        ['c', 'basket'],
        ['d', 'not now'],
        ['e', 'give away'],
        ['f', 'spine'],
      ] as const
    ).map(([bookId, role]) => ({
      id: `p${bookId}`,
      unitId: 'u1',
      bookId,
      role,
      read: 'aloud',
      childIds: [],
    })),
    loans: [],
  });
  expect(moneyOf(plan, { ...plan.units[0], moneyLimit: null })).toMatchObject({
    total: 500,
    unpriced: 1,
    limit: null,
    toBuy: [
      { book: { id: 'a' }, instead: [] },
      { book: { id: 'c' }, instead: [] },
    ],
  });
});
