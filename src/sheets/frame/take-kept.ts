/** Takes down a tick of the parent's that was kept on a device until Hausplan could be reached. */
import { z } from 'zod';
import { tick, untick } from '@/core/command/today';
import { id, isoDate } from '@/core/plan/measures';
import { answerWith, readSent, storeAtOnce } from './store-at-once';

const kept = z.strictObject({ partId: id, childId: id.nullable(), on: z.boolean(), date: isoDate });
export type KeptTick = z.infer<typeof kept>;

export async function takeKept(request: Request): Promise<Response> {
  const read = await readSent(request);
  if ('why' in read) return answerWith(read);
  const parsed = kept.safeParse(read.sent);
  if (!parsed.success) return answerWith({ why: 'This cannot be taken down.', status: 400 });
  const { on, date, ...what } = parsed.data;
  return answerWith(
    on ? storeAtOnce(tick, { ...what, date }, 'parent') : storeAtOnce(untick, what, 'parent'),
  );
}
