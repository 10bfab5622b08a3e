import { countryOf } from '@/core/calendar/customs';
import { childName } from '@/core/plan/called';
import { addDays, shortDate } from '@/core/calendar/dates';
import { weekOf } from '@/core/calendar/week';
import {
  blockName,
  schoolDays,
  yearFigures,
  type SchoolDay,
  type YearFigures,
} from '@/core/calendar/school-days';
import { daysKept, type DaysKept } from '@/core/record/days';
import { amountInYear } from '@/core/layout/recurring';
import { rhythmInWords } from '@/core/layout/rule-words';
import { taughtOf } from '@/core/layout/taught';
import { doneParts, groupBy, homes, lessonsOf } from '@/core/plan/lookup';
import type { Appointment } from '@/core/plan/appointment';
import type { Plan } from '@/core/plan/plan';
import type { Unit } from '@/core/plan/unit';
import type { SchoolYear } from '@/core/plan/year';
import type { HatchName } from '@/kit/hatch';
import type { YearLookedAt } from '../frame/look';
import { YOU, type Person } from './people';
import { closingOf, type Closing } from './closing-load';
import { worthALook, type WorthALook } from './worth-a-look';
import { load, type FrameInfo, type SearchParams } from '../frame/load';

export interface PlacedUnit {
  id: string;
  title: string;
  starts: string;
  first: string;
  last: string;
  wishedEnd: string | null;
  /** Up to where it is taught, and up to where it is in ink. */
  doneTo: string;
  inkTo: string;
  state: 'pencil' | 'ink' | 'done';
  lessons: number;
  /** Its length is only hoped for: there are no lessons. */
  hoped: boolean;
  hatches: HatchName[];
  note: string;
  /** Since when it is closed, and how many of its lessons were taught. */
  closed?: { on: string; taught: number };
}

export interface WaitingUnit {
  id: string;
  title: string;
  lessons: number;
  hopedWeeks: number | null;
  perWeek: number;
  season: Unit['season'];
  wish: string;
  deeper: boolean;
  askedBy: string;
  who: string;
}

export interface YearView {
  info: FrameInfo;
  today: string;
  /** Where the family lives; empty where nobody has said. */
  country: string;
  year: SchoolYear | null;
  figures?: YearFigures;
  /** Every calendar week of the year: its first day, its school days and those gone by, its block if it has one. */
  weeks: {
    weekFrom: string;
    days: number;
    done: number;
    short: number;
    block: number | null;
    name: string;
    off: string;
  }[];
  /** Units by the children who are in them; a lane has as many rows as units stand side by side. */
  lanes: { who: string; rows: PlacedUnit[][] }[];
  daily: { id: string; title: string; message: string; first: string; last: string }[];
  waiting: WaitingUnit[];
  /** Days with which a unit can begin: the first of each block to come, and the next school day. */
  begins: { name: string; date: string }[];
  /** The school days, for arithmetic in the open. */
  days: SchoolDay[];
  /** School days gone by, and all of them; what the family means to keep. */
  /** Days as they were kept and lost, and what is still to come; absent while there is no year. */
  kept: DaysKept | undefined;
  goneBy: number;
  lessons: number;
  /** The family’s other appointments, and all who can be away. */
  appointments: readonly Appointment[];
  people: Person[];
  /** The years that are closed, the latest first. */
  closedYears: YearLookedAt[];
  /** What closing this year asks; absent where there is none to close. */
  closing?: Closing;
  worthALook: WorthALook[];
}

