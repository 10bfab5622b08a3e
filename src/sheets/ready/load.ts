import { addDays } from '@/core/calendar/dates';
import { weekOf } from '@/core/calendar/week';
import { cautionsAhead } from '@/core/cautions/match';
import { printsIn } from '@/core/ladder/prints';
import { loanLines, tripsFor } from '@/core/loans/lines';
import { childName } from '@/core/plan/called';
import { inForce } from '@/core/plan/happened';
import { byId, groupBy, lessonsOf } from '@/core/plan/lookup';
import type { Plan } from '@/core/plan/plan';
import { countsOf, kitsOf, type Counted, type Kit } from '@/core/prep/kits';
import { isCopied, neededIn, type Needed } from '@/core/prep/supplies';
import { preparing as preparingOf, shopping, type Planned, type Shortage, type Trip } from '@/core/prep/when';
import { load, param, type FrameInfo, type SearchParams } from '../frame/load';
import { rainedOn, type Rained } from '../frame/weather-load';
import { SPANS, type Span } from './spans';

export interface Preparing extends Planned {
  /** What to take care of with it. */
  cautions: string[];
}

/** A lesson that needs something, on the day it is next on. */
export interface NeedsSomething {
  number: number;
  title: string;
  date: string;
  isInk: boolean;
}

export interface ReadyView {
  info: FrameInfo;
  today: string;
  span: Span;
  last: string;
  /** By the day each is done on, the late ones first. */
  preparing: Preparing[];
  full: Shortage | undefined;
  lessons: NeedsSomething[];
  shopping: Trip[];
  /** What was got today. */
  got: { name: string; amount: number | null; unit: string }[];
  /** Ways to the library, each with what is fetched or taken back on it. */
  library: { date: string; errands: string[] }[];
  /** Pages that will be used, by lesson, and for whom how many. */
  prints: {
    unitId: string;
    lessonId: string;
    number: number;
    title: string;
    on: string;
    who: { id: string; name: string; partIds: string[]; printed: number; sheets: number }[];
  }[];
  /** Sheets of others that are copied, so many of each. */
  copies: Needed[];
  kits: Kit[];
  kitNumbers: 'unit' | 'year';
  counts: Counted[];
  rained: Rained[];
  supplies: Needed[];
}

export async function loadReady(params: SearchParams): Promise<ReadyView> {
  const { plan, info, today } = await load(params);
  const asked = await param(params, 'for');
  const span = SPANS.find((s) => s.value === asked)?.value ?? 'week';
  const last = {
    week: addDays(weekOf(plan.year, today), 13),
    month: addDays(weekOf(plan.year, today), 27),
    all: plan.sittings.reduce((l, s) => (s.date > l ? s.date : l), today),
  }[span];
  const parts = byId(plan.parts);
  const { planned, full } = preparingOf(plan, today);
  const preparing = planned
    .filter((p) => p.day <= last)
    .map((p): Preparing => ({
      ...p,
      cautions: cautionsAhead(
        parts.get(p.partId)!,
        p.what,
        plan.children,
        plan.family?.allergies ?? [],
        p.date,
      ),
    }));
  const needed = neededIn(plan, today, last);
  const running = plan.units.filter((u) => !u.waiting);
  return {
    info,
    today,
    span,
    last,
    preparing,
    full,
    lessons: lessonsOfPreparing(plan, preparing),
    shopping: shopping(plan, today, last),
    got: inForce(plan.entries)
      .filter((e) => e.kind === 'bought' && e.date === today)
      .map((e) => ({ name: e.about.title, amount: e.amount, unit: e.unit })),
    library: libraryOf(plan, today, last),
    prints: printsOf(plan, today, last),
    copies: needed.filter(isCopied),
    kits: running.flatMap((u) => kitsOf(plan, u, today)).filter((k) => k.on <= last),
    kitNumbers: plan.family?.kitNumbers ?? 'unit',
    counts: running.flatMap((u) => countsOf(plan, u, today)).filter((c) => c.back !== c.pieces),
    rained: info.looking ? [] : rainedOn(plan, today, last, today),
    supplies: needed.filter((n) => !isCopied(n)),
  };
}

/** The lessons and days for which something is prepared, as they stand along the top of the drawing. */
function lessonsOfPreparing(plan: Plan, preparing: readonly Preparing[]): NeedsSomething[] {
  const parts = byId(plan.parts);
  const lessons = byId(plan.units.flatMap((u) => lessonsOf(plan, u.id)));
  const onDays = groupBy(preparing, (p) => `${p.on} ${parts.get(p.partId)!.lessonId ?? p.partId}`);
  return [...onDays.values()].map(([p]) => {
    const lesson = lessons.get(parts.get(p.partId)!.lessonId ?? '');
    const sitting = plan.sittings.find((s) => s.partId === p.partId && s.date === p.on);
    return {
      number: lesson?.number ?? 0,
      title: lesson?.title ?? p.part,
      date: p.on,
      isInk: sitting?.state === 'ink',
    };
  });
}

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
    who: pages.map((x) => ({
      id: x.childId,
      name: childName(plan, x.childId),
      partIds: x.partIds,
      printed: x.printed,
      sheets: x.sheets,
    })),
  }));
