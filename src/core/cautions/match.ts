/** Which cautions an activity needs, for those who take part and those in the house with it. */
import { ageOn } from '../plan/age';
import type { IsoDate } from '../plan/measures';
import type { Part } from '../plan/lesson';
import type { Child } from '../plan/plan';
import type { Allergen } from './allergen-table';
import { meets, waysMet } from './allergens';
import { meantBy, type Meant } from './meant';
import type { CautionRow } from './row';
import { CAUTIONS, ONLY_WORDS } from './table';

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

type Doing = Pick<
  Part,
  'kind' | 'title' | 'directions' | 'prediction' | 'outdoors' | 'supplies' | 'preparations' | 'needs' | 'seen'
>;

/**
 * The cautions of a part. Small children count when they are anywhere in the house, taking part or not.
 * @param children all children of the family
 * @param date the day on which ages are taken
 */
export function cautionsFor(
  part: Doing,
  children: readonly Child[],
  allergies: readonly string[],
  date: IsoDate,
): Caution[] {
  const { known, itself } = readOnce(part);
  const found: Caution[] = [];
  for (const { row, because } of known) {
    const near =
      row.under === undefined
        ? []
        : children.filter((c) => ageOn(c.birthMonth, date) < row.under! || (row.mouthers && c.mouths));
    if (row.under !== undefined && !near.length) continue;
    const { id, title, steps, who, defers } = row;
    const names = near.map(
      (c) =>
        `${c.name} is ${ageOn(c.birthMonth, date)}${row.mouthers && c.mouths ? ' and mouths things' : ''}`,
    );
    found.push({
      id,
      title,
      steps,
      who,
      defers,
      because: [because, ...names].filter(Boolean).join(', '),
      stays: row.under !== undefined,
      seen: part.seen.includes(id),
    });
  }
  return itself === undefined ? found : [...found, ...allergyCautions(part, itself, allergies)];
}

interface Read {
  known: { row: CautionRow; because: string }[];
  /** What is in hand, where an allergy is looked for; undefined where nothing is handled. */
  itself?: string;
}
const reads = new WeakMap<Doing, Read>();

/** What a part is known by, whoever is near: read once, for a part is never changed in place. */
function readOnce(part: Doing): Read {
  let read = reads.get(part);
  if (!read) reads.set(part, (read = readDoing(part)));
  return read;
}

function readDoing(part: Doing): Read {
  // The words of a book or a quiz are no danger; what is laid out for it may be.
  const isOnlyWords = ONLY_WORDS.includes(part.kind);
  if (isOnlyWords && !part.supplies.length) return { known: [] };
  const said = [
    ...(isOnlyWords ? [] : [part.title, part.directions]),
    ...part.preparations.map((p) => p.what),
    ...part.supplies.map((s) => s.name),
    ...part.needs,
  ]
    .join(' · ')
    .replaceAll("'", '’');
  const meant = { ...meantBy(said), said };
  const known = CAUTIONS.flatMap((row) => {
    const because = knownBy(row, part, meant);
    return because === undefined ? [] : [{ row, because }];
  });
  return { known, itself: meant.itself };
}

function knownBy(row: CautionRow, part: Doing, meant: Meant & { said: string }): string | undefined {
  const text = meant[row.reads];
  const here = row.wordsIn?.kinds.includes(part.kind) ? row.wordsIn.words : undefined;
  const word = (row.words?.exec(text) ?? here?.exec(text))?.[0];
  if (word) return `“${word.toLowerCase()}”`;
  if (row.kinds?.includes(part.kind)) return '';
  return row.outdoors && part.outdoors ? 'outdoors' : undefined;
}

/** What to do about an allergy that is met, and who must, by how it is met. */
const WHEN_MET: Record<Allergen['by'], Pick<Caution, 'steps' | 'who'>> = {
  food: {
    steps: 'Leave it out or take something else; keep boards, bowls and hands apart.',
    who: 'An adult reads the labels.',
  },
  touch: {
    steps: 'Leave it out or take something else; hands and table washed afterwards.',
    who: 'An adult sees to it that it is not touched.',
  },
  sting: {
    steps:
      'Keep well away from hives and from blossom in flight time; shoes on, sweet drinks covered, the emergency set with you.',
    who: 'An adult who knows the emergency set stays near.',
  },
  air: {
    steps:
      'Ask whether today is a day for it; medicine with you, hands and face washed and clothes changed afterwards.',
    who: 'An adult watches the breathing.',
  },
};

/** What is said of an allergy that is not named, where it may be met all the same: food, and time out of doors. */
const WHEN_LIKELY = {
  food: {
    title: 'Check labels for',
    because: 'food',
    steps: 'Read every label, also of what has always been safe.',
    who: 'An adult reads the labels.',
  },
  sting: {
    title: 'Outdoors, with an allergy:',
    because: 'outdoors',
    steps: 'The emergency set goes along, and an adult who knows it.',
    who: 'An adult carries it.',
  },
  air: {
    title: 'Outdoors, with an allergy:',
    because: 'outdoors',
    steps: 'Look at the pollen of the day; medicine goes along.',
    who: 'An adult carries it.',
  },
};

function allergyCautions(part: Doing, text: string, allergies: readonly string[]): Caution[] {
  const isOutdoors = part.outdoors || part.kind === 'walk' || part.kind === 'trip';
  return allergies.flatMap((allergy): Caution[] => {
    const id = `allergy-${allergy.toLowerCase().replace(/[^a-z]+/g, '-')}`.slice(0, 40);
    const same = { id, seen: part.seen.includes(id), defers: 'Your doctor’s plan for this allergy.' };
    const found = meets(text, allergy);
    if (found)
      return [
        {
          ...same,
          title: `Allergy: ${allergy}`,
          because: `“${found.word}”`,
          stays: true,
          ...WHEN_MET[found.by],
        },
      ];
    const ways = waysMet(allergy);
    const likely =
      part.kind === 'cooking' && ways.includes('food')
        ? WHEN_LIKELY.food
        : isOutdoors && ways.includes('sting')
          ? WHEN_LIKELY.sting
          : isOutdoors && ways.includes('air')
            ? WHEN_LIKELY.air
            : undefined;
    return likely ? [{ ...same, ...likely, title: `${likely.title} ${allergy}`, stays: false }] : [];
  });
}

/** Cautions to show: those not yet noted as seen, and those that stay in spite of it. */
export const shown = (cautions: readonly Caution[]): Caution[] => cautions.filter((c) => c.stays || !c.seen);

/** What a lesson is to take care of when it is out and about, and no preparation at the table is. */
const NOT_AT_THE_TABLE: readonly string[] = [
  'outdoors',
  'animals',
  'bees',
  ...CAUTIONS.map((c) => c.id).filter((id) => /^water-(?!beads|tub)/.test(id)),
  'wild',
  'climb',
  'road',
  'online',
  'film',
];

/** What to take care of with one preparation of a part, in few words: by what is done ahead itself, not by what it is for. */
export const cautionsAhead = (
  part: Doing,
  what: string,
  children: Parameters<typeof cautionsFor>[1],
  allergies: readonly string[],
  date: IsoDate,
): string[] =>
  shown(
    cautionsFor(
      { ...part, title: what, directions: '', supplies: [], preparations: [], needs: [] },
      children,
      allergies,
      date,
    ),
  )
    .filter((c) => !NOT_AT_THE_TABLE.includes(c.id))
    .map((c) => c.title);
