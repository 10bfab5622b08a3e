/** What parts are called on a sheet: who leads, when, and what is got ready. */
import { daysBeforeFrom } from '@/core/formats/guide';
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
export const leaders = (
  adults: readonly { id: string; name: string }[],
): { value: string; name: string }[] => [
  { value: YOU, name: 'you' },
  ...adults.map((a) => ({ value: a.id, name: a.name })),
];

/** What an adult does in a part: “you lead”, “Aunt Wenke leads”; empty where nobody is needed. */
export function leadText(lead: Part['lead'], adult: { name: string } | undefined): string {
  if (!adult || lead === 'not-needed') return LEADS[lead];
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
export function readPreparations(text: string): Preparation[] {
  return text
    .split('\n')
    .map((l) => l.trim())
    .filter(Boolean)
    .map((line) => ({
      id: '',
      what:
        line
          .replace(
            /[,:–-]?\s*(?:the )?(?:evening|night|day) before$|[,:–-]?\s*\d+ days? (?:before|ahead)$|[,:–-]?\s*on the day$/i,
            '',
          )
          .trim()
          .slice(0, 200) || line.slice(0, 200),
      daysBefore: /on the day$/i.test(line) ? 0 : daysBeforeFrom(line),
    }));
}

export const whenBefore = (days: number): string => {
  if (days === 0) return 'on the day';
  if (days === 1) return 'evening before';
  return `${days} days before`;
};

export const preparationsText = (preparations: readonly Preparation[]): string =>
  preparations.map((p) => `${p.what}, ${whenBefore(p.daysBefore)}`).join('\n');
