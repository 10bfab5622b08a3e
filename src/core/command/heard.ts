import { z } from 'zod';
import { isoDate } from '../plan/measures';

const date = isoDate.nullable().optional();

/** What a library can say of a loan; what it does not say stays as it was. */
export const heardFields = {
  asked: date,
  expected: date,
  ready: date,
  from: date,
  due: date,
  renewals: z.int().min(0).max(9).optional(),
  refused: z.string().max(200).optional(),
};
