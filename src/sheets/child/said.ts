/** What a child says from their list, as it is sent; the shape alone, so that the page can use it. */
import { z } from 'zod';
import { id, isoDate } from '@/core/plan/measures';
import { CALLS } from '@/core/plan/words';

export const said = z.discriminatedUnion('does', [
  z.strictObject({ does: z.literal('tick'), partId: id, on: z.boolean(), date: isoDate }),
  z.strictObject({ does: z.enum(CALLS), partId: id.nullable(), date: isoDate }),
]);
export type Said = z.infer<typeof said>;
