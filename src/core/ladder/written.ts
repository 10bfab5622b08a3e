/**
 * Work that ends on paper: a notebook page, a folded booklet. Sentences by the hand's rate, within a stretch that
 * suits the age.
 */
import type { Rung } from '../plan/measures';
import { minutesToCompose, type Writer } from './handwriting';
import { count } from '../plan/called';
import { evenOne, plain, type Version } from './version';
import { wordingFor } from './wordings';

/** Letters of a child's written sentence: about eight words of four and a half letters (common practice, no source). */
export const LETTERS_PER_SENTENCE = 36;
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

/** As many of the sentences asked for as a child of this age and hand can write in one stretch. */
export function offeredSentences(asked: number, { rate, stretch }: Writer): Offer {
  const writing = (n: number): number => minutesToCompose(n * LETTERS_PER_SENTENCE, rate);
  let sentences = asked;
  while (writing(sentences) > stretch && sentences > 1) sentences--;
  return {
    sentences,
    minutes: writing(sentences),
    tooLong: writing(asked) > stretch ? { asked, minutes: writing(asked), stretch } : undefined,
  };
}

/** Why fewer are offered than were asked for, or that one is too many. */
export const unrealistic = (offer: Offer): string => {
  if (!offer.tooLong) return '';
  if (offer.tooLong.asked === 1) return evenOne('sentence', offer.tooLong.minutes, offer.tooLong.stretch);
  return `${count(offer.tooLong.asked, 'sentence')} would take ${offer.tooLong.minutes} min of writing, more than the ${offer.tooLong.stretch} min that suit this age. Offered: ${offer.sentences}.`;
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

/** @param sentences so many instead of the rung's own, from rung 3 */
export function notebookVersion(rung: Rung, writer: Writer, sentences: number | null = null): Version {
  const page = { ...plain, rung, produces: 'a notebook page', supplies: 'notebook; pencils' };
  const spoken = SPOKEN_PAGE[rung];
  if (spoken) return { ...page, wording: wordingFor('notebook', rung), ...spoken };
  const offer = offeredSentences(sentences ?? PAGE_SENTENCES[rung], writer);
  const amount = count(offer.sentences, 'sentence');
  return {
    ...page,
    wording: wordingFor('notebook', rung, { amount }),
    amount,
    minutes: DRAWING[rung] + offer.minutes,
    parentMinutes: rung === 3 ? 3 : 0,
    note: unrealistic(offer),
  };
}

/** Flaps by rung. Common practice, no source. */
const FLAPS: Record<Rung, number> = { 1: 2, 2: 3, 3: 3, 4: 4, 5: 6 };

/** @param flaps so many instead of the rung's own */
export function bookletVersion(rung: Rung, writer: Writer, flaps: number | null = null): Version {
  const booklet = { ...plain, rung, produces: 'a folded booklet', supplies: 'paper 1 sheet; scissors' };
  const asked = flaps ?? FLAPS[rung];
  const offer: Offer = rung <= 2 ? { sentences: asked, minutes: 3 * asked } : offeredSentences(asked, writer);
  const amount = offer.sentences === 1 ? 'one flap' : `${offer.sentences} flaps`;
  return {
    ...booklet,
    wording: wordingFor('booklet', rung, { amount }),
    amount,
    minutes: FOLDING + offer.minutes,
    parentMinutes: rung <= 2 ? FOLDING : 0,
    note: unrealistic(offer),
  };
}

/** Flaps of a booklet as its wording names them; 0 where it names none. */
export const flapsIn = (wording: string): number =>
  /\bone flap\b/i.test(wording) ? 1 : Number(/(\d+) flaps/.exec(wording)?.[1] ?? 0);
