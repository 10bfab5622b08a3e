import { describe, expect, it } from 'vitest';
import { after, afterOn } from '../../../tests/after';
import { aPlan } from '../../../tests/sample-plan';
import { readingMinutes, silentlyRead } from '../books/reading';
import { thinLessons } from '../books/facts';
import { needsOf } from '../loans/lines';
import { readContents } from '../formats/contents';
import { lessonReading } from '../layout/lesson-reading';
import { redraw } from '../layout/redraw';
import { blankBook, blankPart } from '../plan/blank';
import type { Plan, SpineRead } from '../plan/plan';
import { toPrepare } from '../prep/get-ready';
import { changePart } from './compose';
import { addBook, putOnLesson, setRole } from './books';
import { markDone } from './today';
import type { Edit } from './edit';
import { fillBook, setCells } from './pages';
import { setPrepared } from './ready';
import { addLesson, addPart, removePart } from './lessons';
import { addContents } from './units';

const TODAY = '2026-08-31';
const BOOK = { ...blankBook, title: 'From Fleece to Cloth', pages: 30, words: 30 * 238 };
const start = redraw(
  aPlan(0, {}, () => []),
  { today: TODAY },
).plan;
const CONTENTS = readContents('Sheep ... 1\nLooms ... 11\nCloth ... 21');
const taught = after(after(start, addBook('u1', BOOK, 'spine')), addContents('u1', CONTENTS));
const spine = taught.pulls[0].id;
const read = (plan: Plan, how: SpineRead, ...childIds: string[]): Plan =>
  after(plan, setRole(spine, 'spine', childIds, how));
const kinds = (plan: Plan): string[] =>
  plan.parts
    .filter((p) => p.kind === 'read-aloud' || p.kind === 'own-reading' || p.title === 'Told by you')
    .map((p) => p.kind);

