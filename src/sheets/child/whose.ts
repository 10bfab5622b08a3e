import { attempts } from '@/data/attempts';
import { childOf } from '@/data/household-door';
import { store } from '@/data/open';

/** The child of a code; `wait` while too many wrong ones were tried, and undefined where it is nobody's. */
export function whose(code: string): { childId: string } | 'wait' | undefined {
  const tries = attempts();
  if (tries.wait(Date.now())) return 'wait';
  const childId = childOf(store(), code);
  if (childId !== undefined) return { childId };
  tries.wentWrong(Date.now());
  return undefined;
}
