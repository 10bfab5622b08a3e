import { leftOutInWords, pairsInWords, priceInWords, proposals } from './proposals';
import { describe, expect, it } from 'vitest';
import { solve } from '../../../tests/exact/highs';
import { aLesson, aPart, aPlan } from '../../../tests/sample-plan';
import { redraw } from '../layout/redraw';
import { blankBook } from '../plan/blank';
import type { Book } from '../plan/book';
import type { Plan } from '../plan/plan';
import { choose } from '../choose/choose';
import { askingFor } from './choosing';

const TODAY = '2026-08-31';
const book = (id: string, title: string, over: Partial<Book> = {}): Book => ({
  ...blankBook,
  id,
  title,
  pages: 40,
  ...over,
});
function plan(over: Partial<Plan> = {}): Plan {
  const base = aPlan(
    3,
    {
      lessons: [
        aLesson('l1', { title: 'Felt' }),
        aLesson('l2', { title: 'Looms' }),
        aLesson('l3', { title: 'Dyes' }),
      ],
      children: aPlan(0).children.map((c, i) => ({
        ...c,
        name: i ? 'Young' : 'Old',
        birthMonth: i ? '2021-01' : '2014-01',
      })),
      ...over,
    },
    (l) => [aPart(`${l}-a`, l)],
  );
  return redraw(
    { ...base, family: { ...base.family!, card: { loans: 1, weeks: 3, renewals: 1, days: [2, 6] } } },
    { today: TODAY },
  ).plan;
}
const unit = (p: Plan): Plan['units'][number] => ({ ...p.units[0], moneyLimit: 1000 });
const asking = (
  p: Plan,
  library: Parameters<typeof askingFor>[2] = [],
  wishes: Partial<Parameters<typeof askingFor>[3]> = {},
  // Two weeks before the unit begins.
  on = '2026-08-17',
): ReturnType<typeof askingFor> =>
  askingFor(p, unit(p), library, { perLesson: 2, pinned: [], banned: [], ...wishes }, on);

describe('what is asked', () => {
  it('offers what has something on a lesson and is here, not what is used, put off or away', () => {
    const p = plan({
      books: [
        book('a', 'Felt feet'),
        book('b', 'Looms'),
        book('c', 'Dyes'),
        book('d', 'Kites'),
        book('e', 'Felt hats', { state: 'lost' }),
      ],
      pulls: [
        { id: 'pb', unitId: 'u1', bookId: 'b', role: 'not now', read: 'aloud', childIds: [] },
        { id: 'pc', unitId: 'u1', bookId: 'c', role: 'together', read: 'aloud', childIds: [] },
      ],
      uses: [{ id: 'u', pullId: 'pc', lessonId: 'l3', firstPage: null, lastPage: null }],
    });
    const asked = asking(p, [
      { ref: 'r', expected: null, book: book('lib', 'Looms of old', { source: 'borrowed' }) },
    ]);
    expect(asked.offered.map((o) => o.id)).toEqual(['a', 'lib']);
    expect(asked.problem.candidates.map((c) => c.source)).toEqual(['owned', 'borrowed']);
    // The old one is served on lesson 3; nobody has anything for the young one anywhere.
    expect([...asked.problem.served]).toEqual([4]);
    expect(pairsInWords(asked, asked.hopeless)).toBe('lessons 1, 2 and 3 for Young');
  });
  it('leaves of the budget and the card what is not spoken for', () => {
    const p = plan({
      books: [book('a', 'Felt', { source: 'to buy', price: 300 })],
      pulls: [{ id: 'pa', unitId: 'u1', bookId: 'a', role: 'basket', read: 'aloud', childIds: [] }],
    });
    expect(asking(p).problem.limits).toMatchObject({ budget: 700, loans: 1, loanWeeks: 6 });
  });
});

