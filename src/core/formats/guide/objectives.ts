/** What a lesson of a guide is for: tied by codes to the objectives of the unit, and in words. */
import type { Draft } from '../draft';

/**
 * A code of an objective, however it is spaced: `LS 2.1`, `LS2.1` and `LS.2.1` are one, `LS 2.1` and `LS 2.13` are two.
 */
function codePattern(code: string): RegExp | undefined {
  const signs = [...code].filter(
    (c, i) => /[\p{L}\d]/u.test(c) || (c === '.' && /\d/.test(code[i - 1] ?? '')),
  );
  if (!signs.some((c) => /[\p{L}\d]/u.test(c))) return undefined;
  const written = signs.map((c, i) => {
    const between = i > 0 && (/\p{L}/u.test(c) || /\p{L}/u.test(signs[i - 1])) ? '[\\s\\-_/.]*' : '';
    return between + (c === '.' ? '\\.' : c);
  });
  return new RegExp(`[([]?(?<![\\p{L}\\d])${written.join('')}(?![\\p{L}\\d]|\\.\\d)[)\\]]?`, 'giu');
}

/** An objective: tied by its code to those of the unit, its words kept. */
export function addObjective(draft: Draft, text: string, codes: readonly string[]): void {
  let words = text;
  for (const code of codes) {
    const pattern = codePattern(code);
    if (!pattern || words.search(pattern) < 0) continue;
    draft.objectiveCodes.push(code);
    words = words.replace(pattern, ' ');
  }
  words = words
    .replace(/\s+/gu, ' ')
    .replace(/\s+([.,;])/gu, '$1')
    .replace(/^[\s,;:–-]+|[\s,;:–-]+$/gu, '');
  if (/\p{L}/u.test(words) && !/^(?:and|or)$/iu.test(words))
    draft.objective = [draft.objective, words].filter(Boolean).join('; ').slice(0, 500);
}
