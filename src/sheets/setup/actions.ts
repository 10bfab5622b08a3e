'use server';
import { childName, count } from '@/core/plan/called';
import { z } from 'zod';
import { addAdult, editAdult, removeAdult, setCountsFor, setPantry } from '@/core/edit/household';
import { addChild, editChild, removeChild, setFamily, setRung } from '@/core/edit/family';
import { brokenIn } from '@/core/layout/check';
import { readHausplanJson, type Fault } from '@/core/formats/hausplan-json';
import { adultFields } from '@/core/plan/household';
import { supply } from '@/core/plan/lesson';
import { id, rung, skill } from '@/core/plan/measures';
import { child, family, type Plan } from '@/core/plan/plan';
import { readDrawn } from '@/data/door';
import { importText } from '@/data/import';
import { store } from '@/data/open';
import { act, attempt } from '../frame/act';
import type { Outcome } from '../frame/outcome';

const childFields = child.omit({ id: true, rungs: true, measured: true });
const nameOf = (plan: Plan, childId: string): string => childName(plan, childId);

export async function saveFamily(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: family.omit({ patterns: true, card: true, countsFor: true }),
    label: () => 'Changed the family',
    edit: setFamily,
  });
}

export async function saveChild(base: number, childId: string | null, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: childFields,
    label: (v) => (childId ? `Changed ${v.name}` : `Added ${v.name}`),
    edit: (v) => (childId ? editChild(childId, v) : addChild(v)),
  });
}

export async function dropChild(base: number, childId: string): Promise<Outcome> {
  return act({
    base,
    input: childId,
    shape: id,
    label: (v, plan) => `Took ${nameOf(plan, v)} off the plan`,
    edit: removeChild,
  });
}

export async function saveAdult(base: number, adultId: string | null, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: adultFields,
    label: (v) => (adultId ? `Changed ${v.name}` : `Added ${v.name}`),
    edit: (v) => (adultId ? editAdult(adultId, v) : addAdult(v)),
  });
}

export async function dropAdult(base: number, adultId: string): Promise<Outcome> {
  return act({
    base,
    input: adultId,
    shape: id,
    label: (v, plan) => `Took ${plan.adults.find((a) => a.id === v)?.name ?? 'an adult'} off the plan`,
    edit: removeAdult,
  });
}

export async function savePantry(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: z.array(supply.pick({ name: true, amount: true, unit: true })).max(500),
    label: () => 'Changed what is in the house',
    edit: setPantry,
  });
}

export async function saveCountsFor(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: family.shape.countsFor,
    label: () => 'Changed what counts for which subject',
    edit: setCountsFor,
  });
}

export async function placeOnRung(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: z.strictObject({ childId: id, skill, rung: rung.nullable() }),
    label: (v, plan) => `Set ${nameOf(plan, v.childId)}’s rung in ${v.skill}`,
    edit: (v) => setRung(v.childId, v.skill, v.rung),
  });
}

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
