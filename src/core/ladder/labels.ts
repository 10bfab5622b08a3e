/** Labels on a map or a drawing of the lesson. */
import { count } from '../plan/called';
import type { Rung } from '../plan/measures';
import { amountOn, lettersOf, minutesToCopy, type Writer } from './handwriting';
import type { Material } from './material';
import { evenOne, nothingTo, plain, type Version } from './version';
import { ownThings } from './word-list';
import { wordingFor } from './wordings';

/** Labels on a map or drawing, by rung. Common practice, no source. */
const LABELS: Record<Rung, number> = { 1: 3, 2: 3, 3: 5, 4: 8, 5: 10 };

/** Labels of what a map or a drawing shows, where the lesson names nothing of it; letters of one that nobody names. Own choice. */
const UNNAMED = { labels: 3, letters: 7 };

export interface Labels {
  /** The lesson's own words on them. */
  words: string[];
  /** More of them, of what the child finds on the map or drawing. */
  more: number;
}

/**
 * What is put on a map or a drawing: the words of the lesson's own, as a word of another lesson is not on its map; from the
 * fourth rung as many more of what is on it as the rung asks for; no more than can be written in one stretch.
 */
export function labelsFor(
  material: Pick<Material, 'things'>,
  rung: Rung,
  writer: Writer,
  labels: number | null = null,
): { asked: Labels; given: Labels; minutes: (of: Labels) => number } {
  const most = labels ?? amountOn(LABELS, rung, writer);
  // On the first two rungs nothing is written: what is pointed at or put in place may be called as it likes.
  const words = ownThings(material, rung <= 2 ? 1 : rung, most);
  const found = rung >= 4 ? most : Math.min(most, words.length || UNNAMED.labels);
  const asked = { words, more: Math.max(0, found - words.length) };
  // Each is found, and from the third rung on written: on the first two it is pointed at, or stands on a card.
  const minutes = (of: Labels): number => {
    const letters = lettersOf(of.words.join('')) + UNNAMED.letters * of.more;
    return countOf(of) + (rung <= 2 ? 0 : minutesToCopy(letters, writer.rate));
  };
  let given: Labels = asked;
  while (minutes(given) > writer.stretch && countOf(given) > 1)
    given = given.more ? { words, more: given.more - 1 } : { words: given.words.slice(0, -1), more: 0 };
  return { asked, given, minutes };
}

const countOf = ({ words, more }: Labels): number => words.length + more;

export function labelsVersion(
  material: Material,
  rung: Rung,
  writer: Writer,
  labels: number | null = null,
): Version {
  const { topic } = material;
  if (!material.hasLabels)
    return nothingTo(
      rung,
      'label: nothing on this lesson has parts with names',
      'Name a map, a drawing or a thing with parts among the topics of the lesson, or make one of it first.',
    );
  const { asked, given, minutes } = labelsFor(material, rung, writer, labels);
  const n = countOf(given);
  const such = labelsNamed(given);
  const wording = wordingFor(
    'labels',
    rung,
    {
      amount: count(n, 'label'),
      things: count(n, 'thing'),
      such,
      topic,
    },
    0,
    writer.grade,
  );
  const notes = [
    n < countOf(asked)
      ? `All ${countOf(asked)} labels would take ${minutes(asked)} min, more than the ${writer.stretch} min that suit this age. Offered: ${n}.`
      : '',
    n === countOf(asked) && minutes(given) > writer.stretch
      ? evenOne('label', minutes(given), writer.stretch)
      : '',
  ];
  return {
    ...plain,
    rung,
    wording,
    amount: `${count(n, 'label')}${such}`,
    minutes: 5 + minutes(given),
    parentMinutes: rung <= 2 ? 5 : 0,
    produces: 'a map or drawing with labels',
    supplies: rung === 2 ? 'labels cut out; map or drawing' : 'map or drawing',
    note: notes.filter(Boolean).join(' '),
  };
}

/** “: weft, warp, heddle…”, “: weft, and 4 more of what is on it”. */
function labelsNamed({ words, more }: Labels): string {
  if (!words.length) return ', of what is on it';
  const named = words.slice(0, 3).join(', ');
  if (more) return `: ${named}${words.length > 3 ? '…' : ''} and ${more} more of what is on it`;
  return `: ${named}${words.length > 3 ? '…' : ''}`;
}
