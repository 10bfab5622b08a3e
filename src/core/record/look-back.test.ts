import { describe, expect, it } from 'vitest';
import { afterOn } from '../../../tests/after';
import { aPart, aPlan } from '../../../tests/sample-plan';
import { perform } from '../edit/edit';
import { attend, giveTalk, judge, setLoved } from '../edit/facts';
import { setPrinted } from '../edit/ready';
import { leaveOut } from '../edit/lessons';
import { markDone, noteFelt, noteTook } from '../edit/today';
import { forecastOf, forecastInWords } from '../forecast/forecast';
import { redraw } from '../layout/redraw';
import { blankBook } from '../plan/blank';
import type { Book } from '../plan/book';
import type { Plan } from '../plan/plan';
import { daysKept } from './days';
import { hoursKept } from './hours';
import { leavingsOf, leftOverLessons } from './leavings';
import { lookBack, median } from './look-back';

const TODAY = '2026-09-07';
const doing = afterOn(TODAY);

const aBook = (id: string, over: Partial<Book> = {}): Book => ({
  ...blankBook,
  id,
  title: `Book ${id}`,
  ...over,
});
const plan = redraw(
  aPlan(
    5,
    {
      books: [
        aBook('used'),
        aBook('shut'),
        aBook('board', { listenTo: 3 }),
        aBook('dear', { source: 'to buy', price: 1250 }),
      ],
      pulls: ['used', 'shut', 'board', 'dear'].map((bookId) => ({
        id: `p-${bookId}`,
        unitId: 'u1',
        bookId,
        role: 'together',
        read: 'aloud',
        childIds: [],
      })),
      uses: ['used', 'dear'].map((id) => ({
        id,
        pullId: `p-${id}`,
        lessonId: 'l1',
        firstPage: null,
        lastPage: null,
      })),
      questions: [{ id: 'q', unitId: 'u1', childId: null, text: 'Who dug it?', asked: null, answer: '' }],
    },
    (l) => [
      aPart(`${l}-a`, l, { kind: 'craft', minutes: 40 }),
      aPart(`${l}-b`, l, { kind: 'copying', minutes: 10 }),
    ],
  ),
  { today: '2026-08-31' },
).plan;
const unit = plan.units[0];

const taught = doing(
  plan,
  markDone('l1-a', null, '2026-08-31'),
  noteTook('l1-a', null, 60, '2026-08-31'),
  markDone('l1-b', 'c1', '2026-08-31'),
  noteFelt('l1-b', 'c1', 'right', '2026-08-31'),
  markDone('l2-a', null, '2026-09-02'),
  noteTook('l2-a', null, 44, '2026-09-02'),
  setLoved('l2-a', null, true, '2026-09-02'),
  setPrinted(['l1-b', 'l3-b'], 'c1', true, '2026-08-31'),
  setPrinted(['l1-b'], 'c2', true, '2026-08-31'),
  leaveOut(['l4'], true),
  judge({ lessonId: 'l2' }, 3, 'again', TODAY),
);

describe('a look back', () => {
  const back = lookBack(taught, unit, TODAY);

  it('counts what it took: lessons, weeks, and how long each kind was against its minutes', () => {
    expect([back.lessons, back.taught, back.from, back.to, back.weeks]).toEqual([
      5,
      2,
      '2026-08-31',
      '2026-09-02',
      1,
    ]);
    expect(back.factors).toEqual([{ kind: 'craft', factor: (60 / 40 + 44 / 40) / 2, times: 2 }]);
  });

  it('says what was loved, dropped, printed for nothing, right, paid, and left open', () => {
    expect(back.loved).toEqual([{ partId: 'l2-a', title: 'Part l2-a', times: 1 }]);
    expect(back.dropped).toEqual(['Lesson l4']);
    expect(back.unused.map((p) => p.id)).toEqual(['l1-b', 'l2-b']);
    expect(back.printed).toEqual({ pages: 3, unused: 2 });
    expect(back.amounts).toEqual([{ childId: 'c1', kind: 'copying', right: 1, said: 1, minutes: null }]);
    expect(back.cost).toBe(1250);
    expect(back.questions.map((q) => q.text)).toEqual(['Who dug it?']);
    expect(back.judged).toEqual([{ of: 'l2', title: 'Lesson l2', grade: 3, note: 'again' }]);
  });

  it('tells opened books from those nobody opened, and those everybody has outgrown', () => {
    expect(back.books.used.map((b) => b.id)).toEqual(['used', 'dear']);
    expect(back.books.unopened.map((b) => b.id)).toEqual(['shut', 'board']);
    expect(back.books.outgrown.map((b) => b.id)).toEqual(['board']);
  });

  it('takes the middle of what was noted', () => {
    expect([median([3]), median([3, 1]), median([9, 1, 2])]).toEqual([3, 2, 2]);
  });

  it('is the same of a unit whose lessons another unit has not', () => {
    expect(
      lookBack({ ...taught, units: [unit, { ...unit, id: 'u2' }] }, { ...unit, id: 'u2' }, TODAY),
    ).toMatchObject({
      lessons: 0,
      factors: [],
      loved: [],
      cost: 0,
    });
  });
});

