/** The days that somebody else sees to: what is when, for whom, how it is done, what it needs, and what to take care of. */
import { customsNow } from '../frame/customs-load';
import { addDays, clockText, daysBetween, longDate } from '@/core/calendar/dates';
import { cautionsFor, shown } from '@/core/cautions/match';
import { suppliesText, summed } from '@/core/formats/supplies';
import { booksById, byId, groupBy } from '@/core/plan/lookup';
import type { Plan } from '@/core/plan/plan';
import { usesRead } from '@/core/books/reading';
import { dayRooms, type DayRoom } from '../frame/day';
import { dateParam, load, param, type SearchParams } from '../frame/load';
import { SIZES, type Size } from './size';
import { customsOf } from '@/core/calendar/customs';

export interface HandOverRoom {
  key: string;
  from: string;
  to: string;
  title: string;
  lesson: string;
  who: string[];
  /** Whom it needs: “you lead”, “they work alone”. */
  leads: string;
  details: string[];
  directions: string[];
  needs: string;
  cautions: string[];
}

export interface HandOverView {
  family: string;
  size: Size;
  days: { date: string; title: string; rooms: HandOverRoom[] }[];
  first: string;
  last: string;
}

/** Days that are written out at the most. */
const MOST = 14;

export async function loadHandOver(params: SearchParams): Promise<HandOverView> {
  const { plan, today } = await load(params);
  const first = (await dateParam(params, 'first')) ?? today;
  const asked = (await dateParam(params, 'last')) ?? first;
  const last = asked < first ? first : [asked, addDays(first, MOST - 1)].sort()[0];
  const size = await param(params, 'size');
  const dates = Array.from({ length: daysBetween(first, last) + 1 }, (_, n) => addDays(first, n));
  return {
    family: plan.family?.name ?? '',
    size: SIZES.find((s) => s === size) ?? customsNow().paper,
    first,
    last,
    days: dates
      .map((date) => ({ date, title: longDate(date), rooms: roomsOn(plan, date) }))
      .filter((d) => d.rooms.length),
  };
}

/** Rooms of one part are one line, with what each child does in it. */
function roomsOn(plan: Plan, date: string): HandOverRoom[] {
  const { clock } = customsOf(plan);
  const parts = byId(plan.parts);
  const names = new Map(plan.children.map((c) => [c.id, c.name]));
  const rooms = dayRooms(plan, date).filter((r) => !r.done);
  const placeOf = placesOf(plan);
  return [...groupBy(rooms, (r) => `${r.partId}`).values()].map((same): HandOverRoom => {
    const part = parts.get(same[0].partId)!;
    const who = [...new Set(same.flatMap((r) => r.childIds))];
    const leads = same.some((r) => r.parentMinutes || r.adultMinutes);
    return {
      key: part.id,
      from: clockText(Math.min(...same.map((r) => r.starts)), clock),
      to: clockText(Math.max(...same.map((r) => r.ends)), clock),
      title: part.title,
      lesson: same[0].lesson,
      who: who.map((id) => names.get(id) ?? ''),
      leads: leads ? 'you lead' : part.lead === 'near' ? 'you are near' : 'they work alone',
      details: [...detailsOf(same, names), ...placeOf(part.id)],
      directions: part.directions.split('\n').filter(Boolean),
      needs: [
        suppliesText(summed([{ supplies: part.supplies, children: who.length }])),
        part.needs.join(', '),
      ]
        .filter(Boolean)
        .join('; '),
      cautions: shown(cautionsFor(part, plan.children, plan.family?.allergies ?? [], date)).map(
        (c) => `${c.who} ${c.steps}`,
      ),
    };
  });
}

function detailsOf(same: readonly DayRoom[], names: ReadonlyMap<string, string>): string[] {
  const told = same.filter((r) => r.detail);
  if (new Set(told.map((r) => r.detail)).size < 2 && !same[0].own)
    return told.slice(0, 1).map((r) => r.detail);
  return told.map((r) => `${r.childIds.map((id) => names.get(id)).join(', ')}: ${r.detail}`);
}

/** Where the books of a part stand in the house. */
function placesOf(plan: Plan): (partId: string) => string[] {
  const books = booksById(plan.books);
  const pulls = byId(plan.pulls);
  const parts = byId(plan.parts);
  const uses = usesRead(plan);
  return (partId) => {
    const read = plan.children.flatMap((c) => uses(parts.get(partId)!, c.id));
    const found = [...new Set(read.map((u) => books.get(pulls.get(u.pullId)!.bookId)!))];
    return found.filter((b) => b.place).map((b) => `“${b.title}” is on: ${b.place}`);
  };
}
