/** Telling back on five rungs: act it, tell one thing, tell it in order, write a paragraph, write from two sources. */
import type { Rung, Skill } from '../plan/measures';
import type { Writer } from './handwriting';
import { plain, type Version } from './version';
import { offeredSentences, unrealistic } from './written';
import { wordingFor } from './wordings';

/** Minutes to think it over first. */
const THINKING = 3;

/** Minutes of a spoken telling, the child's and the parent's. Own choice. */
const SPOKEN: Record<1 | 2 | 3, Pick<Version, 'minutes' | 'parentMinutes'>> = {
  1: { minutes: 5, parentMinutes: 5 },
  2: { minutes: 8, parentMinutes: 8 },
  3: { minutes: 8, parentMinutes: 5 },
};
const SENTENCES: Record<4 | 5, { most: number; least: number }> = {
  4: { most: 5, least: 4 },
  5: { most: 10, least: 8 },
};

/**
 * The rung of telling back. It is spoken up to rung 3 and written from 4, so a child tells on the rung they
 * speak on, but writes only as high as they write: who speaks on 5 and writes on 2 tells it in order.
 */
export function tellingRung(rungIn: (skill: Skill) => Rung): Rung {
  const speaking = rungIn('speaking');
  if (speaking <= 3) return speaking;
  return Math.max(3, Math.min(speaking, rungIn('writing'))) as Rung;
}

/** @param sentences so many instead of the rung's own; spoken rungs have none */
export function tellingVersion(rung: Rung, writer: Writer, sentences: number | null = null): Version {
  if (rung <= 3)
    return {
      ...plain,
      rung,
      wording: wordingFor('tell-back', rung),
      ...SPOKEN[rung as 1 | 2 | 3],
      supplies: rung === 1 ? 'props' : '',
    };
  const { most, least } =
    sentences === null ? SENTENCES[rung as 4 | 5] : { most: sentences, least: sentences };
  const offer = offeredSentences(most, writer);
  const short = offer.sentences < least;
  const figure = short
    ? String(offer.sentences)
    : offer.sentences === least
      ? `${least}`
      : `${least}–${offer.sentences}`;
  const amount = `${figure} sentence${figure === '1' ? '' : 's'}${rung === 5 ? ', from two sources' : ''}`;
  return {
    ...plain,
    rung,
    amount,
    wording: wordingFor('tell-back', rung, { amount }),
    minutes: offer.minutes + THINKING,
    parentMinutes: 0,
    produces: 'a written telling',
    note: short || most === 1 ? unrealistic(offer) : '',
  };
}
