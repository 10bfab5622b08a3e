import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { afterOn } from '../../../tests/after';
import { aLesson, aPart, aPlan, aSupply } from '../../../tests/sample-plan';
import { readHausplanJson } from '../formats/hausplan-json';
import { outlineOf, readUnitOutline, withoutFamily, writeUnitOutline } from '../formats/unit-outline';
import { breaches } from '../layout/check';
import { redraw } from '../layout/redraw';
import { blankBook, blankRule } from '../plan/blank';
import type { Plan } from '../plan/plan';
import { judge, noteOn, setLoved } from './facts';
import { perform } from './edit';
import { leaveOut } from './lessons';
import { takeUnit, takingRows, type Taking } from './take-unit';
import { againOf, lovedFirst, takeFactors, whoseIn } from './teach-again';
import { markDone, noteTook } from './today';

const TODAY = '2026-09-10';
const doing = afterOn(TODAY);
const demo = (readHausplanJson(readFileSync('demo/fleece.json', 'utf8')) as { plan: Plan }).plan;

const plan = redraw(
  aPlan(
    4,
    {
      books: [
        { ...blankBook, id: 'b1', title: 'Boards for Babies', listenTo: 3, readTo: 3 },
        { ...blankBook, id: 'b2', title: 'The Weir', pages: 80 },
      ],
      pulls: ['b1', 'b2'].map((bookId) => ({
        id: `pull-${bookId}`,
        unitId: 'u1',
        bookId,
        role: 'together',
        read: 'aloud',
        childIds: [],
      })),
      uses: [{ id: 'use', pullId: 'pull-b2', lessonId: 'l1', firstPage: 3, lastPage: 9 }],
    },
    (l) => [
      aPart(`${l}-a`, l, {
        kind: 'craft',
        minutes: 40,
        supplies: [aSupply('alum', 12, 'g')],
        title: `Bram’s raft, ${l}`,
      }),
      aPart(`${l}-b`, l, { kind: 'craft', minutes: 20, childIds: ['c1'] }),
    ],
  ),
  { today: '2026-08-31' },
).plan;
const unit = plan.units[0];
const taking = (over: Partial<Taking> = {}): Taking => ({
  title: 'A unit',
  starts: '2026-11-02',
  waiting: false,
  childIds: ['c1', 'c2'],
  lessonsPerWeek: 3,
  repeats: { unitId: 'u1', title: 'A unit', closedOn: null },
  ...over,
});

describe('an outline', () => {
  it('is written and read without a loss, for each unit of the demo', () => {
    for (const u of demo.units.filter((u) => demo.lessons.some((l) => l.unitId === u.id))) {
      const outline = outlineOf(demo, u);
      expect(readUnitOutline(writeUnitOutline(outline))).toEqual({ outline });
    }
  });

  it('taken into an empty family brings every lesson, part, book, page, rule, word and question there is', () => {
    for (const u of demo.units.filter((u) => demo.lessons.some((l) => l.unitId === u.id))) {
      const outline = outlineOf(demo, u);
      const after = doing(
        aPlan(0, { units: [], lessons: [] }),
        takeUnit(outline, taking({ title: u.title, repeats: null })),
      );
      const of = after.units[0];
      const known = {
        ...outline,
        lessons: outline.lessons.map((l) => ({ ...l, parts: l.parts.filter((p) => p.kind !== 'own-kind') })),
      };
      const bare = (o: object): unknown =>
        JSON.parse(
          JSON.stringify(o, (k, v) =>
            /^(id|bookId|partId|workId|objectiveIds)$/.test(k) ? undefined : (v as unknown),
          ),
        );
      expect(bare(outlineOf(after, of))).toEqual(bare({ ...known, lessonsPerWeek: 3 }));
      expect(breaches(after)).toEqual([]);
    }
  });

  it('names nobody of the family once it is shared, and says where somebody was named', () => {
    const named = { ...plan, children: plan.children.map((c, i) => ({ ...c, name: i ? 'Junia' : 'Bram' })) };
    const { outline, named: places } = withoutFamily(outlineOf(named, unit), named);
    expect(writeUnitOutline(outline)).not.toMatch(/Bram|Junia|c1|c2/);
    expect(places.map((p) => p.text)).toContain('A child’s raft, l1');
    const parts = named.parts.map((p) =>
      p.id === 'l1-a' ? { ...p, directions: 'Weigh it with Junia. Bram counts.' } : p,
    );
    const said = withoutFamily(outlineOf({ ...named, parts }, unit), named).outline;
    expect(said.lessons[0].parts[0].directions).toBe('Weigh it with a child. A child counts.');
    expect(places).toHaveLength(4);
  });

  it.each<[string, (o: Record<string, never>) => unknown, string]>([
    ['no JSON', () => '{', 'this is not JSON'],
    ['something else', () => ({ a: 1 }), 'format: this is not an outline of Hausplan'],
    ['a whole plan', () => ({ format: 'hausplan', version: 9 }), 'format: this is a whole Hausplan file'],
    ['another version', (o) => ({ ...o, version: 7 }), 'version: version 7 is not known'],
    ['no lesson', (o) => ({ ...o, lessons: [] }), 'lessons: there is no lesson in it'],
    ['no title', (o) => ({ ...o, title: ' ' }), 'title: this cannot be empty'],
    ['a book that is nowhere', (o) => ({ ...o, books: [] }), 'lessons[0].books[0]: there is no book “b2”'],
    ['a field nobody knows', (o) => ({ ...o, child: 'c1' }), '“child” is not known here'],
  ])('with %s is refused with where and what', (_, broken, message) => {
    const document = broken(JSON.parse(writeUnitOutline(outlineOf(plan, unit))) as never);
    const read = readUnitOutline(typeof document === 'string' ? document : JSON.stringify(document));
    expect('faults' in read ? `${read.faults[0].where}: ${read.faults[0].what}` : 'read').toContain(message);
  });

  it('comes back on a weekday that is taught here, where it came on one that is not', () => {
    const rule = { ...blankRule, id: 'r', unitId: 'u1', title: 'Walk', kind: 'walk' as const };
    const rhythm = { on: 'weekday', weekday: 6, everyWeeks: 1, startWeek: 1 } as const;
    const outline = outlineOf({ ...plan, rules: [{ ...rule, rhythm, minutes: 0 }] }, unit);
    const after = doing(plan, takeUnit(outline, taking()));
    expect(after.rules[0]).toMatchObject({ rhythm: { weekday: 5 }, minutes: 15 });
    expect(breaches(after)).toEqual([]);
  });

  it('says row by row what it brings, and takes a book of the shelf where it is on it', () => {
    const outline = outlineOf(plan, unit);
    const rows = takingRows(outline, { books: plan.books.slice(0, 1), works: [], units: [] });
    expect(rows.filter((r) => r.what === 'book').map((r) => r.does)).toEqual([
      'on your shelf already',
      'new on your shelf, to be got',
    ]);
    expect(rows.filter((r) => r.what === 'lesson').map((r) => r.does)[0]).toBe('2 parts, 1 book');
    expect(doing(plan, takeUnit(outline, taking())).books).toHaveLength(2);
  });
});

