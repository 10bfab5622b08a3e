/**
 * What a chosen set comes to: the role and lessons of each book with the reason it was taken, what a limit costs, what
 * a book left out would have added.
 */
import { foundIn } from '../books/facts';
import { shortDate } from '../calendar/dates';
import { suits, type OnLesson } from '../books/fit';
import { pagesOf, wordsOf } from '../books/reading';
import { moneyText } from './money-text';
import { groupBy } from '../plan/lookup';
import type { Child, Role } from '../plan/plan';
import type { Unit } from '../plan/unit';
import type { Chosen, Price } from '../choose/choose';
import type { Asking } from './choosing';

export interface Proposal {
  id: string;
  /** The pile it would lie on, and who reads it. */
  role: Role;
  childId: string | null;
  lessons: { lessonId: string; number: number; by: string; first: number | null; last: number | null }[];
  why: string;
  /** What a preview found: whom it is not for, what to leave out. */
  cautions: string[];
}

/** The set as a proposal: for each book its pile, its lessons and why it was taken. */
export function proposals(asking: Asking, chosen: Chosen, unit: Unit): Proposal[] {
  const { offered, problem, lessons, children } = asking;
  return offered.flatMap((o, i): Proposal[] => {
    if (!chosen.choice[i].length && !problem.candidates[i].pinned) return [];
    const on = chosen.choice[i].map((l) => ({
      lessonId: lessons[l].id,
      number: lessons[l].number,
      ...pick(o.covers.find((c) => c.lessonId === lessons[l].id)!),
    }));
    const whom = [...new Set(problem.candidates[i].covers.flatMap((c) => c.children))];
    const only = [
      ...new Set(
        chosen.choice[i].flatMap((l) =>
          (problem.candidates[i].covers.find((c) => c.lesson === l)?.children ?? []).filter(
            (child) =>
              !problem.served.has(l * children.length + child) &&
              !servedElsewhere(asking, chosen, i, l, child),
          ),
        ),
      ),
    ];
    const reader =
      whom.length === 1 &&
      suits(o.book, children[whom[0]], unit.starts, 'read') !== 'beyond' &&
      wordsOf(
        o.book,
        pagesOf({ id: '', pullId: '', lessonId: '', firstPage: null, lastPage: null }, o.book.pages),
      ) > 0;
    const role: Role = reader
      ? 'own'
      : ['film', 'audio'].includes(o.book.form) || wordsOf(o.book, o.book.pages ?? 0) > 0
        ? 'together'
        : 'basket';
    return [
      {
        id: o.id,
        role,
        childId: reader ? children[whom[0]].id : null,
        lessons: on,
        why: [
          only.length
            ? `nothing else chosen serves ${names(children, only)} there`
            : problem.candidates[i].pinned
              ? 'you pinned it'
              : 'it adds a form of its own',
          o.library
            ? 'from the library'
            : problem.candidates[i].source === 'to buy'
              ? `to buy, ${moneyText(problem.candidates[i].price, asking.money)}`
              : problem.candidates[i].source === 'borrowed'
                ? 'borrowed'
                : 'in the house',
        ].join('; '),
        cautions: foundIn(o.book, children),
      },
    ];
  });
}

const pick = ({ by, first, last }: OnLesson): { by: string; first: number | null; last: number | null } => ({
  by,
  first,
  last,
});

function servedElsewhere(
  { problem }: Asking,
  chosen: Chosen,
  except: number,
  lesson: number,
  child: number,
): boolean {
  return chosen.choice.some(
    (lessons, i) =>
      i !== except &&
      lessons.includes(lesson) &&
      problem.candidates[i].covers.some((c) => c.lesson === lesson && c.children.includes(child)),
  );
}

const names = (children: readonly Child[], at: readonly number[]): string =>
  listed([...at].sort((a, b) => a - b).map((i) => children[i].name));
const listed = (items: readonly (string | number)[]): string =>
  items.length > 1
    ? `${items.slice(0, -1).join(', ')} and ${items[items.length - 1]}`
    : String(items[0] ?? '');

/** Lessons and children in words: “lessons 11 and 12 for Junia; lesson 14 for Pim”. */
export function pairsInWords(asking: Pick<Asking, 'lessons' | 'children'>, keys: readonly number[]): string {
  const n = asking.children.length;
  const byWhom = groupBy(
    [
      ...groupBy(
        keys.map((k) => ({ lesson: Math.floor(k / n), child: k % n })),
        (p) => String(p.lesson),
      ).values(),
    ],
    (pairs) =>
      pairs
        .map((p) => p.child)
        .sort((a, b) => a - b)
        .join(' '),
  );
  return [...byWhom]
    .map(([whom, groups]) => {
      const numbers = groups.map(([p]) => asking.lessons[p.lesson].number).sort((a, b) => a - b);
      return `lesson${numbers.length > 1 ? 's' : ''} ${listed(numbers)} for ${names(asking.children, whom.split(' ').map(Number))}`;
    })
    .join('; ');
}

const COUNTED = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten'];

/** What a limit costs, in words: “Five more loans would cover lessons 11 and 12 for Junia.” */
export function priceInWords(
  asking: Pick<Asking, 'lessons' | 'children' | 'money'>,
  { limit, more, gains }: Price,
): string {
  const count = COUNTED[more] ?? String(more);
  const what =
    limit === 'budget'
      ? `${moneyText(more, asking.money)} more to spend`
      : limit === 'loans'
        ? `${count} more loan${more > 1 ? 's' : ''} at once`
        : `${count} more thing${more > 1 ? 's' : ''} a lesson`;
  return `${what[0].toUpperCase()}${what.slice(1)} would cover ${pairsInWords(asking, gains)}.`;
}

/** What a book that was left out would have added, in words. */
export function leftOutInWords(asking: Asking, chosen: Chosen, left: Chosen['leftOut'][number]): string {
  const { late, covers, here } = asking.offered[left.candidate];
  if (late.length && !covers.length && here)
    return `it cannot be here in time: not before ${shortDate(here)}`;
  if (left.thin.length) return `it would cover ${pairsInWords(asking, left.thin)}`;
  const instead = asking.offered.filter((_, i) =>
    chosen.choice[i].some((l) => left.again.some((k) => Math.floor(k / asking.children.length) === l)),
  );
  if (instead.length)
    return `${listed(instead.slice(0, 3).map((o) => `“${o.book.title}”`))} already serve${instead.length > 1 ? '' : 's'} its lessons`;
  if (left.again.length) return 'what it covers is served already';
  return 'what stands on its lessons serves them already, or it suits none of the children';
}
