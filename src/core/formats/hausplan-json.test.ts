import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { aPlan, someFullPlan } from '../../../tests/sample-plan';
import { redraw } from '../layout/redraw';
import { canonical } from '../plan/canonical';
import { readHausplanJson, writeHausplanJson } from './hausplan-json';

const faults = (change: (document: Record<string, never>) => unknown): string[] => {
  const document = JSON.parse(writeHausplanJson(redraw(aPlan(2), { today: '2026-08-31' }).plan));
  const reading = readHausplanJson(JSON.stringify(change(document) ?? document));
  return 'faults' in reading ? reading.faults.map((f) => `${f.where}: ${f.what}`) : [];
};

// eslint-disable-next-line @typescript-eslint/no-explicit-any
type Loose = Record<string, any>;

describe('Hausplan JSON', () => {
  it('gives the same bytes when written, read and written again', () => {
    fc.assert(
      fc.property(someFullPlan, (plan) => {
        const text = writeHausplanJson(canonical(redraw(plan, { today: '2026-08-31' }).plan));
        const reading = readHausplanJson(text);
        expect('plan' in reading && writeHausplanJson(canonical(reading.plan))).toBe(text);
      }),
      { numRuns: 50 },
    );
  });

  it('reads what happened out of the marks and readings of earlier versions', () => {
    fc.assert(
      fc.property(someFullPlan, (given) => {
        const plan = canonical(redraw(given, { today: '2026-08-31' }).plan);
        const {
          entries: _,
          closedYears: __,
          ...document
        } = JSON.parse(writeHausplanJson(plan)) as Record<string, unknown>;
        const second = { ...document, version: 2, marks: plan.marks, readings: plan.readings };
        const reading = readHausplanJson(JSON.stringify(second));
        expect('plan' in reading ? canonical(reading.plan) : reading.faults).toEqual(plan);
      }),
      { numRuns: 40 },
    );
  });

  it('reads directions by the name they had at first', () => {
    const plan = redraw(aPlan(2), { today: '2026-08-31' }).plan;
    plan.parts[0] = { ...plan.parts[0], directions: 'Tease a lock apart.' };
    const text = writeHausplanJson(plan);
    const { entries: _, closedYears: __, ...document } = JSON.parse(text) as Record<string, unknown>;
    const second = JSON.stringify({ ...document, version: 2, marks: [], readings: [] });
    const reading = readHausplanJson(second.replaceAll('"directions"', '"todo"'));
    expect('plan' in reading ? writeHausplanJson(reading.plan) : reading.faults).toBe(text);
  });

  it.each<[string, (d: Loose) => unknown, string]>([
    ['something else', () => ({ hello: 1 }), 'format: this is not a Hausplan file'],
    [
      'another version',
      (d) => {
        d.version = 16;
      },
      'version: written by another version of Hausplan: version 16, this one reads 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14 and 15',
    ],
    [
      'a missing list',
      (d) => {
        delete d.books;
      },
      'books: this is missing',
    ],
    [
      'a key of its own',
      (d) => {
        d.children[1].colour = 'red';
      },
      'children[1]: “colour” is not known here',
    ],
    [
      'a date that does not exist',
      (d) => {
        d.units[0].starts = '2026-02-30';
      },
      'units[0].starts: a date is written YYYY-MM-DD and must exist',
    ],
    [
      'a year that ends before it starts',
      (d) => {
        d.year.ends = '2020-01-01';
      },
      'year.ends: the year ends before it starts',
    ],
    [
      'an id used twice',
      (d) => {
        d.lessons[1].id = 'l1';
      },
      'lessons[1].id: “l1” is used twice',
    ],
    [
      'a part of no lesson',
      (d) => {
        d.parts[0].lessonId = 'gone';
      },
      'parts[0].lessonId: there is no lesson “gone”',
    ],
    [
      'a part that stands twice',
      (d) => {
        d.sittings[1].partId = 'l1-a';
      },
      'sittings[1].partId: this part stands twice',
    ],
    [
      'two children with one hatch',
      (d) => {
        d.children[1].hatch = 'diagonals';
      },
      'children[1].hatch: diagonals is another child’s hatch',
    ],
  ])('names what is wrong: %s', (_, change, message) => expect(faults(change)).toContain(message));

  it.each<[string, (year: Loose) => unknown, string]>([
    [
      'a part of no lesson in it',
      (y) => {
        y.plan.parts[0].lessonId = 'gone';
      },
      'closedYears[0].plan.parts[0].lessonId: there is no lesson “gone”',
    ],
    [
      'ends the wrong way round',
      (y) => {
        y.ends = '2020-01-01';
      },
      'closedYears[0].ends: the year ends before it starts',
    ],
    [
      'a year of its own in it',
      (y) => {
        y.plan.closedYears = [];
      },
      'closedYears[0].plan: “closedYears” is not known here',
    ],
  ])('names what is wrong in a closed year: %s', (_, change, message) => {
    const { closedYears, ...slice } = redraw(aPlan(3), { today: '2026-08-31' }).plan;
    const closed = {
      id: 'y',
      starts: '2025-09-01',
      ends: '2026-06-12',
      closedAt: '2026-06-20T00:00:00.000Z',
      slice,
    };
    const text = writeHausplanJson({ ...slice, closedYears: [...closedYears, closed] });
    const document = JSON.parse(text) as { closedYears: object[] };
    expect(readHausplanJson(text)).toHaveProperty('plan.closedYears.length', 1);
    document.closedYears.push(document.closedYears[0]);
    expect(readHausplanJson(JSON.stringify(document))).toEqual({
      faults: [{ where: 'closedYears[1].id', what: '“y” is used twice' }],
    });
    document.closedYears.pop();
    change(document.closedYears[0]);
    const reading = readHausplanJson(JSON.stringify(document));
    expect('faults' in reading && reading.faults.map((f) => `${f.where}: ${f.what}`)).toContain(message);
  });

  it('says where text stops being JSON', () =>
    expect(readHausplanJson('{"format":')).toMatchObject({
      faults: [{ what: expect.stringContaining('this is not JSON') }],
    }));
});
