import type { Checkable } from '@/core/plan/checkable';
import { inForce } from '@/core/plan/happened';
import { inAList } from '@/core/plan/called';
import { groupBy } from '@/core/plan/lookup';
import { bareKindName } from '@/core/plan/part-kinds';
import type { Child, Family, Plan } from '@/core/plan/plan';
import { allSubjects } from '@/core/plan/subjects';
import { lookBack } from '@/core/record/look-back';
import {
  askOn,
  cardsOf,
  dueOn,
  KNOWN_FROM,
  quizFor,
  retentionOf,
  wordsKnown,
  type RecallCard,
} from '@/core/recall/cards';
import { daysKept, type DaysKept } from '@/core/record/days';
import { hoursKept, type HoursKept } from '@/core/record/hours';
import { metBy, readingLog, type Met } from '@/core/record/known';
import { QUIZ, askingsOn, quizOn, type Asking } from '../frame/ask/asking';
import { load, type FrameInfo, type SearchParams } from '../frame/load';

type Who = Pick<Child, 'id' | 'name' | 'hatch'>;

/** Something that can be known, and how far each child does. */
export interface Known {
  of: Checkable;
  key: string;
  wording: string;
  met: Record<string, Met>;
}

const known = (plan: Plan, of: Checkable, wording: string): Known => ({
  of,
  key: Object.values(of)[0] as string,
  wording,
  met: metBy(plan, of),
});

export interface RecordView {
  info: FrameInfo;
  today: string;
  children: Who[];
  starts: string;
  days: DaysKept | undefined;
  hours: HoursKept;
  shares: boolean;
  unit: { id: string; title: string } | undefined;
  /** What can be known of the unit, with how far each child does. */
  objectives: Known[];
  wordsToKnow: Known[];
  ideas: Known[];
  /** Words of the unit that a child is likely to know today, of how many. */
  words: Record<string, number>;
  wordCount: number;
  asks: RecallCard[];
  asked: RecallCard[];
  /** What can be asked now, one after the other. */
  askings: Asking[];
  /** Due as well, and beyond the minutes there are. */
  waiting: number;
  minutes: number;
  retention: number;
  weak: Record<string, string[]>;
  /** What is said of how well the spacing fits each child. */
  fits: { name: string; text: string }[];
  read: { books: number; pages: number };
  /** Files of the children’s work. */
  samples: { file: string; childId: string | null; date: string; title: string }[];
  reward: string;
  keeps: Family['keeps'];
  daysExpected: number;
  subjects: string[];
  trips: { ids: string[]; date: string; title: string; who: string; minutes: number | null }[];
  /** Units that could be closed. */
  open: { id: string; title: string }[];
  /** The unit that was closed last, looked back on. */
  back?: {
    id: string;
    title: string;
    closedOn: string | null;
    lessons: number;
    taught: number;
    weeks: number;
    hoped: number | null;
    factors: { kind: string; factor: string }[];
    loved: string[];
    printed: { pages: number; unused: number };
    unopened: number;
  };
}

