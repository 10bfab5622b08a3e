/** Book numbers: ISBN-10 and ISBN-13 by the check digits of ISO 2108, and home labels (EAN-13 with prefix 2). */

export type BookNumber = { kind: 'isbn' | 'home'; digits: string } | { wrong: string };

/** Reads a number as typed or scanned, hyphens and spaces left out. An ISBN-10 comes back as its ISBN-13. */
export function readNumber(typed: string): BookNumber {
  const text = typed.replace(/[\s‐‑–-]/g, '').toUpperCase();
  if (/^\d{9}[\dX]$/.test(text)) {
    const check = isbn10Check(text.slice(0, 9));
    if (text[9] !== check)
      return { wrong: `The last digit of this ISBN should be ${check}, or one of the others is mistyped.` };
    const stem = `978${text.slice(0, 9)}`;
    return { kind: 'isbn', digits: stem + ean13Check(stem) };
  }
  if (/^\d{13}$/.test(text)) {
    const check = ean13Check(text.slice(0, 12));
    if (text[12] !== check)
      return { wrong: `The last digit of this number should be ${check}, or one of the others is mistyped.` };
    // Prefix 979-0 is that of printed music (ISO 10957), no book's.
    if (text.startsWith('9790'))
      return { wrong: 'This is the number of printed music (979-0), not of a book. Give it a home label.' };
    if (/^97[89]/.test(text)) return { kind: 'isbn', digits: text };
    if (text.startsWith('2')) return { kind: 'home', digits: text };
    return {
      wrong: 'Thirteen digits that begin neither with 978 or 979 (a book) nor with 2 (a home label).',
    };
  }
  return { wrong: 'A number has ten or thirteen digits.' };
}

/** A family's own label, as it stands on its things: “KIT-01”, “B 12”. It has a letter and a digit, and no ISBN's shape. */
const OWN = /^(?=.*\p{L})(?=.*\d)(?!\d{9}[\dX]$)[\p{L}\d][\p{L}\d ._/-]{0,12}$/iu;

/** Reads a number or a label of the family's own; that is kept as it is written. */
export function readLabel(typed: string): BookNumber {
  const text = typed.trim();
  return OWN.test(text) && !/^[\d\s‐‑–-]{9,}X$/iu.test(text)
    ? { kind: 'home', digits: text }
    : readNumber(text);
}

/** ISBN-10 check digit: the weighted sum 10·d₁ + 9·d₂ + … + 2·d₉ + check is a multiple of 11; ten is written X. */
export function isbn10Check(nine: string): string {
  const sum = [...nine].reduce((s, d, i) => s + (10 - i) * Number(d), 0);
  const check = (11 - (sum % 11)) % 11;
  return check === 10 ? 'X' : String(check);
}

/** EAN-13 (and ISBN-13) check digit: with weights 1, 3, 1, 3 … the sum is a multiple of 10. */
export function ean13Check(twelve: string): string {
  const sum = [...twelve].reduce((s, d, i) => s + (i % 2 ? 3 : 1) * Number(d), 0);
  return String((10 - (sum % 10)) % 10);
}
