/** Lists of words, written as they are read, for patterns. */

export const or = (...list: string[]): string => `(?:${list.join('|')})`;

/** Any of the words of a text, which stand apart by white space: `lambs? sheep ewes?`. */
export const anyOf = (text: string): string => or(...text.trim().split(/\s+/));
