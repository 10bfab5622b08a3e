/**
 * Amounts of one kind in one unit: weights, volumes, lengths; never a volume as a weight. Factors: NIST Handbook 44 (2024),
 * appendix C; a teaspoon 5 ml, a tablespoon 15 ml, a cup 250 ml (metric kitchen measures, common practice, no source).
 */
const FACTORS = {
  weight: { mg: 0.001, g: 1, kg: 1000, oz: 28.349523125, lb: 453.59237 },
  volume: {
    ml: 1,
    cl: 10,
    dl: 100,
    l: 1000,
    tsp: 5,
    tbsp: 15,
    cup: 250,
    'fl oz': 29.5735295625,
    pt: 473.176473,
    qt: 946.352946,
    gal: 3785.411784,
  },
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
  'fluid ounce': 'fl oz',
  'fluid ounces': 'fl oz',
  pint: 'pt',
  pints: 'pt',
  quart: 'qt',
  quarts: 'qt',
  gallon: 'gal',
  gallons: 'gal',
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

/** Things that are counted as units, as they are said of one and of several. */
export const COUNTED: readonly (readonly [one: string, several: string])[] = [
  ['sheet', 'sheets'],
  ['ball', 'balls'],
  ['skein', 'skeins'],
  ['copy', 'copies'],
  ['piece', 'pieces'],
  ['pair', 'pairs'],
  ['packet', 'packets'],
  ['bag', 'bags'],
  ['jar', 'jars'],
];
/** Counted too, and a measure. */
const CUPS = ['cup', 'cups'] as const;

/** A unit as it agrees with an amount: 1 sheet, 3 sheets, 2 cups. */
export function unitFor(amount: number, unit: string): string {
  const counted = [...COUNTED, CUPS].find((words) => words.includes(unit));
  return counted ? counted[amount === 1 ? 0 : 1] : unit;
}

/** “60 g”; empty where no amount is said, or none. */
export const amountText = (amount: number | null, unit: string): string =>
  amount ? `${Math.round(amount * 100) / 100} ${unitFor(amount, unit)}`.trim() : '';

export type System = 'metric' | 'customary';

/** Which of the two a unit is of; spoons and cups are of both. */
const SYSTEM: Readonly<Record<string, System>> = {
  ...Object.fromEntries(
    ['mg', 'g', 'kg', 'ml', 'cl', 'dl', 'l', 'mm', 'cm', 'm'].map((u) => [u, 'metric' as const]),
  ),
  ...Object.fromEntries(
    ['oz', 'lb', 'fl oz', 'pt', 'qt', 'gal', 'in', 'ft', 'yd'].map((u) => [u, 'customary' as const]),
  ),
};

/** Units to say an amount in, the largest first: the first of which there is at least so much. Own choice. */
const SAID_IN: Record<System, Record<keyof typeof FACTORS, readonly [unit: string, least: number][]>> = {
  metric: {
    weight: [
      ['kg', 1],
      ['g', 0],
    ],
    volume: [
      ['l', 1],
      ['ml', 0],
    ],
    length: [
      ['m', 1],
      ['cm', 0],
    ],
  },
  customary: {
    weight: [
      ['lb', 1],
      ['oz', 0],
    ],
    volume: [
      ['gal', 1],
      ['qt', 1],
      ['fl oz', 0],
    ],
    length: [
      ['yd', 3],
      ['ft', 1],
      ['in', 0],
    ],
  },
};

/**
 * An amount in the measures a family uses; undefined where it is in those already, or measures nothing.
 * @param saidIn the unit of those measures it is said in; without it, one that suits the amount
 */
export function inMeasures(
  amount: number,
  unit: string,
  measures: System,
  saidIn?: string,
): { amount: number; unit: string } | undefined {
  const typed = unit.trim().toLowerCase().replace(/\.$/, '');
  const system = SYSTEM[SPELT[typed] ?? typed];
  const is = measureOf(unit);
  if (!is || !system || system === measures) return undefined;
  for (const [other, least] of SAID_IN[measures][is.kind]) {
    const there = inUnit(amount, unit, other)!;
    if (saidIn ? other === saidIn : there >= least) return { amount: rounded(there), unit: other };
  }
  return undefined;
}

/** To two figures that count, and no finer than a tenth. */
function rounded(amount: number): number {
  if (amount >= 100) return Math.round(amount / 5) * 5;
  return amount >= 10 ? Math.round(amount) : Math.max(0.1, Math.round(amount * 10) / 10);
}
