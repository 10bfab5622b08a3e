/**
 * Supplies as a parent types them, “alum 12 g; onion skins 60 g, three skeins; scissors 1 each”, and as they are
 * written back.
 */
import { NUMBER_WORDS, numberIn } from './number-words';
import type { Supply } from '../plan/lesson';
import { plus, timesAsMuch } from '../prep/amount';
import { COUNTED, SPELT, unitFor } from '../prep/units';

/** Units of measure, with what else they are called. Spoons and cups count as units too. */
const UNITS: Readonly<Record<string, string>> = {
  ...SPELT,
  g: 'g',
  kg: 'kg',
  mg: 'mg',
  oz: 'oz',
  lb: 'lb',
  ml: 'ml',
  cl: 'cl',
  dl: 'dl',
  l: 'l',
  pint: 'pint',
  pints: 'pint',
  tsp: 'tsp',
  tbsp: 'tbsp',
  cup: 'cup',
  mm: 'mm',
  cm: 'cm',
  m: 'm',
  ...Object.fromEntries(
    COUNTED.flatMap(([one, several]) => [
      [one, several],
      [several, several],
    ]),
  ),
};
const OTHERWISE = new Map([
  ['dozen', 12],
  ['half', 0.5],
]);
const FRACTIONS: Readonly<Record<string, number>> = {
  '½': 0.5,
  '¼': 0.25,
  '¾': 0.75,
  '⅓': 1 / 3,
  '⅔': 2 / 3,
};

const NUMBER = /^(?:(\d+)\s)?(\d+)\/(\d+)$|^(\d+(?:[.,]\d+)?)([½¼¾⅓⅔])?$|^([½¼¾⅓⅔])$/u;

function numberFrom(word: string): number | undefined {
  const m = NUMBER.exec(word);
  if (!m) return OTHERWISE.get(word.toLowerCase()) ?? (numberIn(word) || undefined);
  if (m[2]) return Number(m[3]) === 0 ? undefined : Number(m[1] ?? 0) + Number(m[2]) / Number(m[3]);
  return m[6] ? FRACTIONS[m[6]] : Number(m[4].replace(',', '.')) + (m[5] ? FRACTIONS[m[5]] : 0);
}

/**
 * Reads a list of supplies; items stand apart by semicolons, line breaks or commas.
 * @param orNone “alum 0 g” says that it is used up; otherwise no amount is nothing
 */
export function readSupplies(text: string, orNone = false): Supply[] {
  return text
    .split(/[;\n]/u)
    .flatMap(namedApart)
    .map((s) => s.trim())
    .filter(Boolean)
    .map((line) => readSupply(line, orNone));
}

/** Units that are things as well: “spoon, 4 cups” are two. */
const THINGS: ReadonlySet<string> = new Set(['cup', 'jars', 'bags', 'balls', 'sheets', 'copies']);

/** What stands between commas; “pebbles, 2 to 3 each” is one thing, as its second piece names nothing. */
function namedApart(items: string): string[] {
  const [first, ...more] = items.split(/,(?!\d)/u);
  const apart = [first];
  for (const piece of more) {
    const { name, amount, unit } = readSupply(`- ${piece}`, true);
    const isNameless = name === '-' && amount !== null && !THINGS.has(unit);
    if (isNameless && readSupply(apart.at(-1)!).amount === null) apart.push(`${apart.pop()!} ${piece}`);
    else apart.push(piece);
  }
  return apart;
}

/** Characters of one supply that are looked at; more is no name of a thing. */
const LONGEST_SUPPLY = 400;

/** “keeps 4 days”, at the end of a supply. */
const KEEPS = /[\s,(]*keeps (?:for )?([1-9]\d{0,2}) days?\)?$/iu;

/** A number in a range, in figures or spelt out. */
const IN_RANGE = String.raw`(?:\d+ )?\d+\/\d+|\d+(?:[.,]\d+)?[½¼¾⅓⅔]?|[½¼¾⅓⅔]|${NUMBER_WORDS}|dozen|half`;
const RANGE = new RegExp(String.raw`(^|\s)(${IN_RANGE})\s?(?:-|–|to|or)\s?(${IN_RANGE})(?=\s(\S+)|$)`, 'giu');
/** Words whose numbers are none of how much. */
const NO_AMOUNT = /\b(?:sizes?|no\.?|nr\.?|numbers?|pages?|pp?\.|ages?|grades?|lessons?|chapters?)$/iu;

