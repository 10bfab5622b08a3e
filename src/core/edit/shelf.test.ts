import { describe, expect, it } from 'vitest';
import { aPlan } from '../../../tests/sample-plan';
import { readBookLine } from '../formats/book-line';
import { blankBook } from '../plan/blank';
import type { Book } from '../plan/book';
import type { Plan } from '../plan/plan';
import { partMinutes } from '../layout/input';
import { addBooks, mergeBooks, pullBook, pullBooks, putOnLesson, removeBook, takeOffLesson } from './books';
import { perform, type Edit } from './edit';

let n = 0;
const run = (plan: Plan, edit: Edit) => perform(edit, plan, { today: '2026-08-31', newId: () => `n${++n}` });
const after = (plan: Plan, edit: Edit): Plan => {
  const done = run(plan, edit);
  if ('refused' in done) throw new Error(done.refused);
  return done.plan;
};
const book = (id: string, over: Partial<Book> = {}): Book => ({ ...blankBook, id, title: id, ...over });
const pull = (id: string, bookId: string, unitId = 'u1') => ({
  id,
  unitId,
  bookId,
  role: 'together' as const,
  read: 'aloud' as const,
  childIds: [],
});
const use = (id: string, pullId: string, lessonId: string) => ({
  id,
  pullId,
  lessonId,
  firstPage: 1,
  lastPage: 2,
});

describe('books put on the shelf', () => {
  it('all of them, or none when a number is there already or twice among them', () => {
    const plan = { ...aPlan(1), books: [book('a', { label: '9780306406157' })] };
    const { id: _, ...fresh } = book('x');
    expect(after(plan, addBooks([fresh, { ...fresh, title: 'y' }])).books.map((b) => b.title)).toEqual([
      'a',
      'x',
      'y',
    ]);
    expect(run(plan, addBooks([fresh, { ...fresh, label: '9780306406157' }]))).toEqual({
      refused: '“x” has the number 9780306406157, and so has “a”. Leave one of them out.',
    });
    expect(run(plan, addBooks([]))).toEqual({ refused: 'There is no book in it.' });
  });
  it('taken off, their pages leave the lessons', () => {
    const plan = { ...aPlan(1), books: [book('a')], pulls: [pull('p', 'a')], uses: [use('u', 'p', 'l1')] };
    expect(after(plan, removeBook('a'))).toMatchObject({ books: [], pulls: [], uses: [] });
  });
});

describe('two records made one', () => {
  const plan: Plan = {
    ...aPlan(3),
    books: [book('a', { authors: 'Halm, T.' }), book('b', { pages: 88, authors: 'T. Halm', place: 'bin 4' })],
    pulls: [pull('pa', 'a'), pull('pb', 'b')],
    uses: [use('ua', 'pa', 'l1'), use('ub1', 'pb', 'l1'), use('ub2', 'pb', 'l2')],
  };
  it('keep the first, with what only the other says, and the pages of both', () => {
    const one = after(plan, mergeBooks('a', 'b'));
    expect(one.books).toMatchObject([{ id: 'a', authors: 'Halm, T.', pages: 88, place: 'bin 4' }]);
    expect(one.pulls.map((p) => p.id)).toEqual(['pa']);
    expect(one.uses.map((u) => `${u.pullId} ${u.lessonId}`)).toEqual(['pa l1', 'pa l2']);
  });
  it('take over a pull where only the other was pulled', () => {
    const one = after(
      { ...plan, pulls: [pull('pb', 'b')], uses: [use('ub2', 'pb', 'l2')] },
      mergeBooks('a', 'b'),
    );
    expect([one.pulls.map((p) => p.bookId), one.uses.map((u) => u.pullId)]).toEqual([['a'], ['pb']]);
  });
});

describe('a book in one line', () => {
  it.each([
    ['The Dyer’s Kettle', { title: 'The Dyer’s Kettle', authors: '' }],
    [
      'Wool; A. Halm; 88 p; picture book; hall shelf; 2019',
      { title: 'Wool', authors: 'A. Halm', pages: 88, form: 'picture book', place: 'hall shelf', year: 2019 },
    ],
    ['Wool; pp. 64; 0-306-40615-2', { title: 'Wool', pages: 64, label: '9780306406157' }],
  ])('%s', (line, expected) => expect(readBookLine(line)).toMatchObject(expected));
  it('says what is wrong with it', () =>
    expect([readBookLine('; A. Halm'), readBookLine('Wool; 978-0-306-40615-8')]).toMatchObject([
      { wrong: 'it has no title' },
      { wrong: expect.stringContaining('should be 7') },
    ]));
});

