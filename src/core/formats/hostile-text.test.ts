/** Pasted text that is made to be slow, and cells that are made to be run: read in a moment, and written as plain text. */
import fc from 'fast-check';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { alive, readCsv, writeCsv } from './csv';
import { readContents } from './contents';
import { readActivity } from './activity-line';
import { draftsFromGuide } from './guide/drafts';
import { readGuide } from './guide/read';
import { readObjectives } from './objectives';
import { readSupplies } from './supplies';

const N = 60_000;
const DATES = { near: '2026-11-01', order: 'day first' } as const;
const SLOW: [string, string][] = [
  ['a wide gap', `The flock${' '.repeat(N)}x`],
  ['a wide gap before a page', `The flock${' '.repeat(N)}12`],
  ['many dots', `The flock${'.'.repeat(N)}x`],
  ['dots apart', `The flock${' .'.repeat(N)}x`],
  ['many tabs', `The flock${'\t'.repeat(N)}x`],
  ['many digits', `The flock ${'1'.repeat(N)}x`],
  ['many dashes', `The flock ${'– '.repeat(N)}x`],
  ['many letters', 'i'.repeat(N)],
  ['many commas', `wool${', '.repeat(N)}x`],
  ['many brackets', `${'('.repeat(N)}x`],
];

describe.each(SLOW)('%s', (_, text) => {
  it('is read as contents', () => expect(readContents(text).length).toBe(1));
  it('is read as a guide', () => expect(readGuide(text, DATES)).toBeDefined());
  it('is read as the title of a lesson, and as what is done in it', () => {
    const lines = readGuide(`${text}\nDo: ${text}`, DATES, { 1: 'lesson' });
    expect(draftsFromGuide(lines, { ...DATES, taste: [], codes: [] }).length).toBeGreaterThan(0);
  });
  it('is read as an activity', () => expect(() => readActivity(text, DATES)).not.toThrow());
  it('is read as objectives', () => expect(readObjectives(text)).toBeDefined());
  it('is read as supplies', () => expect(readSupplies(text)).toBeDefined());
});

describe('a wide gap in a contents page', () => {
  it('still leads to the page', () =>
    expect(readContents(`Shearing${' '.repeat(500)}14`)[0]).toMatchObject({ title: 'Shearing', page: 14 }));
});

describe('a table', () => {
  it.each(['=1+1', '+cmd', '-2+3', '@SUM(A1)', '\t=x', "'=x"])(
    '%j goes out as text, and comes back as it was',
    (cell) => {
      const text = writeCsv(['title'], [[cell]]);
      const [, [out]] = Papa.parse<string[]>(text.trim()).data;
      expect(out).toBe(`'${cell}`);
      expect(alive(out)).toBe(cell);
    },
  );
  it.each(['-5', '+3.5', '12', 'wool = fleece', 'a-b', ''])('%j is left alone', (cell) =>
    expect(writeCsv(['title', 'x'], [[cell, 'y']])).toBe(`title,x\r\n${cell},y\r\n`),
  );
  it('gives back every cell', () => {
    fc.assert(
      fc.property(
        fc.array(fc.string({ unit: fc.constantFrom('=', '+', '-', '@', "'", 'a', '1', ',', '"') }), {
          minLength: 1,
          maxLength: 5,
        }),
        (cells) => {
          const columns = { a: ['a'], b: ['b'] };
          const read = readCsv(
            writeCsv(
              ['a', 'b'],
              cells.map((c) => [c, 'x']),
            ),
            columns,
          );
          expect(read.rows.map((r) => r.cells.a)).toEqual(cells.map((c) => c.trim()));
        },
      ),
    );
  });
});
