/** What a lesson is about, as it is called in a piece of work, and whether it tells of something that happens. */
import type { Lesson } from '../plan/lesson';
import { anyOf } from '../plan/patterns';
import { isVerse } from './text-pieces';

const NUMBER =
  '(?:\\d{1,3}(?:\\.\\d{1,2})?|[ivxlc]{1,6}|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve)';
/** “Lesson 3: ”, “Unit 2, lesson 4 – ”, “Chapters 5 & 6: ”: how a lesson is counted says nothing of it. */
const COUNTED = new RegExp(
  String.raw`^(?<of>units?|lessons?|sessions?|weeks?|days?|chapters?|parts?|modules?|sections?|no\.?|ch\.|l)\s*${NUMBER}(?:\s*(?:[-–&]|and|to)\s*${NUMBER})?(?![\p{L}\d])\s*(?<mark>[:.,)–—-]*)\s*`,
  'iu',
);
const NUMBERED = /^\(?(?:\d{1,2}[.):]|\d{1,2}\.\d{1,2}[.):]?)\s+(?=\p{L})/u;

/** A title without what only counts it; empty where it says no more than that. */
export function withoutCount(title: string): string {
  const plain = title.trim().replace(NUMBERED, '');
  const counted = COUNTED.exec(plain);
  if (!counted) return plain;
  const rest = plain.slice(counted[0].length);
  // “Day 3 of drying” is what the lesson is about; “Chapter 4 The storm” is counted.
  if (rest && !counted.groups!.mark && !/^[\p{Lu}\d“"(]/u.test(rest)) return plain;
  return withoutCount(rest);
}

/** “Ines Holm (1564–1642)”: when it was is no part of what it is called. */
const YEARS = /\s*\((?:(?:born|died|ca?\.?)\s*)*\d[\d\s–—\-/?]*(?:\s*(?:bce?|ad|ce))?\)$/iu;

/** Lessons that open a unit or end it, by everyday words; what they are of follows, if anything does. */
const OPENS_OR_ENDS = anyOf(`
  introduction introductory introducing intro overview review revision recap wrap[-\\s]?up kick[-\\s]?off
  getting\\sstarted conclusion closing final catch[-\\s]?up celebration test assessment`);
const INTRODUCES = new RegExp(
  String.raw`^(?:an? |the |our )?(?:(?:introduction|intro|overview|review|revision|recap)(?: to| of|\s*[:–—-])|introducing|all about)\s+(?=\p{L})`,
  'iu',
);
const BESIDE = anyOf(`
  unit study course lesson our the an? and to of with day week feast party project presentations? quiz end`);
const FRAME = new RegExp(
  String.raw`^(?=.*(?<!\p{L})${OPENS_OR_ENDS}(?!\p{L}))(?:(?:${OPENS_OR_ENDS}|${BESIDE})[\s&,:!–—-]*)+$`,
  'iu',
);

/** Whether a title says only that a unit is opened or ended: “Unit introduction”, “Review and feast day”. */
const isFrame = (title: string): boolean => FRAME.test(title);

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/**
 * What a lesson is about: its title without a number or years; where it has no more, or only opens or ends the unit, what the
 * unit is about, else its first topic.
 * @param ofUnit the title of its unit
 */
export function aboutOf({ title, topics }: Pick<Lesson, 'title' | 'topics'>, ofUnit = ''): string {
  const bare = withoutCount(title).replace(YEARS, '');
  const rest = isFrame(bare) ? '' : bare.replace(INTRODUCES, '');
  if (rest && !isFrame(rest)) return rest === bare ? bare : capital(rest);
  const unit = isFrame(bare) ? withoutCount(ofUnit) : '';
  return unit || topics.map((t) => t.title.trim()).find(Boolean) || title;
}

/** Any of some words, standing by itself. */
const alone = (words: string): RegExp => new RegExp(`(?<!\\p{L})${anyOf(words)}(?!\\p{L})`, 'iu');

/** Words that end in -ing and are no doing. */
const NO_DOING = new RegExp(
  `^${anyOf(`
    king ring spring string wing sling thing something nothing everything morning evening clothing pudding
    ceiling lightning viking building painting`)}s?$`,
  'iu',
);
const HOW = /^how(?!\s+(?:many|much|big|old|long|far|tall|high|deep|heavy))(?!\p{L})/iu;
const WHAT_IS_DONE = alone(`
  is are was were goes went comes came became becomes? makes made meets met runs ran takes took gives gave
  gets got sees saw keeps kept brings brought learns learnt wins loses dies died returns returned escaped
  finds found turns opens sails grows grew falls fell rises? rose leaves left began begins changes changed
  happens happened won lost lives lived`);
const TO_BE_DONE = anyOf(`
  build make bake cook grow plant sew weave spin dye paint carve measure test try wash sort mend design
  draw fold cut`);
const EVENTS = alone(`
  journeys? voyages? stor(?:y|ies) tales? wars? battles? floods? hunts? harvests? feasts? races?
  expeditions? escapes? rescues? discover(?:y|ies) inventions? revolutions? eruptions? storms? crossings?
  sieges? mutin(?:y|ies) shipwrecks? festivals? adventures?`);
const HAPPENS = new RegExp(
  [
    HOW.source,
    `^${TO_BE_DONE} (?:an?|the|one|some|your|our|it|with|in|by) `,
    WHAT_IS_DONE.source,
    EVENTS.source,
    String.raw`(?:’s|'s|^a|^one) day(?!\p{L})|(?<!\p{L})day (?:in|at|on) |(?<!\p{L})life of |^(?:aboard|into|across|towards?|through|away|back|home|beyond) |(?<!\p{L})from .+ to `,
  ].join('|'),
  'iu',
);
/** What an objective asks for only of what happens. */
const IN_ORDER =
  /(?<!\p{L})(?:retell|re-tell|in order|sequence|steps?|stages|act out|how (?:to )?(?:\p{L}+ ){1,3}(?:is|are|was|were)|what happened|life cycle)(?!\p{L})/iu;

/** What is asked only of a story, or of a book that is read by chapters. Common practice, no source. */
const CHAPTERS = /^ch(?:apters?|\.)\s/iu;
const OF_A_STORY =
  /(?<!\p{L})(?:characters?|authors?|narrators?|plot|point of view|predict|chapters?|favourite scene|favorite scene)(?!\p{L})/iu;

/** What a lesson is of: a story that is read, something that goes on from a beginning to an end, or a thing. */
export type Nature = 'a story' | 'a doing' | 'a thing';

/**
 * A doing can be acted out and told in order, `How wool is spun`, `The miller’s day`; a thing cannot, `Hieroglyphs`; a story
 * is told so too, and is its own source. By everyday words; common practice, no source.
 */
export function natureOf(
  lesson: Pick<Lesson, 'title' | 'topics' | 'objective' | 'passage'>,
  ofUnit = '',
): Nature {
  const about = aboutOf(lesson, ofUnit);
  if (CHAPTERS.test(lesson.title.trim()) || OF_A_STORY.test(lesson.objective)) return 'a story';
  // “Who lived there?” is answered, not acted.
  if (about.endsWith('?')) return HOW.test(about) ? 'a doing' : 'a thing';
  const prose = lesson.passage.trim();
  const hasProse = prose !== '' && !isVerse(prose);
  return isDoing(about) || hasProse || IN_ORDER.test(lesson.objective) ? 'a doing' : 'a thing';
}

/** Whether what a topic names goes on from a beginning to an end. */
export const isDoing = (topic: string): boolean => isDone(topic) || HAPPENS.test(topic);

/** Whether a topic begins with what is done: “Building the pyramids” is done, “Buildings of Rome” stand. */
function isDone(topic: string): boolean {
  const [first] = topic.split(/[^\p{L}]+/u);
  return /\p{L}{2}ing$/iu.test(first) && (!NO_DOING.test(first) || /^\p{L}+ing (?:an?|the) /iu.test(topic));
}

/** Whether a topic of several words is told and cannot be pointed at: “Finding north”, “The Earth turns”. */
export const isTold = (topic: string): boolean =>
  topic.includes(' ') && (isDone(topic) || WHAT_IS_DONE.test(topic));

/** A topic that is a thing, within a list: without the article it begins with. */
export const withoutArticle = (topic: string): string => topic.replace(/^(?:the|an?)\s+(?=\S)/iu, '');
