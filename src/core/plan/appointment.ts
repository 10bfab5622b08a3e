/** The shape of the family's other appointments: times at which a child, the parent or another adult is not there for school. */
import { z } from 'zod';
import { clockTime, id, isoDate, shortText } from './measures';

/** The last minute of a day; until it, one is away all day. */
export const LAST_MINUTE = 1439;

/** What a person types of an appointment, and who is away for it. Where nobody is named it is known, and keeps nobody from school. */
const said = z.strictObject({
  title: shortText,
  childIds: z.array(id).max(8).default([]),
  adultIds: z.array(id).max(12).default([]),
  parent: z.boolean().default(false),
  /** Its days, each once, in their order: a lesson every Tuesday has all its Tuesdays. */
  dates: z.array(isoDate).min(1, 'it needs a day').max(731),
  starts: clockTime,
  ends: clockTime,
});

type Said = z.infer<typeof said>;
const isForward = (a: Said): boolean => a.starts < a.ends;
const isInOrder = (a: Said): boolean => a.dates.every((d, i) => i === 0 || a.dates[i - 1] < d);
const BACKWARDS = { error: 'it ends before it begins', path: ['ends'] };
const UNORDERED = { error: 'its days stand out of order, or one twice', path: ['dates'] };

export const appointmentFields = said.refine(isForward, BACKWARDS).refine(isInOrder, UNORDERED);
export type AppointmentFields = z.infer<typeof appointmentFields>;

export const appointment = appointmentFields.safeExtend({
  id,
  /** The calendar it was read from, and what it is called there; null where it was typed. */
  readFrom: z
    .strictObject({ calendar: z.string().trim().min(1).max(100), uid: z.string().max(400) })
    .nullable()
    .default(null),
});
export type Appointment = z.infer<typeof appointment>;
