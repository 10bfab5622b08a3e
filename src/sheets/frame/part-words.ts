/** What parts are called on a sheet: who leads, when, and what is got ready. */
import { daysBeforeFrom } from '@/core/formats/days-before';
import { blankPreparation } from '@/core/plan/blank';
import { count } from '@/core/plan/called';
import type { Part, Preparation } from '@/core/plan/lesson';

export const LEADS: Record<Part['lead'], string> = {
  leads: 'you lead',
  near: 'you are near',
  'not-needed': '',
};
export const LEAD_CHOICES = [
  { value: 'leads', name: 'lead it' },
  { value: 'near', name: 'are near' },
  { value: 'not-needed', name: 'are not needed' },
] as const;
/** The choice that stands for the parent among those who lead. */
export const YOU = 'you';
/** Who can lead: the parent first. */
const leaders = (adults: readonly { id: string; name: string }[]): { value: string; name: string }[] => [
  { value: YOU, name: 'you' },
  ...adults.map((a) => ({ value: a.id, name: a.name })),
];

/** Marks, before the id of an adult, that the parent can lead it as well. */
const EITHER = 'either ';

/** Who can lead a part: the parent, another adult, or either of the two, whoever is free. */
export const leadersOrEither = (
  adults: readonly { id: string; name: string }[],
): { value: string; name: string }[] => [
  ...leaders(adults),
  ...adults.map((a) => ({ value: `${EITHER}${a.id}`, name: `you or ${a.name}, whoever is free` })),
];

/** A choice of who leads as it stands in the plan, and back. */
export const leaderFrom = (value: string): Pick<Part, 'adultId' | 'orParent'> => ({
  adultId: value === YOU ? null : value.replace(EITHER, ''),
  orParent: value.startsWith(EITHER),
});
export const leaderValue = (part: Partial<Pick<Part, 'adultId' | 'orParent'>> | undefined): string =>
  part?.adultId ? `${part.orParent ? EITHER : ''}${part.adultId}` : YOU;

/** What an adult does in a part: “you lead”, “Aunt Wenke leads”; empty where nobody is needed. */
export function leadText(
  { lead, orParent }: Pick<Part, 'lead' | 'orParent'>,
  adult: { name: string } | undefined,
): string {
  if (!adult || lead === 'not-needed') return LEADS[lead];
  if (orParent) return `you or ${adult.name} ${lead === 'leads' ? 'lead' : 'are near'}`;
  return `${adult.name} ${lead === 'leads' ? 'leads' : 'is near'}`;
}

export const WINDOW_CHOICES = [
  { value: 'any', name: 'any window' },
  { value: 'morning', name: 'morning' },
  { value: 'midday', name: 'midday' },
  { value: 'afternoon', name: 'afternoon' },
  { value: 'evening', name: 'evening, after school' },
] as const;

/** Preparations as they are typed, one to a line: “soak the skeins, evening before”. */
/** “Soak the skeins, evening before, 5 min”; “Boil the eggs, on the day, at most 2 days before”. */
export function readPreparations(text: string): Preparation[] {
  return text
    .split('\n')
    .map((l) => l.trim())
    .filter(Boolean)
    .map((line) => {
      let rest = line;
      /** Takes what is said at the end off the line. */
      const taken = (pattern: RegExp): string | undefined => {
        const found = pattern.exec(rest);
        if (!found || !rest.slice(0, found.index).trim()) return undefined;
        rest = rest.slice(0, found.index).trim();
        return found[1];
      };
      const minutes = taken(/[,;]?\s*(\d{1,3}) ?min(?:utes?)?\.?$/i);
      const atMost = taken(/[,;]?\s*(?:at most|no more than) (\d{1,3}) days? before$/i);
      return {
        ...blankPreparation,
        what: rest.replace(WHEN_BEFORE, '').trim().slice(0, 200) || rest.slice(0, 200),
        daysBefore: /on the day$/i.test(rest) ? 0 : daysBeforeFrom(rest),
        minutes: minutes === undefined ? null : Math.min(600, Number(minutes)),
        atMostBefore: atMost === undefined ? null : Math.min(365, Number(atMost)),
      };
    });
}
const WHEN_BEFORE =
  /[,:–-]?\s*(?:the )?(?:evening|night|day) before$|[,:–-]?\s*\d+ days? (?:before|ahead)$|[,:–-]?\s*on the day$/i;

export const whenBefore = (days: number): string => {
  if (days === 0) return 'on the day';
  if (days === 1) return 'evening before';
  return `${days} days before`;
};

export const preparationsText = (preparations: readonly Preparation[]): string =>
  preparations
    .map((p) =>
      [
        p.what,
        whenBefore(p.daysBefore),
        p.atMostBefore === null ? '' : `at most ${count(p.atMostBefore, 'day')} before`,
        p.minutes === null ? '' : `${p.minutes} min`,
      ]
        .filter(Boolean)
        .join(', '),
    )
    .join('\n');
