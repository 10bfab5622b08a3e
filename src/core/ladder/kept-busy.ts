/**
 * What keeps a child busy without the parent: out of what the family has, and plain things of every house. They take
 * turns: what was there in one lesson does not come back while others are left.
 */
import { suits } from '../books/fit';
import { takenIn } from '../books/taken-in';
import { ageOn } from '../plan/age';
import type { Book } from '../plan/book';
import { booksById } from '../plan/lookup';
import type { IsoDate } from '../plan/measures';
import type { Child, Plan } from '../plan/plan';
import { rungOf } from '../plan/rungs';
import type { Unit } from '../plan/unit';
import { isSmall } from './small';

/** For the smallest: a box, a basket, a song. Nothing that is swallowed, nothing that is hot or sharp. */
const SMALL_THINGS: readonly string[] = [
  'A box of lids and tins: what fits on what?',
  'A basket of cloths: fold, hide, find',
  'A song with the hands, three times, the last time without words',
  'Big blocks: a tower as high as the knee',
  'Draw with a thick crayon on the back of old paper',
  'Fill and empty a box of soft things',
  'Pairs of socks in a basket: which belong together?',
  'Sort big things by colour beside you: cloths, lids, blocks',
  'A row of chairs for a train; who rides along?',
  'Tear old paper into long strips, and fill a bag of cloth',
  'Put the dolls or animals to bed, one after the other',
  'Two wooden spoons and a pot upside down: loud and soft',
  'A cushion road through the room: step, sit, turn',
  'Big pegs on the rim of a basket, all the way round',
];
const BEGINNERS_THINGS: readonly string[] = [
  'Make a picture of “{topic}” from cut paper',
  'Play a guessing game with the words of “{topic}”',
  'Build something of “{topic}” from blocks',
  'Lay a row of pictures for “{topic}”: first, then, last',
  'Make up a song for “{topic}”, with the hands',
  'Find five things in the room that go with “{topic}”',
];
const OLDER_THINGS: readonly string[] = [
  'Write a riddle about a word of “{topic}”',
  'Read on in a book of your own',
  'Draw a plan of “{topic}”, with arrows',
  'Think of three questions about “{topic}” that nobody here can answer',
  'Make a card with the hardest word of “{topic}” and a drawing on the back',
  'Write down what you would tell a grandparent about “{topic}”',
];

/** Forms a small child can have to themselves. */
const TO_PLAY_WITH: readonly Book['form'][] = [
  'game',
  'board book',
  'picture book',
  'cards',
  'audio',
  'poster',
];

const BESIDE: Record<string, (title: string) => string> = {
  played: (title) => `Play with “${title}”`,
  heard: (title) => `Listen to “${title}”`,
};

/** Things of the family that suit a child: from the basket of the unit, and from the shelf. */
function ownThings(plan: Plan, unit: Unit, child: Child, date: IsoDate): string[] {
  const books = booksById(plan.books);
  const basket = plan.pulls
    .filter((p) => p.unitId === unit.id && p.role === 'basket')
    .map((p) => books.get(p.bookId)!);
  const shelf = isSmall(child, date)
    ? plan.books.filter((b) => b.state === 'here' && TO_PLAY_WITH.includes(b.form) && !basket.includes(b))
    : [];
  const fits = (b: Book): boolean =>
    ['fits', 'stretch'].includes(suits(b, child, date, 'read')) || suits(b, child, date, 'listen') === 'fits';
  const says = (b: Book, where: string): string =>
    BESIDE[takenIn(b.form, 'listen')]?.(b.title) ?? `Look at “${b.title}”${where}`;
  return [
    ...basket.filter(fits).map((b) => says(b, ' from the basket')),
    ...shelf.filter(fits).map((b) => says(b, '')),
  ];
}

/** Alternately one of each list, until both are used up. */
function mixed(a: readonly string[], b: readonly string[]): string[] {
  return Array.from({ length: Math.max(a.length, b.length) }, (_, i) => [a[i], b[i]])
    .flat()
    .filter((t) => t !== undefined);
}

/**
 * What a child can do for a while, without the parent, in a lesson.
 * @param place the lesson's place in its unit, by which things take turns
 * @param most so many of them
 */
export function keptBusy(
  plan: Plan,
  unit: Unit,
  child: Child,
  { topic, place }: { topic: string; place: number },
  most: number,
): string[] {
  const date = unit.starts;
  const plain = isSmall(child, date)
    ? SMALL_THINGS
    : rungOf(child, 'hands', date) <= 2 || ageOn(child.birthMonth, date) < 7
      ? BEGINNERS_THINGS
      : OLDER_THINGS;
  const all = mixed(ownThings(plan, unit, child, date), plain);
  return Array.from(
    { length: Math.min(most, all.length) },
    (_, i) => all[(place * most + i) % all.length],
  ).map((text) => text.replace('{topic}', topic));
}
