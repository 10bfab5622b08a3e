/**
 * The record counted another way: from the entries of a file alone, by plain loops, with none of the app's own ways of counting.
 * Only how long a part was planned is asked of the app where its minutes are worked out from pages or the ladder.
 */
import { weekBegins } from '@/core/calendar/week';
import { partMinutes } from '../src/core/layout/input';
import { homes } from '../src/core/plan/lookup';
import type { Plan } from '../src/core/plan/plan';

type Entry = Plan['entries'][number];

/** Entries that no later one takes back; looked at from the end, so that what is taken back takes nothing back. */
export function standing(plan: Plan): Entry[] {
  const gone = new Set<string>();
  const left: Entry[] = [];
  for (let i = plan.entries.length - 1; i >= 0; i--) {
    const e = plan.entries[i];
    if (gone.has(e.id)) continue;
    if (e.withdraws) gone.add(e.withdraws);
    if (e.kind !== 'withdrawn') left.unshift(e);
  }
  return left;
}

const DAY = 86_400_000;
const dayNumber = (date: string): number => Date.parse(`${date}T00:00:00Z`) / DAY;
const dateOf = (n: number): string => new Date(n * DAY).toISOString().slice(0, 10);

/** Days the calendar means for school, taught weekdays in the weeks that are on, whatever was lost to illness. */
export function meantDays(year: NonNullable<Plan['year']>): string[] {
  const first = dayNumber(year.starts);
  // Day 0 of 1970 was a Thursday.
  const weekday = (n: number): number => ((n + 3) % 7) + 1;
  const begins = first - ((weekday(first) - weekBegins(year) + 7) % 7);
  const days: string[] = [];
  for (let n = first; n <= dayNumber(year.ends); n++) {
    const week = Math.floor((n - begins) / 7);
    const isOn = !year.weeksOff || week % (year.weeksOn + year.weeksOff) < year.weeksOn;
    const date = dateOf(n);
    const off = year.daysOff.some((d) => d.kind !== 'illness' && d.first <= date && date <= d.last);
    if (isOn && !off && year.weekdays.includes(weekday(n))) days.push(date);
  }
  return days;
}

export interface Counted {
  kept: number;
  lost: number;
  /** Minutes by subject and child; what counts for no subject under an empty name. */
  minutes: Record<string, Record<string, number>>;
  total: Record<string, number>;
  books: number;
  pages: number;
  /** By objective and child, the last grade. */
  met: Record<string, Record<string, number>>;
}

/** Counts a plan whose families count hours in full for each subject and keep a day with anything, without terms. */
export function countRecord(plan: Plan, today: string): Counted {
  const entries = standing(plan);
  const minutesFor = partMinutes(plan);
  const homeOf = homes(plan);
  const parts = new Map(plan.parts.map((p) => [p.id, p]));
  const minutes: Counted['minutes'] = {};
  const total: Counted['total'] = {};
  const add = (child: string, subjects: string, length: number): void => {
    total[child] = (total[child] ?? 0) + length;
    for (const subject of subjects.split(', ')) {
      minutes[subject] ??= {};
      minutes[subject][child] = (minutes[subject][child] ?? 0) + length;
    }
  };
  const days = new Set<string>();
  const books = new Set<string>();
  let pages = 0;
  const met: Counted['met'] = {};
  const when: Record<string, string> = {};
  for (const e of entries) {
    if (['done', 'read', 'attended', 'talked'].includes(e.kind)) days.add(e.date);
    if (e.kind === 'read') {
      books.add(e.bookId ?? e.about.title);
      pages += e.pages!;
    }
    if (e.kind === 'checked') {
      const key = `${e.objectiveId} ${e.childId}`;
      if (!when[key] || when[key] <= e.date) {
        when[key] = e.date;
        (met[e.objectiveId!] ??= {})[e.childId!] = e.grade!;
      }
    }
    if (e.date < plan.year!.starts || e.date > today) continue;
    if (e.kind === 'attended' || e.kind === 'talked') add(e.childId!, e.about.subject, e.minutes ?? 0);
    if (e.kind === 'done') {
      const part = parts.get(e.partId!);
      if (!part) {
        if (e.childId && e.minutes !== null) add(e.childId, e.about.subject, e.minutes);
        continue;
      }
      const { unit } = homeOf(part);
      const planned = minutesFor(part, unit).minutes;
      for (const child of e.childId ? [e.childId] : Object.keys(planned)) {
        const subjects =
          e.about.subject ||
          [...new Set([...(plan.family!.countsFor[part.kind] ?? []), ...(unit?.subjects ?? [])])].join(', ');
        add(child, subjects, e.minutes ?? planned[child] ?? 0);
      }
    }
  }
  const ownReading = new Set(
    entries
      .filter((e) => e.kind === 'done' && e.about.kind === 'own-reading')
      .flatMap((e) => {
        const part = parts.get(e.partId!);
        const who = e.childId
          ? [e.childId]
          : part
            ? Object.keys(minutesFor(part, homeOf(part).unit).minutes)
            : [];
        return who.map((c) => `${c} ${e.date}`);
      }),
  );
  for (const e of entries)
    if (
      e.kind === 'read' &&
      e.date <= today &&
      e.date >= plan.year!.starts &&
      !ownReading.has(`${e.childId} ${e.date}`)
    )
      add(e.childId!, (plan.family!.countsFor['own-reading'] ?? []).join(', '), e.minutes!);
  const inYear = [...days].filter((d) => d >= plan.year!.starts && d <= today);
  return {
    kept: inYear.length,
    lost: meantDays(plan.year!).filter((d) => d < today && !days.has(d)).length,
    minutes,
    total,
    books: books.size,
    pages,
    met,
  };
}
