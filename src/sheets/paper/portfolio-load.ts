import { portfolioOf, type Portfolio } from '@/core/record/portfolio';
import { inYear } from '../frame/look';
import { load, param, type SearchParams } from '../frame/load';
import { sizeAsked } from './size';
import type { Size } from './size';

export interface PortfolioView extends Portfolio {
  family: string;
  size: Size;
  other: string;
  back: string;
  /** The child it is of; all, where none is asked for. */
  only?: string;
}

export async function loadPortfolio(params: SearchParams): Promise<PortfolioView> {
  const { plan, info, today } = await load(params);
  const of = await param(params, 'child');
  const only = plan.children.find((c) => c.id === of)?.id;
  return {
    ...portfolioOf(plan, today),
    family: info.family ?? '',
    ...(await sizeAsked(params, '/paper/portfolio')),
    back: inYear('/record', info.looking?.id),
    only,
  };
}