describe('a book that leads a unit', () => {
  it('is read aloud to everyone, where nobody says otherwise', () => {
    expect(kinds(taught)).toEqual(['read-aloud', 'read-aloud', 'read-aloud']);
    expect(lessonReading(taught, taught.units[0])[0].aloud).toBeGreaterThan(0);
  });

  it('is read alone by those named, in a part of their own, and aloud no more', () => {
    const plan = read(taught, 'alone', 'c1');
    expect(kinds(plan)).toEqual(['own-reading', 'own-reading', 'own-reading']);
    expect(plan.parts.find((p) => p.kind === 'own-reading')?.childIds).toEqual(['c1']);
    const [first] = lessonReading(plan, plan.units[0]);
    expect(first.aloud).toBe(0);
    expect(first.children.map((c) => c.alone > 0)).toEqual(plan.children.map((c) => c.id === 'c1'));
    const part = plan.parts.find((p) => p.kind === 'own-reading')!;
    expect(readingMinutes(plan)(part, 'c1')).toBe(first.children.find((c) => c.childId === 'c1')!.alone);
  });

  it('is read aloud again as it was', () => {
    const back = read(read(taught, 'alone', 'c1'), 'aloud');
    expect(kinds(back)).toEqual(['read-aloud', 'read-aloud', 'read-aloud']);
    expect(back.pulls[0].childIds).toEqual([]);
  });

  it('keeps the part in which it was read, and what stands in it', () => {
    const first = taught.parts.find((p) => p.kind === 'read-aloud')!;
    const date = taught.sittings.find((s) => s.partId === first.id)!.date;
    const done = afterOn(date)(taught, markDone(first.id, null, date));
    const plan = afterOn(date)(done, setRole(spine, 'spine', [], 'beforehand'));
    expect(kinds(plan)).toEqual(['read-aloud', 'activity', 'activity']);
    expect(plan.marks.map((m) => m.partId)).toEqual([first.id]);
  });

  it('leaves own reading to those who have other books on the lesson', () => {
    const two = after(taught, addBook('u1', { ...BOOK, title: 'Wool' }, 'own', ['c2']));
    const on = after(two, setCells([{ pullId: two.pulls[1].id, lessonId: two.lessons[0].id, pages: 'all' }]));
    const of = (plan: Plan): unknown[] =>
      plan.parts.filter((p) => p.kind === 'own-reading').map((p) => [p.lessonId, p.childIds]);
    expect(of(read(on, 'alone', 'c1'))[0]).toEqual([two.lessons[0].id, ['c2', 'c1']]);
    expect(of(read(read(on, 'alone', 'c1'), 'aloud'))).toEqual(of(on));
  });

  it('begins its lesson, however often it is read otherwise', () => {
    const full = after(
      taught,
      addPart(taught.lessons[1].id, {
        ...blankPart,
        kind: 'craft',
        title: 'Wind a ball',
        lead: 'near',
        minutes: 20,
      }),
    );
    const back = read(read(full, 'alone', 'c1'), 'aloud');
    expect(back.parts.filter((p) => p.lessonId === full.lessons[1].id).map((p) => p.kind)).toEqual([
      'read-aloud',
      'craft',
    ]);
  });

  it('leaves the part in which another book is read aloud', () => {
    const two = after(taught, addBook('u1', { ...BOOK, title: 'Wool' }, 'together'));
    const on = after(
      two,
      setCells([{ pullId: two.pulls[1].id, lessonId: two.lessons[1].id, pages: { first: 1, last: 4 } }]),
    );
    const plan = read(on, 'alone', 'c1');
    expect(plan.parts.filter((p) => p.kind === 'read-aloud').map((p) => p.lessonId)).toEqual([
      two.lessons[1].id,
    ]);
  });

  it('gives new lessons a part as it is read', () => {
    const plan = after(read(taught, 'alone', 'c1'), addContents('u1', readContents('Dye ... 25')));
    expect(plan.parts.filter((p) => p.lessonId === plan.lessons[3].id && p.kind === 'read-aloud')).toEqual(
      [],
    );
    expect(
      plan.parts.filter((p) => p.lessonId === plan.lessons[3].id && p.kind === 'own-reading'),
    ).toHaveLength(1);
  });

  it('brings a part to read it in with its pages, once, and none where the lesson says who reads', () => {
    const bare = after(start, addLesson('u1', 'Dye'), addLesson('u1', 'Felt'));
    const [dye, felt] = bare.lessons.map((l) => l.id);
    const own = { ...blankPart, kind: 'own-reading', title: 'Read it', lead: 'not-needed' } as const;
    const led = after(bare, addPart(felt, own), addBook('u1', BOOK, 'spine'));
    const cell = (lessonId: string, first: number): Edit =>
      setCells([{ pullId: led.pulls[0].id, lessonId, pages: { first, last: first + 3 } }]);
    const typed = after(led, cell(dye, 1), cell(dye, 2), cell(felt, 5));
    const of = (plan: Plan, id: string): string[] =>
      plan.parts.filter((p) => p.lessonId === id && /reading|aloud/.test(p.kind)).map((p) => p.kind);
    expect(of(typed, dye)).toEqual(['read-aloud']);
    expect(of(typed, felt)).toEqual(['own-reading']);
    const without = after(
      typed,
      removePart(typed.parts.find((p) => p.kind === 'read-aloud')!.id),
      cell(dye, 7),
    );
    expect(of(without, dye)).toEqual([]);
  });

  it('stands beside another of another level, each read by its own', () => {
    const [younger, elder] = [taught.children[1].id, taught.children[0].id];
    const two = after(taught, addBook('u1', { ...BOOK, title: 'Sheep and Looms', pages: 12 }, 'spine'));
    const second = two.pulls[1].id;
    const filled = after(
      two,
      fillBook(
        second,
        two.lessons.map((l) => l.id),
        { by: 'pages', each: 4 } as never,
      ),
    );
    const plan = after(read(filled, 'alone', elder), setRole(second, 'spine', [younger], 'alone'));
    expect(kinds(plan)).toEqual(['own-reading', 'own-reading', 'own-reading']);
    expect([...plan.parts.find((p) => p.kind === 'own-reading')!.childIds!].sort()).toEqual(
      [younger, elder].sort(),
    );
    expect(plan.pulls.map((p) => p.childIds)).toEqual([[elder], [younger]]);
  });
});

