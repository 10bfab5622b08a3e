'use server';
import { countries, publicHolidays, regions, type Holiday } from '@/core/calendar/holidays';
import { readDrawn } from '@/data/door';
import { desk } from '../frame/desk';
import type { Outcome } from '../frame/outcome';
import * as commands from '@/core/command/year';
import { give } from '../frame/act';

export interface HolidayOffer {
  countries: { code: string; name: string }[];
  regions: { code: string; name: string }[];
  holidays: Holiday[];
}

export const saveYear = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.saveYear, base, input);
export const closeThisYear = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.closeThisYear, base, input);
export const takeHoliday = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.takeHoliday, base, input);
export const fallIll = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.fallIll, base, input);
export const place = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.place, base, input);
export const end = async (base: number, input: unknown): Promise<Outcome> => give(commands.end, base, input);
export const wait = async (base: number, unitId: string): Promise<Outcome> =>
  give(commands.wait, base, unitId);
export const placeRow = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.placeRow, base, input);
export const addTopic = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.addTopic, base, input);
/** What public holidays there are in the school year; nothing is stored. */
export async function offerHolidays(country: string, region: string): Promise<HolidayOffer> {
  const { year } = readDrawn((await desk()).db).plan;
  const known = countries();
  if (!year || !known.some((c) => c.code === country)) return { countries: known, regions: [], holidays: [] };
  const areas = regions(country);
  return {
    countries: known,
    regions: areas,
    holidays: publicHolidays(
      country,
      areas.some((r) => r.code === region) ? region : '',
      year.starts,
      year.ends,
    ),
  };
}
