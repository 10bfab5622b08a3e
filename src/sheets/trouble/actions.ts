'use server';
import { copyNamed } from '@/data/copies';
import { faultFrom } from '@/data/fault';
import { storePath } from '@/data/open';
import { restore } from '@/data/restore';

/** Puts a copy in the place of a store that cannot be opened; gives what stands in the way, empty when it is done. */
export async function putCopyBack(name: string): Promise<string> {
  try {
    const copy = typeof name === 'string' ? copyNamed(storePath(), name) : undefined;
    if (!copy) return 'This copy is there no more.';
    await restore(storePath(), copy.path);
    return '';
  } catch (e) {
    const fault = faultFrom(e, storePath());
    if (fault) return fault.message;
    throw e;
  }
}
