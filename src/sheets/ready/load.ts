import { addDays, mondayOf } from '@/core/calendar/dates';
import { allToPrepare, isPrepared, type ToPrepare } from '@/core/prep/get-ready';
import { neededIn, type Needed } from '@/core/prep/supplies';
import { cautionsFor, shown } from '@/core/cautions/match';
import { byId } from '@/core/plan/lookup';
import { SPANS, type Span } from './spans';
import { load, param, type FrameInfo, type SearchParams } from '../frame/load';

export interface Preparing extends ToPrepare {
  isReady: boolean;
  /** The day it was to be done on has gone by. */
  isLate: boolean;
  /** What to take care of with it. */
  cautions: string[];
}

export interface ReadyView {
  info: FrameInfo;
  today: string;
  span: Span;
  /** By the day each is to be done on, the late ones first. */
  preparing: Preparing[];
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
  const preparing = allToPrepare(plan)
    .filter((p) => p.on >= today && p.date <= last)
    .map((p): Preparing => ({
      ...p,
      isReady: isPrepared(plan, p),
      isLate: p.date < today && !isPrepared(plan, p),
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
      ).map((c) => c.title),
    }));
  return {
    info,
    today,
    span,
    preparing,
    supplies: neededIn(plan, today, last),
    last,
  };
}
