import { describe, expect, it } from 'vitest';
import { aPart, aPlan, aUnit } from '../../../tests/sample-plan';
import { readContents } from '../formats/contents';
import { blankBook } from '../plan/blank';
import { canonical } from '../plan/canonical';
import { EMPTY_PLAN, type Plan } from '../plan/plan';
import { addBook, putOnLesson, setRole, takeOffLesson, type BookFields } from './books';
import { perform, type Edit } from './edit';
import { addChild, editChild, removeChild } from './family';
import { moveRung, wordByHand, wordByLadder } from './ladder';
import { addLesson, addPart, removeLessons, reorderLesson } from './lessons';
import { didNotHappen, markDone, unmark } from './today';
import { addContents, addUnit, editUnit } from './units';
import { inkDays, inkLesson, layOutAgain, moveLesson, rubOutDays } from './weeks';

let made = 0;
const newId = (): string => `new${++made}`;
const after = (plan: Plan, edit: Edit, today = '2026-08-31'): Plan => {
  const done = perform(edit, plan, { today, newId });
  if ('refused' in done) throw new Error(done.refused);
  return canonical(done.plan);
};
const refusal = (plan: Plan, edit: Edit, today = '2026-08-31'): string => {
  const done = perform(edit, plan, { today, newId });
  return 'refused' in done ? done.refused : 'not refused';
};
const drawn = (n: number, over: Partial<Plan> = {}): Plan => after(aPlan(n, over), layOutAgain());
const dates = (plan: Plan): string[] => plan.sittings.map((s) => s.date);
const BOOK: BookFields = { ...blankBook, title: 'The Dyer’s Kettle', pages: 88 };

describe('the family', () => {
  it('keeps hatches apart', () => {
    const plan = after(
      EMPTY_PLAN,
      addChild({
        name: 'Ottilie',
        birthMonth: '2014-05',
        hatch: 'dots',
        minutes: 60,
        mouths: false,
        writes: null,
      }),
    );
    expect(
      refusal(
        plan,
        addChild({
          name: 'Bram',
          birthMonth: '2017-03',
          hatch: 'dots',
          minutes: 60,
          mouths: false,
          writes: null,
        }),
      ),
    ).toBe('Dots is Ottilie’s hatch. Choose another one.');
    expect(
      after(
        plan,
        editChild(plan.children[0].id, {
          name: 'Ottilie',
          birthMonth: '2014-06',
          hatch: 'dots',
          minutes: 60,
          mouths: false,
          writes: null,
        }),
      ).children[0].birthMonth,
    ).toBe('2014-06');
  });
  it('leaves nothing hanging when a child goes', () => {
    const plan = after(after(drawn(1, {}), moveRung('l1', 'c1', 1)), markDone('l1-a', 'c1', '2026-08-31'));
    const gone = after(plan, removeChild('c1'));
    expect([gone.units[0].childIds, gone.lessons[0].rungMoves, gone.marks]).toEqual([['c2'], {}, []]);
  });
});

describe('a contents page', () => {
  const withUnit = after(
    aPlan(0, { lessons: [], units: [] }),
    addUnit({ ...aUnit(), startKinds: ['read-aloud', 'copying'] }),
  );
  const unitId = withUnit.units[0].id;
  const plan = after(
    withUnit,
    addContents(unitId, readContents('1 Sheep ... 1\n2 Shears ... 7\n3 Looms ... 60')),
  );

  it('becomes lessons with the parts the unit begins them with', () => {
    expect(plan.lessons.map((l) => [l.title, l.firstPage, l.lastPage])).toEqual([
      ['Sheep', 1, 6],
      ['Shears', 7, 59],
      ['Looms', 60, null],
    ]);
    expect(plan.parts.map((p) => p.kind)).toEqual([
      'read-aloud',
      'copying',
      'read-aloud',
      'copying',
      'read-aloud',
      'copying',
    ]);
    expect(plan.sittings.length).toBe(6);
  });
  it('gives its pages to a spine that comes later, and to its last page', () => {
    const withSpine = after(plan, addBook(unitId, BOOK, 'spine'));
    expect(withSpine.uses.map((u) => [u.firstPage, u.lastPage])).toEqual([
      [1, 6],
      [7, 59],
      [60, 88],
    ]);
  });
  it('gives its pages to a spine that is there already', () => {
    const first = after(withUnit, addBook(unitId, BOOK, 'spine'));
    const later = after(first, addContents(unitId, readContents('Sheep ... 1\nLooms ... 60')));
    expect(later.uses.map((u) => [u.firstPage, u.lastPage])).toEqual([
      [1, 59],
      [60, 88],
    ]);
  });
  it('with nothing in it is refused', () =>
    expect(refusal(withUnit, addContents(unitId, readContents('Contents\nGlossary')))).toContain(
      'No line becomes a lesson',
    ));
});

