'use server';
import { nanoid } from 'nanoid';
import { setYear } from '@/core/edit/year';
import { schoolYear } from '@/core/plan/year';
import { z } from 'zod';
import { act } from '../frame/act';
import type { Outcome } from '../frame/outcome';

/** Days off come without ids when they are new. */
const typed = z.preprocess((v) => {
  const off = (v as { daysOff?: unknown })?.daysOff;
  return Array.isArray(off) ? { ...(v as object), daysOff: off.map((d: { id?: string }) => ({ ...d, id: d.id || nanoid(12) })) } : v;
}, schoolYear);

export async function saveYear(base: number, input: unknown): Promise<Outcome> {
  return act({ base, input, shape: typed as z.ZodType<z.infer<typeof schoolYear>>, label: () => 'Changed the school year', edit: setYear });
}