describe('what can be here in time', () => {
  const LESSONS = ['l1', 'l2', 'l3'];
  // Lessons on Mon 31 Aug and the days after; the library is open on Tuesdays and Saturdays.
  const firsts = (p: Plan): (string | undefined)[] =>
    LESSONS.map(
      (id) =>
        p.sittings
          .filter((s) => p.parts.find((x) => x.id === s.partId)!.lessonId === id)
          .map((s) => s.date)
          .sort()[0],
    );
  const onLessons = (expected: string | null, on: string, over: Partial<Book> = {}): unknown => {
    const p = plan();
    const offered = {
      ref: 'x',
      expected,
      book: book('x', 'Felt, looms and dyes', { ...over, source: 'borrowed' }),
    };
    const [o] = asking(p, [offered], {}, on).offered;
    return { covers: o.covers.map((c) => c.lessonId), late: o.late.map((c) => c.lessonId), here: o.here };
  };
  it('is what can be fetched before its lesson', () => {
    expect(firsts(plan())[0]).toBe('2026-08-31');
    expect(onLessons(null, '2026-08-28')).toEqual({ covers: LESSONS, late: [], here: '2026-08-29' });
    expect(onLessons(null, '2026-08-31')).toMatchObject({ late: ['l1'], here: '2026-09-01' });
    expect(onLessons('2027-01-05', '2026-08-17')).toEqual({ covers: [], late: LESSONS, here: '2027-01-05' });
  });
  it('is what is bought a week before', () => {
    const p = plan({ books: [book('a', 'Felt', { source: 'to buy' })] });
    expect(asking(p, [], {}, '2026-08-24').offered[0]).toMatchObject({ here: '2026-08-31', late: [] });
    expect(asking(p, [], {}, '2026-08-25').offered[0]).toMatchObject({
      covers: [],
      late: [{ lessonId: 'l1' }],
    });
  });
  it('is what is in the house', () => {
    const p = plan({ books: [book('a', 'Felt')] });
    expect(asking(p, [], {}, '2026-08-31').offered[0]).toMatchObject({ late: [], here: undefined });
  });
  it('and what cannot be is left out, and why', async () => {
    const p = plan();
    const late = {
      ref: 'x',
      expected: '2027-01-05',
      book: book('x', 'Felt', { source: 'borrowed', listenFrom: 4, listenTo: 18 }),
    };
    const asked = asking(p, [late]);
    const chosen = await choose(asked.problem, solve);
    expect(chosen.leftOut.map((l) => leftOutInWords(asked, chosen, l))).toEqual([
      'it cannot be here in time: not before Tue 5 Jan',
    ]);
  });
});

describe('what is proposed', () => {
  const library = [
    ['x', 'Felt for all'],
    ['y', 'Looms for all'],
  ].map(([id, title]) => ({
    ref: id,
    expected: null,
    book: book(id, title, { source: 'borrowed', listenFrom: 4, listenTo: 18 }),
  }));
  it('says whom a book serves, where it comes from, and what each limit costs', async () => {
    const p = plan({
      books: [
        book('a', 'Dyes for the young', {
          form: 'picture book',
          listenFrom: 4,
          listenTo: 8,
          readFrom: 6,
          readTo: 8,
        }),
      ],
      lessons: [
        aLesson('l1', { title: 'Felt' }),
        aLesson('l2', { title: 'Looms' }),
        aLesson('l3', { title: 'Dyes' }),
      ],
    });
    const asked = asking(p, library);
    const chosen = await choose(asked.problem, solve);
    const found = proposals(asked, chosen, unit(p));
    expect(found.map((f) => f.id)).toHaveLength(2);
    expect(found[0]).toMatchObject({ id: 'a', role: 'own', childId: 'c2', lessons: [{ number: 3 }] });
    expect(found[0].why).toContain('serves Young there');
    expect(found[1].why).toContain('from the library');
    expect(chosen.prices.map((price) => priceInWords(asked, price))).toEqual([
      expect.stringMatching(/^One more loan at once would cover lesson [12] for Old and Young\.$/),
    ]);
    expect(chosen.leftOut.map((l) => leftOutInWords(asked, chosen, l))).toEqual([
      expect.stringMatching(/^it would cover lesson [12] for Old and Young$/),
    ]);
  });
  it('says of a book that is taken for one child whom it is not for, and why', async () => {
    const p = plan({
      books: [
        book('a', 'Felt', {
          form: 'picture book',
          listenFrom: 4,
          listenTo: 14,
          preview: 'parts',
          notFor: ['c2'],
          previewNote: 'too frightening',
        }),
        book('b', 'Looms', { form: 'picture book', listenFrom: 4, listenTo: 14 }),
      ],
    });
    const asked = asking(p);
    const found = proposals(asked, await choose(asked.problem, solve), unit(p));
    expect(found.map((f) => [f.id, f.cautions])).toEqual([
      ['a', ['Leave parts out: too frightening', 'Not for Young: too frightening']],
      ['b', []],
    ]);
  });
  it('gives a book that suits one child alone to that child', async () => {
    const p = plan({
      books: [book('a', 'Felt', { form: 'reader', readFrom: 5, readTo: 7, listenFrom: 5, listenTo: 7 })],
    });
    const asked = asking(p);
    expect(proposals(asked, await choose(asked.problem, solve), unit(p))).toMatchObject([
      { role: 'own', childId: 'c2' },
    ]);
  });
  it('takes what is pinned, and says so; never what is banned', async () => {
    const p = plan({ books: [book('a', 'Felt'), book('b', 'Felt again')] });
    const asked = asking(p, [], { pinned: ['b'], banned: ['a'] });
    const found = proposals(asked, await choose(asked.problem, solve), unit(p));
    expect(found.map((f) => f.id)).toEqual(['b']);
  });
});

