/** What there is in the house: what was said, less what was used since, and more by what was bought. */
import type { Entry } from '../plan/entry';
import type { ThingInHouse } from '../plan/household';
import { inForce } from '../plan/happened';
import { once } from '../plan/once';
import type { Plan } from '../plan/plan';
import { inUnit } from './units';

/** A name as things are found by it. */
export const folded = (name: string): string => name.trim().toLocaleLowerCase('en').replace(/\s+/g, ' ');

const cameAndWent = once((entries: Plan['entries']) =>
  inForce(entries).filter((e) => e.kind === 'used' || e.kind === 'bought'),
);

const isOf = (e: Entry, { name, unit }: Pick<ThingInHouse, 'name' | 'unit'>): boolean =>
  folded(e.about.title) === folded(name) && inUnit(1, e.unit, unit) !== undefined;

/** How much of it there is, in its own unit, never less than nothing; null: always enough. */
export function levelOf({ entries }: Pick<Plan, 'entries'>, thing: ThingInHouse): number | null {
  if (thing.amount === null) return null;
  const moved = cameAndWent(entries)
    .filter((e) => (thing.since === null || e.at >= thing.since) && isOf(e, thing))
    .reduce(
      (sum, e) => sum + (inUnit(e.amount ?? 0, e.unit, thing.unit) ?? 0) * (e.kind === 'used' ? -1 : 1),
      thing.amount,
    );
  return rounded(moved);
}

/** Amounts are typed with three places at most; what is left over of sums is none. */
const rounded = (amount: number): number => Math.max(0, Math.round(amount * 1000) / 1000);

/** What is in the house as it is now: what the family said is there, and what it bought beside it. */
export function pantryNow({ entries, pantry }: Pick<Plan, 'entries' | 'pantry'>): ThingInHouse[] {
  const said = pantry.map((t) => ({ ...t, amount: levelOf({ entries }, t) }));
  const beside: ThingInHouse[] = [];
  for (const e of cameAndWent(entries)) {
    if (pantry.some((t) => isOf(e, t))) continue;
    const known = beside.find((t) => isOf(e, t));
    if (e.kind === 'bought') {
      const more =
        e.amount === null ? null : (known?.amount ?? 0) + inUnit(e.amount, e.unit, known?.unit ?? e.unit)!;
      if (known) known.amount = more;
      else beside.push({ id: e.id, name: e.about.title, amount: more, unit: e.unit, since: e.at });
      // What is some of it is gone once some of it was used.
    } else if (known)
      known.amount =
        e.amount === null ? 0 : rounded((known.amount ?? 0) - inUnit(e.amount, e.unit, known.unit)!);
  }
  return [...said, ...beside.filter((t) => t.amount !== 0)];
}
