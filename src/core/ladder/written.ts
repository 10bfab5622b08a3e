/**
 * Work that ends on paper: a notebook page, a folded booklet. Sentences by the hand's rate, within a stretch that
 * suits the age.
 */
import type { Rung } from '../plan/measures';
import { amountOn, minutesToCompose, type Writer } from './handwriting';
import type { Material } from './material';
import { ownThings } from './word-list';
import { count } from '../plan/called';
import { evenOne, plain, type Version } from './version';
import { wordingFor } from './wordings';

/** Minutes to draw, by rung; to fold. Own choice. */
const DRAWING: Record<Rung, number> = { 1: 8, 2: 8, 3: 8, 4: 10, 5: 10 };
const FOLDING = 6;

export interface Offer {
  /** Sentences that fit into a stretch of attention; at least one. */
  sentences: number;
  minutes: number;
  /** Minutes that all of them would take, and the stretch; only where they do not fit. */
  tooLong?: { asked: number; minutes: number; stretch: number };
}

/**
 * As many of the sentences asked for as a child of this age and hand can find and write in one stretch.
 * @param beside minutes that are drawn beside each
 */
export function offeredSentences(
  asked: number,
  writer: Pick<Writer, 'rate' | 'grade' | 'stretch'>,
  beside = 0,
): Offer {
  const { stretch } = writer;
  const writing = (n: number): number => minutesToCompose(n, writer) + n * beside;
  let sentences = asked;
  while (writing(sentences) > stretch && sentences > 1) sentences--;
  return {
    sentences,
    minutes: writing(sentences),
    tooLong: writing(asked) > stretch ? { asked, minutes: writing(asked), stretch } : undefined,
  };
}

/** Why fewer are offered than were asked for, or that one is too many. */
export const unrealistic = (offer: Offer, what = 'sentence'): string => {
  if (!offer.tooLong) return '';
  if (offer.tooLong.asked === 1) return evenOne(what, offer.tooLong.minutes, offer.tooLong.stretch);
  return `${count(offer.tooLong.asked, what)} would take ${offer.tooLong.minutes} min, more than the ${offer.tooLong.stretch} min that suit this age. Offered: ${offer.sentences}.`;
};

/**
 * Sentences of a notebook page from rung 3; before it a word or two are written under the drawing. Common practice, no
 * source.
 */
const PAGE_SENTENCES: Record<Rung, number> = { 1: 0, 2: 0, 3: 2, 4: 4, 5: 8 };
const SPOKEN_PAGE: Partial<Record<Rung, Pick<Version, 'minutes' | 'parentMinutes'>>> = {
  1: { minutes: DRAWING[1] + 2, parentMinutes: 4 },
  2: { minutes: DRAWING[2] + 5, parentMinutes: 5 },
};

/** What a page is made of, and where in the unit it stands. */
type About = Pick<Material, 'topic' | 'place' | 'turn' | 'nature' | 'things'>;

const PAGE = {
  'a story': 'notebook of a story',
  'a doing': 'notebook',
  'a thing': 'notebook of a thing',
} as const;

/** @param sentences so many instead of the rung's own, from rung 3 */
export function notebookVersion(
  { topic, turn, nature }: Pick<About, 'topic' | 'turn' | 'nature'>,
  rung: Rung,
  writer: Writer,
  sentences: number | null = null,
): Version {
  const page = { ...plain, rung, produces: 'a notebook page', supplies: 'notebook; pencils' };
  const kind = PAGE[nature];
  const spoken = SPOKEN_PAGE[rung];
  if (spoken) return { ...page, wording: wordingFor(kind, rung, { topic }, turn), ...spoken };
  const offer = offeredSentences(sentences ?? amountOn(PAGE_SENTENCES, rung, writer), writer);
  const amount = count(offer.sentences, 'sentence');
  return {
    ...page,
    wording: wordingFor(kind, rung, { amount, topic }, turn, writer.grade),
    amount,
    minutes: DRAWING[rung] + offer.minutes,
    parentMinutes: rung === 3 ? 3 : 0,
    note: unrealistic(offer),
  };
}

/** Flaps by rung. Common practice, no source. */
const FLAPS: Record<Rung, number> = { 1: 2, 2: 3, 3: 3, 4: 4, 5: 6 };

/** @param flaps so many instead of the rung's own */
export function bookletVersion(
  { topic, place, nature, ...about }: About,
  rung: Rung,
  writer: Writer,
  flaps: number | null = null,
): Version {
  const booklet = { ...plain, rung, produces: 'a folded booklet', supplies: 'paper 1 sheet; scissors' };
  const asked = flaps ?? amountOn(FLAPS, rung, writer);
  const offer: Offer =
    rung <= 2 ? { sentences: asked, minutes: 3 * asked } : flapsOffered(asked, rung, writer);
  const named = ownThings(about, rung, offer.sentences);
  // A beginner has no flap without a thing to put under it, unless the family says how many; others find more themselves.
  const made =
    flaps === null && rung <= 2 && named.length
      ? Math.min(offer.sentences, Math.max(2, named.length))
      : offer.sentences;
  const amount = made === 1 ? 'one flap' : `${made} flaps`;
  const chosen = made - named.length;
  const such = [named.join(', '), named.length && chosen > 0 ? ` and ${chosen} of your own choice` : ''].join(
    '',
  );
  return {
    ...booklet,
    wording: wordingFor(
      nature === 'a story' ? 'booklet of a story' : 'booklet',
      rung,
      { amount, topic, such: such && `, ${such}` },
      place,
      writer.grade,
    ),
    amount,
    minutes: FOLDING + offer.minutes,
    parentMinutes: rung <= 2 ? FOLDING : 0,
    note: unrealistic(offer, 'flap'),
  };
}

/** Flaps that fit into a stretch: on rung 4 each has a small drawing as well, on 5 a question and its answer. */
function flapsOffered(asked: number, rung: Rung, writer: Writer): Offer {
  const each = rung === 5 ? 2 : 1;
  const drawing = rung === 4 ? 1 : 0;
  const offer = offeredSentences(asked * each, writer, drawing);
  const flaps = Math.max(1, Math.floor(offer.sentences / each));
  return {
    sentences: flaps,
    minutes: minutesToCompose(flaps * each, writer) + drawing * flaps,
    tooLong: offer.tooLong && { ...offer.tooLong, asked },
  };
}

/** Flaps of a booklet as its wording names them; 0 where it names none. */
export const flapsIn = (wording: string): number =>
  /\bone flap\b/i.test(wording) ? 1 : Number(/(\d+) flaps/.exec(wording)?.[1] ?? 0);