describe('books', () => {
  const plan = after(drawn(2), addBook('u1', { ...BOOK, pages: 40 }, 'own', ['c2']));
  const [pull] = plan.pulls;
  it('read alone give the lesson a part for their reader, and take it away again', () => {
    const on = after(plan, putOnLesson(pull.id, 'l1', 1, 8));
    expect(on.parts.find((p) => p.kind === 'own-reading')).toMatchObject({
      lessonId: 'l1',
      childIds: ['c2'],
    });
    expect(after(on, takeOffLesson(on.uses[0].id)).parts.some((p) => p.kind === 'own-reading')).toBe(false);
  });
  it('do not end beyond their last page, or backwards', () => {
    expect(refusal(plan, putOnLesson(pull.id, 'l1', 30, 41))).toBe(
      '“The Dyer’s Kettle” has 40 pages; 41 is beyond its end.',
    );
    expect(refusal(plan, putOnLesson(pull.id, 'l1', 9, 8))).toBe('Pages 9–8 run backwards.');
  });
  it('are on the shelf once', () => {
    const labelled = after(plan, addBook('u1', { ...BOOK, label: '9780306406157' }, 'basket'));
    expect(
      refusal(labelled, addBook('u1', { ...BOOK, title: 'Another', label: '9780306406157' }, 'basket')),
    ).toContain('is on the shelf already');
  });
  it('put the reader’s name aside when the role is no longer own reading', () =>
    expect(after(plan, setRole(pull.id, 'basket', ['c2'])).pulls[0].childIds).toEqual([]));
});

describe('moving by hand', () => {
  const plan = drawn(6);
  it('puts a lesson on the day, and what follows makes room', () => {
    expect(dates(plan).slice(0, 4)).toEqual(['2026-08-31', '2026-09-02', '2026-09-04', '2026-09-07']);
    expect(dates(after(plan, moveLesson('l2', '2026-09-02', '2026-09-04'))).slice(0, 4)).toEqual([
      '2026-08-31',
      '2026-09-04',
      '2026-09-07',
      '2026-09-09',
    ]);
  });
  it.each([
    ['l3', '2026-09-04', '2026-09-01', 'Lesson 2 stands on Wed 2 Sep and comes first.'],
    ['l1', '2026-08-31', '2026-09-05', 'Sat 5 Sep is not a weekday you teach on.'],
    ['l1', '2026-08-31', '2026-08-28', 'Fri 28 Aug is before the school year starts.'],
  ])('is refused in words: %s from %s to %s', (lesson, from, to, message) =>
    expect(refusal(plan, moveLesson(lesson, from, to))).toContain(message),
  );
  it('is refused for ink, for what is done, for days gone by and beyond anyone’s minutes', () => {
    expect(refusal(after(plan, inkLesson('l1')), moveLesson('l1', '2026-08-31', '2026-09-01'))).toBe(
      'Lesson 1 is in ink on Mon 31 Aug. Rub out the ink first.',
    );
    expect(
      refusal(
        after(plan, markDone('l1-a', null, '2026-08-31')),
        moveLesson('l1', '2026-08-31', '2026-09-01'),
      ),
    ).toContain('what is done stays');
    expect(refusal(plan, moveLesson('l4', '2026-09-07', '2026-09-03'), '2026-09-04')).toContain(
      'Thu 3 Sep is over',
    );
    const full = drawn(2, {
      parts: [aPart('l1-a', 'l1', { minutes: 100 }), aPart('l2-a', 'l2', { minutes: 100 })],
    });
    expect(refusal(full, moveLesson('l1', '2026-08-31', '2026-09-02'))).toBe('not refused');
    const inked = after(full, inkLesson('l2'));
    expect(refusal(inked, moveLesson('l1', '2026-08-31', '2026-09-02'))).toContain(
      'c1 has 200 min on Wed 2 Sep; the limit is 120.',
    );
  });
});

