import { remedyEdit } from '../edit/load-remedies';
import { z } from 'zod';
import { id, isoDate } from '../plan/measures';
import { command } from './command';

const remedyShape = z.discriminatedUnion('does', [
  z.strictObject({ does: z.literal('rung'), childId: id, by: z.int().min(-8).max(8) }),
  z.strictObject({ does: z.literal('skip'), childId: id, partId: id }),
  z.strictObject({ does: z.literal('teach'), partId: id, youngerId: id, elderId: id }),
  z.strictObject({ does: z.literal('later'), partId: id, date: isoDate }),
  z.strictObject({ does: z.literal('drop'), partId: id }),
]);

export const mendLoad = command({
  about: z.strictObject({ lessonId: id }),
  shape: remedyShape,
  label: () => 'Made a share of the lesson less',
  edit: (v, { lessonId }) => remedyEdit(lessonId, v),
});
