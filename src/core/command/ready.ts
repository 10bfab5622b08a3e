import { z } from 'zod';
import { setPrepared } from '../edit/ready';
import { id, isoDate } from '../plan/measures';
import type { Plan } from '../plan/plan';
import { command } from './command';

const whatOf = (plan: Plan, partId: string, preparationId: string): string =>
  plan.parts.find((p) => p.id === partId)?.preparations.find((p) => p.id === preparationId)?.what ??
  'a preparation';

export const prepare = command({
  shape: z.strictObject({ partId: id, preparationId: id, isReady: z.boolean(), date: isoDate }),
  label: (v, plan) =>
    `“${whatOf(plan, v.partId, v.preparationId)}” is ${v.isReady ? 'ready' : 'not ready after all'}`,
  edit: (v) => setPrepared(v.partId, v.preparationId, v.isReady, v.date),
  touches: ['happened'],
});
