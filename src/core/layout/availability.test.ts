import { uniformInt } from 'pure-rand/distribution/uniformInt';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import { describe, expect, it } from 'vitest';
import { after, TODAY } from '../../../tests/after';
import { aPart, aPlan } from '../../../tests/sample-plan';
import { addDays } from '../calendar/dates';
import { setPrepared } from '../edit/ready';
import { hearOfLoans } from '../edit/loans';
import { layOutAgain } from '../edit/weeks';
import { loanLines } from '../loans/lines';
import { blankBook, blankLoan } from '../plan/blank';
import type { Card, Loan } from '../plan/loan';
import type { Plan } from '../plan/plan';
import { preparing } from '../prep/when';
import { withoutPlace } from './check';
import { redraw } from './redraw';
import { whyHereInWords } from './why-here';

/** The library is open on Tuesdays and Saturdays. */
const CARD: Card = { loans: 5, weeks: 3, renewals: 1, days: [2, 6] };
const soak = { id: 'soak', what: 'Soak the skeins', daysBefore: 3, minutes: 5, atMostBefore: null };

/** Six lessons from today on, three a week, with a borrowed book read on one of them. */
function planWith(loan: Partial<Loan>, { on = 'l2', prepared = '', over = {} as Partial<Plan> } = {}): Plan {
  const plan = aPlan(
    6,
    {
      books: [{ ...blankBook, id: 'b', title: 'Blue roads', pages: 40, source: 'borrowed' }],
      pulls: [{ id: 'p', unitId: 'u1', bookId: 'b', role: 'together', read: 'aloud', childIds: [] }],
      uses: [{ id: 'use', pullId: 'p', lessonId: on, firstPage: 1, lastPage: 5 }],
      loans: [{ ...blankLoan, id: 'ln', bookId: 'b', ...loan }],
      ...over,
    },
    (l) => [
      aPart(`${l}-a`, l, { title: 'Talk' }),
      aPart(`${l}-b`, l, { kind: 'read-aloud', minutes: null }),
      aPart(`${l}-c`, l, { preparations: l === prepared ? [soak] : [] }),
    ],
  );
  return { ...plan, family: { ...plan.family!, card: CARD } };
}
const drawn = (plan: Plan): Plan => redraw(plan, { today: TODAY, fresh: 'all' }).plan;
const dayOf = (plan: Plan, partId: string): string | undefined =>
  plan.sittings.find((s) => s.partId === partId)?.date;
const troubles = (plan: Plan): string[] =>
  loanLines(plan, CARD, TODAY).flatMap((l) => l.troubles.map((t) => t.kind));
const IN_THE_HOUSE = { from: '2026-08-29', due: '2026-09-19' };

describe('a borrowed book', () => {
  it('is read from the day after the library day on which it can be fetched', () => {
    const plan = drawn(planWith({ expected: '2026-09-10' }));
    // Thursday the 10th; fetched on Saturday.
    expect(dayOf(plan, 'l2-b')).toBe('2026-09-14');
    expect(dayOf(plan, 'l1-b')).toBe(TODAY);
    expect(troubles(plan)).toEqual([]);
    expect(whyHereInWords(plan, 'l2-b', TODAY).join(' ')).toContain(
      '“Blue roads” can be here for it on Sun 13 Sep at the earliest',
    );
  });

  it('holds up only the part that reads it', () => {
    const plan = drawn(planWith({ expected: '2026-09-10' }));
    expect(dayOf(plan, 'l2-a')! <= dayOf(plan, 'l2-b')!).toBe(true);
    const inHouse = drawn(planWith(IN_THE_HOUSE));
    expect(dayOf(inHouse, 'l2-b')).toBe('2026-09-02');
  });

  it('is read before it must go back, where the pace can have it so', () => {
    const early = { from: '2026-08-22', due: '2026-09-03', renewals: 1 };
    const asked = planWith(early, { on: 'l3' });
    const slow = drawn(asked);
    // At three a week it comes on Friday, a day too late, and a lesson comes forward in its week.
    expect(dayOf(slow, 'l3-b')! <= '2026-09-03').toBe(true);
    expect(troubles(slow)).toEqual([]);
  });

  it('that no pace can have in time is read all the same, and is pointed at', () => {
    const plan = drawn(planWith({ from: '2026-08-22', due: '2026-09-03', renewals: 1 }, { on: 'l6' }));
    expect(withoutPlace(plan)).toEqual([]);
    expect(troubles(plan)).toEqual(['early']);
  });

  it('does not keep a part from a last day of its own, and is pointed at', () => {
    const asked = planWith({ expected: '2026-09-30' });
    const plan = drawn({
      ...asked,
      parts: asked.parts.map((p) => (p.id === 'l2-b' ? { ...p, latest: '2026-09-11' } : p)),
    });
    expect(withoutPlace(plan)).toEqual([]);
    expect(dayOf(plan, 'l2-b')! <= '2026-09-11').toBe(true);
    expect(troubles(plan)).toEqual(['late']);
  });

  it('that cannot be waited for does not take the others their wait', () => {
    const asked = planWith({ expected: '2026-09-10' });
    const plan = drawn({
      ...asked,
      books: [...asked.books, { ...asked.books[0], id: 'never', title: 'Far away' }],
      pulls: [...asked.pulls, { ...asked.pulls[0], id: 'p2', bookId: 'never' }],
      uses: [...asked.uses, { ...asked.uses[0], id: 'use2', pullId: 'p2', lessonId: 'l5' }],
      loans: [...asked.loans, { ...asked.loans[0], id: 'ln2', bookId: 'never', expected: '2027-06-09' }],
    });
    expect(withoutPlace(plan)).toEqual([]);
    expect(dayOf(plan, 'l2-b')).toBe('2026-09-14');
    expect(
      loanLines(plan, CARD, TODAY).flatMap((l) => l.troubles.map((t) => `${l.book.title} ${t.kind}`)),
    ).toEqual(['Far away late']);
  });

  it('of which it is heard later that it comes late moves nothing; laid out again, what reads it waits', () => {
    const stood = drawn(planWith({ expected: null }));
    const heard = after(stood, hearOfLoans([{ id: 'ln', expected: '2026-09-17' }]));
    expect(heard.sittings).toBe(stood.sittings);
    const renamed = redraw(
      { ...heard, lessons: heard.lessons.map((l) => ({ ...l })) },
      { today: TODAY },
    ).plan;
    const days = (p: Plan): string[] => p.sittings.map((s) => `${s.partId} ${s.date} ${s.window}`);
    expect(days(renamed)).toEqual(days(stood));
    expect(troubles(renamed)).toEqual(['late']);
    const again = after(renamed, layOutAgain());
    expect(dayOf(again, 'l2-b')! > '2026-09-19').toBe(true);
    expect(troubles(again)).toEqual([]);
  });

  it('that only the parent reads is there the evening before', () => {
    const asked = planWith({ expected: '2026-09-10' });
    const plan = drawn({
      ...asked,
      pulls: asked.pulls.map((p) => ({ ...p, role: 'spine', read: 'beforehand' })),
    });
    // Fetched on Saturday the 12th, read on the 13th.
    expect(dayOf(plan, 'l2-a')).toBe('2026-09-14');
    expect(troubles(plan)).toEqual([]);
  });
});

