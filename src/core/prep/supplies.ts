/** What is needed over a stretch of days, added up, less what is in the house. */
import { byId, childrenOf, doneParts, homes } from '../plan/lookup';
import type { IsoDate } from '../plan/measures';
import type { Plan } from '../plan/plan';
import { lessThere, plus, timesAsMuch, type SoMuch } from './amount';
import { folded, pantryNow } from './in-house';
import { inUnit } from './units';

export interface Needed extends SoMuch {
  name: string;
  unit: string;
  /** Of it in the house, in the same unit; null: there is enough of it always. */
  inHouse: number | null;
  /** What is still to be got; 0 where there is enough. Null: some of it. Of a range the most. */
  toGet: number | null;
  /** Of a range the least that is still to be got, 0 where what there is will do; null: it is no range. */
  leastToGet: number | null;
  /** The first day it is needed. */
  from: IsoDate;
  /** Days the shortest-lived of it keeps; null: long enough. */
  keepsDays: number | null;
  /** Parts that need it, in the order of their days, each with how much; null: some of it. */
  parts: ({ partId: string; title: string; date: IsoDate } & SoMuch)[];
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
      const same = found.find(
        (n) => folded(n.name) === folded(s.name) && inUnit(1, s.unit, n.unit) !== undefined,
      );
      const line: Needed = same ?? {
        name: s.name,
        unit: s.unit,
        amount: null,
        least: null,
        inHouse: 0,
        toGet: 0,
        leastToGet: null,
        from: date,
        keepsDays: null,
        parts: [],
      };
      if (!same) found.push(line);
      const more = timesAsMuch(s, (s.each ? Math.max(1, who) : 1) * inUnit(1, s.unit, line.unit)!);
      Object.assign(line, plus(line, more));
      line.keepsDays = least(line.keepsDays, s.keepsDays);
      const known = line.parts.find((p) => p.partId === partId);
      if (known) Object.assign(known, plus(known, more));
      else line.parts.push({ partId, title: part.title, date, ...more });
    }
  }
  return found.map((line) => withHouse(plan, line));
}

/** Made at home from one master, so many: it is copied, not bought. */
export const isCopied = ({ unit }: Pick<Needed, 'unit'>): boolean => unit === 'copies';

const least = (a: number | null, b: number | null): number | null =>
  a === null || b === null ? (a ?? b) : Math.min(a, b);

function withHouse(plan: Plan, line: Needed): Needed {
  const there = pantryNow(plan).filter((t) => folded(t.name) === folded(line.name));
  if (!there.length) return { ...line, inHouse: 0, toGet: line.amount, leastToGet: line.least };
  // Without an amount there is always enough of it.
  if (there.some((t) => t.amount === null)) return { ...line, inHouse: null, toGet: 0 };
  const inHouse = there.reduce((sum, t) => sum + (inUnit(t.amount!, t.unit, line.unit) ?? 0), 0);
  if (line.amount === null) return { ...line, inHouse, toGet: inHouse > 0 ? 0 : null };
  const { amount, least } = lessThere(line, inHouse);
  return { ...line, inHouse, toGet: amount, leastToGet: least };
}
