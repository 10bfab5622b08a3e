/** Whom something to do is for, where a guide names no age: “Younger: draw it. Older: write of it.” Common usage, no source. */
import { anyOf } from '../plan/patterns';

const WHOSE = anyOf(`
  younger older youngest oldest littlest littles? bigs? middles? teens? toddlers? preschoolers? everyone`);
const PEOPLE = anyOf('ones children kids students learners');
const LABEL = `(?:for )?(?:the )?(?<whose>${WHOSE})(?: ${PEOPLE})?:`;
/** The label with which a line begins that is for some of the children. */
export const FOR_SOME = new RegExp(`^${LABEL}\\s*`, 'iu');
const NEXT = new RegExp(`(?<=[.;!?])\\s+(?=${LABEL}\\s)`, 'iu');

export const isForSome = (line: string): boolean => FOR_SOME.test(line);

/** The sentences of a line, each with whom it is for. */
export const bySome = (line: string): string[] => {
  if (!isForSome(line)) return [line];
  const pieces: string[] = [];
  let rest = line;
  for (let next = NEXT.exec(rest); next; next = NEXT.exec(rest)) {
    pieces.push(rest.slice(0, next.index));
    rest = rest.slice(next.index + next[0].length);
  }
  return [...pieces, rest];
};

/** “For the younger.”; empty where a line is for nobody in particular. */
export function forWhom(line: string): string {
  const whose = FOR_SOME.exec(line.trim())?.groups!.whose.toLowerCase();
  if (!whose) return '';
  if (whose === 'everyone') return 'For everyone.';
  return `For the ${whose.replace(/^(?:little|big|middle|teen|toddler|preschooler)$/, '$&s')}.`;
}
