/** Pages as a guide names them: “Read pages 12-19”, “pp. 9–15, 20”, “ch. 3”. */

const ONE = '\\d{1,4}(?:\\s*(?:[-–—]|to|through)\\s*\\d{1,4})?';
const PAGES = new RegExp(
  `^(?:read(?:ing)?\\s*)?(?:pages?|pp?\\.?|pgs?\\.?)\\s*(?<list>${ONE}(?:\\s*(?:,|;|and|&|\\+)\\s*${ONE})*)\\s*\\.?$`,
  'iu',
);

/** Whether a line names pages and nothing else. */
export const isPages = (text: string): boolean => PAGES.test(text.trim());

/**
 * The ranges of pages in a text, in its order: `9–15`, `20`.
 * @returns first and last page of each; those that run backwards are left out
 */
export function rangesIn(text: string): { first: number; last: number }[] {
  return [...text.matchAll(/(?<first>\d{1,4})(?:\s*(?:[-–—]|to|through)\s*(?<last>\d{1,4}))?/giu)].flatMap(
    (m) => {
      const first = Number(m.groups!.first);
      const last = m.groups!.last ? lastPage(first, m.groups!.last) : first;
      return first > 0 && last >= first ? [{ first, last }] : [];
    },
  );
}

/** “176-88” ends on page 188. */
const lastPage = (first: number, written: string): number =>
  Number(written) < first && written.length < String(first).length
    ? Number(String(first).slice(0, -written.length) + written)
    : Number(written);
