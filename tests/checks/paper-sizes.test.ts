/** Pages against the published sizes of paper: what is drawn to scale fits on both. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { foldFor, HALF, HEIGHT } from '@/core/ladder/fold';

/** Millimetres. ISO 216:2007, A4; ANSI/ASME Y14.1, size A (US Letter, 8.5 by 11 inches of 25.4 mm). */
const A4 = { width: 210, height: 297 };
const LETTER = { width: 8.5 * 25.4, height: 11 * 25.4 };
/** Margins of a printed page, as the sheet that prints sets them: top and bottom, left and right. */
const MARGIN = { vertical: 14, horizontal: 15 };
/**
 * What stands above a booklet on its page: the child's name, the title, what to do, how to fold. About; measured on a
 * printed page.
 */
const HEAD = 58;

describe('a booklet to fold', () => {
  it.each([
    ['A4', A4],
    ['US Letter', LETTER],
  ] as const)('fits between the margins of %s, with its head above it', (_, paper) => {
    expect(2 * HALF + 2).toBeLessThanOrEqual(paper.width - 2 * MARGIN.horizontal);
    expect(HEIGHT + 2 + HEAD).toBeLessThanOrEqual(paper.height - 2 * MARGIN.vertical);
  });
  it('is fully covered by its flaps, and every line lies within its flap, apart from the next', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 12 }), fc.integer({ min: 0, max: 20 }), (flaps, ruled) => {
        const { each, tops, lines } = foldFor(flaps, ruled);
        expect(tops).toHaveLength(flaps);
        expect(tops[flaps - 1] + each).toBeCloseTo(HEIGHT);
        expect(lines.length).toBeLessThanOrEqual(ruled);
        for (const [i, line] of lines.entries()) {
          expect(line).toBeGreaterThan(0);
          expect(line).toBeLessThan(each);
          if (i) expect(line - lines[i - 1]).toBeCloseTo(9);
        }
      }),
    );
  });
  it('has more room for lines the fewer its flaps', () => {
    const room = [1, 2, 3, 4, 6].map((flaps) => foldFor(flaps, 20).lines.length);
    for (let i = 1; i < room.length; i++) expect(room[i]).toBeLessThanOrEqual(room[i - 1]);
    expect(foldFor(6, 4).lines.length).toBeGreaterThanOrEqual(2);
  });
});
