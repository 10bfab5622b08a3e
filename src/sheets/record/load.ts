import type { Child } from '@/core/plan/plan';
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
import { load, type FrameInfo, type SearchParams } from '../frame/load';

type Who = Pick<Child, 'id' | 'name' | 'hatch'>;

export interface RecordView {
  info: FrameInfo;
  today: string;
  children: Who[];
  starts: string;
  days: DaysKept | undefined;
  hours: HoursKept;
  shares: boolean;
  unit: { id: string; title: string } | undefined;
  objectives: { id: string; wording: string; met: Record<string, Met> }[];
  /** Words of the unit that a child is likely to know today, of how many. */
  words: Record<string, number>;
  wordCount: number;
  asks: RecallCard[];
  asked: RecallCard[];
  /** Due as well, and beyond the minutes there are. */
  waiting: number;
  minutes: number;
  retention: number;
  weak: Record<string, string[]>;
  /** What is said of how well the spacing fits each child. */
  fits: { name: string; text: string }[];
  read: { books: number; pages: number };
}

/** Questions in a quiz. Own choice. */
const QUIZ = 5;

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
      .map(({ id, wording }) => ({
        id,
        wording,
        met: metBy(plan, id),
      })),
    words: Object.fromEntries(
      plan.children.map((c) => [c.id, unit ? wordsKnown(cards.get(c.id)!, unit.id) : 0]),
    ),
    wordCount: unit?.vocabulary.length ?? 0,
    asks,
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
  };
}

const hundredths = (share: number): number => Math.round(share * 100);

function fits({ reviews, seen, predicted }: ReturnType<typeof retentionOf>): string {
  if (seen === null || predicted === null) return 'not asked twice yet';
  const shares = `${hundredths(seen)} in 100 remembered, ${hundredths(predicted)} expected, of ${reviews}`;
  return reviews < KNOWN_FROM ? `${shares}: too few to know` : shares;
}
