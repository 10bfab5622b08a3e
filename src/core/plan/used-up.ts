/** What a part used up once it is done, as facts: what is in the house is counted down by them. */
import type { Entry } from './entry';
import { childrenOf, groupBy, homes, isDone } from './lookup';
import type { Mark, Slice } from './plan';

/** So much of a thing that a part takes for all who take part; some of it where nobody said how much. */
export interface Taken {
  name: string;
  amount: number | null;
  unit: string;
}

/** What each part takes when it is done. */
export function takenBy(plan: Slice): (part: Slice['parts'][number]) => Taken[] {
  const homeOf = homes(plan);
  return (part) => {
    const who = Math.max(1, childrenOf(part, homeOf(part).unit, plan.children).length);
    return part.supplies.map(({ name, amount, unit, each }) => ({
      name,
      amount: amount === null ? null : amount * (each ? who : 1),
      unit,
    }));
  };
}

/** Parts with supplies that a change of marks made done, and those that it made undone again. */
export function doneAnew(before: Slice, after: Slice): { done: Slice['parts']; undone: string[] } {
  const had = new Set(before.marks);
  const has = new Set(after.marks);
  const touched = new Set(
    [...before.marks.filter((m) => !has.has(m)), ...after.marks.filter((m) => !had.has(m))].map(
      (m) => m.partId,
    ),
  );
  const homeOf = homes(after);
  const [was, is] = [before, after].map((p) => groupBy(p.marks, (m) => m.partId));
  const parts = after.parts.filter((p) => touched.has(p.id) && p.supplies.length);
  const isWhole = (marks: Map<string, Mark[]>, part: Slice['parts'][number]): boolean =>
    isDone(marks.get(part.id) ?? [], childrenOf(part, homeOf(part).unit, after.children));
  return {
    done: parts.filter((p) => !isWhole(was, p) && isWhole(is, p)),
    undone: parts.filter((p) => isWhole(was, p) && !isWhole(is, p)).map((p) => p.id),
  };
}

/** Those of some facts that say that these parts used something up. */
export const usedBy = (entries: readonly Entry[], parts: readonly string[]): Entry[] =>
  parts.length ? entries.filter((e) => e.kind === 'used' && parts.includes(e.partId!)) : [];
