/**
 * Extras: activities proposed for a lesson, from those the family has kept and from a plain few for every taste. What the
 * family likes comes first, then what fits the lesson's words. The family picks.
 */
import { blankDoing } from '../plan/blank';
import { likeness } from '../pacing/grouping';
import { aboutOf } from './about';
import {
  canBeCooked,
  canBeFound,
  canBeModelled,
  canBeSorted,
  canBeTried,
  headOf,
  inShort,
  isNoun,
  nounTopics,
} from './doable';
import type { Lesson, Outline } from '../plan/lesson';
import type { Taste } from '../plan/unit';

const plain = (
  id: string,
  taste: Taste,
  over: Partial<Outline> & Pick<Outline, 'title' | 'kind' | 'minutes'>,
): Outline => ({
  lead: 'leads',
  ...blankDoing,
  window: 'afternoon',
  ...over,
  id,
  taste,
});

/** Activities that go with a topic; `…` stands for it. Common practice, no source. */
export const PLAIN_EXTRAS: readonly Outline[] = [
  plain('plain-walk', 'outdoors', {
    title: 'A walk to look for …',
    kind: 'walk',
    minutes: 45,
    outdoors: true,
    indoors: 'Look for it in the house and in pictures',
  }),
  plain('plain-plot', 'outdoors', {
    title: 'Draw it from life, outside: …',
    kind: 'observation',
    minutes: 30,
    lead: 'near',
    outdoors: true,
    indoors: 'Draw it at the window',
  }),
  plain('plain-sort', 'table', {
    title: 'Sort, count and label: …',
    kind: 'activity',
    minutes: 20,
    lead: 'near',
  }),
  plain('plain-model', 'table', { title: 'A small model of …', kind: 'model', minutes: 40, lead: 'near' }),
  plain('plain-guess', 'table', {
    title: 'Guess first, then try: …',
    kind: 'experiment',
    minutes: 30,
    window: 'morning',
    prediction: 'What will happen, and why?',
  }),
  plain('plain-paint', 'art', {
    title: 'Paint or print …',
    kind: 'craft',
    minutes: 40,
    lead: 'near',
    waitAfterHours: 24,
    waitLabel: 'dries',
  }),
  plain('plain-fold', 'art', { title: 'A folded booklet of …', kind: 'craft', minutes: 25, lead: 'near' }),
  plain('plain-film', 'film', {
    title: 'A film on …, with three questions',
    kind: 'film',
    minutes: 35,
    lead: 'near',
  }),
  plain('plain-song', 'music', { title: 'A song or a round about …', kind: 'music', minutes: 15 }),
  plain('plain-move', 'music', { title: 'Act it out, in movement: …', kind: 'game', minutes: 15 }),
  plain('plain-cook', 'cooking', {
    title: 'Cook something that goes with …',
    kind: 'cooking',
    minutes: 60,
    needs: ['kitchen'],
  }),
];

interface Bearing {
  /** @param around what else the lesson says */
  bears: (topic: string, around: string) => boolean;
  /** What of the topic stands in the title: all of it in short, or the thing alone, “colour” of “Colour from the dye pot”. */
  called: (topic: string) => string;
}
const ofThings = (bears: Bearing['bears'], called = headOf): Bearing => ({
  bears: (topic, around) => isNoun(topic) && bears(topic, around),
  called,
});
const ANY_TOPIC: Bearing = { bears: () => true, called: inShort };

/** What a topic must be for an extra that not every topic bears. */
const BEARING: Readonly<Record<string, Bearing>> = {
  'plain-walk': ofThings(canBeFound),
  'plain-plot': ofThings(canBeFound),
  'plain-model': ofThings(canBeModelled),
  'plain-sort': ofThings(canBeSorted),
  'plain-cook': ofThings(canBeCooked, inShort),
  'plain-paint': ofThings(() => true, inShort),
  'plain-guess': { bears: canBeTried, called: inShort },
};

/** What an extra is about, as its title calls it: the first topic that can be done so; undefined where there is none. */
function topicFor(
  extra: Outline,
  lesson: Pick<Lesson, 'title' | 'topics'>,
  ofUnit: string,
): string | undefined {
  const around = [lesson.title, ...lesson.topics.map((t) => t.title), ofUnit].join('\n');
  const { bears, called } = BEARING[extra.id] ?? ANY_TOPIC;
  const found = [...nounTopics(lesson, ofUnit), aboutOf(lesson, ofUnit)].find((t) => bears(t, around));
  return found && called(found);
}

/** A topic within a sentence: without the capital it begins with, where it is no name. */
const lowered = (topic: string, names: readonly string[]): string =>
  /^\p{Lu}\p{Ll}* \p{Lu}/u.test(topic) || names.includes(topic.split(/[^\p{L}]/u)[0])
    ? topic
    : `${topic[0].toLowerCase()}${topic.slice(1)}`;

/** Extras for a lesson, best first; `known` are those it has already, by title; `names` keep their capital; `ofUnit` is the title of its unit. */
export function extrasFor(
  lesson: Pick<Lesson, 'title' | 'topics'>,
  outlines: readonly Outline[],
  tastes: readonly Taste[],
  known: readonly string[],
  names: readonly string[] = [],
  ofUnit = '',
): Outline[] {
  const words = [lesson.title, ...lesson.topics.map((t) => t.title)].join(' ');
  const all = [
    ...outlines,
    ...PLAIN_EXTRAS.flatMap((o) => {
      const topic = topicFor(o, lesson, ofUnit);
      return topic ? [{ ...o, title: o.title.replace('…', lowered(topic, names)).slice(0, 200) }] : [];
    }),
  ];
  const worth = (o: Outline, i: number): number =>
    (o.taste && tastes.includes(o.taste) ? 4 : 0) +
    (i < outlines.length ? 1 + 3 * likeness(o.title, words) : 0);
  return all
    .map((outline, i) => ({ outline, worth: worth(outline, i), i }))
    .filter(({ outline }) => !known.some((k) => k.toLowerCase() === outline.title.toLowerCase()))
    .sort((a, b) => b.worth - a.worth || a.i - b.i)
    .map(({ outline }) => outline);
}
