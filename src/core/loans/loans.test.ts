import { describe, expect, it } from 'vitest';
import { aPart, aPlan } from '../../../tests/sample-plan';
import { addDays } from '../calendar/dates';
import { doWithout, readInstead, stepLoan, waitForBook, wantLoan } from '../edit/loans';
import { perform, type Edit } from '../edit/edit';
import { redraw } from '../layout/redraw';
import { blankBook, blankLoan } from '../plan/blank';
import type { Card, Loan } from '../plan/loan';
import type { Plan } from '../plan/plan';
import { dueAfter, libraryDayFrom, libraryDayUntil } from '../books/borrowing';
import { loanLines, overCard, tripsFor } from './lines';
import { moneyOf } from './money';

const CARD: Card = { loans: 2, weeks: 3, renewals: 1, days: [2, 6] };
const TODAY = '2026-08-31';
const loan = (over: Partial<Loan> = {}): Loan => ({
  ...blankLoan,
  id: 'ln',
  bookId: 'b',
  ...over,
});

/** Twelve lessons, three a week from Monday 31 August; a book read aloud on lessons 4 to 6 of the second week. */
function planWith(over: Partial<Plan> = {}, on = ['l4', 'l6']): Plan {
  const plan = aPlan(
    12,
    {
      books: [
        { ...blankBook, id: 'b', title: 'Blue roads', pages: 40, source: 'borrowed' },
        { ...blankBook, id: 'other', title: 'Lesson books', pages: 30 },
      ],
      pulls: [{ id: 'p', unitId: 'u1', bookId: 'b', role: 'together', read: 'aloud', childIds: [] }],
      uses: on.map((lessonId) => ({
        id: `use-${lessonId}`,
        pullId: 'p',
        lessonId,
        firstPage: 1,
        lastPage: 5,
      })),
      loans: [loan()],
      ...over,
    },
    (l) => [aPart(`${l}-a`, l, { kind: 'read-aloud', minutes: null }), aPart(`${l}-b`, l)],
  );
  // It stood there before it was known when the book comes and goes.
  const stands = redraw({ ...plan, loans: [] }, { today: TODAY }).plan;
  return { ...stands, family: { ...stands.family!, card: CARD }, loans: plan.loans };
}
const first = (plan: Plan, lessonId: string): string =>
  plan.sittings
    .filter((s) => s.partId.startsWith(`${lessonId}-`))
    .map((s) => s.date)
    .sort()[0];
const does = (edit: Edit, plan: Plan): Plan => {
  const done = perform(edit, plan, { today: TODAY, newId: () => 'new' });
  if ('refused' in done) throw new Error(done.refused);
  return done.plan;
};
const lineOf = (plan: Plan, today = TODAY): ReturnType<typeof loanLines>[number] =>
  loanLines(plan, CARD, today)[0];

describe('library days', () => {
  it('are the nearest before and after, the day itself included', () => {
    expect(libraryDayFrom(CARD, '2026-09-02')).toBe('2026-09-05');
    expect(libraryDayUntil(CARD, '2026-09-04')).toBe('2026-09-01');
    expect(libraryDayUntil(CARD, '2026-09-05')).toBe('2026-09-05');
    expect(dueAfter(CARD, '2026-09-05', 1)).toBe('2026-10-17');
  });
});

describe('the fewest trips', () => {
  it('fetch and take back on the same way where they can', () => {
    const plan = planWith({
      loans: [loan(), loan({ id: 'l2', bookId: 'other', from: '2026-08-15', due: '2026-09-05' })],
    });
    const { trips, missed } = tripsFor(loanLines(plan, CARD, TODAY), CARD, TODAY);
    expect(missed).toEqual([]);
    expect(trips[0].errands.map((e) => e.does).sort()).toEqual(['fetch', 'return']);
  });
});