describe('a book read aloud to some', () => {
  const heard = (plan: Plan): unknown[] =>
    plan.parts
      .filter(
        (p) => p.lessonId === plan.lessons[0].id && (p.kind === 'read-aloud' || p.title === 'Told by you'),
      )
      .map((p) => [
        p.title,
        p.childIds?.map((c) => readingMinutes(plan)(p, c)) ?? readingMinutes(plan)(p, 'c1'),
      ]);
  const ids = ['c1', 'c2', 'c3', 'c4'];
  const four = redraw(
    {
      ...taught,
      children: ids.map((id) => ({ ...taught.children[0], id, name: id })),
      units: taught.units.map((u) => ({ ...u, childIds: ids })),
    },
    { today: TODAY },
  ).plan;
  const EASY = { ...BOOK, title: 'Wool', words: 30 * 119 };
  const two = after(read(four, 'aloud', 'c1', 'c2'), addBook('u1', EASY, 'spine'));
  const easy = two.pulls[1].id;
  /** All of it is read in the first lesson, aloud to those who are named. */
  const both = (...childIds: string[]): Plan =>
    after(after(two, setRole(easy, 'spine', childIds, 'aloud')), putOnLesson(easy, two.lessons[0].id, 1, 10));
  const hard = readingMinutes(four)(four.parts[0], 'c1');

  it('has a part of those who listen, with the minutes of what is read to them', () => {
    expect(two.pulls[0].childIds).toEqual(['c1', 'c2']);
    expect(two.parts.filter((p) => p.kind === 'read-aloud').map((p) => p.childIds)).toEqual(
      two.lessons.map(() => ['c1', 'c2']),
    );
    expect(heard(two)).toEqual([['Read together', [hard, hard]]]);
  });

  it('stands beside one for others and one for everyone, and nobody hears what is not for them', () => {
    const plan = both('c3');
    expect(heard(plan).sort()).toEqual(
      [
        ['Read together', [hard, hard]],
        ['Read together', [Math.ceil(hard / 2)]],
      ].sort(),
    );
    expect(heard(both()).sort()).toEqual(
      [
        ['Read together', Math.ceil(hard / 2)],
        ['Read together', [hard, hard]],
      ].sort(),
    );
  });

  it('is read in the same part to those who hear both', () => {
    const [[title, [minutes]], ...more] = heard(both('c2', 'c1')) as [string, number[]][];
    expect([title, more]).toEqual(['Read together', []]);
    expect(minutes).toBeGreaterThan(hard + hard / 2 - 1);
  });

  it('of which one hears less has a part of that one', () =>
    expect(heard(both('c1')).sort()).toEqual(
      [
        ['Read together', [Math.ceil(hard / 2)]],
        ['Read together', [hard, hard]],
      ].sort(),
    ));

  it('keeps its part when others are to listen', () => {
    const before = both('c3');
    const more = after(before, setRole(easy, 'spine', ['c3', 'c4'], 'aloud'));
    expect(more.parts.map((p) => p.id)).toEqual(before.parts.map((p) => p.id));
    const everyone = after(more, setRole(spine, 'spine', [], 'aloud'));
    expect(everyone.parts.filter((p) => p.kind === 'read-aloud' && p.childIds === null)).toHaveLength(3);
  });

  it('leaves what was taught, and a part that was made by hand', () => {
    const part = two.parts.find((p) => p.kind === 'read-aloud')!;
    const done = after(two, markDone(part.id, null, TODAY));
    const now = after(done, setRole(spine, 'spine', ['c1', 'c3'], 'aloud'));
    // What was read was read to those: nothing is put into a lesson that was taught.
    expect(now.parts.filter((p) => p.lessonId === part.lessonId)).toEqual([part]);
    expect(now.parts.filter((p) => p.lessonId !== part.lessonId).map((p) => p.childIds)).toEqual(
      now.lessons.slice(1).map(() => ['c1', 'c3']),
    );
    const own = after(four, changePart(four.parts[0].id, { title: 'By the stove' }));
    expect(
      after(own, setRole(spine, 'spine', ['c1'], 'aloud')).parts.some((p) => p.title === 'By the stove'),
    ).toBe(true);
  });

  it('leaves those to whom nothing is read to be told', () => {
    const plan = after(both('c1'), setRole(easy, 'spine', [], 'beforehand'));
    const told = plan.parts.find((p) => p.title === 'Told by you')!;
    expect(told.childIds).toEqual(plan.units[0].childIds.filter((c) => !['c1', 'c2'].includes(c)));
  });

  it('is needed and read by those, on the days of their part', () => {
    const plan = both('c3');
    const own = plan.parts.filter((p) => p.kind === 'read-aloud' && p.childIds?.includes('c3'));
    const day = plan.sittings.find((s) => s.partId === own[0].id)!.date;
    expect(needsOf(plan, plan.pulls[1].bookId).map((n) => n.first)).toEqual([day]);
  });
});

