/** Work that ends on paper: a notebook page, a folded booklet. Sentences by the hand's rate, within a stretch that suits the age. */
import type { IsoDate, Rung } from '../plan/measures';
import type { Child } from '../plan/plan';
import { ageOn, gradeOf } from './age';
import { attentionStretch, minutesToCompose } from './handwriting';
import type { Version } from './version';

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
export function offeredSentences(asked: number, child: Child, date: IsoDate): Offer {
  const grade = gradeOf(child.birthMonth, date);
  const stretch = attentionStretch(ageOn(child.birthMonth, date));
  const writing = (n: number): number => minutesToCompose(n * LETTERS_PER_SENTENCE, grade);
  let sentences = asked;
  while (writing(sentences) > stretch && sentences > 1) sentences--;
  return { sentences, minutes: writing(sentences), tooLong: sentences < asked ? { asked, minutes: writing(asked), stretch } : undefined };
}

const unrealistic = (offer: Offer): string =>
  offer.tooLong ? `${count(offer.tooLong.asked, 'sentence')} would take ${offer.tooLong.minutes} min of writing, more than the ${offer.tooLong.stretch} min that suit this age. Offered: ${offer.sentences}.` : '';
const count = (n: number, what: string): string => `${n} ${what}${n === 1 ? '' : 's'}`;

export function notebookVersion(rung: Rung, child: Child, date: IsoDate): Version {
  const page = { rung, produces: 'a notebook page', supplies: 'notebook; pencils' };
  if (rung === 1) return { ...page, wording: 'Draw it, and say what it is; a word is written under it for you', minutes: DRAWING[1] + 2, parentMinutes: 4, note: '' };
  if (rung === 2) return { ...page, wording: 'Draw it, and write its name and one word about it', minutes: DRAWING[2] + 5, parentMinutes: 5, note: '' };
  const offer = offeredSentences({ 3: 2, 4: 4, 5: 8 }[rung], child, date);
  const what = { 3: `Draw it, and write ${count(offer.sentences, 'sentence')}`, 4: `A heading, a drawing with labels, and ${count(offer.sentences, 'sentence')}`, 5: `Lay out a page of your own: heading, drawing, ${count(offer.sentences, 'sentence')}, and where you found it` }[rung];
  return { ...page, wording: what, minutes: DRAWING[rung] + offer.minutes, parentMinutes: rung === 3 ? 3 : 0, note: unrealistic(offer) };
}

export function bookletVersion(rung: Rung, child: Child, date: IsoDate): Version {
  const booklet = { rung, produces: 'a folded booklet', supplies: 'paper 1 sheet; scissors' };
  if (rung === 1) return { ...booklet, wording: 'Two flaps: a picture under each', minutes: FOLDING + 6, parentMinutes: FOLDING, note: '' };
  if (rung === 2) return { ...booklet, wording: 'Three flaps: a picture and one word under each', minutes: FOLDING + 9, parentMinutes: FOLDING, note: '' };
  const [flaps, each] = { 3: [3, 1], 4: [4, 1], 5: [6, 1] }[rung];
  const offer = offeredSentences(flaps * each, child, date);
  const fits = Math.max(1, Math.floor(offer.sentences / each));
  const under = { 3: 'a sentence under each', 4: 'a sentence and a small drawing under each', 5: 'a question of your own on each, its answer under it' }[rung];
  return { ...booklet, wording: `${fits === 1 ? 'One flap' : `${fits} flaps`}: ${under}`, minutes: FOLDING + offer.minutes, parentMinutes: 0, note: unrealistic(offer) };
}
