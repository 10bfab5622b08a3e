/** What a lesson is about, as it is called in a piece of work, and whether it tells of something that happens. */
import type { Lesson } from '../plan/lesson';
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

/** What a lesson is about: its title without a number; where it has no more, its first topic. */
export function aboutOf({ title, topics }: Pick<Lesson, 'title' | 'topics'>): string {
  return withoutCount(title) || topics.map((t) => t.title.trim()).find(Boolean) || title;
}

/** Words that end in -ing and are no doing. */
const NO_DOING =
  /^(?:king|ring|spring|string|wing|sling|thing|something|nothing|everything|morning|evening|clothing|pudding|ceiling|lightning|viking|building|painting)s?$/iu;
const HAPPENS = new RegExp(
  [
    String.raw`^how(?!\s+(?:many|much|big|old|long|far|tall|high|deep|heavy))(?!\p{L})`,
    String.raw`(?<!\p{L})(?:is|are|was|were|goes|went|comes|came|became|becomes?|makes|made|meets|met|runs|ran|takes|took|gives|gave|gets|got|sees|saw|keeps|kept|brings|brought|learns|learnt|wins|loses|dies|died|returns|returned|escaped|finds|found|turns|opens|sails|grows|grew|falls|fell|rises?|rose|leaves|left|began|begins|changes|changed|happens|happened|won|lost|lives|lived)(?!\p{L})`,
    String.raw`(?<!\p{L})(?:journeys?|voyages?|stor(?:y|ies)|tales?|wars?|battles?|floods?|hunts?|harvests?|feasts?|races?|expeditions?|escapes?|rescues?|discover(?:y|ies)|inventions?|revolutions?|eruptions?|storms?|crossings?|sieges?|mutin(?:y|ies)|shipwrecks?|festivals?|adventures?)(?!\p{L})`,
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
export function natureOf(lesson: Pick<Lesson, 'title' | 'topics' | 'objective' | 'passage'>): Nature {
  const about = aboutOf(lesson);
  if (CHAPTERS.test(lesson.title.trim()) || OF_A_STORY.test(lesson.objective)) return 'a story';
  const [first] = about.split(/[^\p{L}]+/u);
  // “Building the pyramids” is done, “Buildings of Rome” stand.
  const isDoing =
    /\p{L}{2}ing$/iu.test(first) && (!NO_DOING.test(first) || /^\p{L}+ing (?:an?|the) /iu.test(about));
  const prose = lesson.passage.trim();
  const isTold = prose !== '' && !isVerse(prose);
  return isDoing || isTold || HAPPENS.test(about) || IN_ORDER.test(lesson.objective) ? 'a doing' : 'a thing';
}

/** A topic that is a thing, within a list: without the article it begins with. */
export const withoutArticle = (topic: string): string => topic.replace(/^(?:the|an?)\s+(?=\S)/iu, '');
