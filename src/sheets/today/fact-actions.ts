'use server';
import * as commands from '@/core/command/facts';
import { onceMore as once } from '@/core/command/shape';
import { isoDate } from '@/core/plan/measures';
import { keepSample, tooLarge } from '@/data/work-samples';
import { storePath } from '@/data/open';
import { give } from '../frame/act';
import { desk, NOT_ON_PAPER } from '../frame/desk';
import type { Outcome } from '../frame/outcome';

export const love = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.love, base, input);
export const doOtherwise = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.doOtherwise, base, input);
export const check = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.check, base, input);
export const onceMore = async (base: number, partId: string): Promise<Outcome> =>
  give(once, base, { partId });
export const note = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.note, base, input);
export const takeBack = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.takeBack, base, input);

/** Keeps a file of the work: first the file, then that it is there. What is refused leaves nothing behind that is named. */
export async function keepWork(base: number, input: unknown, form: unknown): Promise<Outcome> {
  const file = form instanceof FormData ? form.get('file') : undefined;
  if (!(file instanceof File))
    return { is: 'faulty', faults: [{ where: 'file', what: 'Choose a photograph or a PDF first.' }] };
  if ((await desk()).traced) return NOT_ON_PAPER;
  // Before it is read: what is far too large is not held in memory.
  const large = tooLarge(file.size);
  if (large) return { is: 'faulty', faults: [{ where: 'file', what: large }] };
  const { date, ...rest } = (input ?? {}) as Record<string, unknown>;
  if (!isoDate.safeParse(date).success)
    return { is: 'faulty', faults: [{ where: 'date', what: 'Say the day.' }] };
  const kept = keepSample(storePath(), new Uint8Array(await file.arrayBuffer()));
  if ('refused' in kept) return { is: 'faulty', faults: [{ where: 'file', what: kept.refused }] };
  return give(commands.keepWork, base, { ...rest, date, file: kept.name });
}
export const takeLonger = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.takeLonger, base, input);