/** Of a range the most stands for its amount: “2-3 skeins” are three, and two will do. What is no amount, a size, stays. */
function ofRange(text: string): { text: string; least: number | null; most: number | null } {
  for (const found of text.matchAll(RANGE)) {
    const [all, before, low, high, next] = found;
    const [least, most] = [numberFrom(low), numberFrom(high)];
    const isAmount =
      found.index === 0 ||
      (next ? UNITS[next.toLowerCase()] !== undefined : !NO_AMOUNT.test(text.slice(0, found.index)));
    if (!isAmount || least === undefined || most === undefined || least <= 0 || least >= most) continue;
    const rest = text.slice(found.index + all.length);
    return { text: `${text.slice(0, found.index)}${before}${high}${rest}`, least, most };
  }
  return { text, least: null, most: null };
}

/** One supply: an amount with or without a unit, before the name or after it; “each” or “per child” at the end. */
export function readSupply(text: string, orNone = false): Supply {
  let rest = text
    .trim()
    .slice(0, LONGEST_SUPPLY)
    .replace(/\s+/gu, ' ')
    .replace(/[.\s]+$/u, '')
    .replace(/×|\bx(?=\s*\d)/giu, ' ')
    .replace(/(\d)\s*(g|kg|mg|oz|lb|ml|cl|dl|l|mm|cm|m)\b/giu, '$1 $2')
    .trim();
  const keeps = KEEPS.exec(rest);
  if (keeps) rest = rest.slice(0, keeps.index).trim();
  const each = /(?:,|\s|\()\s*(?:each|per child|apiece)\)?$/iu.test(rest);
  rest = rest
    .replace(/(?:,|\s|\()+(?:each|per child|apiece)\)?$/iu, '')
    .replace(/[()]/gu, ' ')
    .replace(/\s+/gu, ' ')
    .trim();
  const range = ofRange(rest);
  rest = range.text;
  // “1 1/2” is one number.
  const words = rest.replace(/^(\d+) (\d+\/\d+)(?= )/u, '$1\u00a0$2').split(' ');
  const made = (name: string[], amount: number | null, unit: string): Supply => ({
    id: '',
    name: name.join(' ').replace(/,$/u, '').slice(0, 80) || rest.slice(0, 80),
    amount: amount === null ? null : thousandths(amount),
    least: range.least !== null && amount === range.most ? thousandths(range.least) : null,
    unit,
    each,
    keepsDays: keeps ? Math.min(365, Number(keeps[1])) : null,
  });
  const isAmount = (n: number | undefined): n is number => n !== undefined && (n > 0 || (orNone && n === 0));
  const first = numberFrom(words[0]);
  if (isAmount(first) && words.length > 1) {
    const unit = UNITS[words[1].toLowerCase()];
    if (unit && words.length > 2)
      return made(words.slice(words[2].toLowerCase() === 'of' && words.length > 3 ? 3 : 2), first, unit);
    // “three skeins”: the unit is the thing.
    return made(words.slice(1), first, '');
  }
  const last = words[words.length - 1];
  const before = words[words.length - 2];
  const unit = UNITS[last.toLowerCase()];
  if (unit && before && words.length > 2) {
    const amount = numberFrom(before);
    if (isAmount(amount)) return made(words.slice(0, -2), amount, unit);
  }
  const tail = /^\d|^[½¼¾⅓⅔]/u.test(last) ? numberFrom(last) : undefined;
  if (isAmount(tail) && words.length > 1) return made(words.slice(0, -1), tail, '');
  return made(words, null, '');
}

export function supplyText(s: Supply): string {
  const unit = s.amount === null ? s.unit : unitFor(s.amount, s.unit);
  return [s.name, numbersText(s), unit, s.each ? 'each' : '', keepsText(s)].filter(Boolean).join(' ');
}

const keepsText = ({ keepsDays }: Supply): string =>
  keepsDays === null ? '' : `keeps ${keepsDays} ${keepsDays === 1 ? 'day' : 'days'}`;

export const suppliesText = (supplies: readonly Supply[]): string => supplies.map(supplyText).join('; ');

/** “3”, “2 to 3”; empty where no amount is said. */
function numbersText({ amount, least }: Pick<Supply, 'amount' | 'least'>): string {
  if (amount === null) return '';
  return least === null ? `${thousandths(amount)}` : `${thousandths(least)} to ${thousandths(amount)}`;
}

const thousandths = (n: number): number => Math.round(n * 1000) / 1000;

/** Supplies added up by name and unit; what is for each child counts once for every child who takes part. */
export function summed(lists: readonly { supplies: readonly Supply[]; children: number }[]): Supply[] {
  const sums = new Map<string, Supply>();
  for (const { supplies, children } of lists)
    for (const s of supplies) {
      const key = `${s.name.toLowerCase()} ${s.unit}`;
      const was = sums.get(key);
      const more = timesAsMuch(s, s.each ? children : 1);
      sums.set(key, { ...(was ?? s), ...(was ? plus(was, more) : more), each: false });
    }
  return [...sums.values()];
}
