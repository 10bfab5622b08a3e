import { describe, expect, it } from 'vitest';
import { aLesson, aPart, aPlan } from '../../../tests/sample-plan';
import { redraw } from '../layout/redraw';
import { blankBook } from '../plan/blank';
import type { Plan } from '../plan/plan';
import { setRole } from './books';
import { perform, type Edit } from './edit';
import { fillBook, fillBooks, giveAway, paceBookOver, setCells, takeSet } from './pages';
import { editRule } from './rules';
import { didNotHappen, markDone } from './today';
import { dropInIllness } from './year';

const TODAY = '2026-08-31';
const BOOKS = [
  {
    ...blankBook,
    id: 'b',
    title: 'The book',
    pages: 60,
    chapters: Array.from({ length: 6 }, (_, i) => ({ title: `C${i}`, page: 1 + i * 10 })),
  },
  { ...blankBook, id: 'w', title: 'Wool', pages: 24 },
];
const start = (over: Partial<Plan> = {}): Plan =>
  redraw(
    aPlan(
      4,
      {
        books: BOOKS,
        pulls: [
          { id: 'p', unitId: 'u1', bookId: 'b', role: 'together', read: 'aloud', childIds: [] },
          { id: 'q', unitId: 'u1', bookId: 'w', role: 'own', read: 'aloud', childIds: ['c1'] },
        ],
        ...over,
      },
      (l) => [aPart(`${l}-a`, l)],
    ),
    { today: TODAY },
  ).plan;
const run = (edit: Edit, plan: Plan, today = TODAY): Plan => {
  let n = 0;
  const done = perform(edit, plan, { today, newId: () => `n${plan.uses.length + plan.parts.length}-${++n}` });
  if ('refused' in done) throw new Error(done.refused);
  return done.plan;
};
const refused = (edit: Edit, plan: Plan): string => {
  const done = perform(edit, plan, { today: TODAY, newId: () => 'n' });
  return 'refused' in done ? done.refused : '';
};
const cells = (plan: Plan, pullId: string): string[] =>
  plan.lessons.map((l) => {
    const u = plan.uses.find((x) => x.pullId === pullId && x.lessonId === l.id);
    if (!u) return '';
    if (u.firstPage === null) return 'all';
    return `${u.firstPage}-${u.lastPage}`;
  });

describe('the sheet of pages', () => {
  it('takes many cells at once, or none of them', () => {
    const plan = run(
      setCells([
        { pullId: 'p', lessonId: 'l1', pages: { first: 1, last: 9 } },
        { pullId: 'p', lessonId: 'l3', pages: 'all' },
      ]),
      start(),
    );
    expect(cells(plan, 'p')).toEqual(['1-9', '', 'all', '']);
    expect(cells(run(setCells([{ pullId: 'p', lessonId: 'l1', pages: null }]), plan), 'p')).toEqual([
      '',
      '',
      'all',
      '',
    ]);
    expect(
      refused(
        setCells([
          { pullId: 'p', lessonId: 'l2', pages: 'all' },
          { pullId: 'p', lessonId: 'l1', pages: { first: 61, last: 61 } },
        ]),
        plan,
      ),
    ).toContain('beyond its end');
  });
  it('is filled along in the order of the lessons, and what does not reach is emptied', () => {
    expect(cells(run(fillBook('p', ['l3', 'l1', 'l2'], 'chapters'), start()), 'p')).toEqual([
      '1-20',
      '21-40',
      '41-60',
      '',
    ]);
    expect(cells(run(fillBook('p', ['l1', 'l2', 'l3', 'l4'], 'pages', 11, 30), start()), 'p')).toEqual([
      '11-15',
      '16-20',
      '21-25',
      '26-30',
    ]);
    expect(cells(run(fillBooks(['p', 'q'], ['l2', 'l3']), start()), 'q')).toEqual(['', '', 'all', '']);
  });
  it('gives a lesson an own-reading part with an own book, and takes it away with the last one', () => {
    const plan = run(setCells([{ pullId: 'q', lessonId: 'l2', pages: 'all' }]), start());
    expect(plan.parts.filter((p) => p.kind === 'own-reading').map((p) => p.lessonId)).toEqual(['l2']);
    const put = run(setRole('q', 'not now'), plan);
    expect([put.uses, put.parts.filter((p) => p.kind === 'own-reading')]).toEqual([[], []]);
  });
});

