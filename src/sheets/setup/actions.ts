'use server';
import { count } from '@/core/plan/called';
import { brokenIn } from '@/core/layout/check';
import { readHausplanJson, type Fault } from '@/core/formats/hausplan-json';
import { readDrawn } from '@/data/door';
import { importText } from '@/data/import';
import { store } from '@/data/open';
import { attempt } from '../frame/act';
import type { Outcome } from '../frame/outcome';
import * as commands from '@/core/command/family';
import { give } from '../frame/act';

/** As many as are shown of what a plan from elsewhere breaks. */
const MOST_SHOWN = 12;

export interface Preview {
  /** What the file holds, in figures; absent when it is faulty. */
  holds?: string[];
  faults: Fault[];
  /** Promises of a lay-out that its plan breaks, in words: the first of them, and how many there are. */
  broken: { first: string[]; total: number };
  /** Whether there is a plan here that would be replaced. */
  replaces: boolean;
}

export const saveHands = async (base: number, hands: unknown): Promise<Outcome> =>
  give(commands.saveCounting, base, { hands });
export const saveFamily = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.saveFamily, base, input);
export const saveChild = async (base: number, childId: string | null, input: unknown): Promise<Outcome> =>
  give(commands.saveChild, base, input, { childId });
export const dropChild = async (base: number, childId: string): Promise<Outcome> =>
  give(commands.dropChild, base, childId);
export const saveAdult = async (base: number, adultId: string | null, input: unknown): Promise<Outcome> =>
  give(commands.saveAdult, base, input, { adultId });
export const dropAdult = async (base: number, adultId: string): Promise<Outcome> =>
  give(commands.dropAdult, base, adultId);
export const savePantry = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.savePantry, base, input);
export const saveCountsFor = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.saveCountsFor, base, input);
export const placeOnRung = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.placeOnRung, base, input);
/** What an import would do; nothing is stored. */
export async function previewImport(text: string): Promise<Preview> {
  const { plan: now } = readDrawn(store());
  const replaces = now.family !== null || now.children.length + now.units.length + now.books.length > 0;
  const none = { first: [], total: 0 };
  if (typeof text !== 'string')
    return { faults: [{ where: '', what: 'this is no text' }], broken: none, replaces };
  const reading = readHausplanJson(text);
  if ('faults' in reading) return { faults: reading.faults, broken: none, replaces };
  const { plan } = reading;
  const holds = [
    count(plan.children.length, 'child', 'children'),
    count(plan.units.length, 'unit'),
    count(plan.lessons.length, 'lesson'),
    count(plan.parts.length, 'part'),
    count(plan.books.length, 'book'),
    count(plan.sittings.length, 'placed part'),
    count(plan.marks.length, 'mark'),
    ...(plan.closedYears.length ? [count(plan.closedYears.length, 'closed year')] : []),
  ];
  const broken = brokenIn(plan);
  return {
    holds,
    faults: [],
    broken: { first: broken.slice(0, MOST_SHOWN), total: broken.length },
    replaces,
  };
}
/** Replaces the plan by a file's, all of it or nothing; the sittings stand as the file has them. */
export async function importPlan(base: number, text: string): Promise<Outcome> {
  if (typeof text !== 'string') return { is: 'faulty', faults: [{ where: 'file', what: 'this is no text' }] };
  return attempt(() => {
    const outcome = importText(store(), base, text);
    return 'faults' in outcome
      ? { is: 'faulty', faults: outcome.faults }
      : { is: 'done', revision: outcome.revision, message: 'Imported the plan.' };
  });
}

export const saveWhere = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.saveWhere, base, input);
