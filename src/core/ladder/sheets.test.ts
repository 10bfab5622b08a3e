import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { PaperSize } from '../calendar/customs';
import { heightOf, onSheets, type OnSheet } from './sheets';

const work = (over: Partial<OnSheet> = {}): OnSheet => ({ title: 'A work', wording: '', ...over });
const lines = (n: number): string[] =>
  Array.from({ length: n }, (_, i) => `line ${i} off the hill the grey flock came`);
const any: fc.Arbitrary<OnSheet> = fc.oneof(
  fc.integer({ min: 1, max: 18 }).map((ruled) => work({ ruled })),
  fc.integer({ min: 1, max: 60 }).map((n) => work({ copy: { lines: lines(n), trace: false } })),
  fc.integer({ min: 1, max: 9 }).map((n) => work({ questions: lines(n) })),
  fc.constant(work({ flaps: { count: 4, ruled: 4, words: [] } })),
  fc.constant(work({ cards: ['wool', 'vat'] })),
  fc.constant(work({ draw: true, ruled: 8 })),
);
const ROOM: Record<PaperSize, number> = { A4: 935, letter: 868 };

describe('works on sheets of paper', () => {
  it('share a sheet as long as they fit, in their order, and nothing is lost', () =>
    fc.assert(
      fc.property(
        fc.array(any, { maxLength: 12 }),
        fc.constantFrom<PaperSize>('A4', 'letter'),
        (works, size) => {
          const sheets = onSheets(works, size);
          for (const sheet of sheets) {
            expect(sheet.length).toBeGreaterThan(0);
            const height = sheet.reduce((sum, w) => sum + heightOf(w, size), 0);
            if (sheet.length > 1) expect(height).toBeLessThanOrEqual(ROOM[size]);
            if (sheet.some((w) => w.flaps ?? w.cards)) expect(sheet).toHaveLength(1);
          }
          const copied = (all: readonly OnSheet[]): string[] => all.flatMap((w) => w.copy?.lines ?? []);
          expect(copied(sheets.flat())).toEqual(copied(works));
          expect(sheets.flat().filter((w) => !w.copy)).toHaveLength(works.filter((w) => !w.copy).length);
        },
      ),
    ));
  it('three short ones are one sheet, and each more is no new one until it is full', () => {
    const small = work({ ruled: 4 });
    expect(onSheets([small, small, small], 'A4')).toHaveLength(1);
    expect(onSheets([], 'A4')).toEqual([]);
    const many = onSheets(
      Array.from({ length: 20 }, () => small),
      'A4',
    );
    expect(many.length).toBe(Math.ceil(20 / Math.floor(935 / heightOf(small, 'A4'))));
  });
  it('a passage that is longer than a sheet goes on, on the next', () => {
    const sheets = onSheets([work({ copy: { lines: lines(40), trace: false } })], 'letter');
    expect(sheets.length).toBeGreaterThan(2);
    expect(sheets.slice(1).every(([w]) => w.title === 'A work, on')).toBe(true);
  });
});
