/**
 * The measures the plan is written in. Calendar dates carry no time zone; a time of day is minutes
 * after midnight; a length of work is whole minutes. Values are made sure of once, at the door, by Zod.
 */
import { z } from 'zod';
import './fault-words';
import { HATCHES, SKILLS, WINDOWS } from './words';

/** A calendar date, `YYYY-MM-DD`. Text order is time order. */
export const isoDate = z.iso
  .date({ error: 'a date is written YYYY-MM-DD and must exist' })
  .refine((d) => d >= '1900-01-01' && d <= '2200-12-31', { error: 'a date lies between 1900 and 2200' });
export type IsoDate = string;

/** A month, `YYYY-MM`. */
export const isoMonth = z
  .string()
  .regex(/^\d{4}-(0[1-9]|1[0-2])$/, 'a month is written YYYY-MM')
  .refine((m) => m >= '1900-01' && m <= '2200-12', { error: 'a month lies between 1900 and 2200' });

/** Minutes after midnight, 0 to 1439. */
export const clockTime = z.int().min(0).max(1439);

/** A length of work in minutes, at most a whole day. */
export const minutes = z.int().min(0).max(1440);

/** So much of something. */
export const amount = z.number().positive('an amount is more than nothing').max(1_000_000);

/** So much of it, or none left. */
export const amountLeft = z.number().min(0, 'an amount is not less than nothing').max(1_000_000);

/** ISO weekday: 1 is Monday, 7 is Sunday. */
export const weekday = z.int().min(1).max(7);

export const id = z
  .string()
  .min(1)
  .max(64)
  .regex(/^[A-Za-z0-9_-]+$/, 'an id is letters, digits, - and _')
  // Things are kept under their ids: none may be a name that every object has.
  .refine((v) => !(v in Object.prototype), { error: 'this word cannot be an id' });

/** Text of one line that must say something. */
export const shortText = z.string().trim().min(1, 'this cannot be empty').max(200, 'at most 200 characters');
export const longText = z.string().max(20_000, 'at most 20,000 characters');

/** A school subject in the family's own words: language, science, art. */
export const subject = z.string().trim().min(1, 'a subject needs a name').max(40, 'at most 40 characters');

/** The id of something inside something else, which keeps it when it is re-worded; empty until it is given one. */
export const pieceId = z.union([id, z.literal('')]).default('');

export const windowName = z.enum(WINDOWS);
export type WindowName = z.infer<typeof windowName>;

export const skill = z.enum(SKILLS);
export type Skill = z.infer<typeof skill>;

/** A rung of the ladder: 1 Beginning, 2 Early, 3 Growing, 4 Steady, 5 Independent. */
export const rung = z.union([z.literal(1), z.literal(2), z.literal(3), z.literal(4), z.literal(5)]);
export type Rung = z.infer<typeof rung>;

/** Rungs up (+) or down (−), by child. */
export const rungMoves = z.record(id, z.int().min(-4).max(4));

export const hatch = z.enum(HATCHES);
export type HatchName = z.infer<typeof hatch>;