describe('what a unit leaves', () => {
  it('is its untaught lessons, what was begun, sheets nobody used, books to pass on and to give back', () => {
    const out = {
      ...taught,
      loans: [
        {
          id: 'l',
          bookId: 'used',
          ref: '',
          asked: null,
          expected: null,
          ready: null,
          from: '2026-08-28',
          due: '2026-09-25',
          renewals: 0,
          refused: '',
          back: null,
        },
      ],
    };
    const left = leavingsOf(out, unit, TODAY);
    expect(left.lessons.map((l) => [l.lesson.id, l.parts])).toEqual([
      ['l3', 2],
      ['l5', 2],
    ]);
    // Copying is how a lesson is written up: it does not go on without it.
    expect(left.parts).toEqual([]);
    expect(left.sheets).toEqual([
      { childId: 'c1', title: 'Part l3-b' },
      { childId: 'c2', title: 'Part l1-b' },
    ]);
    expect(left.giveBack.map((b) => [b.book.id, b.due])).toEqual([['used', '2026-09-25']]);
    expect(left.passOn.map((b) => b.book.id)).toEqual(['board']);
    const pulled = { ...unit, id: 'u2', starts: '2026-10-01' };
    const both = {
      ...out,
      units: [unit, pulled],
      pulls: [...out.pulls, { ...out.pulls[0], id: 'other', unitId: 'u2' }],
    };
    expect(leavingsOf(both, unit, TODAY).giveBack).toEqual([]);
    expect(leftOverLessons(out, TODAY)).toEqual([]);
    const closed = { ...out, units: [{ ...unit, closedOn: TODAY }] };
    expect(leftOverLessons(closed, TODAY)[0].lessons.map((l) => l.lesson.id)).toEqual(['l3', 'l5']);
  });
});

describe('days by the family’s own rule', () => {
  const by = (keeps: { by: 'anything' | 'minutes' | 'parts'; least: number }): number =>
    daysKept({ ...taught, family: { ...taught.family!, keeps } }, TODAY)!.kept;

  it.each([
    ['anything', 1, 2],
    // 31 August: 60 min; 2 September: 44 min.
    ['minutes', 44, 2],
    ['minutes', 45, 1],
    ['minutes', 60, 1],
    ['minutes', 61, 0],
    // Two parts, then one.
    ['parts', 1, 2],
    ['parts', 2, 1],
    ['parts', 3, 0],
  ] as const)('%s, at least %i: %i kept', (rule, least, kept) => expect(by({ by: rule, least })).toBe(kept));
});

