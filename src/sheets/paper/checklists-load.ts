import { shortDate } from '@/core/calendar/dates';
import { metBy } from '@/core/record/known';
import { checksOf } from '@/core/record/portfolio';
import { cardsOf, isLikelyKnown } from '@/core/recall/cards';
import type { HatchName } from '@/kit/hatch';
import { load, type SearchParams } from '../frame/load';
import { sizeAsked } from './size';
import type { Size } from './size';

export interface ChecklistsView {
  unit: string;
  unitId: string;
  day: string;
  size: Size;
  other: string;
  children: {
    id: string;
    name: string;
    hatch: HatchName;
    able: { wording: string; grade: number | null; since: string; note: string }[];
    words: { word: string; isKnown: boolean; grade: number | null }[];
    ideas: { wording: string; grade: number | null; since: string; note: string }[];
  }[];
}

export async function loadChecklists(params: SearchParams): Promise<ChecklistsView> {
  const { plan, unit, today } = await load(params);
  const inIt = plan.children.filter((c) => unit?.childIds.includes(c.id));
  return {
    unit: unit?.title ?? '',
    unitId: unit?.id ?? '',
    day: shortDate(today),
    ...(await sizeAsked(params, '/paper/checklists')),
    children: unit
      ? inIt.map((c) => {
          const cards = cardsOf(plan, c, today);
          return {
            id: c.id,
            name: c.name,
            hatch: c.hatch,
            able: checksOf(plan, unit, c.id).map((o) => ({
              wording: o.wording,
              grade: o.grade,
              since: o.since ? shortDate(o.since) : '',
              note: o.note,
            })),
            words: unit.vocabulary.map((v) => ({
              word: v.word,
              grade: metBy(plan, { promptId: v.id })[c.id]?.grade ?? null,
              isKnown: isLikelyKnown(cards.find((x) => x.promptId === v.id)),
            })),
            ideas: unit.bigIdeas.map((idea) => {
              const met = metBy(plan, { idea })[c.id];
              return {
                wording: idea,
                grade: met?.grade ?? null,
                since: met ? shortDate(met.since) : '',
                note: met?.note ?? '',
              };
            }),
          };
        })
      : [],
  };
}
