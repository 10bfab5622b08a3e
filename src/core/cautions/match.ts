/** Which cautions an activity needs, for those who take part and those in the house with it. */
import { ageOn } from '../ladder/age';
import type { IsoDate } from '../plan/measures';
import type { Part } from '../plan/lesson';
import type { Child } from '../plan/plan';
import { ALLERGENS, CAUTIONS, ONLY_WORDS, type CautionRow } from './table';

export interface Caution {
  id: string;
  title: string;
  /** What to do, who must, and to whom to turn. */
  steps: string;
  who: string;
  defers: string;
  /** What it was known by: “boil”, Pim is 3. */
  because: string;
  /** It is there for the youngest, or for an allergy: noting it as seen does not take it away. */
  stays: boolean;
  seen: boolean;
}

type Doing = Pick<Part, 'kind' | 'title' | 'directions' | 'prediction' | 'outdoors' | 'supplies' | 'preparations' | 'needs' | 'seen'>;

/**
 * The cautions of a part. Small children count when they are anywhere in the house, taking part or not.
 * @param children all children of the family
 * @param date the day on which ages are taken
 */
export function cautionsFor(part: Doing, children: readonly Child[], allergies: readonly string[], date: IsoDate): Caution[] {
  if (ONLY_WORDS.includes(part.kind) && !part.supplies.length) return [];
  const text = [part.title, part.directions, ...part.preparations.map((p) => p.what), ...part.supplies.map((s) => s.name), ...part.needs].join(' · ');
  const found: Caution[] = [];
  for (const row of CAUTIONS) {
    const because = knownBy(row, part, text);
    if (because === undefined) continue;
    const near = row.under === undefined ? [] : children.filter((c) => ageOn(c.birthMonth, date) < row.under! || (row.mouthers && c.mouths));
    if (row.under !== undefined && !near.length) continue;
    const { id, title, steps, who, defers } = row;
    const names = near.map((c) => `${c.name} is ${ageOn(c.birthMonth, date)}${row.mouthers && c.mouths ? ' and mouths things' : ''}`);
    found.push({ id, title, steps, who, defers, because: [because, ...names].filter(Boolean).join(', '), stays: row.under !== undefined, seen: part.seen.includes(id) });
  }
  return [...found, ...allergyCautions(part, text, allergies)];
}

function knownBy(row: CautionRow, part: Doing, text: string): string | undefined {
  const word = row.words?.exec(text)?.[0];
  if (word) return `“${word.toLowerCase()}”`;
  if (row.kinds?.includes(part.kind)) return '';
  return row.outdoors && part.outdoors ? 'outdoors' : undefined;
}

function allergyCautions(part: Doing, text: string, allergies: readonly string[]): Caution[] {
  const food = part.kind === 'cooking';
  return allergies.flatMap((allergy): Caution[] => {
    const names = ALLERGENS[allergy.toLowerCase()] ?? [allergy.toLowerCase()];
    const found = names.find((n) => new RegExp(`(?<!\\p{L})${n.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}(?:s|es)?(?!\\p{L})`, 'iu').test(text));
    if (!found && !food) return [];
    const id = `allergy-${allergy.toLowerCase().replace(/[^a-z]+/g, '-')}`.slice(0, 40);
    return [{
      id, title: found ? `Allergy: ${allergy}` : `Check labels for ${allergy}`, because: found ? `“${found}”` : 'food', stays: !!found, seen: part.seen.includes(id),
      steps: found ? 'Leave it out or take something else; keep boards, bowls and hands apart.' : 'Read every label, also of what has always been safe.',
      who: 'An adult reads the labels.', defers: 'Your doctor’s plan for this allergy.',
    }];
  });
}

/** Cautions to show: those not yet noted as seen, and those that stay in spite of it. */
export const shown = (cautions: readonly Caution[]): Caution[] => cautions.filter((c) => c.stays || !c.seen);