describe('trips and talks', () => {
  const talks = { date: TODAY, starts: 1110, talks: [{ childId: 'c1', topic: 'The weir', minutes: 6 }] };
  const evening = { ...taught, units: [{ ...unit, talks, subjects: ['rivers'] }] };

  it('count with their minutes for the subjects that are named', () => {
    const after = doing(
      evening,
      attend(['c1', 'c2'], 'Mill museum', 90, ['history'], TODAY),
      giveTalk('u1', 'c1', true, TODAY),
      giveTalk('u1', 'c1', true, TODAY),
    );
    const hours = hoursKept(after, TODAY, TODAY);
    expect(hours.total).toEqual({ c1: 96, c2: 90 });
    const of = (subject: string): unknown => hours.subjects.find((s) => s.subject === subject)?.children;
    expect(of('history')).toEqual({ c1: { minutes: 90, planned: 0 }, c2: { minutes: 90, planned: 0 } });
    expect(of('rivers')).toEqual({ c1: { minutes: 6, planned: 0 } });
    const taken = doing(after, giveTalk('u1', 'c1', false, TODAY));
    expect(hoursKept(taken, TODAY, TODAY).total).toEqual({ c1: 90, c2: 90 });
    expect(daysKept(after, '2026-09-08')!.kept).toBe(3);
  });

  it('a talk that is on no evening is refused', () => {
    expect(
      perform(giveTalk('u1', 'c2', true, TODAY), evening, { today: TODAY, newId: () => 'x' }),
    ).toHaveProperty('refused');
  });
});

describe('a forecast for a unit', () => {
  const sure: Plan = { ...plan, family: { ...plan.family!, daysExpected: 100 } };
  const end = (p: Plan): string =>
    p.sittings
      .map((s) => s.date)
      .sort()
      .at(-1)!;

  it('is the end that is laid out where every day is kept and nothing runs over', () => {
    const f = forecastOf(sure, unit, '2026-08-31')!;
    expect([f.first, f.last]).toEqual([end(sure), end(sure)]);
    expect(f.isKnown).toBe(false);
  });

  it('is a range from the guess, and said to be one, while there are few days on record', () => {
    const half: Plan = { ...plan, family: { ...plan.family!, daysExpected: 50 } };
    const f = forecastOf(half, { ...unit, wishedEnd: '2026-09-30' }, '2026-08-31')!;
    expect(f.first! >= end(plan)).toBe(true);
    expect(f.last! > f.first!).toBe(true);
    expect(f.by!.share).toBeGreaterThan(0);
    expect(forecastInWords(f, 50)).toMatch(
      /^between .* if you keep 50 of 100 days as you guess \(none on record yet\)$/,
    );
  });

  it('gives a chance by the wished end once there is enough on record', () => {
    const days = [1, 2, 3, 4, 7, 8, 9, 10, 11].map((d) => `2026-09-${String(d).padStart(2, '0')}`);
    const kept = doing(
      sure,
      markDone('l1-a', null, '2026-08-31'),
      ...days.map((d) => attend(['c1'], 'Out', 10, [], d)),
    );
    const wished = { ...unit, wishedEnd: '2026-09-30' };
    const f = forecastOf({ ...kept, units: [wished] }, wished, '2026-09-14')!;
    expect([f.isKnown, f.days]).toEqual([true, 10]);
    expect(forecastInWords(f, 100)).toMatch(/, \d+ in 100 by 30 Sep$/);
    expect(f.ends.reduce((sum, e) => sum + e.share, 0)).toBeCloseTo(1, 9);
  });

  it('counts the days of a year that is closed: kept, said to be lost, or with work of which none was done', () => {
    const year = {
      ...taught.year!,
      ends: '2026-09-04',
      daysOff: [
        { id: 'x', first: '2026-09-03', last: '2026-09-03', label: 'colds', kind: 'illness' as const },
      ],
    };
    const last = { ...taught, year, sittings: taught.sittings.filter((s) => s.date < '2026-09-04') };
    // Kept 31 August and 2 September, lost the 3rd; on the 1st and the 4th nothing stood.
    expect(forecastOf(sure, unit, '2026-08-31', [last])!.days).toBe(3);
    const [one] = taught.sittings;
    const stood = {
      ...last,
      sittings: [...last.sittings, { ...one, id: 'x', partId: 'l3-a', date: '2026-09-04' }],
    };
    const f = forecastOf(sure, unit, '2026-08-31', [stood])!;
    expect(f.days).toBe(4);
    expect(f.last! > end(sure)).toBe(true);
  });

  it('is none for what waits, is closed, or found no day', () => {
    expect(forecastOf(sure, { ...unit, waiting: true }, TODAY)).toBeUndefined();
    expect(forecastOf(sure, { ...unit, closedOn: TODAY }, TODAY)).toBeUndefined();
    expect(forecastOf({ ...sure, sittings: sure.sittings.slice(1) }, unit, '2026-08-31')).toBeUndefined();
  });
});
