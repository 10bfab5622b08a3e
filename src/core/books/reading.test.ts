import { describe, expect, it } from 'vitest';
import { aPart, aPlan } from '../../../tests/sample-plan';
import { blankBook } from '../plan/blank';
import type { Book } from '../plan/book';
import type { Plan, Pull } from '../plan/plan';
import { minutesAloud, pagesOf, readingMinutes, silentRate, usesRead } from './reading';

const book = (id: string, over: Partial<Book> = {}): Book => ({
  ...blankBook,
  id,
  title: id,
  pages: 100,
  ...over,
});
const pull = (id: string, role: Pull['role'], ...childIds: string[]): Pull => ({
  id,
  unitId: 'u1',
  bookId: `b-${id}`,
  role,
  read: 'aloud',
  childIds,
});
const used = (id: string, pullId: string, firstPage: number | null, lastPage: number | null) => ({
  id,
  pullId,
  lessonId: 'l1',
  firstPage,
  lastPage,
});

const plan: Plan = {
  ...aPlan(1, {}, (l) => [
    aPart('aloud', l, { kind: 'read-aloud', minutes: null }),
    aPart('own', l, { kind: 'own-reading', minutes: null }),
  ]),
  books: [
    book('b-spine'),
    book('b-tale', { form: 'picture book', pages: 30 }),
    book('b-own'),
    book('b-any'),
    book('b-film', { form: 'film', pages: null }),
  ],
  pulls: [
    pull('spine', 'spine'),
    pull('tale', 'together'),
    pull('own', 'own', 'c1'),
    pull('any', 'own'),
    pull('film', 'basket'),
  ],
  uses: [
    used('1', 'spine', 11, 14),
    used('2', 'tale', null, null),
    used('3', 'own', 1, 10),
    used('4', 'any', 5, 5),
    used('5', 'film', null, null),
  ],
};
const [aloud, own] = plan.parts;

describe('what is read', () => {
  it('aloud is the spine and what is read together; alone, each child’s own', () => {
    const read = usesRead(plan);
    expect(read(aloud, 'c1').map((u) => u.id)).toEqual(['1', '2']);
    expect(read(own, 'c1').map((u) => u.id)).toEqual(['3', '4']);
    expect(read(own, 'c2').map((u) => u.id)).toEqual(['4']);
  });
  it('counts the pages of a use, or of the whole thing', () => {
    expect(pagesOf(plan.uses[0], 100)).toBe(4);
    expect(pagesOf(plan.uses[1], 30)).toBe(30);
    expect(pagesOf(plan.uses[4], null)).toBe(0);
  });
});

describe('how long it takes', () => {
  const minutes = readingMinutes(plan);
  it('aloud, from the words on the pages', () =>
    expect(minutes(aloud, 'c1')).toBe(minutesAloud(4 * 250 + 30 * 60)));
  it('alone, at the pace of the child’s grade on the unit’s first day', () => {
    expect(minutes(own, 'c1')).toBe(Math.ceil((11 * 250) / silentRate(5)));
    expect(minutes(own, 'c2')).toBe(Math.ceil(250 / silentRate(4)));
  });
  it('an older child is never slower', () => {
    for (let grade = -2; grade < 15; grade++)
      expect(silentRate(grade + 1)).toBeGreaterThanOrEqual(silentRate(grade));
  });
  it('is a plain allowance where no page says anything', () =>
    expect(readingMinutes({ ...plan, uses: [] })(aloud, 'c1')).toBe(15));
});