describe('a book only the parent reads', () => {
  it('is told in the place in which it was read, and read there again', () => {
    const told = read(taught, 'beforehand');
    expect(told.parts.map((p) => p.id)).toEqual(taught.parts.map((p) => p.id));
    expect(kinds(read(told, 'alone', 'c1'))).toEqual(['own-reading', 'own-reading', 'own-reading']);
    expect(read(told, 'aloud').parts).toEqual(taught.parts);
    expect(kinds(read(read(told, 'alone', 'c1'), 'beforehand'))).toEqual([
      'activity',
      'activity',
      'activity',
    ]);
  });
  const plan = read(taught, 'beforehand');
  it('is read the day before its lesson, with the minutes of an adult who reads silently', () => {
    const lessons = [...new Set(plan.parts.map((p) => p.lessonId))];
    expect(kinds(plan)).toEqual(['activity', 'activity', 'activity']);
    const all = toPrepare(plan);
    expect(all.map((p) => [p.what, p.minutes])).toEqual([
      ['Read “From Fleece to Cloth”, pp. 1–10', 10],
      ['Read “From Fleece to Cloth”, pp. 11–20', 10],
      ['Read “From Fleece to Cloth”, pp. 21–30', 10],
    ]);
    expect(all).toHaveLength(lessons.length);
    for (const p of all) expect(p.date < p.on).toBe(true);
  });
  it('is ticked once for its lesson, and not again when another part comes first', () => {
    const [first] = toPrepare(plan);
    const ticked = after(plan, setPrepared(first.partId, first.preparationId, true, TODAY));
    expect(toPrepare(ticked).map((p) => p.what)).not.toContain(first.what);
    expect(ticked.entries.at(-1)?.about.title).toBe(first.what);
    const other = ticked.parts.find((p) => p.lessonId === ticked.lessons[0].id && p.id !== first.partId);
    const swapped = {
      ...ticked,
      sittings: other ? ticked.sittings.filter((s) => s.partId !== first.partId) : ticked.sittings,
    };
    expect(toPrepare(swapped).map((p) => p.what)).not.toContain(first.what);
    const back = after(ticked, setPrepared(first.partId, first.preparationId, false, TODAY));
    expect(toPrepare(back)).toEqual(toPrepare(plan));
  });
  it('is in the house the day before, and fills no gap for a child', () => {
    expect(needsOf(plan, plan.books[0].id)[0].first < needsOf(taught, taught.books[0].id)[0].first).toBe(
      true,
    );
    expect(thinLessons(plan, plan.units[0])).toHaveLength(3);
  });
  it('takes as long as silent reading does', () => {
    expect(silentlyRead(238)).toBe(1);
    expect(silentlyRead(239)).toBe(2);
  });
});
