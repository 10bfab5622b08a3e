import { describe, expect, it } from 'vitest';
import { aLesson, aPart, aPlan, aUnit } from '../../../tests/sample-plan';
import { perform, type Edit } from '../edit/edit';
import {
  addForChildren,
  endTeaching,
  joinLesson,
  letTeach,
  moveInPart,
  moveKindFromHere,
  moveRung,
  showBy,
  skipPart,
  swapWork,
} from '../edit/ladder';
import { splitLesson } from '../edit/shape';
import { noteTook } from '../edit/today';
import { addWorkPart, keepWork, removeWork } from '../edit/works';
import { redraw } from '../layout/redraw';
import { blankBook, blankChild, blankMark } from '../plan/blank';
import { HATCHES, LADDER_KINDS, SHOWS } from '../plan/words';
import type { Assignment, Child, Plan } from '../plan/plan';
import type { Work, WorkVersion } from '../plan/work';
import { suggestions } from './suggest';

const POEM =
  'Off the hill the grey flock came,\nEach to her own bell, each to her name.\n\nShear it and wash it and hang it to dry,\nWool for the winter and none to deny.';
const context = { today: '2026-08-31', newId: (): string => `new${++ids}` };
let ids = 0;

const child = (years: number, over: Partial<Child> = {}): Child => ({
  ...blankChild,
  id: `c${years}`,
  name: `C${years}`,
  hatch: HATCHES[years % 8],
  birthMonth: `${2026 - years}-03`,
  minutes: 240,
  ...over,
});
const plan = (): Plan =>
  redraw(
    {
      ...aPlan(
        3,
        {
          units: [aUnit({ childIds: ['c3', 'c6', 'c9', 'c12'], passage: POEM })],
          lessons: ['l1', 'l2', 'l3'].map((id) => aLesson(id)),
        },
        (l) => [
          aPart(`${l}-tell`, l, {
            kind: 'tell-back',
            title: 'Tell it back',
            minutes: null,
            lead: 'not-needed',
          }),
          aPart(`${l}-copy`, l, { kind: 'copying', title: 'Copying', minutes: null, lead: 'not-needed' }),
          aPart(`${l}-pot`, l, {
            kind: 'experiment',
            title: 'Dye pot',
            directions: 'Simmer in a boiling pot',
            minutes: 40,
          }),
          aPart(`${l}-read`, l, {
            kind: 'own-reading',
            title: 'Own reading',
            minutes: null,
            lead: 'not-needed',
          }),
        ],
      ),
      children: [12, 9, 6, 3].map((y) => child(y)),
    },
    context,
  ).plan;

const after = (start: Plan, ...edits: Edit[]): Plan =>
  edits.reduce((p, e) => {
    const done = perform(e, p, context);
    if ('refused' in done) throw new Error(done.refused);
    return done.plan;
  }, start);
const refused = (start: Plan, edit: Edit): string => {
  const done = perform(edit, start, context);
  return 'refused' in done ? done.refused : '';
};
const of = (p: Plan, partId: string, childId: string): Assignment =>
  p.assignments.find((a) => a.partId === partId && a.childId === childId)!;
const version = (over: Partial<WorkVersion> = {}): WorkVersion => ({
  wording: '',
  amount: null,
  minutes: null,
  parentMinutes: null,
  produces: null,
  supplies: null,
  ...over,
});

describe('moving a child', () => {
  it('in one part leaves the rest of the lesson where it was, and adds to what the lesson moves', () => {
    const p = after(plan(), moveInPart('l1-pot', 'c9', -1));
    expect([of(p, 'l1-pot', 'c9').rung, of(p, 'l1-copy', 'c9').rung, of(p, 'l2-pot', 'c9').rung]).toEqual([
      3, 4, 4,
    ]);
    expect(of(after(p, moveRung('l1', 'c9', -1)), 'l1-pot', 'c9').rung).toBe(2);
    expect(of(after(p, moveInPart('l1-pot', 'c9', 0)), 'l1-pot', 'c9').rung).toBe(4);
  });
  it('in one kind of work counts from this lesson on', () => {
    const p = after(plan(), moveKindFromHere('l2-copy', 'c9', -1));
    expect(['l1', 'l2', 'l3'].map((l) => of(p, `${l}-copy`, 'c9').rung)).toEqual([4, 3, 3]);
    expect(of(p, 'l3-tell', 'c9').rung).toBe(4);
  });
  it('out of a whole lesson, and back into it', () => {
    const p = after(plan(), joinLesson('l2', 'c6', false));
    expect(p.assignments.filter((a) => a.childId === 'c6' && a.partId.startsWith('l2'))).toEqual([]);
    expect(of(p, 'l1-copy', 'c6')).toBeDefined();
    expect(after(p, joinLesson('l2', 'c6', true)).parts.every((x) => x.childIds === null)).toBe(true);
  });
});

