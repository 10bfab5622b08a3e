import { customsOf } from '@/core/calendar/customs';
import { clockText, longDate } from '@/core/calendar/dates';
import { checklistFor, type Checklist } from '@/core/ladder/checklist';
import { fillersFor } from '@/core/dayplan/done-early';
import { ageOn } from '@/core/plan/age';
import { byId, homes } from '@/core/plan/lookup';
import type { Plan } from '@/core/plan/plan';
import { rungOf } from '@/core/plan/rungs';
import type { HatchName } from '@/kit/hatch';
import { readDrawn } from '@/data/door';
import { store } from '@/data/open';
import { clock, today } from '../frame/clock';
import { dateParam, load, type SearchParams } from '../frame/load';
import { awayOn } from '../frame/away';
import { dayRooms, goingOn } from '../frame/day';

export interface ChildView {
  name: string;
  hatch: HatchName;
  date: string;
  dayInWords: string;
  /** The lessons of the day, by name. */
  lessons: string[];
  /** Reads their own list; whoever is read to has pictures. */
  reads: boolean;
  /** Where what they say goes; absent where nothing can be said, as of another day. */
  says?: string;
  /** The way back to the day, at the parent's own window. */
  back?: string;
  /** It has a time of day: then the list is drawn again each minute. */
  hasTime: boolean;
  items: {
    key: string;
    partId: string;
    kind: string;
    title: string;
    detail: string;
    minutes: number;
    /** It has begun, by the time it is. */
    hasBegun: boolean;
    withAdult: boolean;
    together: boolean;
    done: boolean;
  }[];
  /** Where they are beside school, and when. */
  away: string[];
  /** Their own checklist of the unit: what to be able to do, and words to know. */
  checklist: string[];
  /** What they can do when they are done early. */
  ideas: string[];
}

/** A child's list at the parent's window; undefined where there is no such child. */
export async function loadChild(childId: string, params: SearchParams): Promise<ChildView | undefined> {
  const { plan, today: day, info } = await load(params);
  const date = (await dateParam(params, 'day')) ?? day;
  const canSay = !info.looking && !info.traced && date === day;
  const view = viewOf(plan, childId, date);
  return view && { ...view, says: canSay ? `/child/${childId}/say` : undefined, back: `/today?day=${date}` };
}

/** A child's list of today, as their own link shows it: the plan itself, and nothing beside it. */
export function loadOwn(childId: string, says: string): ChildView | undefined {
  const view = viewOf(readDrawn(store()).plan, childId, today());
  return view && { ...view, says };
}

function viewOf(plan: Plan, childId: string, date: string): ChildView | undefined {
  const child = plan.children.find((c) => c.id === childId);
  if (!child) return undefined;
  const time = clock();
  const { clock: hours } = customsOf(plan);
  const rooms = dayRooms(plan, date, goingOn(plan, date, time), childId).filter((r) =>
    r.childIds.includes(childId),
  );
  const parts = byId(plan.parts);
  const doneBy = new Set(
    plan.marks
      .filter((m) => m.outcome === 'done' && (m.childId === null || m.childId === childId))
      .map((m) => m.partId),
  );
  const first = rooms.find((r) => !doneBy.has(r.partId));
  const { lesson, unit } = rooms.length ? homes(plan)(parts.get((first ?? rooms[0]).partId)!) : {};
  const reads = rungOf(child, 'reading', date) > 1;
  const ideas = lesson && unit ? fillersFor(plan, lesson, unit, child, 20).map((f) => f.text) : [];
  return {
    name: child.name,
    hatch: child.hatch,
    date,
    dayInWords: longDate(date),
    lessons: [...new Set(rooms.map((r) => r.lesson.replace(/^\d+ /, '')).filter(Boolean))],
    reads,
    hasTime: time?.date === date,
    items: rooms.map((r) => ({
      key: r.id,
      partId: r.partId,
      kind: r.kind,
      title: r.title,
      detail: r.detail,
      minutes: r.live ? r.live.planned.ends - r.live.planned.starts : r.ends - r.starts,
      hasBegun: time?.date === date && r.starts <= time.minutes,
      withAdult: r.parentMinutes > 0 || r.adultMinutes > 0,
      together: r.childIds.length > 1,
      done: doneBy.has(r.partId),
    })),
    away: awayOn(plan, date)
      .filter((a) => a.who === childId)
      .map((a) => `From ${clockText(a.starts, hours)} to ${clockText(a.ends, hours)} you are at: ${a.title}`),
    checklist: unit && reads ? listOf(checklistFor(plan, unit, child, date)) : [],
    ideas: [
      ...ideas.slice(0, 3),
      ...(ageOn(child.birthMonth, date) >= HELPS_FROM ? ['Ask whether you can help somebody younger'] : []),
    ],
  };
}

const listOf = ({ able, words, more }: Checklist): string[] => [
  ...able,
  ...(more ? [`Not asked of you yet: ${more} more`] : []),
  ...(words.length ? [`Know these words: ${words.map((w) => w.word).join(', ')}`] : []),
];

/** The age from which a child can help a younger one. Common practice, no source. */
const HELPS_FROM = 7;
