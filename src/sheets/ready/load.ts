import { addDays, mondayOf } from '@/core/calendar/dates';
import { loanLines, tripsFor } from '@/core/loans/lines';
import { neededIn, type Needed } from '@/core/prep/supplies';
import { preparing as preparingOf, shopping, type Planned, type Shortage, type Trip } from '@/core/prep/when';
import { cautionsFor, shown } from '@/core/cautions/match';
import { printsIn } from '@/core/ladder/prints';
import { childName } from '@/core/plan/called';
import { byId } from '@/core/plan/lookup';
import type { Plan } from '@/core/plan/plan';
import { SPANS, type Span } from './spans';
import { rainedOn, type Rained } from '../frame/weather-load';
import { load, param, type FrameInfo, type SearchParams } from '../frame/load';

export interface Preparing extends Planned {
  /** What to take care of with it. */
  cautions: string[];
}

export interface ReadyView {
  info: FrameInfo;
  today: string;
  span: Span;
  /** By the day each is done on, the late ones first. */
  preparing: Preparing[];
  full: Shortage | undefined;
  shopping: Trip[];
  rained: Rained[];
  /** Pages that will be used, by lesson, and for whom how many. */
  prints: {
    unitId: string;
    lessonId: string;
    number: number;
    title: string;
    on: string;
    sheets: number;
    who: { id: string; name: string; pages: number }[];
  }[];
  /** Ways to the library, each with what is fetched or taken back on it. */
  library: { date: string; errands: string[] }[];
  supplies: Needed[];
  last: string;
}

export async function loadReady(params: SearchParams): Promise<ReadyView> {
  const { plan, info, today } = await load(params);
  const asked = await param(params, 'for');
  const span = SPANS.find((s) => s.value === asked)?.value ?? 'week';
  const last = {
    week: addDays(mondayOf(today), 13),
    month: addDays(mondayOf(today), 27),
    all: plan.sittings.reduce((l, s) => (s.date > l ? s.date : l), today),
  }[span];
  const parts = byId(plan.parts);
  const { planned, full } = preparingOf(plan, today);
  const preparing = planned
    .filter((p) => p.day <= last)
    .map((p): Preparing => ({
      ...p,
      cautions: shown(
        cautionsFor(
          {
            ...parts.get(p.partId)!,
            title: p.what,
            directions: '',
            prediction: '',
            supplies: [],
            preparations: [],
          },
          plan.children,
          plan.family?.allergies ?? [],
          p.date,
        ),
      )
        .filter((c) => !NOT_AT_THE_TABLE.includes(c.id))
        .map((c) => c.title),
    }));
  return {
    info,
    today,
    span,
    preparing,
    full,
    shopping: shopping(plan, today, last),
    library: libraryOf(plan, today, last),
    prints: printsOf(plan, today, last),
    rained: info.looking ? [] : rainedOn(plan, today, last, today),
    supplies: neededIn(plan, today, last),
    last,
  };
}

/** What the lesson is to take care of when it is out and about, and no preparation at the table is. */
const NOT_AT_THE_TABLE: readonly string[] = [
  'outdoors',
  'animals',
  'water',
  'water-small',
  'wild',
  'online',
  'film',
];

function libraryOf(plan: Plan, today: string, last: string): ReadyView['library'] {
  const card = plan.family?.card;
  if (!card) return [];
  const { trips } = tripsFor(loanLines(plan, card, today), card, today);
  return trips
    .filter((t) => t.date <= last)
    .map((t) => ({ date: t.date, errands: t.errands.map((e) => e.what) }));
}

const printsOf = (plan: Plan, today: string, last: string): ReadyView['prints'] =>
  printsIn(plan, today, last).map(({ pages, ...p }) => ({
    ...p,
    sheets: pages.reduce((sum, x) => sum + x.count, 0),
    who: pages.map((x) => ({ id: x.childId, name: childName(plan, x.childId), pages: x.count })),
  }));