describe('something else instead', () => {
  it('swaps one child’s work and says why, in the kind’s own amount and minutes', () => {
    const p = after(plan(), swapWork('l1-copy', 'c9', { kind: 'labels', why: 'his hand is sore' }));
    expect(of(p, 'l1-copy', 'c9')).toMatchObject({ produces: 'a map or drawing with labels' });
    expect(of(p, 'l1-copy', 'c9').note).toContain('Instead of copying: his hand is sore.');
    expect(of(p, 'l1-copy', 'c12').wording).toMatch(/^Copy/);
    expect(of(after(p, swapWork('l1-copy', 'c9', null)), 'l1-copy', 'c9').wording).toMatch(/^Copy/);
    expect(refused(p, swapWork('l1-pot', 'c9', { kind: 'labels', why: 'x' }))).toContain('is done together');
  });
  it('shows what is known in the child’s own way, from now on: what is done stays what it was', () => {
    const done: Plan = {
      ...plan(),
      marks: [
        { id: 'm', partId: 'l1-tell', childId: 'c12', date: '2026-08-31', outcome: 'done', ...blankMark },
      ],
    };
    for (const show of SHOWS) {
      const p = after(done, showBy('u1', 'c12', show));
      expect(of(p, 'l1-tell', 'c12').wording).toMatch(/^Write 8–10 sentences/);
      expect(of(p, 'l2-tell', 'c12').wording).toMatch(
        {
          'tell back': /^Write/,
          'notebook page': /page of your own/,
          'folded booklet': /flaps/,
          checklist: /^From your checklist/,
          quiz: /question/,
          talk: /talk of five minutes/,
          nothing: /^Nothing to show/,
        }[show],
      );
      expect(of(p, 'l2-tell', 'c9').wording).toMatch(/^Tell/);
    }
    expect(of(after(done, showBy('u1', 'c9', 'nothing')), 'l2-tell', 'c9').minutes).toBe(0);
  });
  it('adds an extension for one, which may be left out, and which only they get', () => {
    const p = after(
      plan(),
      addForChildren('l1', ['c12'], {
        title: 'Find out why alum holds the colour',
        minutes: 25,
        lead: 'not-needed',
      }),
    );
    const part = p.parts.find((x) => x.title.startsWith('Find out'))!;
    expect(part).toMatchObject({ optional: true, childIds: ['c12'] });
    expect(p.assignments.filter((a) => a.partId === part.id)).toMatchObject([
      { childId: 'c12', wording: part.title, minutes: 25, parentMinutes: 0 },
    ]);
    expect(refused(p, addForChildren('l1', ['nobody'], { title: 'x', minutes: 5, lead: 'leads' }))).toContain(
      'at least one child',
    );
  });
});