describe('a loan’s line', () => {
  it('is needed from the first lesson that reads it to the last, and had by the library day before', () => {
    const plan = planWith();
    const line = lineOf(plan);
    expect(line.needs.map((n) => n.number)).toEqual([4, 6]);
    expect(line.needs[0].first).toBe(first(plan, 'l4'));
    expect(line.haveBy).toBe(libraryDayUntil(CARD, addDays(first(plan, 'l4'), -1)));
    expect(line.troubles).toEqual([]);
  });
  it('must be asked for as much earlier as the library thinks that it takes', () => {
    const plan = planWith({ loans: [loan({ expected: '2026-09-04' })] });
    expect(lineOf(plan).askBy).toBe(addDays(lineOf(plan).haveBy!, -4));
    const day = addDays(lineOf(plan).haveBy!, -4);
    expect(
      lineOf(planWith({ loans: [loan({ expected: addDays(day, 4) })] }), day).troubles.map((t) => t.kind),
    ).toEqual(['ask']);
    expect(lineOf(planWith({ loans: [loan({ expected: addDays(day, 3) })] }), day).troubles).toEqual([]);
  });
  it('comes late when its library day is on or after a lesson that reads it', () => {
    const line = lineOf(planWith({ loans: [loan({ asked: TODAY, expected: '2026-09-17' })] }));
    expect(line.troubles).toEqual([
      {
        kind: 'late',
        message: 'It comes on Sat 19 Sep at the earliest; lessons 4 and 6 are before that.',
        lessonIds: ['l4', 'l6'],
        until: '2026-09-20',
      },
    ]);
  });
  it('is renewed when a lesson comes after it is due, and goes back early when it cannot be', () => {
    const out = { from: '2026-08-22', due: '2026-09-08' };
    expect(lineOf(planWith({ loans: [loan(out)] }, ['l6'])).troubles.map((t) => t.kind)).toEqual(['renew']);
    const refused = lineOf(
      planWith({ loans: [loan({ ...out, refused: 'another reader is waiting for it' })] }, ['l6']),
    ).troubles;
    expect(refused).toMatchObject([{ kind: 'early', lessonIds: ['l6'] }]);
    expect(refused[0].message).toContain('another reader is waiting');
    expect(
      lineOf(planWith({ loans: [loan({ ...out, renewals: 1 })] }, ['l6'])).troubles.map((t) => t.kind),
    ).toEqual(['early']);
  });
  it('is overdue the day after it was due', () => {
    const plan = planWith({ loans: [loan({ from: '2026-08-08', due: '2026-08-29' })] }, []);
    expect(lineOf(plan).troubles.map((t) => t.kind)).toEqual(['overdue']);
    expect(lineOf(plan, '2026-08-29').troubles).toEqual([]);
  });
  it('counts what would be out at once against the card', () => {
    const three = ['b', 'other', 'third'].map((bookId, i) =>
      loan({ id: `x${i}`, bookId, from: '2026-08-22', due: '2026-09-12' }),
    );
    const plan = planWith({
      books: [...planWith().books, { ...blankBook, id: 'third', title: 'Third' }],
      loans: three,
    });
    expect(overCard(loanLines(plan, CARD, TODAY), CARD)).toEqual([{ date: '2026-08-22', out: 3 }]);
    expect(overCard(loanLines(plan, { ...CARD, loans: 3 }, TODAY), CARD).length).toBe(1);
    expect(overCard(loanLines(plan, CARD, TODAY), { ...CARD, loans: 3 })).toEqual([]);
  });
});

