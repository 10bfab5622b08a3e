/** Pages as a guide names them: “Read pages 12-19”, “pp. 9–15, 20”, “ch. 3”. */

const ONE = '\\d{1,4}(?:\\s*(?:[-–—]|to|through)\\s*(?:pp?\\.?\\s*)?\\d{1,4})?';
/** “chapter 2 (”, before the pages it is on. */
const CHAPTER = '(?:ch(?:apters?|\\.)?\\s*\\d{1,3}(?:\\s*(?:[-–—]|to|and)\\s*\\d{1,3})?\\s*[,:(]\\s*)?';
/** “of the spine”: it goes without saying. */
const OF_THE_BOOK =
  '(?:\\s+(?:of|in|from)\\s+(?:the|our|your)\\s+(?:(?:main|unit)\\s+)?(?:book|spine|text(?:\\s?book)?|reader))?';
const READ = '(?:read(?:ing)?(?:\\s+(?:aloud|together))?\\s*:?\\s*)?';
const LIST = `(?<list>${ONE}(?:\\s*(?:,|;|and|&|\\+)\\s*${ONE})*)`;
const PAGES = new RegExp(
  `^${READ}${CHAPTER}(?:pages?|pp?\\.?|pgs?\\.?)\\s*${LIST}\\s*\\)?${OF_THE_BOOK}\\s*\\.?$`,
  'iu',
);

/** “The dance (pp. 8–11)”, “Boiling brine (60 minutes)”: a title, the pages behind it, and without how long it takes. */
export function titleAndPages(heading: string): { title: string; pages: string } {
  const title = heading
    .trim()
    .replace(/\((?:about |ca\.? )?\d{1,3} ?(?:min(?:ute)?s?|h(?:ours?)?)\.?\)$/iu, '')
    .trim();
  const [, before, pages] = /^(.*\S)\s*[([]([^()[\]]+)[)\]]$/u.exec(title) ?? [];
  return pages && isPages(pages) ? { title: before, pages } : { title, pages: '' };
}

/** Whether a line names pages and nothing else. */
export const isPages = (text: string): boolean => PAGES.test(text.trim());

/**
 * The ranges of pages in a text, in its order: `9–15`, `20`.
 * @returns first and last page of each; those that run backwards are left out
 */
export function rangesIn(text: string): { first: number; last: number }[] {
  const pages = PAGES.exec(text.trim())?.groups!.list ?? text;
  return [
    ...pages.matchAll(/(?<first>\d{1,4})(?:\s*(?:[-–—]|to|through)\s*(?:pp?\.?\s*)?(?<last>\d{1,4}))?/giu),
  ].flatMap((m) => {
    const first = Number(m.groups!.first);
    const last = m.groups!.last ? lastPage(first, m.groups!.last) : first;
    return first > 0 && last >= first ? [{ first, last }] : [];
  });
}

/** “176-88” ends on page 188. */
const lastPage = (first: number, written: string): number =>
  Number(written) < first && written.length < String(first).length
    ? Number(String(first).slice(0, -written.length) + written)
    : Number(written);
