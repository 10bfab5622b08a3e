/**
 * Amounts of one kind in one unit: weights, volumes, lengths; never a volume as a weight. Factors: NIST Handbook 44 (2024),
 * appendix C; a teaspoon 5 ml, a tablespoon 15 ml, a cup 250 ml (metric kitchen measures, common practice, no source).
 */
const FACTORS = {
  weight: { mg: 0.001, g: 1, kg: 1000, oz: 28.349523125, lb: 453.59237 },
  volume: { ml: 1, cl: 10, dl: 100, l: 1000, tsp: 5, tbsp: 15, cup: 250 },
  length: { mm: 0.1, cm: 1, m: 100, in: 2.54, ft: 30.48, yd: 91.44 },
} as const;

/** Units of measure as they are written out, by their signs. */
export const SPELT: Readonly<Record<string, string>> = {
  gram: 'g',
  grams: 'g',
  gramme: 'g',
  grammes: 'g',
  kilo: 'kg',
  kilos: 'kg',
  lbs: 'lb',
  kilogram: 'kg',
  kilograms: 'kg',
  ounce: 'oz',
  ounces: 'oz',
  pound: 'lb',
  pounds: 'lb',
  litre: 'l',
  litres: 'l',
  liter: 'l',
  liters: 'l',
  millilitre: 'ml',
  millilitres: 'ml',
  teaspoon: 'tsp',
  teaspoons: 'tsp',
  tablespoon: 'tbsp',
  tablespoons: 'tbsp',
  cups: 'cup',
  metre: 'm',
  metres: 'm',
  meter: 'm',
  meters: 'm',
  inch: 'in',
  inches: 'in',
  foot: 'ft',
  feet: 'ft',
  yard: 'yd',
  yards: 'yd',
};

/** What a unit measures and how much of the first unit of its kind it is; undefined for pieces and words of one’s own. */
export function measureOf(unit: string): { kind: keyof typeof FACTORS; factor: number } | undefined {
  const typed = unit.trim().toLowerCase().replace(/\.$/, '');
  const name = SPELT[typed] ?? typed;
  for (const [kind, units] of Object.entries(FACTORS) as [keyof typeof FACTORS, Record<string, number>][])
    if (Object.hasOwn(units, name)) return { kind, factor: units[name] };
  return undefined;
}

/** An amount in another unit of the same kind; undefined where the two do not measure the same. */
export function inUnit(amount: number, from: string, to: string): number | undefined {
  if (from.trim().toLowerCase() === to.trim().toLowerCase()) return amount;
  const [a, b] = [measureOf(from), measureOf(to)];
  return a && b && a.kind === b.kind ? (amount * a.factor) / b.factor : undefined;
}

/** “60 g”; empty where no amount is said, or none. */
export const amountText = (amount: number | null, unit: string): string =>
  amount ? `${Math.round(amount * 100) / 100} ${unit}`.trim() : '';
