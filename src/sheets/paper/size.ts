/** The size of paper that is asked for, and the address of the same page on the other one. */
import { customsNow } from '../frame/customs-load';
import { param, type SearchParams } from '../frame/load';
import type { PaperSize } from '@/core/calendar/customs';

export const SIZES = ['A4', 'letter'] as const satisfies readonly PaperSize[];
export type Size = PaperSize;

export async function sizeAsked(params: SearchParams, path: string): Promise<{ size: Size; other: string }> {
  const asked = await param(params, 'size');
  const size = SIZES.find((s) => s === asked) ?? customsNow().paper;
  const query = new URLSearchParams(
    Object.entries(await params).flatMap(([k, v]) => (typeof v === 'string' ? [[k, v]] : [])),
  );
  query.set('size', size === 'A4' ? 'letter' : 'A4');
  return { size, other: `${path}?${query.toString()}` };
}