describe('what is prepared days before', () => {
  it('has its days before the part for which it is', () => {
    const soon = drawn(planWith(IN_THE_HOUSE, { prepared: 'l3' }));
    // Lesson 3 would be on Friday; three days from Monday are Thursday, so nothing waits.
    expect(dayOf(soon, 'l3-c')).toBe('2026-09-04');
    const asked = planWith(IN_THE_HOUSE, { prepared: 'l3' });
    const longer = {
      ...asked,
      parts: asked.parts.map((p) => ({
        ...p,
        preparations: p.preparations.map((x) => ({ ...x, daysBefore: 10 })),
      })),
    };
    const waits = drawn(longer);
    expect(dayOf(waits, 'l3-c')).toBe('2026-09-10');
    expect(preparing(waits, TODAY).planned.some((p) => p.isLate)).toBe(false);
    expect(whyHereInWords(waits, 'l3-c', TODAY).join(' ')).toContain(
      '“Soak the skeins” has to be done first, which leaves Thu 10 Sep at the earliest',
    );
    // Done, it holds nothing up any more.
    const done = after(waits, setPrepared('l3-c', 'soak', true, TODAY));
    expect(dayOf(after(done, layOutAgain()), 'l3-c')).toBe('2026-09-04');
  });

  it('is taken to be done for what stands on a day: nothing moves for want of a tick', () => {
    const plan = drawn(planWith(IN_THE_HOUSE, { prepared: 'l1' }));
    expect(dayOf(plan, 'l1-c')).toBe('2026-09-03');
    for (const fresh of [undefined, 'all' as const])
      expect(dayOf(redraw(plan, { today: '2026-09-02', fresh }).plan, 'l1-c')).toBe('2026-09-03');
  });
});

/** The lines of the loans and the days of what is prepared know nothing of the lay-out: they say what comes too late. */
it('is there for all that is laid out anew, by what the loans and the preparations say', () => {
  let bound = 0;
  for (let seed = 1; seed <= 60; seed++) {
    const random = xoroshiro128plus(seed);
    const int = (from: number, to: number): number => uniformInt(random, from, to);
    const base = aPlan(int(4, 9), {}, (l) =>
      Array.from({ length: int(1, 3) }, (_, k) =>
        aPart(`${l}-${k}`, l, {
          minutes: 5 * int(2, 8),
          preparations: int(1, 4) > 1 ? [] : [{ ...soak, id: `${l}${k}`, daysBefore: int(1, 12) }],
        }),
      ),
    );
    const books = [0, 1, 2].map((n) => ({ ...blankBook, id: `b${n}`, title: `Book ${n}`, pages: 40 }));
    const lessonId = (): string => base.lessons[int(0, base.lessons.length - 1)].id;
    const asked: Plan = {
      ...base,
      family: { ...base.family!, card: CARD },
      books,
      pulls: books.map((b) => ({
        id: `p${b.id}`,
        unitId: 'u1',
        bookId: b.id,
        role: 'together' as const,
        read: 'aloud' as const,
        childIds: [],
      })),
      uses: books.map((b) => ({
        id: `use${b.id}`,
        pullId: `p${b.id}`,
        lessonId: lessonId(),
        firstPage: 1,
        lastPage: 4,
      })),
      loans: books.map((b) => ({
        ...blankLoan,
        id: `ln${b.id}`,
        bookId: b.id,
        expected: int(0, 1) ? addDays(TODAY, int(1, 30)) : null,
      })),
    };
    const plan = drawn(asked);
    expect(withoutPlace(plan), `seed ${seed}`).toEqual([]);
    expect(
      troubles(plan).filter((t) => t === 'late'),
      `seed ${seed}`,
    ).toEqual([]);
    expect(
      preparing(plan, TODAY).planned.filter((p) => p.isLate),
      `seed ${seed}`,
    ).toEqual([]);
    const without = drawn({
      ...asked,
      loans: [],
      parts: asked.parts.map((p) => ({ ...p, preparations: [] })),
    });
    if (
      JSON.stringify(without.sittings.map((s) => s.date)) !== JSON.stringify(plan.sittings.map((s) => s.date))
    )
      bound++;
  }
  expect(bound).toBeGreaterThan(30);
});