export async function loadRecord(params: SearchParams): Promise<RecordView> {
  const { plan, info, today, unit } = await load(params);
  const starts = plan.year?.starts ?? today;
  const cards = new Map(plan.children.map((c) => [c.id, cardsOf(plan, c, today)]));
  const asks = askOn(plan, today);
  return {
    info,
    today,
    children: plan.children.map(({ id, name, hatch }) => ({ id, name, hatch })),
    starts,
    days: daysKept(plan, today),
    hours: hoursKept(plan, starts, today),
    shares: plan.family?.hours === 'shared',
    unit: unit && { id: unit.id, title: unit.title },
    objectives: plan.objectives
      .filter((o) => o.unitId === unit?.id)
      .map((o) => known(plan, { objectiveId: o.id }, o.wording)),
    wordsToKnow: (unit?.vocabulary ?? []).map((v) => known(plan, { promptId: v.id }, v.word)),
    ideas: (unit?.bigIdeas ?? []).map((idea) => known(plan, { idea }, idea)),
    words: Object.fromEntries(
      plan.children.map((c) => [c.id, unit ? wordsKnown(cards.get(c.id)!, unit.id) : 0]),
    ),
    wordCount: unit?.vocabulary.length ?? 0,
    asks,
    askings: info.looking ? [] : askingsNow(plan, today),
    asked: [...cards.values()].flat().filter((c) => c.last === today),
    waiting: dueOn(plan, today).flat().length - asks.length,
    minutes: plan.family?.recall.minutes ?? 0,
    weak: Object.fromEntries(
      plan.children.map((c) => [
        c.id,
        quizFor(plan, c, today, QUIZ)
          .filter((x) => x.remembered !== null)
          .map((x) => x.asks),
      ]),
    ),
    retention: plan.family?.recall.retention ?? 90,
    fits: plan.children.map((c) => ({ name: c.name, text: fits(retentionOf(plan, c.id)) })),
    read: readingLog(plan),
    samples: inForce(plan.entries)
      .filter((e) => e.kind === 'kept')
      .map((e) => ({
        file: e.file!,
        childId: e.childId,
        date: e.date,
        title: e.about.title || e.note || 'a file',
      })),
    reward: plan.family?.recall.reward ?? '',
    keeps: plan.family?.keeps ?? { by: 'anything', least: 1 },
    daysExpected: plan.family?.daysExpected ?? 90,
    subjects: allSubjects(plan),
    trips: tripsOf(plan),
    open: plan.units.filter((u) => !u.waiting && u.closedOn === null).map(({ id, title }) => ({ id, title })),
    back: backOf(plan, today),
  };
}

/** Trips, the last first: one line for all who were there. */
function tripsOf(plan: Plan): RecordView['trips'] {
  const been = inForce(plan.entries).filter((e) => e.kind === 'attended');
  return [...groupBy(been, (e) => `${e.date} ${e.about.title} ${e.minutes}`).values()]
    .map((same) => ({
      ids: same.map((e) => e.id),
      date: same[0].date,
      title: same[0].about.title,
      who: inAList(same.map((e) => e.about.child)),
      minutes: same[0].minutes,
    }))
    .sort((a, b) => (a.date < b.date ? 1 : -1));
}

/** What is said again today, what stands on the day, and a quiz on any day. */
function askingsNow(plan: Plan, today: string): Asking[] {
  const askings = askingsOn(plan, today);
  if (askings.some((a) => a.name === 'Quiz')) return askings;
  const questions = quizOn(plan, today);
  return questions.length ? [...askings, { name: 'Quiz', questions }] : askings;
}

/** The unit closed last, in the figures of a few lines. */
function backOf(plan: Plan, today: string): RecordView['back'] {
  const [unit] = plan.units
    .filter((u) => u.closedOn !== null)
    .sort((a, b) => (a.closedOn! < b.closedOn! ? 1 : -1));
  if (!unit) return undefined;
  const { lessons, taught, weeks, hoped, factors, loved, printed, books } = lookBack(plan, unit, today);
  return {
    id: unit.id,
    title: unit.title,
    closedOn: unit.closedOn,
    ...{ lessons, taught, weeks, hoped, printed },
    factors: factors.slice(0, 3).map((f) => ({ kind: bareKindName(f.kind), factor: f.factor.toFixed(1) })),
    loved: loved.map((l) => l.title),
    unopened: books.unopened.length,
  };
}

const hundredths = (share: number): number => Math.round(share * 100);

function fits({ reviews, seen, predicted }: ReturnType<typeof retentionOf>): string {
  if (seen === null || predicted === null) return 'not asked twice yet';
  const shares = `${hundredths(seen)} in 100 remembered, ${hundredths(predicted)} expected, of ${reviews}`;
  return reviews < KNOWN_FROM ? `${shares}: too few to know` : shares;
}
