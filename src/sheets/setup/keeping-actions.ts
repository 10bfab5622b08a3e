'use server';
import { rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { refresh } from 'next/cache';
import { copiesFolder, copyNamed, freeName } from '@/data/copies';
import { faultFrom } from '@/data/fault';
import { store, storePath } from '@/data/open';
import { holdingOf, lookAtCopy, restore, type Holding } from '@/data/restore';
import type { Outcome } from '../frame/outcome';

/** What a copy holds beside what is here now; nothing is stored. */
export async function lookAt(name: string): Promise<{ copy: Holding; now: Holding } | { wrong: string }> {
  try {
    const copy = typeof name === 'string' ? copyNamed(storePath(), name) : undefined;
    if (!copy) return { wrong: 'This copy is there no more.' };
    return { copy: lookAtCopy(copy.path), now: holdingOf(store()) };
  } catch (e) {
    return { wrong: faultFrom(e, storePath())?.message ?? 'This copy cannot be looked at.' };
  }
}

/** Puts a copy in the place of the plan that is here; that one is kept as a copy. */
export async function putBack(name: string): Promise<Outcome> {
  try {
    const copy = typeof name === 'string' ? copyNamed(storePath(), name) : undefined;
    if (!copy) return { is: 'refused', refused: 'This copy is there no more.' };
    const { kept } = await restore(storePath(), copy.path);
    refresh();
    const revision = holdingOf(store()).revision;
    return { is: 'done', revision, message: `Put back ${copy.name}. What was here is kept as ${kept}.` };
  } catch (e) {
    const fault = faultFrom(e, storePath());
    if (fault) return { is: 'refused', refused: fault.message };
    throw e;
  }
}

/** Takes a file in among the copies, if it is a store of ours; it can then be put back like any other. */
export async function bringInCopy(form: FormData): Promise<{ name: string } | { wrong: string }> {
  const file = form instanceof FormData ? form.get('file') : null;
  if (!(file instanceof File)) return { wrong: 'Choose a file first.' };
  let path: string | undefined;
  try {
    const name = freeName(storePath(), 'saved');
    path = join(copiesFolder(storePath()), name);
    writeFileSync(path, new Uint8Array(await file.arrayBuffer()), { flag: 'wx' });
    lookAtCopy(path);
    refresh();
    return { name };
  } catch (e) {
    if (path) rmSync(path, { force: true });
    const fault = faultFrom(e, path ?? storePath());
    if (fault?.kind === 'foreign') return { wrong: `“${file.name}” is not a store of Hausplan’s.` };
    if (fault?.kind === 'damaged') return { wrong: `“${file.name}” is damaged, or not all of it is there.` };
    return { wrong: fault?.message ?? `“${file.name}” could not be taken in.` };
  }
}