describe('a unit that is taught again', () => {
  const taught = doing(
    plan,
    markDone('l1-a', null, '2026-08-31'),
    noteTook('l1-a', null, 60, '2026-08-31'),
    markDone('l2-a', null, '2026-09-02'),
    noteTook('l2-a', null, 48, '2026-09-02'),
    setLoved('l2-a', null, true, '2026-09-02'),
    noteOn('l1-a', null, 'Soak it longer.', '2026-08-31'),
    judge({ partId: 'l1-b' }, 1, '', TODAY),
    judge({ lessonId: 'l2' }, 2, 'Two days are better.', TODAY),
    judge({ bookId: 'b2' }, 3, 'read it first.', TODAY),
    leaveOut(['l4'], true),
  );
  const again = againOf(taught, taught.units[0], taught, { today: TODAY, asItTook: true });

  it('leaves out what was dropped, has last time’s notes where they belong, and the minutes things took', () => {
    expect(again.lessons.map((l) => l.id)).toEqual(['l1', 'l2', 'l3']);
    expect(again.lessons[0].parts.map((p) => p.id)).toEqual(['l1-a']);
    expect(again.lessons[0].parts[0].directions).toBe('Last time: Soak it longer.');
    expect(again.lessons[1].parts[0].directions).toBe('Last time: loved.\nLast time: Two days are better.');
    // Noted itself: 60 and 48; of the others by the median of 1.5 and 1.2.
    expect(again.lessons.map((l) => l.parts[0].minutes)).toEqual([60, 48, 54]);
    expect(againOf(taught, unit, taught, { today: TODAY, asItTook: false }).lessons[0].parts[0].minutes).toBe(
      40,
    );
    expect(again.notes).toEqual(['Last time, The Weir: read it first.']);
  });

  it('leaves a book on the shelf that everybody has outgrown', () => {
    expect(again.books.map((b) => [b.id, b.role])).toEqual([
      ['b1', 'not now'],
      ['b2', 'together'],
    ]);
  });

  it('knows the unit it repeats, is for today’s children at today’s rungs, and what one child did stays theirs', () => {
    const older = { ...taught, children: taught.children.map((c) => ({ ...c, birthMonth: '2010-01' })) };
    const after = doing(older, takeUnit(again, taking({ whose: whoseIn(taught, unit) })));
    const made = after.units[1];
    expect(made.repeats).toEqual({ unitId: 'u1', title: 'A unit', closedOn: null });
    expect(made.deeper).toBe(true);
    const lessons = after.lessons.filter((l) => l.unitId === made.id);
    expect(lessons).toHaveLength(3);
    const parts = after.parts.filter((p) => lessons.some((l) => l.id === p.lessonId));
    expect(parts.filter((p) => p.childIds?.join() === 'c1')).toHaveLength(2);
    expect(after.marks).toEqual(older.marks);
    expect(breaches(after)).toEqual([]);
  });

  it('puts what was loved first where lessons build on nothing, and moves no other', () => {
    const l = (id: string, buildsOn: boolean): { id: string; buildsOn: boolean } => ({ id, buildsOn });
    const loved: Record<string, number> = { c: 2, d: 1, e: 9 };
    const order = lovedFirst(
      [l('a', true), l('b', false), l('c', false), l('d', false), l('e', true), l('f', false)],
      (x) => loved[x.id] ?? 0,
    );
    expect(order.map((x) => x.id).join('')).toBe('acdbef');
  });

  it('gives what is still to come in a unit the minutes such things took, and no other', () => {
    const after = doing(taught, takeFactors('u1', [{ kind: 'craft', factor: 1.5 }]));
    const minutes = (id: string): number | null => after.parts.find((p) => p.id === id)!.minutes;
    expect(['l1-a', 'l3-a', 'l3-b'].map(minutes)).toEqual([40, 60, 30]);
    const refused = perform(takeFactors('u1', [{ kind: 'music', factor: 2 }]), taught, {
      today: TODAY,
      newId: () => 'x',
    });
    expect(refused).toHaveProperty('refused');
  });

  it('can take up a lesson that was never taught', () => {
    const lesson = aLesson('l9', { unitId: 'u1' });
    const more = { ...taught, lessons: [...taught.lessons, lesson] };
    expect(againOf(more, unit, more, { today: TODAY, asItTook: true }).lessons.at(-1)!.id).toBe('l9');
  });
});
