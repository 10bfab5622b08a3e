/** Where the sentences of a text end: not at an abbreviation, nor at the initial of a name. */

/** Abbreviations after which a sentence goes on; `etc.`, `a.m.` and `p.m.` may end one. */
const GOES_ON =
  /(?<!\p{L})(?:mr|mrs|ms|mx|dr|st|prof|rev|hon|capt|col|gen|lt|sgt|cpl|jr|sr|mt|ft|ca|approx|vs|cf|e\.g|i\.e|viz|al)\.(?=\s)/giu;
/** Before a number: no. 5, pp. 4 to 9. */
const NUMBERED = /(?<!\p{L})(?:nos?|vol|fig|pp?|ch|chap)\.(?=\s+\d)/giu;
const MAY_END = /(?<!\p{L})(?:etc|[ap]\.m)\.(?=\s+\p{Ll})/gu;
/** `J. R. Hobb`; but “so did I.” ends. */
const INITIAL = /(?<!\p{L})(?!I\.\s+(?!\p{Lu}\.))\p{Lu}\.(?=\s+\p{Lu})/gu;

/** Stands for a full stop that ends nothing, while a text is taken apart. */
const DOT = '\u2024';

/**
 * The sentences of a text, as written. One ends at a full stop, question or exclamation mark, or at an empty line; “he
 * did!” she said is one.
 */
export function sentencesIn(text: string): string[] {
  let marked = text;
  for (const pattern of [GOES_ON, NUMBERED, MAY_END, INITIAL])
    marked = marked.replace(pattern, (found) => found.replaceAll('.', DOT));
  return marked
    .split(/(?<=[.!?…]["”’»)]*)\s+(?!\p{Ll})|\n\s*\n/u)
    .map((s) => s.replaceAll(DOT, '.').trim())
    .filter((s) => /[\p{L}\p{N}]/u.test(s));
}