describe('an older child teaches a younger', () => {
  const p = after(plan(), letTeach('l1-copy', 'c6', 'c12'));
  const part = p.parts.find((x) => x.kind === 'teaching')!;
  it('both have a share of the same length, the parent none', () => {
    const alone = of(plan(), 'l1-copy', 'c6');
    expect(of(p, 'l1-copy', 'c6')).toBeUndefined();
    expect(of(p, part.id, 'c6')).toMatchObject({
      wording: `${alone.wording}, with C12`,
      minutes: alone.minutes,
      parentMinutes: 0,
      rung: alone.rung,
    });
    expect(of(p, part.id, 'c12')).toMatchObject({ minutes: alone.minutes, parentMinutes: 0, rung: 5 });
    expect(of(p, part.id, 'c12').wording).toMatch(
      /^Teach C6: .*\(Copying: copy, for “Lesson l1”: 3 words: Off the hill/,
    );
    expect(of(p, 'l1-copy', 'c12')).toBeDefined();
  });
  it('counts for the elder’s speaking, and for the younger’s skill in what is learnt', () => {
    const marked = (childId: string, rung: 2 | 5): Plan => ({
      ...p,
      children: p.children.map((c) => (c.id === 'c12' ? { ...c, rungs: { speaking: 4 } } : c)),
      marks: Array.from({ length: 5 }, (_, i) => ({
        id: `m${i}`,
        partId: part.id,
        childId,
        date: `2026-09-0${i + 1}`,
        outcome: 'done' as const,
        ...blankMark,
        felt: 'easy' as const,
        rung: childId === 'c12' ? 4 : rung,
      })),
    });
    expect(suggestions(marked('c12', 5), '2026-09-10')).toMatchObject([
      { childId: 'c12', skill: 'speaking', to: 5 },
    ]);
    expect(suggestions(marked('c6', 2), '2026-09-10')).toMatchObject([
      { childId: 'c6', skill: 'writing', to: 3 },
    ]);
  });
  it('ends with the younger back in the part, and is refused where it makes no sense', () => {
    const ended = after(p, endTeaching(part.id));
    expect(of(ended, 'l1-copy', 'c6')).toEqual(of(plan(), 'l1-copy', 'c6'));
    expect(refused(p, letTeach('l1-copy', 'c12', 'c9'))).toContain('is not older');
    expect(refused(p, letTeach('l1-pot', 'c6', 'c12'))).toContain('done together');
    const done: Plan = {
      ...plan(),
      marks: [
        { id: 'm', partId: 'l1-copy', childId: null, date: '2026-08-31', outcome: 'done', ...blankMark },
      ],
    };
    expect(refused(done, letTeach('l1-copy', 'c6', 'c12'))).toContain('has done');
    const lonely = after(plan(), ...['c12', 'c9', 'c3'].map((c) => skipPart('l2-copy', c)));
    expect(refused(lonely, letTeach('l2-copy', 'c6', 'c12'))).toContain('for C6 alone');
  });
});

describe('a lesson that is split', () => {
  it('is taught in every piece by whoever taught it, and what was added for one child stays one', () => {
    const start = after(
      plan(),
      letTeach('l1-copy', 'c6', 'c12'),
      addForChildren('l1', ['c12'], { title: 'A trial', minutes: 25, lead: 'not-needed' }),
      splitLesson('l1', 2),
    );
    const pieces = start.lessons.filter((l) => l.title.startsWith('Lesson l1'));
    for (const { id } of pieces) {
      const teaching = start.parts.find((p) => p.lessonId === id && p.kind === 'teaching')!;
      expect(start.parts.find((p) => p.id === teaching.teaches)?.lessonId).toBe(id);
      expect(of(start, teaching.id, 'c6').wording).toMatch(/with C12$/);
    }
    expect(start.parts.filter((p) => p.title === 'A trial')).toHaveLength(1);
  });
});

describe('kinds of work of the family', () => {
  const wall: Omit<Work, 'id'> = {
    kind: 'own-kind',
    title: 'Map on the wall',
    skill: 'hands',
    versions: Object.fromEntries(
      [1, 2, 3, 4, 5].map((r) => [
        r,
        version({
          wording: `Pin ${r} sheep where they belong, with a sharp knife`,
          minutes: 4 + r,
          supplies: 'pins',
        }),
      ]),
    ),
  };
  it('stand on the ladder like the others, with cautions in every version', () => {
    const kept = after(plan(), keepWork(null, wall));
    const p = after(kept, addWorkPart('l1', kept.works[0].id));
    const part = p.parts.find((x) => x.kind === 'own-kind')!;
    const given = p.assignments.filter((a) => a.partId === part.id);
    expect(given.map((a) => [a.childId, a.rung, a.wording, a.minutes])).toEqual([
      ['c12', 5, 'Pin 5 sheep where they belong, with a sharp knife', 9],
      ['c9', 4, 'Pin 4 sheep where they belong, with a sharp knife', 8],
      ['c6', 2, 'Pin 2 sheep where they belong, with a sharp knife', 6],
      ['c3', 1, 'Pin 1 sheep where they belong, with a sharp knife', 5],
    ]);
    expect(given.every((a) => a.note.includes('With care'))).toBe(true);
    expect(refused(p, removeWork(kept.works[0].id))).toContain('stands on 1 lesson');
    expect(refused(p, keepWork(null, { ...wall, title: 'map ON the wall' }))).toContain('already');
    expect(after(kept, removeWork(kept.works[0].id)).works).toEqual([]);
  });
  it('change what the ladder says: words, how many, minutes; the real words stay in it', () => {
    const p = after(
      plan(),
      keepWork(null, {
        kind: 'copying',
        title: 'Copying',
        skill: 'writing',
        versions: {
          4: version({ wording: 'In your best hand', amount: 5, minutes: 9, parentMinutes: 2 }),
          5: version(),
        },
      }),
    );
    expect(of(p, 'l1-copy', 'c9')).toMatchObject({
      wording: 'In your best hand: from the passage, 3 words: “Off the hill”',
      minutes: 9,
      parentMinutes: 2,
    });
    expect(of(p, 'l1-copy', 'c12').wording).toMatch(/^Copy, for “Lesson l1”: one stanza/);
    expect(Object.keys(p.works[0].versions)).toEqual(['4']);
    expect(
      after(p, keepWork(null, { kind: 'copying', title: 'Copying', skill: 'writing', versions: {} })).works,
    ).toEqual([]);
  });
  it('are never above the text, whatever is asked for', () => {
    const words = POEM.split(/\s+/).length;
    const p = after(
      plan(),
      keepWork(null, {
        kind: 'copying',
        title: 'Copying',
        skill: 'writing',
        versions: { 5: version({ amount: 400 }) },
      }),
    );
    expect(of(p, 'l1-copy', 'c12').wording).toContain(`${words} words`);
  });
  it('an amount can be asked of every kind that counts something, on every rung', () => {
    for (const kind of LADDER_KINDS) {
      if (
        ['own-kind', 'teaching', 'experiment', 'demonstration', 'presentation', 'own-reading'].includes(kind)
      )
        continue;
      const p = after(
        plan(),
        keepWork(null, {
          kind,
          title: kind,
          skill: 'writing',
          versions: Object.fromEntries([1, 2, 3, 4, 5].map((r) => [r, version({ amount: 2 })])),
        }),
        (x) => ({
          plan: {
            ...x,
            parts: [...x.parts, aPart('new', 'l1', { kind, title: kind, minutes: 20, lead: 'not-needed' })],
          },
        }),
      );
      for (const a of p.assignments.filter((x) => x.partId === 'new'))
        expect(a.wording).not.toMatch(/undefined|NaN|^$/);
    }
  });
});

describe('cautions', () => {
  it('reach every version of a part that needs care, whoever does it and on every rung, worded by hand or not', () => {
    const p = plan();
    expect(
      p.assignments.filter((a) => a.partId === 'l1-pot').every((a) => a.note.includes('With care')),
    ).toBe(true);
    const byHand = {
      ...p,
      assignments: p.assignments.map((a) =>
        a.partId === 'l1-pot' ? { ...a, wording: 'Stir', note: '', byHand: true } : a,
      ),
    };
    expect(
      redraw(byHand, context)
        .plan.assignments.filter((a) => a.partId === 'l1-pot')
        .every((a) => a.wording === 'Stir' && a.note.includes('With care')),
    ).toBe(true);
  });
});

describe('own reading', () => {
  it('names the child’s own book and pages, at the minutes they take', () => {
    const start = plan();
    const p = redraw(
      {
        ...start,
        books: [{ ...blankBook, id: 'b', title: 'Blue Roads', pages: 90 }],
        pulls: [{ id: 'pl', unitId: 'u1', bookId: 'b', role: 'own', read: 'aloud', childIds: ['c12'] }],
        uses: [{ id: 'u', pullId: 'pl', lessonId: 'l1', firstPage: 20, lastPage: 27 }],
      },
      context,
    ).plan;
    expect(of(p, 'l1-read', 'c12')).toMatchObject({
      wording: 'Read “Blue Roads”, pp. 20–27, and note what was new',
      minutes: Math.ceil((8 * 250) / 195),
    });
    expect(of(p, 'l1-read', 'c3').wording).toBe(
      'Look through a book from the basket for something of “Lesson l1”',
    );
  });
});

describe('minutes that were taken', () => {
  it('are kept with the letters copied, and tell a rung when nothing else was said', () => {
    const p = after(plan(), noteTook('l1-copy', 'c9', 12, '2026-08-31'));
    expect(p.marks).toMatchObject([
      {
        partId: 'l1-copy',
        childId: 'c9',
        minutes: 12,
        letters: POEM.split('\n\n')[0].replace(/\s/g, '').length,
        rung: 4,
        felt: null,
      },
    ]);
    const slow = {
      ...plan(),
      lessons: Array.from({ length: 4 }, (_, i) => aLesson(`s${i}`)),
      parts: Array.from({ length: 4 }, (_, i) =>
        aPart(`s${i}-copy`, `s${i}`, {
          kind: 'copying',
          title: 'Copying',
          minutes: null,
          lead: 'not-needed',
        }),
      ),
    };
    const noted = after(
      redraw(slow, context).plan,
      ...slow.parts.map((x, i) => noteTook(x.id, 'c9', 60, `2026-09-0${i + 1}`)),
    );
    expect(suggestions(noted, '2026-09-10')).toMatchObject([
      { childId: 'c9', skill: 'writing', from: 4, to: 3 },
    ]);
    expect(suggestions(noted, '2026-09-10')[0].evidence).toContain('60 min instead of');
  });
});
