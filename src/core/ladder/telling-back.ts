/** Telling back on five rungs: act it, tell one thing, tell it in order, write a paragraph, write from two sources. */
import type { IsoDate, Rung, Skill } from '../plan/measures';
import type { Child } from '../plan/plan';
import type { Version } from './version';
import { offeredSentences } from './written';

/** Minutes to think it over first. */
const THINKING = 3;

const SPOKEN: Record<1 | 2 | 3, Pick<Version, 'wording' | 'minutes' | 'parentMinutes'>> = {
  1: { wording: 'Act it out with props and tell what happens', minutes: 5, parentMinutes: 5 },
  2: { wording: 'Tell one thing; it is written down for you', minutes: 8, parentMinutes: 8 },
  3: { wording: 'Tell it in order: first, then, last', minutes: 8, parentMinutes: 5 },
};
const SENTENCES: Record<4 | 5, { most: number; least: number }> = { 4: { most: 5, least: 4 }, 5: { most: 10, least: 8 } };

/**
 * The rung of telling back. It is spoken up to rung 3 and written from 4, so a child tells on the rung they
 * speak on, but writes only as high as they write: who speaks on 5 and writes on 2 tells it in order.
 */
export function tellingRung(rungIn: (skill: Skill) => Rung): Rung {
  const speaking = rungIn('speaking');
  if (speaking <= 3) return speaking;
  return Math.max(3, Math.min(speaking, rungIn('writing'))) as Rung;
}

export function tellingVersion(rung: Rung, child: Child, date: IsoDate): Version {
  if (rung <= 3) return { rung, ...SPOKEN[rung as 1 | 2 | 3], note: '', produces: '', supplies: rung === 1 ? 'props' : '' };
  const { most, least } = SENTENCES[rung as 4 | 5];
  const { sentences, minutes, tooLong } = offeredSentences(most, child, date);
  const short = sentences < least;
  const amount = short ? String(sentences) : sentences === least ? `${least}` : `${least}–${sentences}`;
  return {
    rung,
    wording: `Write ${amount} sentence${amount === '1' ? '' : 's'}${rung === 5 ? ', from two sources' : ''}`,
    minutes: minutes + THINKING,
    parentMinutes: 0,
    produces: 'a written telling', supplies: '',
    note: short && tooLong ? `${most} sentences would take ${tooLong.minutes} min of writing, more than the ${tooLong.stretch} min that suit this age. Offered: ${sentences}.` : '',
  };
}
