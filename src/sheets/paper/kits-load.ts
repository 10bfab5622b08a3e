import { customsNow } from '../frame/customs-load';
import { shortDate } from '@/core/calendar/dates';
import { kitsOf } from '@/core/prep/kits';
import { amountIn } from '@/core/prep/amount';
import { load, param, type SearchParams } from '../frame/load';
import { SIZES, type Size } from './size';

export interface KitsView {
  unit: string;
  unitId?: string;
  size: Size;
  kits: {
    number: number;
    title: string;
    on: string;
    place: string;
    contents: string[];
    beside: string[];
    hasKey: boolean;
  }[];
}

export async function loadKits(params: SearchParams): Promise<KitsView> {
  const { plan, unit, today } = await load(params);
  const { measures } = customsNow();
  const asked = await param(params, 'size');
  const size = SIZES.find((s) => s === asked) ?? customsNow().paper;
  if (!unit) return { unit: '', size, kits: [] };
  return {
    unit: unit.title,
    unitId: unit.id,
    size,
    kits: kitsOf(plan, unit, today).map(({ number, title, on, place, contents, beside, hasKey }) => ({
      number,
      title,
      on: `for ${shortDate(on)}`,
      place,
      contents: contents.map((c) => [c.name, amountIn(c, c.unit, measures)].filter(Boolean).join(', ')),
      beside,
      hasKey,
    })),
  };
}
