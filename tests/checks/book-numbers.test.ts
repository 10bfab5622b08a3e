/**
 * Book numbers against the reference library isbn3, and worked examples of ISO 2108 (the ISBN Users’ Manual’s
 * 978-0-306-40615-7, from memory).
 */
import fc from 'fast-check';
import ISBN from 'isbn3';
import { describe, expect, it } from 'vitest';
import { ean13Check, isbn10Check, readNumber } from '@/core/books/numbers';

const nine = fc.nat(999_999_999).map((n) => String(n).padStart(9, '0'));

describe('ISBN, against isbn3', () => {
  it('check digits agree where isbn3 knows the group', () => {
    fc.assert(
      fc.property(nine, (stem) => {
        const ten = stem + isbn10Check(stem);
        const ref = ISBN.parse(ten);
        if (!ref) return;
        expect(ref.isValid).toBe(true);
        expect(readNumber(ten)).toEqual({ kind: 'isbn', digits: ref.isbn13 });
      }),
      { numRuns: 500 },
    );
  });
  it('a wrong last digit is never taken, and the right one is named', () => {
    fc.assert(
      fc.property(nine, fc.integer({ min: 1, max: 9 }), (stem, by) => {
        const right = `978${stem}`;
        const check = ean13Check(right);
        const wrong = String((Number(check) + by) % 10);
        expect(readNumber(right + wrong)).toEqual({
          wrong: `The last digit of this number should be ${check}, or one of the others is mistyped.`,
        });
      }),
    );
  });
  it('any single digit mistyped is found', () => {
    fc.assert(
      fc.property(nine, fc.nat(12), fc.integer({ min: 1, max: 9 }), (stem, at, by) => {
        const good = `978${stem}${ean13Check(`978${stem}`)}`;
        const bad = [...good].map((d, i) => (i === at ? String((Number(d) + by) % 10) : d)).join('');
        expect('wrong' in readNumber(bad)).toBe(true);
      }),
    );
  });
  it('worked examples', () => {
    expect(readNumber('978-0-306-40615-7')).toEqual({ kind: 'isbn', digits: '9780306406157' });
    expect(readNumber('0-306-40615-2')).toEqual({ kind: 'isbn', digits: '9780306406157' });
    expect(isbn10Check('080442957')).toBe('X');
  });
});

describe('prefix 979-0', () => {
  // ISO 10957: 979-0 with eight digits and a check digit is an ISMN; 979-0-2600-0043-8 is the standard's own example.
  it('is printed music and no book, though its check digit is right', () =>
    expect(readNumber('979-0-2600-0043-8')).toMatchObject({
      wrong: expect.stringContaining('printed music'),
    }));
  it('979-1 to 979-8 are books', () =>
    expect(readNumber('979-10-90636-07-1')).toMatchObject({ kind: 'isbn' }));
});
