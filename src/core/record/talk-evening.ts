/** An evening on which the children say what they know: what each could talk on, how long, and with which prompts. */
import { rungOf } from '../plan/rungs';
import type { IsoDate, Rung } from '../plan/measures';
import { inForce } from '../plan/happened';
import { byId } from '../plan/lookup';
import type { Child, Slice } from '../plan/plan';
import type { TalkEvening, Unit } from '../plan/unit';

/** Minutes a talk is by rung of speaking. Common practice, no source: a minute or two for the smallest, ten at most. */
const MINUTES: Record<Rung, number> = { 1: 2, 2: 3, 3: 4, 4: 6, 5: 10 };

/** What helps a child on a rung to say it. Our own wording; the topic takes the place of the dots. */
const PROMPTS: Record<Rung, readonly string[]> = {
  1: ['Show us something from “…”', 'What is it called?'],
  2: ['Show us something from “…”, and say two things about it', 'What did you like best?'],
  3: ['What is “…”, in your own words?', 'What did you do with it?', 'What surprised you?'],
  4: [
    'What is “…”, and how does it work?',
    'What did you try, and what came of it?',
    'What would you still like to know?',
  ],
  5: [
    'What is the question behind “…”?',
    'What did you find, and in which sources?',
    'Who would say otherwise, and why?',
    'What follows from it?',
  ],
};

export interface ToTalkOn {
  /** What was loved first, then what was taught last. */
  topics: string[];
  prompts: string[];
  minutes: number;
}

/** Topics offered to one child. Own choice. */
const MOST = 6;

export function topicsToTalkOn(plan: Slice, unit: Unit, child: Child, date: IsoDate): ToTalkOn {
  const rung = rungOf(child, 'speaking', date);
  const parts = byId(plan.parts);
  const lessons = byId(plan.lessons.filter((l) => l.unitId === unit.id));
  const lessonOf = (partId: string | null): string | undefined =>
    lessons.get(parts.get(partId ?? '')?.lessonId ?? '')?.title;
  const facts = inForce(plan.entries).filter((e) => e.childId === null || e.childId === child.id);
  const loved = facts.filter((e) => e.kind === 'loved' && lessonOf(e.partId)).map((e) => lessonOf(e.partId)!);
  const taught = facts
    .filter((e) => e.kind === 'done' && lessonOf(e.partId))
    .sort((a, b) => (a.date < b.date ? 1 : -1))
    .map((e) => lessonOf(e.partId)!);
  return {
    topics: [...new Set([...loved, ...taught])].slice(0, MOST),
    prompts: [...PROMPTS[rung]],
    minutes: MINUTES[rung],
  };
}

/** Prompts with the topic in them. */
export const promptsOn = (prompts: readonly string[], topic: string): string[] =>
  prompts.map((p) => p.replace('…', topic));

/** The first topic of a child’s own that nobody else has; else their first. Undefined where there is none. */
export const topicBeside = (
  topics: readonly string[],
  talks: readonly { topic: string }[],
): string | undefined => topics.find((t) => !talks.some((x) => x.topic === t)) ?? topics[0];

/** A topic for each child, no two the same while there is another, the youngest first: they can wait least. */
export function proposedTalks(plan: Slice, unit: Unit, date: IsoDate): TalkEvening['talks'] {
  const talks: TalkEvening['talks'] = [];
  const youngestFirst = plan.children
    .filter((c) => unit.childIds.includes(c.id))
    .sort((a, b) => (a.birthMonth < b.birthMonth ? 1 : -1));
  for (const c of youngestFirst) {
    const { topics, minutes } = topicsToTalkOn(plan, unit, c, date);
    const topic = topicBeside(topics, talks);
    if (topic !== undefined) talks.push({ childId: c.id, topic, minutes });
  }
  return talks;
}

/** When each talk begins, minutes after midnight: one after the other, with a little to come and go. */
export const talkTimes = ({ starts, talks }: Pick<TalkEvening, 'starts' | 'talks'>): number[] =>
  talks.map((_, i) => starts + talks.slice(0, i).reduce((sum, t) => sum + t.minutes + BETWEEN, 0));
const BETWEEN = 2;
