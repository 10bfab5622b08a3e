/** What the form of a part begins with, and the part as its fields say it. */
import { readSupplies, suppliesText } from '@/core/formats/supplies';
import type { Part, PartKind } from '@/core/plan/lesson';
import { KINDS } from '@/core/plan/part-kinds';
import { leaderFrom, leaderValue, preparationsText, readPreparations } from '../frame/part-words';
import type { FormState } from '../frame/use-form';

export function fieldsOf(part: Part | undefined, kind: PartKind) {
  const first = KINDS.find((k) => k.value === kind)!;
  return {
    kind: part?.kind ?? kind,
    title: part?.title ?? first.title,
    minutes: part ? part.minutes : (30 as number | null),
    lead: part?.lead ?? first.lead,
    leader: leaderValue(part),
    ageFrom: part?.ageFrom ?? null,
    ageTo: part?.ageTo ?? null,
    window: part?.window ?? ('any' as NonNullable<Part['window']> | 'any'),
    childIds: part ? part.childIds : null,
    directions: part?.directions ?? '',
    prediction: part?.prediction ?? '',
    outdoors: part?.outdoors ?? (kind === 'walk' || kind === 'trip'),
    indoors: part?.indoors ?? '',
    supplies: suppliesText(part?.supplies ?? []).replaceAll('; ', '\n'),
    preparations: preparationsText(part?.preparations ?? []),
    needs: (part?.needs ?? []).join(', '),
    optional: part?.optional ?? false,
    fixedDate: part?.fixedDate ?? null,
    weekday: String(part?.weekday ?? 'any'),
    earliest: part?.earliest ?? null,
    latest: part?.latest ?? null,
    waitAfterHours: part?.waitAfterHours ?? (0 as number | null),
    waitLabel: part?.waitLabel ?? '',
  };
}

export type PartFields = ReturnType<typeof fieldsOf>;
export type PartFormState = FormState<PartFields>;

/** The part as the fields say it, for the door to check. */
export const partFrom = ({ leader, ...value }: PartFields) => ({
  ...value,
  ...leaderFrom(leader),
  window: value.window === 'any' ? null : value.window,
  waitAfterHours: value.waitAfterHours ?? 0,
  weekday: value.weekday === 'any' ? null : Number(value.weekday),
  supplies: readSupplies(value.supplies),
  preparations: readPreparations(value.preparations),
  needs: value.needs
    .split(',')
    .map((n) => n.trim())
    .filter(Boolean),
});
