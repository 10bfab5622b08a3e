/** The shape of what a family says of kinds of work: kinds of its own, and changes to those there are. */
import { z } from 'zod';
import { id, minutes, shortText, skill } from './measures';
import { LADDER_KINDS, RUNG_KEYS, type RungKey } from './words';

/**
 * One of five versions as the family words it. Null or empty: as the ladder does it; a kind of the family's own always
 * has words.
 */
export const workVersion = z.strictObject({
  wording: z.string().trim().max(300).default(''),
  /** How many of what the kind counts: words, sentences, labels, questions. */
  amount: z.int().min(1).max(500).nullable().default(null),
  minutes: minutes.nullable().default(null),
  parentMinutes: minutes.nullable().default(null),
  produces: z.string().trim().max(100).nullable().default(null),
  supplies: z.string().trim().max(100).nullable().default(null),
});
export type WorkVersion = z.infer<typeof workVersion>;

const fields = {
  /** The kind it changes; `own-kind` for one the family made. */
  kind: z.enum(LADDER_KINDS),
  title: shortText,
  /** The skill by whose rung a child stands in a kind of the family's own. */
  skill,
  versions: z.partialRecord(z.enum(RUNG_KEYS), workVersion),
};

/** A kind of the family's own says something on every rung. */
function sayAll(
  w: { kind: string; versions: Partial<Record<RungKey, WorkVersion>> },
  context: z.RefinementCtx,
): void {
  if (w.kind !== 'own-kind') return;
  for (const rung of RUNG_KEYS)
    if (!w.versions[rung]?.wording)
      context.addIssue({
        code: 'custom',
        path: ['versions', rung, 'wording'],
        message: `say what it is on rung ${rung}`,
      });
}

export const workFields = z.strictObject(fields).superRefine(sayAll);
export const work = z.strictObject({ id, ...fields }).superRefine(sayAll);
export type Work = z.infer<typeof work>;
