'use server';
import { childName } from '@/core/plan/called';
import { z } from 'zod';
import { addChild, editChild, removeChild, setFamily, setRung } from '@/core/edit/family';
import { readHausplanJson, type Fault } from '@/core/formats/hausplan-json';
import { id, rung, skill } from '@/core/plan/measures';
import { child, family, type Plan } from '@/core/plan/plan';
import { readDrawn } from '@/data/door';
import { importText } from '@/data/import';
import { store } from '@/data/open';
import { act, attempt } from '../frame/act';
import type { Outcome } from '../frame/outcome';

const childFields = child.omit({ id: true, rungs: true });
const nameOf = (plan: Plan, childId: string): string => childName(plan, childId);

export async function saveFamily(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: family.omit({ patterns: true, card: true }),
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

export async function placeOnRung(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: z.strictObject({ childId: id, skill, rung: rung.nullable() }),
    label: (v, plan) => `Set ${nameOf(plan, v.childId)}’s rung in ${v.skill}`,
    edit: (v) => setRung(v.childId, v.skill, v.rung),
  });
}

export interface Preview {
  /** What the file holds, in figures; absent when it is faulty. */
  holds?: { name: string; count: number }[];
  faults: Fault[];
  /** Whether there is a plan here that would be replaced. */
  replaces: boolean;
}

/** What an import would do; nothing is stored. */
export async function previewImport(text: string): Promise<Preview> {
  const { plan: now } = readDrawn(store());
  const replaces = now.family !== null || now.children.length + now.units.length + now.books.length > 0;
  if (typeof text !== 'string') return { faults: [{ where: '', what: 'this is no text' }], replaces };
  const reading = readHausplanJson(text);
  if ('faults' in reading) return { faults: reading.faults, replaces };
  const { plan } = reading;
  const counts: [string, number][] = [
    ['children', plan.children.length],
    ['units', plan.units.length],
    ['lessons', plan.lessons.length],
    ['parts', plan.parts.length],
    ['books', plan.books.length],
    ['placed parts', plan.sittings.length],
    ['marks', plan.marks.length],
  ];
  return { holds: counts.map(([name, count]) => ({ name, count })), faults: [], replaces };
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
