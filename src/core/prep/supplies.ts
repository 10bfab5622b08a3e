/** What is needed over a stretch of days, added up, less what is in the house. */
import { byId, childrenOf, doneParts, homes } from '../plan/lookup';
import type { IsoDate } from '../plan/measures';
import type { Plan } from '../plan/plan';
import { folded, pantryNow } from './in-house';
import { inUnit } from './units';

export interface Needed {
  name: string;
  unit: string;
  /** Null: some of it, no amount was said. */
  amount: number | null;
  /** Of it in the house, in the same unit; null: there is enough of it always. */
  inHouse: number | null;
  /** What is still to be got; 0 where there is enough. Null: some of it. */
  toGet: number | null;
  /** The first day it is needed. */
  from: IsoDate;
  /** Days the shortest-lived of it keeps; null: long enough. */
  keepsDays: number | null;
  /** Parts that need it, in the order of their days, each with how much; null: some of it. */
  parts: { partId: string; title: string; date: IsoDate; amount: number | null }[];
}

/**
 * Supplies of all parts that stand in a stretch of days and are not done; what is for each child counts for every child who
 * takes part. Amounts of one thing in units that measure the same are added up in the first of them.
 * @param isOf which parts are meant
 * @returns in the order of the days they are first needed
 */
export function neededIn(
  plan: Plan,
  first: IsoDate,
  last: IsoDate,
  isOf: (partId: string) => boolean = () => true,
): Needed[] {
  const parts = byId(plan.parts);
  const homeOf = homes(plan);
  const done = doneParts(plan);
  const found: Needed[] = [];
  const sittings = plan.sittings
    .filter((s) => s.date >= first && s.date <= last && !done.has(s.partId) && isOf(s.partId))
    .sort((a, b) => (a.date < b.date ? -1 : 1));
  for (const { partId, date } of sittings) {
    const part = parts.get(partId)!;
    const who = childrenOf(part, homeOf(part).unit, plan.children).length;
    for (const s of part.supplies) {
      const amount = s.amount === null ? null : s.amount * (s.each ? Math.max(1, who) : 1);
      const same = found.find(
        (n) => folded(n.name) === folded(s.name) && inUnit(1, s.unit, n.unit) !== undefined,
      );
      const line: Needed = same ?? {
        name: s.name,
        unit: s.unit,
        amount: null,
        inHouse: 0,
        toGet: 0,
        from: date,
        keepsDays: null,
        parts: [],
      };
      if (!same) found.push(line);
      const more = amount === null ? null : inUnit(amount, s.unit, line.unit)!;
      line.amount = plus(line.amount, more);
      line.keepsDays = least(line.keepsDays, s.keepsDays);
      const known = line.parts.find((p) => p.partId === partId);
      if (known) known.amount = plus(known.amount, more);
      else line.parts.push({ partId, title: part.title, date, amount: more });
    }
  }
  return found.map((line) => withHouse(plan, line));
}

/** Made at home from one master, so many: it is copied, not bought. */
export const isCopied = ({ unit }: Pick<Needed, 'unit'>): boolean => unit === 'copies';

/** Two amounts together; what has none adds none. */
export const plus = (a: number | null, b: number | null): number | null =>
  a === null || b === null ? (a ?? b) : a + b;
const least = (a: number | null, b: number | null): number | null =>
  a === null || b === null ? (a ?? b) : Math.min(a, b);

function withHouse(plan: Plan, line: Needed): Needed {
  const there = pantryNow(plan).filter((t) => folded(t.name) === folded(line.name));
  if (!there.length) return { ...line, inHouse: 0, toGet: line.amount };
  // Without an amount there is always enough of it.
  if (there.some((t) => t.amount === null)) return { ...line, inHouse: null, toGet: 0 };
  const inHouse = there.reduce((sum, t) => sum + (inUnit(t.amount!, t.unit, line.unit) ?? 0), 0);
  if (line.amount === null) return { ...line, inHouse, toGet: inHouse > 0 ? 0 : null };
  return { ...line, inHouse, toGet: Math.max(0, line.amount - inHouse) };
}
