/** So much of a thing, or a range of it: “2 to 3 skeins”. */
import { amountText, inMeasures, type System } from './units';

export interface SoMuch {
  /** Null: some of it, no amount was said. Of a range the most. */
  amount: number | null;
  /** Of a range the least that will do; null: the amount is no range. */
  least: number | null;
}

const each = ({ amount, least }: SoMuch, of: (n: number) => number): SoMuch => ({
  amount: amount === null ? null : of(amount),
  least: least === null ? null : of(least),
});

/** So many times as much. */
export const timesAsMuch = (a: SoMuch, times: number): SoMuch => each(a, (n) => n * times);

/** Two of one unit together; what has no amount adds none. */
export function plus(a: SoMuch, b: SoMuch): SoMuch {
  if (a.amount === null || b.amount === null) return a.amount === null ? b : a;
  const isRange = a.least !== null || b.least !== null;
  return {
    amount: a.amount + b.amount,
    least: isRange ? (a.least ?? a.amount) + (b.least ?? b.amount) : null,
  };
}

/** What is left to get of it where there is so much already. */
export const lessThere = (a: SoMuch, there: number): SoMuch => each(a, (n) => Math.max(0, n - there));

/** “2 to 3 skeins”; “up to 1 skein” where none may be enough; empty where no amount is said. */
export function soMuchText({ amount, least }: SoMuch, unit: string): string {
  const most = amountText(amount, unit);
  if (least === null || !most) return most;
  return least === 0 ? `up to ${most}` : `${amountText(least, '')} to ${most}`;
}

/** “60 g (about 2.1 oz)”: so much as it was said, and in the measures of the family where they are others. */
export function amountIn(of: SoMuch, unit: string, measures: System): string {
  const said = soMuchText(of, unit);
  const here = of.amount ? inMeasures(of.amount, unit, measures) : undefined;
  if (!here) return said;
  const low = of.least ? inMeasures(of.least, unit, measures, here.unit)!.amount : here.amount;
  // Rounded, both ends may be the same.
  return `${said} (about ${low < here.amount ? `${low} to ` : ''}${here.amount} ${here.unit})`;
}
