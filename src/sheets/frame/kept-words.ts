/** By what a school day counts as kept, and how an hour counts that serves several subjects, in words. */
import type { Family } from '@/core/plan/plan';

export const KEPT_BY: Record<Family['keeps']['by'], string> = {
  anything: 'anything of school was done',
  minutes: 'a child had so many minutes',
  parts: 'so many things were done',
};

export const HOURS_COUNT: Record<Family['hours'], string> = {
  'in full': 'in full for each',
  shared: 'shared out among them',
};
