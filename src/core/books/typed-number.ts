/** A book's number as typed or scanned: checked, and brought to one form. */
import { z } from 'zod';
import { readLabel } from './numbers';

export const typedNumber = z.string().transform((typed, context) => {
  if (!typed.trim()) return '';
  const number = readLabel(typed);
  if ('digits' in number) return number.digits;
  context.addIssue(number.wrong);
  return z.NEVER;
});
