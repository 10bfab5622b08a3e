/** How things of a plan are called in a sentence: titles in quotation marks, names, and figures with their nouns. */
import type { Plan } from './plan';
import type { Unit } from './unit';

type Titled = 'units' | 'lessons' | 'parts' | 'books' | 'rules' | 'outlines' | 'works';

/** What stands for something that is gone. */
const GONE: Record<Titled, string> = {
  units: 'a unit',
  lessons: 'a lesson',
  parts: 'a part',
  books: 'a book',
  rules: 'what comes back',
  outlines: 'an activity',
  works: 'a kind of work',
};

/** A title in quotation marks: “From Fleece to Cloth”. */
export function titled(plan: Pick<Plan, Titled>, list: Titled, id: string | null | undefined): string {
  const items: readonly { id: string; title: string }[] = plan[list];
  return `“${items.find((x) => x.id === id)?.title ?? GONE[list]}”`;
}

/** Names by id of all that a reason can speak of: children, other adults, parts. */
export function namesIn(plan: Pick<Plan, 'children' | 'adults' | 'parts'>): (id: string) => string {
  const names = new Map([
    ...[...plan.children, ...plan.adults].map((x): [string, string] => [x.id, x.name]),
    ...plan.parts.map((p): [string, string] => [p.id, p.title]),
  ]);
  return (id) => names.get(id) ?? '';
}

/** A child's name, or what is said instead of it. */
export const childName = (plan: Pick<Plan, 'children'>, id: string | null, otherwise = 'a child'): string =>
  plan.children.find((c) => c.id === id)?.name ?? otherwise;

/** A figure with its noun: `1 word`, `4 words`, `2 copies`. */
export const count = (n: number, one: string, many = `${one}s`): string => `${n} ${n === 1 ? one : many}`;

/** Lessons a week in figures: `3`, `2 to 5`. */
export const paceFigures = ({ lessonsPerWeek, mostPerWeek }: PaceOf): string =>
  mostPerWeek !== null && mostPerWeek > (lessonsPerWeek ?? 0)
    ? `${lessonsPerWeek} to ${mostPerWeek}`
    : String(lessonsPerWeek ?? 0);

/** How many lessons a week, as a range where it is one: `3 lessons`, `2 to 5 lessons`. */
export const paceInWords = (pace: PaceOf): string =>
  `${paceFigures(pace)} ${paceFigures(pace) === '1' ? 'lesson' : 'lessons'}`;
type PaceOf = Pick<Unit, 'lessonsPerWeek' | 'mostPerWeek'>;

const andList = new Intl.ListFormat('en-GB', { type: 'conjunction' });
/** Names one after the other: `Ottilie, Bram and Junia`. */
export const inAList = (names: readonly string[]): string => andList.format(names);

/** The title of the book that a loan is of. */
export const loanTitle = (plan: Plan, loanId: string): string =>
  titled(plan, 'books', plan.loans.find((l) => l.id === loanId)?.bookId);

/** A school year by the calendar years it lies in: “2026/27”. */
export function yearName({ starts, ends }: { starts: string; ends: string }): string {
  const [first, last] = [starts.slice(0, 4), ends.slice(0, 4)];
  return first === last ? first : `${first}/${last.slice(2)}`;
}