export async function loadYear(params: SearchParams): Promise<YearView> {
  const { plan, info, today } = await load(params);
  const { year } = plan;
  const closedYears = plan.closedYears.map(({ slice: _, ...closed }) => closed).reverse();
  const { appointments } = plan;
  const people: Person[] = [
    ...plan.children.map(({ id, name }): Person => ({ id, name, is: 'child' })),
    YOU,
    ...plan.adults.map(({ id, name }): Person => ({ id, name, is: 'adult' })),
  ];
  const waiting = plan.units.filter((u) => u.waiting || !year).map((u) => waitingUnit(plan, u));
  if (!year)
    return {
      info,
      today,
      country: countryOf(plan),
      year,
      weeks: [],
      lanes: [],
      daily: [],
      waiting,
      begins: [],
      days: [],
      kept: undefined,
      goneBy: 0,
      lessons: 0,
      appointments,
      people,
      closedYears,
      worthALook: [],
    };
  const days = schoolDays(year);
  const figures = yearFigures(year, days);
  const weeks = Array.from({ length: figures.calendarWeeks }, (_, w): YearView['weeks'][number] => {
    const weekFrom = addDays(weekOf(year, year.starts), 7 * w);
    const inWeek = days.filter((d) => d.weekFrom === weekFrom);
    const off = year.daysOff
      .filter((o) => o.first <= addDays(weekFrom, 6) && o.last >= weekFrom)
      .map((o) => o.label || o.kind);
    const block = inWeek[0]?.block ?? null;
    return {
      weekFrom,
      days: inWeek.length,
      done: inWeek.filter((d) => d.date < today).length,
      short: inWeek.filter((d) => d.ends < year.dayEnds).length,
      block,
      name: block === null ? '' : blockName(year, block),
      off: off.join(', '),
    };
  });
  const placed = plan.units
    .filter((u) => !u.waiting)
    .map((u) => ({ unit: u, is: placedUnit(plan, u, days) }));
  const lanes = [...groupBy(placed, ({ unit }) => whoOf(plan, unit))].map(([who, units]) => ({
    who,
    rows: sideBySide(units.map((u) => u.is)),
  }));
  lanes.sort((a, b) => Number(b.who === 'Everyone') - Number(a.who === 'Everyone'));
  const daily = plan.rules
    .filter((r) => r.unitId === null)
    .map((r) => {
      const { times, total } = amountInYear(r, undefined, days);
      const who = r.childIds
        ? plan.children
            .filter((c) => r.childIds!.includes(c.id))
            .map((c) => c.name)
            .join(', ')
        : '';
      return {
        id: r.id,
        title: r.title,
        first: r.first && r.first > year.starts ? r.first : year.starts,
        last: r.last && r.last < year.ends ? r.last : year.ends,
        message: [
          who,
          rhythmInWords(r.rhythm),
          r.amount === null ? `${times} times` : `${total} ${r.amountOf} by ${shortDate(year.ends)}`,
        ]
          .filter(Boolean)
          .join(' · '),
      };
    });
  return {
    info,
    today,
    country: countryOf(plan),
    year,
    figures,
    weeks,
    lanes,
    daily,
    waiting,
    days,
    begins: days
      .filter((d, i) => d.date >= today && (d.block !== days[i - 1]?.block || days[i - 1].date < today))
      .map((d) => ({
        name: days[d.index - 1]?.block === d.block ? 'the next school day' : blockName(year, d.block),
        date: d.date,
      })),
    kept: daysKept(plan, today),
    goneBy: days.filter((d) => d.date < today).length,
    lessons: plan.lessons.filter((l) => placed.some((p) => !p.is.closed && p.unit.id === l.unitId)).length,
    appointments,
    people,
    closedYears,
    closing: info.looking ? undefined : closingOf(plan, year),
    worthALook: worthALook(plan, placed, days, today),
  };
}

function whoOf(plan: Plan, unit: Unit): string {
  const names = plan.children.filter((c) => unit.childIds.includes(c.id)).map((c) => c.name);
  return names.length === plan.children.length && names.length > 1 ? 'Everyone' : names.join(', ');
}

function placedUnit(plan: Plan, u: Unit, days: SchoolDay[]): PlacedUnit {
  const homeOf = homes(plan);
  const done = doneParts(plan);
  const own = new Set(
    plan.parts
      .filter((p) => (p.lessonId !== null || p.ruleId === null) && homeOf(p).unit?.id === u.id)
      .map((p) => p.id),
  );
  const sittings = plan.sittings.filter((s) => own.has(s.partId));
  const dates = sittings.map((s) => s.date).sort();
  const lessons = lessonsOf(plan, u.id).length;
  const hopedEnd = addDays(u.starts, 7 * (u.hopedWeeks ?? 2) - 3);
  const ink =
    sittings
      .filter((s) => s.state === 'ink' || done.has(s.partId))
      .map((s) => s.date)
      .sort()
      .at(-1) ?? '';
  const taught =
    sittings
      .filter((s) => done.has(s.partId))
      .map((s) => s.date)
      .sort()
      .at(-1) ?? '';
  const last = dates.at(-1) ?? u.closedOn ?? (u.wishedEnd || hopedEnd);
  return {
    id: u.id,
    title: u.title,
    starts: u.starts,
    first: dates[0] ?? days.find((d) => d.date >= u.starts)?.date ?? u.starts,
    last,
    wishedEnd: u.wishedEnd,
    doneTo: taught,
    inkTo: ink,
    lessons,
    hoped: !lessons,
    state: stateOf(u, sittings.length > 0 && sittings.every((s) => done.has(s.partId)), ink !== ''),
    hatches: plan.children.filter((c) => u.childIds.includes(c.id)).map((c) => c.hatch),
    closed: u.closedOn === null ? undefined : { on: u.closedOn, taught: taughtOf(plan, u.id).taught },
    note: [u.season, u.wish, u.deeper ? 'comes back deeper' : ''].filter(Boolean).join(', '),
  };
}

function stateOf(u: Unit, isDone: boolean, isInked: boolean): PlacedUnit['state'] {
  if (isDone || u.closedOn !== null) return 'done';
  return isInked ? 'ink' : 'pencil';
}

function waitingUnit(plan: Plan, u: Unit): WaitingUnit {
  return {
    id: u.id,
    title: u.title,
    lessons: lessonsOf(plan, u.id).length,
    hopedWeeks: u.hopedWeeks,
    perWeek: u.lessonsPerWeek ?? 3,
    season: u.season,
    wish: u.wish,
    deeper: u.deeper,
    askedBy: childName(plan, u.askedBy, ''),
    who: whoOf(plan, u),
  };
}

/** Units in as few rows as it takes for none to lie on another. */
function sideBySide(units: PlacedUnit[]): PlacedUnit[][] {
  const rows: PlacedUnit[][] = [];
  for (const u of [...units].sort((a, b) => (a.first < b.first ? -1 : 1))) {
    const row = rows.find((r) => r[r.length - 1].last < u.first);
    if (row) row.push(u);
    else rows.push([u]);
  }
  return rows;
}