describe('a book paced over days', () => {
  const paced = (plan: Plan): string[] =>
    plan.parts
      .filter((p) => p.title.startsWith('The book, '))
      .map((p) => `${p.fixedDate} ${p.title.slice(10)}`);
  const two = paceBookOver({ pullId: 'p', by: 'chapters', each: 2, from: 1, to: 6, first: '2026-09-03' });
  it('gives a part a day with its own minutes, and ends when all is read', () => {
    const plan = run(two, start());
    expect(paced(plan)).toEqual([
      '2026-09-03 chapters 1–2',
      '2026-09-04 chapters 3–4',
      '2026-09-07 chapters 5–6',
    ]);
    expect(plan.parts.filter((p) => p.kind === 'read-aloud').every((p) => p.minutes! > 20)).toBe(true);
  });
  it('reads on after a day of illness, and again what did not happen', () => {
    const ill = run(dropInIllness('2026-09-04', '2026-09-04', 'fever'), run(two, start()));
    expect(paced(ill)).toEqual([
      '2026-09-03 chapters 1–2',
      '2026-09-07 chapters 3–4',
      '2026-09-08 chapters 5–6',
    ]);
    const first = ill.parts.find((p) => p.fixedDate === '2026-09-03' && p.title.includes('book'))!;
    expect(
      paced(run(didNotHappen(first.id, '2026-09-03', true), ill, '2026-09-03')).map((t) => t.slice(11)),
    ).toEqual(['chapters 1–2', 'chapters 1–2', 'chapters 3–4', 'chapters 5–6']);
    expect(paced(run(markDone(first.id, null, '2026-09-03'), ill, '2026-09-03'))).toEqual(paced(ill));
  });
  it('keeps its steps when its rule is changed in something else', () => {
    const plan = run(two, start());
    const changed = run(editRule(plan.rules[0].id, { window: 'midday' }), plan);
    expect(changed.rules[0]).toMatchObject({ window: 'midday', steps: plan.rules[0].steps });
  });
  it('is refused when the year ends before the book', () => {
    expect(
      refused(
        paceBookOver({ pullId: 'p', by: 'pages', each: 1, from: 1, to: 60, first: '2027-06-01' }),
        start(),
      ),
    ).toContain('school days');
  });
});

describe('a set', () => {
  it('is taken as one change: pulled, put on its lessons, and what the library has is to be asked for', () => {
    const draft = {
      ...blankBook,
      title: 'Felt feet',
      pages: 32,
      form: 'picture book' as const,
      source: 'borrowed' as const,
    };
    const plan = run(
      takeSet('u1', [
        { book: { id: 'w' }, role: 'together', childId: null, lessons: [{ lessonId: 'l1', pages: 'all' }] },
        {
          book: { draft, ref: 'urn:x:1', expected: '2026-09-12' },
          role: 'basket',
          childId: null,
          lessons: [
            { lessonId: 'l2', pages: 'all' },
            { lessonId: 'l3', pages: { first: 1, last: 4 } },
          ],
        },
      ]),
      start(),
    );
    const felt = plan.books.find((b) => b.title === 'Felt feet')!;
    expect(plan.loans).toMatchObject([
      { bookId: felt.id, ref: 'urn:x:1', expected: '2026-09-12', asked: null },
    ]);
    expect(cells(plan, plan.pulls.find((p) => p.bookId === felt.id)!.id)).toEqual(['', 'all', '1-4', '']);
    expect(plan.pulls.find((p) => p.id === 'q')?.role).toBe('together');
  });
  it('is refused whole when one of it cannot be', () => {
    expect(
      refused(
        takeSet('u1', [
          {
            book: { id: 'w' },
            role: 'together',
            childId: null,
            lessons: [{ lessonId: 'gone', pages: 'all' }],
          },
        ]),
        start(),
      ),
    ).toContain('no longer');
  });
});

it('what is given away stays known on the shelf and leaves the unit', () => {
  const plan = run(giveAway('u1'), run(setRole('q', 'give away'), start()));
  expect([plan.books.find((b) => b.id === 'w')!.state, plan.pulls.map((p) => p.id)]).toEqual([
    'given away',
    ['p'],
  ]);
  expect(refused(giveAway('u1'), plan)).toContain('Nothing lies');
});

it('a lesson of another unit takes no pages', () => {
  const plan = start({ lessons: [...aPlan(4).lessons, aLesson('x', { unitId: 'other' })] });
  expect(refused(setCells([{ pullId: 'p', lessonId: 'x', pages: 'all' }]), plan)).not.toBe('');
});