describe('what is asked, to the letter', () => {
  const books = [
    book('own', 'Felt', { price: 300 }),
    book('buy', 'Looms', { source: 'to buy', price: 950 }),
    book('free', 'Dyes', { source: 'to buy', price: null }),
  ];
  it('has the week of each lesson from the unit’s first: where it stands, else by the pace', () => {
    const weeks = (perWeek: number | null, stand: boolean): number[] => {
      const p = plan({ books });
      const paced = redraw(
        { ...p, units: p.units.map((u) => ({ ...u, lessonsPerWeek: perWeek })) },
        { today: TODAY, fresh: 'all' },
      ).plan;
      return asking(stand ? paced : { ...paced, sittings: [] }).problem.weeks;
    };
    expect([weeks(3, true), weeks(1, true)]).toEqual([
      [0, 0, 0],
      [0, 1, 2],
    ]);
    expect([weeks(1, false), weeks(2, false), weeks(null, false)]).toEqual([
      [0, 1, 2],
      [0, 0, 1],
      [0, 0, 0],
    ]);
  });
  it('costs its price where it is to buy, and nothing where it is there or nobody has priced it', () =>
    expect(asking(plan({ books })).problem.candidates.map((c) => [c.id, c.source, c.price])).toEqual([
      ['own', 'owned', 0],
      ['buy', 'to buy', 950],
      ['free', 'to buy', 0],
    ]));
  it('leaves of the card what is not out in the fullest of the weeks', () => {
    const out = (id: string, from: string, due: string): Plan['loans'][number] => ({
      id: `loan-${id}`,
      bookId: id,
      ref: '',
      asked: from,
      expected: null,
      ready: null,
      from,
      due,
      renewals: 0,
      refused: '',
      back: null,
    });
    const left = (loans: Plan['loans']): number | null => {
      const p = plan({ books, loans });
      const family = { ...p.family!, card: { loans: 3, weeks: 3, renewals: 1, days: [2, 6] } };
      return asking({ ...p, family }).problem.limits.loans;
    };
    expect(left([])).toBe(3);
    expect(left([out('own', '2026-08-10', '2026-09-05'), out('buy', '2026-09-06', '2026-09-20')])).toBe(2);
    expect(left([out('own', '2026-08-10', '2026-09-06'), out('buy', '2026-09-06', '2026-09-20')])).toBe(1);
  });
  it('says pairs by whom they are for, lessons and children in their order', () => {
    const asked = asking(plan({ books }));
    expect(pairsInWords(asked, [4, 0])).toBe('lessons 1 and 3 for Old');
    expect(pairsInWords(asked, [5, 1, 0])).toBe('lesson 3 for Young; lesson 1 for Old and Young');
    expect(priceInWords(asked, { limit: 'loans', more: 2, gains: [0] })).toBe(
      'Two more loans at once would cover lesson 1 for Old.',
    );
    expect(priceInWords(asked, { limit: 'perLesson', more: 1, gains: [0] })).toBe(
      'One more thing a lesson would cover lesson 1 for Old.',
    );
    expect(priceInWords(asked, { limit: 'budget', more: 450, gains: [0] })).toBe(
      '4.50 more to spend would cover lesson 1 for Old.',
    );
    expect(priceInWords(asked, { limit: 'loans', more: 12, gains: [0] })).toMatch(/^12 more loans/);
  });
});
