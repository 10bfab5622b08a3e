/** What comes back from an action: done, or why not. */
import type { Fault } from '@/core/formats/hausplan-json';

export type Outcome =
  | { is: 'done'; revision: number; message: string }
  | { is: 'refused'; refused: string; offer?: 'rub-out' }
  | { is: 'stale'; now: number; since: string[] }
  | { is: 'faulty'; faults: Fault[] };
