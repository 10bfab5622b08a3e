/** The shape of what belongs to the household beside its children and its shelf: other adults, and what is in the house. */
import { z } from 'zod';
import { amountLeft, clockTime, id, minutes, weekday } from './measures';

const GOES_AFTER_COMING = { error: 'they go before they come', path: ['ends'] };
const goesAfterComing = (a: { starts: number | null; ends: number | null }): boolean =>
  a.starts === null || a.ends === null || a.starts < a.ends;

/** An adult beside the parent who plans: leads what they are asked to, on the days and in the hours they are there. */
/** What is said of an adult. */
export const adultFields = z
  .strictObject({
    name: z.string().trim().min(1, 'an adult needs a name').max(60, 'at most 60 characters'),
    /** Minutes a day they can lead. */
    minutes,
    /** Weekdays on which they are there. */
    weekdays: z.array(weekday).min(1, 'choose at least one weekday'),
    /** Hours in which they are there; null for all day, or until its end. */
    starts: clockTime.nullable().default(null),
    ends: clockTime.nullable().default(null),
  })
  .refine(goesAfterComing, GOES_AFTER_COMING);
export const adult = adultFields.safeExtend({ id });
export type Adult = z.infer<typeof adult>;

/** Something that is in the house and gets used up: `alum 200 g`. Without an amount there is always enough of it. */
export const thingInHouse = z.strictObject({
  id,
  name: z.string().trim().min(1, 'say what it is').max(80),
  amount: amountLeft.nullable(),
  unit: z.string().trim().max(20),
  /** The moment at which the amount was said; what is used and bought after it is counted. Null: before anything was. */
  since: z.iso.datetime().nullable().default(null),
});
export type ThingInHouse = z.infer<typeof thingInHouse>;