describe('what has left the house', () => {
  it.each(['given away', 'lost'] as const)('is not pulled again: %s', (state) => {
    const plan = { ...aPlan(2), books: [book('gone', { state }), book('here')] };
    const refused = { refused: expect.stringContaining(`“gone” is ${state}, by what the shelf says of it`) };
    const unitId = plan.units[0].id;
    expect(run(plan, pullBook(unitId, 'gone', 'together'))).toEqual(refused);
    expect(run(plan, pullBooks(unitId, ['gone']))).toEqual(refused);
    expect(after(plan, pullBooks(unitId, ['gone', 'here'])).pulls.map((p) => p.bookId)).toEqual(['here']);
  });
});

describe('two books that lead a unit', () => {
  it('the second does not get the pages of the first', () => {
    const from = aPlan(2);
    const unitId = from.units[0].id;
    const plan: Plan = {
      ...from,
      lessons: from.lessons.map((l, i) => ({ ...l, firstPage: 1 + 10 * i, lastPage: 10 + 10 * i })),
      books: [book('first', { pages: 20 }), book('second', { pages: 300 })],
    };
    const one = after(plan, pullBook(unitId, 'first', 'spine'));
    expect(one.uses.map((u) => [u.firstPage, u.lastPage])).toEqual([
      [1, 10],
      [11, 20],
    ]);
    const two = after(one, pullBook(unitId, 'second', 'spine'));
    expect(two.pulls.map((p) => p.role)).toEqual(['spine', 'spine']);
    expect(two.uses).toEqual(one.uses);
  });
});

describe('a film on a lesson', () => {
  const start = (minutes: number | null): Plan => {
    const plan = aPlan(2);
    return {
      ...plan,
      books: [book('shown', { form: 'film', minutes }), book('heard', { form: 'audio', minutes: 12 })],
      pulls: [pull('p-film', 'shown', plan.units[0].id), pull('p-audio', 'heard', plan.units[0].id)],
    };
  };
  const films = (plan: Plan): Plan['parts'] => plan.parts.filter((p) => p.kind === 'film');
  const minutesOf = (plan: Plan, part: Plan['parts'][number]): number =>
    partMinutes(plan)(part, plan.units[0]).minutes[plan.children[0].id];

  it('is watched, for as long as it runs, and its part goes with it', () => {
    const plan = start(24);
    const [{ id: lessonId }] = plan.lessons;
    const on = after(plan, putOnLesson('p-film', lessonId, null, null));
    expect(films(on)).toMatchObject([{ lessonId, lead: 'near' }]);
    expect(minutesOf(on, films(on)[0])).toBe(24);
    const off = after(on, takeOffLesson(on.uses[0].id));
    expect(films(off)).toEqual([]);
  });
  it('takes the part that is there, and leaves there what was made by hand', () => {
    const plan = start(24);
    const [{ id: lessonId }] = plan.lessons;
    const byHand = {
      ...plan.parts[0],
      id: 'own',
      kind: 'film' as const,
      title: 'The shearers',
      lessonId,
      minutes: null,
    };
    const on = after(
      { ...plan, parts: [...plan.parts, byHand] },
      putOnLesson('p-film', lessonId, null, null),
    );
    expect(films(on).map((p) => p.id)).toEqual(['own']);
    expect(films(after(on, takeOffLesson(on.uses[0].id))).map((p) => p.id)).toEqual(['own']);
  });
  it('without its minutes takes the plain allowance; a recording takes as long as it runs', () => {
    const plan = start(null);
    const [{ id: lessonId }] = plan.lessons;
    const on = after(plan, putOnLesson('p-film', lessonId, null, null));
    expect(minutesOf(on, films(on)[0])).toBe(20);
    const aloud = { ...plan.parts[0], id: 'aloud', kind: 'read-aloud' as const, lessonId, minutes: null };
    const heard = after(
      { ...plan, parts: [...plan.parts, aloud] },
      putOnLesson('p-audio', lessonId, null, null),
    );
    expect(
      minutesOf(
        heard,
        heard.parts.find((p) => p.id === 'aloud')!,
      ),
    ).toBe(12);
  });
});
