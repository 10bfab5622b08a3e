import { addDays, shortDate } from '@/core/calendar/dates';
import { schoolDays } from '@/core/calendar/school-days';
import type { CameUp } from '@/core/edit/came-up';
import { drawnLessons, type Drawn } from '@/core/edit/ways-through';
import { doneParts, homes, lessonsOf } from '@/core/plan/lookup';
import { load, param, type FrameInfo, type SearchParams } from '../frame/load';

/** Something that can be chosen, by its id. */
import { whoIn, type WhoIn } from './who-in';

export interface Named {
  id: string;
  name: string;
}

export interface CameUpView {
  info: FrameInfo;
  today: string;
  hasYear: boolean;
  /** The next school day, today or later. */
  day: string;
  children: Named[];
  units: Named[];
  /** Lessons with something not done today, or on the last school day before it. */
  lessons: (Named & { date: string })[];
  /** Parts of the weeks to come that need something: supplies, something got ready, a book. */
  parts: Named[];
  drawn: Drawn;
  who: Record<string, WhoIn>;
  /** What is asked about at first. */
  is: CameUp['is'];
}

/** Days to come of which the parts are offered. */
const AHEAD = 42;

export async function loadCameUp(params: SearchParams): Promise<CameUpView> {
  const { plan, info, today } = await load(params);
  const days = plan.year ? schoolDays(plan.year) : [];
  const day = days.find((d) => d.date >= today)?.date ?? today;
  const before = days.filter((d) => d.date < today).at(-1)?.date;
  const done = doneParts(plan);
  const homeOf = homes(plan);
  const numbers = new Map(
    plan.units.flatMap((u) => lessonsOf(plan, u.id).map((l) => [l.id, l.number] as const)),
  );
  const date = new Map(plan.sittings.map((s) => [s.partId, s.date]));
  const open = plan.parts.flatMap((part) => {
    const on = date.get(part.id);
    const { lesson } = homeOf(part);
    return on && lesson && !done.has(part.id) ? [{ part, lesson, on }] : [];
  });
  const ofDay = (on: string | undefined): CameUpView['lessons'] => [
    ...new Map(
      open
        .filter((o) => o.on === on)
        .map(({ lesson }) => [
          lesson.id,
          { id: lesson.id, name: `${numbers.get(lesson.id)} ${lesson.title}, ${shortDate(on!)}`, date: on! },
        ]),
    ).values(),
  ];
  return {
    info,
    today,
    hasYear: !!plan.year,
    day,
    children: plan.children.map(({ id, name }) => ({ id, name })),
    units: plan.units
      .filter((u) => !u.waiting && u.closedOn === null)
      .map(({ id, title }) => ({ id, name: title })),
    lessons: [...ofDay(today), ...(before ? ofDay(before) : [])],
    parts: open
      .filter(
        ({ part, on }) =>
          on >= today && on <= addDays(today, AHEAD) && (part.supplies.length || part.preparations.length),
      )
      .sort((a, b) => (a.on < b.on ? -1 : 1))
      .map(({ part, lesson, on }) => ({
        id: part.id,
        name: `${part.title}, lesson ${numbers.get(lesson.id)}, ${shortDate(on)}`,
      })),
    drawn: drawnLessons(plan),
    who: whoIn(plan),
    is: (await param(params, 'is')) === 'does-not-fit' ? 'does-not-fit' : 'days-lost',
  };
}
