import { inForce } from '@/core/plan/happened';
import type { Child } from '@/core/plan/plan';
import { askOn, cardsOf, KNOWN_FROM, quizFor, retentionOf, type RecallCard } from '@/core/recall/cards';
import { daysKept, type DaysKept } from '@/core/record/days';
import { hoursKept, type HoursKept } from '@/core/record/hours';
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
  /** How far each child meets each objective of the unit, 1 to 3, and since when; absent: nothing was said. */
  objectives: { id: string; wording: string; met: Record<string, { grade: number; date: string }> }[];
  /** Words of the unit that a child is likely to know today, of how many. */
  words: Record<string, number>;
  wordCount: number;
  asks: RecallCard[];
  asked: RecallCard[];
  minutes: number;
  retention: number;
  weak: Record<string, string[]>;
  /** What is said of how well the spacing fits each child. */
  fits: { name: string; text: string }[];
  read: { books: number; pages: number };
}

/** Questions in a quiz. Own choice. */
const QUIZ = 5;
/** A word is known that is remembered at least so surely. Own choice. */
const KNOWN = 0.7;

export async function loadRecord(params: SearchParams): Promise<RecordView> {
  const { plan, info, today, unit } = await load(params);
  const entries = inForce(plan.entries);
  const starts = plan.year?.starts ?? today;
  const checked = entries.filter((e) => e.kind === 'checked');
  const cards = new Map(plan.children.map((c) => [c.id, cardsOf(plan, c, today)]));
  const askedToday = new Set(
    entries.flatMap((e) => (e.kind === 'asked' && e.date === today ? [`${e.promptId} ${e.childId}`] : [])),
  );
  const isAskedToday = (c: RecallCard): boolean => askedToday.has(`${c.promptId} ${c.childId}`);
  const readings = entries.filter((e) => e.kind === 'read');
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
        met: Object.fromEntries(
          plan.children.flatMap((c) => {
            const last = checked
              .filter((e) => e.objectiveId === id && e.childId === c.id)
              .sort((a, b) => (a.date < b.date ? -1 : 1))
              .at(-1);
            return last ? [[c.id, { grade: last.grade!, date: last.date }]] : [];
          }),
        ),
      })),
    words: Object.fromEntries(
      plan.children.map((c) => [
        c.id,
        cards
          .get(c.id)!
          .filter((x) => x.kind === 'word' && x.unitId === unit?.id && (x.remembered ?? 0) >= KNOWN).length,
      ]),
    ),
    wordCount: unit?.vocabulary.length ?? 0,
    asks: askOn(plan, today),
    asked: [...cards.values()].flat().filter(isAskedToday),
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
    read: {
      books: new Set(readings.map((e) => e.bookId ?? e.about.title)).size,
      pages: readings.reduce((sum, e) => sum + (e.pages ?? 0), 0),
    },
  };
}

const hundredths = (share: number): number => Math.round(share * 100);

function fits({ reviews, seen, predicted }: ReturnType<typeof retentionOf>): string {
  if (seen === null || predicted === null) return 'not asked twice yet';
  const shares = `${hundredths(seen)} in 100 remembered, ${hundredths(predicted)} expected, of ${reviews}`;
  return reviews < KNOWN_FROM ? `${shares}: too few to know` : shares;
}