describe('when one comes late', () => {
  const late = planWith({ loans: [loan({ asked: TODAY, expected: '2026-09-17' })] });
  it('its lessons wait, the later ones after them, and nothing done before them moves', () => {
    const waited = does(waitForBook(['l4', 'l6'], '2026-09-20'), late);
    expect(first(waited, 'l4') >= '2026-09-20').toBe(true);
    expect(first(waited, 'l5') >= first(waited, 'l4')).toBe(true);
    expect(['l1', 'l2', 'l3'].map((l) => first(waited, l))).toEqual(
      ['l1', 'l2', 'l3'].map((l) => first(late, l)),
    );
    expect(lineOf(waited).troubles).toEqual([]);
  });
  it('rubs out the ink of what waits, and of nothing else', () => {
    const inked = { ...late, sittings: late.sittings.map((s) => ({ ...s, state: 'ink' as const })) };
    const outcome = perform(waitForBook(['l12'], '2026-09-26'), inked, { today: TODAY, newId: () => 'new' });
    if ('refused' in outcome) throw new Error(outcome.refused);
    expect(
      outcome.plan.sittings.filter((s) => s.state === 'pencil').every((s) => s.partId.startsWith('l12-')),
    ).toBe(true);
  });
  it('cannot wait past a date that is fixed', () => {
    const fixed = {
      ...late,
      parts: late.parts.map((p) => (p.id === 'l4-b' ? { ...p, fixedDate: '2026-09-09' } : p)),
    };
    expect(
      perform(waitForBook(['l4'], '2026-09-20'), fixed, { today: TODAY, newId: () => 'n' }),
    ).toMatchObject({ refused: expect.stringContaining('date of its own') });
  });
  it('or another book is read in its place, or it is done without', () => {
    const instead = does(readInstead('u1', 'b', ['l4'], 'other'), late);
    expect(instead.uses.find((u) => u.lessonId === 'l4')?.pullId).toBe('new');
    expect(instead.pulls.find((p) => p.bookId === 'other')?.role).toBe('together');
    expect(lineOf(instead).troubles[0].lessonIds).toEqual(['l6']);
    expect(does(doWithout('u1', 'b', ['l4', 'l6']), late).uses).toEqual([]);
  });
});

describe('going on by hand', () => {
  it('is asked for, ready, fetched, renewed once, taken back; and not out of turn', () => {
    let plan = planWith({ loans: [] });
    plan = does(wantLoan('b', '', null), plan);
    const step = (which: Parameters<typeof stepLoan>[1], date: string): void => {
      plan = does(stepLoan('new', which, date), plan);
    };
    const refused = (which: Parameters<typeof stepLoan>[1]): string =>
      (
        perform(stepLoan('new', which, TODAY), plan, { today: TODAY, newId: () => 'x' }) as {
          refused: string;
        }
      ).refused;
    expect(refused('renew')).toContain('to ask for now');
    step('ask', '2026-09-01');
    step('ready', '2026-09-03');
    step('fetch', '2026-09-05');
    step('renew', '2026-09-20');
    expect(plan.loans[0]).toMatchObject({ from: '2026-09-05', due: '2026-10-17', renewals: 1 });
    expect(refused('renew')).toContain('renewed once');
    step('return', '2026-10-10');
    expect(plan.loans[0].back).toBe('2026-10-10');
    expect(perform(wantLoan('b', '', null), plan, { today: TODAY, newId: () => 'again' })).toHaveProperty(
      'plan',
    );
  });
  it('takes no more than the card allows', () => {
    const out = ['b', 'other'].map((bookId, i) =>
      loan({ id: `x${i}`, bookId, from: TODAY, due: '2026-09-21' }),
    );
    const plan = planWith({
      books: [...planWith().books, { ...blankBook, id: 'third', title: 'Third' }],
      loans: [...out, loan({ id: 'more', bookId: 'third' })],
    });
    expect(perform(stepLoan('more', 'fetch', TODAY), plan, { today: TODAY, newId: () => 'x' })).toMatchObject(
      { refused: expect.stringContaining('2 things are out') },
    );
  });
});

it('what is to buy is summed against the unit’s limit, with what the family has instead', () => {
  const plan = planWith(
    {
      lessons: planWith().lessons.map((l, i) => (i === 3 ? { ...l, title: 'Indigo' } : l)),
      books: [
        {
          ...blankBook,
          id: 'b',
          title: 'Indigo and its vat',
          source: 'to buy',
          price: 950,
          form: 'book',
          listenFrom: 6,
        },
        { ...blankBook, id: 'own', title: 'An indigo field', listenFrom: 6 },
        { ...blankBook, id: 'far', title: 'Indigo', listenFrom: 17 },
      ],
      pulls: [{ id: 'p', unitId: 'u1', bookId: 'b', role: 'together', read: 'aloud', childIds: [] }],
    },
    ['l4'],
  );
  const money = moneyOf(plan, { ...plan.units[0], moneyLimit: 4000 });
  expect(money).toMatchObject({ total: 950, limit: 4000, unpriced: 0 });
  expect(money.toBuy[0].instead.map((b) => b.id)).toEqual(['own']);
});