describe('ink', () => {
  it('is laid and rubbed out by days, and never off what is done', () => {
    const inked = after(drawn(3), inkDays('2026-08-31', '2026-09-02'));
    expect(inked.sittings.map((s) => s.state)).toEqual(['ink', 'ink', 'pencil']);
    const done = after(inked, markDone('l1-a', null, '2026-08-31'));
    expect(after(done, rubOutDays('2026-08-31', '2026-09-06')).sittings.map((s) => s.state)).toEqual([
      'ink',
      'pencil',
      'pencil',
    ]);
    expect(refusal(inked, inkDays('2027-01-01', '2027-01-02'))).toBe(
      'There is nothing in pencil there to ink.',
    );
  });
  it('stays when a unit is paced anew, and the pencil is drawn afresh around it', () => {
    const inked = after(drawn(4), inkLesson('l1'));
    const { id: _, ...fields } = inked.units[0];
    expect(dates(after(inked, editUnit('u1', { ...fields, lessonsPerWeek: 5 })))).toEqual([
      '2026-08-31',
      '2026-09-01',
      '2026-09-02',
      '2026-09-03',
    ]);
  });
});

describe('what happened', () => {
  const plan = drawn(3);
  it('did not: it goes to a later day, with the mark kept, and what follows after it', () => {
    const moved = after(plan, didNotHappen('l1-a', '2026-08-31', false));
    expect(dates(moved)).toEqual(['2026-09-01', '2026-09-02', '2026-09-04']);
    expect(moved.marks).toMatchObject([{ partId: 'l1-a', outcome: 'missed', date: '2026-08-31' }]);
  });
  it('did not, with ink after it: asks first, and rubs out what comes after when told', () => {
    const inked = after(plan, inkDays('2026-08-31', '2026-08-31'));
    const close = {
      ...inked,
      sittings: inked.sittings.map((s) =>
        s.partId === 'l2-a'
          ? { ...s, date: '2026-08-31', window: 'afternoon' as const, state: 'ink' as const }
          : s,
      ),
    };
    const asked = perform(didNotHappen('l1-a', '2026-08-31', false), close, { today: '2026-08-31', newId });
    expect(asked).toMatchObject({ offer: 'rub-out' });
    const moved = after(close, didNotHappen('l1-a', '2026-08-31', true));
    expect(moved.sittings.every((s) => s.state === 'pencil')).toBe(true);
    expect(moved.sittings[0].date > '2026-08-31' && moved.sittings[1].date >= moved.sittings[0].date).toBe(
      true,
    );
  });
  it('was done by one child, then by all; and one tick can be taken back from all', () => {
    const one = after(plan, markDone('l1-a', 'c1', '2026-08-31'));
    expect(one.marks.length).toBe(1);
    const all = after(plan, markDone('l1-a', null, '2026-08-31'));
    const back = after(all, unmark('l1-a', 'c1'));
    expect(back.marks.map((m) => m.childId)).toEqual(['c2']);
    expect(after(all, unmark('l1-a', null)).marks).toEqual([]);
  });
});

describe('lessons and the work', () => {
  it('reorder, grow and shrink, and what hung on them goes', () => {
    const plan = drawn(3);
    expect(after(plan, reorderLesson('l3', -2)).lessons.map((l) => l.id)).toEqual(['l3', 'l1', 'l2']);
    expect(after(plan, addLesson('u1', 'Felt')).lessons.at(-1)!.title).toBe('Felt');
    expect(after(plan, removeLessons(['l2']))).toMatchObject({
      lessons: [{ id: 'l1' }, { id: 'l3' }],
      parts: [{ id: 'l1-a' }, { id: 'l3-a' }],
    });
    const { id: _, lessonId: __, ...fields } = aPart('x', 'l1', { minutes: null });
    expect(refusal(plan, addPart('l1', fields))).toContain('how many minutes');
  });
  it('stay worded by hand until given back', () => {
    const plan = after(
      aPlan(1, {}, (l) => [aPart('copy', l, { kind: 'copying', minutes: null })]),
      layOutAgain(),
    );
    const worded = after(plan, wordByHand('copy', 'c1', 'Your own way', 5));
    expect(after(worded, layOutAgain()).assignments[0]).toMatchObject({
      wording: 'Your own way',
      minutes: 5,
      byHand: true,
    });
    expect(after(worded, wordByLadder('copy', 'c1')).assignments[0].byHand).toBe(false);
  });
});
