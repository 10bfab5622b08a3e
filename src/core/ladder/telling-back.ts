/** Telling back on five rungs: act it, tell one thing, tell it in order, write a paragraph, write from two sources. */
import type { Rung, Skill } from '../plan/measures';
import { stepOn, type Writer } from './handwriting';
import type { Material } from './material';
import { plain, type Version } from './version';
import { offeredSentences, unrealistic } from './written';
import { wordingFor } from './wordings';

/** Minutes to think it over first. */
const THINKING = 3;
/** Minutes to look at a source again. Own choice. */
const LOOKING = 4;

/** Minutes of a spoken telling, the child's and the parent's. Own choice. */
const SPOKEN: Record<1 | 2 | 3, Pick<Version, 'minutes' | 'parentMinutes'>> = {
  1: { minutes: 5, parentMinutes: 5 },
  2: { minutes: 8, parentMinutes: 8 },
  3: { minutes: 8, parentMinutes: 5 },
};
/** Sentences of a written telling; beyond the first years of rung 5 they grow with the grade. Common practice, no source. */
function sentencesAt(rung: 4 | 5, grade: number): { most: number; least: number; sources: number } {
  if (rung === 4) return { most: 5, least: 4, sources: 1 };
  if (grade >= 10) return { most: 20, least: 15, sources: 4 };
  return grade >= 8 ? { most: 14, least: 11, sources: 3 } : { most: 10, least: 8, sources: 2 };
}
const SOURCES = ['', '', 'two', 'three', 'four'];

/**
 * The rung of telling back. It is spoken up to rung 3 and written from 4, so a child tells on the rung they
 * speak on, but writes only as high as they write: who speaks on 5 and writes on 2 tells it in order.
 */
export function tellingRung(rungIn: (skill: Skill) => Rung): Rung {
  const speaking = rungIn('speaking');
  if (speaking <= 3) return speaking;
  return Math.max(3, Math.min(speaking, rungIn('writing'))) as Rung;
}

const TELLING = {
  'a story': 'tell-back of a story',
  'a doing': 'tell-back',
  'a thing': 'tell-back of a thing',
} as const;

/** @param sentences so many instead of the rung's own; spoken rungs have none */
export function tellingVersion(
  { topic, turn, nature }: Pick<Material, 'topic' | 'turn' | 'nature'>,
  rung: Rung,
  writer: Writer,
  sentences: number | null = null,
): Version {
  const kind = TELLING[nature];
  if (rung <= 3)
    return {
      ...plain,
      rung,
      wording: wordingFor(kind, rung, { topic }, turn + Math.max(0, stepOn(rung, writer))),
      ...SPOKEN[rung as 1 | 2 | 3],
      supplies: rung === 1 ? 'props' : '',
    };
  const own = sentencesAt(rung as 4 | 5, writer.grade);
  const { most, least } = sentences === null ? own : { most: sentences, least: sentences };
  const offer = offeredSentences(most, writer);
  const short = offer.sentences < least;
  const figure = short
    ? String(offer.sentences)
    : offer.sentences === least
      ? `${least}`
      : `${least}–${offer.sentences}`;
  // A story is its own source.
  const sources = rung === 5 && nature !== 'a story' ? own.sources : 0;
  const from = sources ? `, from ${SOURCES[sources]} sources` : '';
  const amount = `${figure} sentence${figure === '1' ? '' : 's'}${from}`;
  // Two sources are to be looked at before there is a word to write.
  const looking = LOOKING * sources;
  return {
    ...plain,
    rung,
    amount,
    wording: wordingFor(kind, rung, { amount, topic }, turn, writer.grade),
    minutes: offer.minutes + THINKING + looking,
    parentMinutes: 0,
    produces: 'a written telling',
    note: short || most === 1 ? unrealistic(offer) : '',
  };
}
