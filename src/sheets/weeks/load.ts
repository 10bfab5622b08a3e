import { addDays, dayMonth, lengthText, shortDate } from '@/core/calendar/dates';
import { weekOf } from '@/core/calendar/week';
import { schoolDays } from '@/core/calendar/school-days';
import { cautionsAhead } from '@/core/cautions/match';
import { loadsOn } from '@/core/dayplan/loads';
import { partMinutes } from '@/core/layout/input';
import { preparing } from '@/core/prep/when';
import { hasToGain } from '@/core/layout/better';
import { reasonInWords } from '@/core/layout/reasons';
import { unitDays, type UnitDay } from '@/core/layout/unit-days';
import { verdictInWords, verdictOf, type Verdict } from '@/core/layout/verdict';
import { isLadderKind } from '@/core/ladder/kinds';
import { namesIn, paceFigures } from '@/core/plan/called';
import { assignmentKey, byId, childrenOf, doneParts, groupBy, homes, lessonsOf } from '@/core/plan/lookup';
import { OWN_WORK_KINDS } from '@/core/plan/words';
import type { WindowName } from '@/core/plan/measures';
import type { HatchName } from '@/kit/hatch';
import type { RoomState } from '@/kit/room';
import { forecastFor, type ForecastLine } from '../frame/forecast-load';
import { awayOn, type AwayOnDay } from '../frame/away';
import { dateParam, lastDay, load, type FrameInfo, type SearchParams } from '../frame/load';

/** What a lesson has on one day. */
export interface LessonRoom {
  lessonId: string;
  number: number;
  title: string;
  unitId: string;
  unitTitle: string;
  /** Whether an earlier day of the lesson came before. */
  continued: boolean;
  pages: string;
  minutes: number;
  state: RoomState;
  hatches: { name: string; hatch: HatchName }[];
  /** Parts done together, with why they stand here. */
  parts: { id: string; title: string; minutes: number; why: string; wait: string }[];
  /** School days it can be moved to, by menu and by keys. */
  canMove: boolean;
}

/** A part of the unit or the family that belongs to no lesson: week opening, tea and a poem, a trip. */
export interface OtherRoom {
  partId: string;
  title: string;
  minutes: number;
  window: WindowName;
  state: RoomState;
  /** Left out this time. */
  missed: boolean;
  hatches: { name: string; hatch: HatchName }[];
}

export interface LaneDay {
  work: string[];
  minutes: number;
  state: RoomState;
}

export interface WeekDay {
  date: string;
  /** Not a school day any more, but something in ink or done stands on it. */
  closed: boolean;
  leadMinutes: number;
  lessons: LessonRoom[];
  others: OtherRoom[];
  /** Who is at an appointment of their own. */
  away: AwayOnDay[];
  /** Said of a school day to come without a lesson, while lessons come after it. */
  free: string;
  /** What is to be got ready on this day, or over the weekend after it, and for which part. */
  ready: { what: string; for: string; cautions: string[] }[];
  /** By child id. */
  lanes: Record<string, LaneDay>;
}

export interface WeeksView {
  info: FrameInfo;
  today: string;
  hasYear: boolean;
  /** Whether a better lay-out could mend anything. */
  hasToGain: boolean;
  weekFrom: string;
  /** Number of this week among those with school, and the ones beside it. */
  number?: number;
  before?: string;
  after?: string;
  subtitle: string;
  days: WeekDay[];
  /** Every school day from today on, for the menu and the keys. */
  schoolDays: string[];
  children: { id: string; name: string; hatch: HatchName; limit: number }[];
  leadLimit: number;
  inkable: boolean;
  /** Preparations for parts of this week whose last day has gone by, and that are not done. */
  unready: string[];
  /** Minutes of what is to be got ready on days of this week and not ready yet. */
  prepMinutes: number;
  rubbable: boolean;
  /** Pencilled sittings on days gone by. */
  stale: number;
  unit?: { id: string; title: string; perWeek: string; wishedEnd: string | null };
  verdict?: Verdict;
  message: string;
  /** When it is likely to end, from what happened so far. */
  forecast?: ForecastLine;
  unitDays: UnitDay[];
}

export async function loadWeeks(params: SearchParams): Promise<WeeksView> {
  const { plan, info, today, unit } = await load(params);
  const allDays = plan.year ? schoolDays(plan.year) : [];
  const start =
    (await dateParam(params, 'week')) ??
    (info.looking && lastDay(plan)) ??
    firstUsefulDay(
      plan.sittings.map((s) => s.date),
      today,
      weekOf(plan.year, today),
      allDays[0]?.date ?? today,
    );
  const weekFrom = weekOf(plan.year, start);
  const weekTo = addDays(weekFrom, 6);
  const weekStarts = [...new Set(allDays.map((d) => d.weekFrom))];

  const parts = byId(plan.parts);
  const lessons = byId(plan.lessons);
  const units = byId(plan.units);
  const homeOf = homes(plan);
  const done = doneParts(plan);
  const minutesFor = partMinutes(plan);
  const given = new Map(plan.assignments.map((a) => [assignmentKey(a.partId, a.childId), a]));
  const numbers = new Map(
    plan.units.flatMap((u) => lessonsOf(plan, u.id).map((l): [string, number] => [l.id, l.number])),
  );
  const order = new Map(plan.parts.map((p, i) => [p.id, i]));
  const nameOf = namesIn(plan);
  const firstDate = new Map<string, string>();
  for (const s of plan.sittings) {
    const { lessonId } = parts.get(s.partId)!;
    if (lessonId === null) continue;
    if (s.date < (firstDate.get(lessonId) ?? '9')) firstDate.set(lessonId, s.date);
  }
  const spinePages = (lessonId: string, unitId: string): string => {
    const pull = plan.pulls.find((p) => p.unitId === unitId && p.role === 'spine');
    const use = pull && plan.uses.find((u) => u.pullId === pull.id && u.lessonId === lessonId);
    return use?.firstPage ? `pp. ${use.firstPage}–${use.lastPage}` : '';
  };

  const ofWeek = plan.sittings.filter((s) => s.date >= weekFrom && s.date <= weekTo);
  const dates = [
    ...new Set([
      ...allDays.filter((d) => d.weekFrom === weekFrom).map((d) => d.date),
      ...ofWeek.map((s) => s.date),
    ]),
  ].sort();
  const stateOf = (sittings: typeof ofWeek): RoomState => {
    if (sittings.length && sittings.every((s) => done.has(s.partId))) return 'done';
    if (sittings.some((s) => s.state === 'ink')) return 'ink';
    return 'pencil';
  };

  const ready = preparing(plan, today).planned.filter((p) => !p.isReady);
  const lastLesson =
    plan.sittings
      .filter((s) => parts.get(s.partId)?.lessonId)
      .map((s) => s.date)
      .sort()
      .at(-1) ?? '';
  const loads = loadsOn(plan, dates);
  const days = dates.map((date, i): WeekDay => {
    const load = loads[i];
    const sittings = ofWeek
      .filter((s) => s.date === date)
      .sort((a, b) => order.get(a.partId)! - order.get(b.partId)!);
    const lanes: WeekDay['lanes'] = Object.fromEntries(
      load.children.map((c) => [c.childId, { work: [], minutes: c.minutes, state: 'pencil' }]),
    );
    const laneSittings = new Map<string, typeof ofWeek>();
    for (const s of sittings) {
      const part = parts.get(s.partId)!;
      const u = homeOf(part).unit;
      const lay = minutesFor(part, u);
      for (const c of childrenOf(part, u, plan.children)) {
        const lane = lanes[c.id];
        laneSittings.set(c.id, [...(laneSittings.get(c.id) ?? []), s]);
        if (isLadderKind(part.kind) && OWN_WORK_KINDS.includes(part.kind))
          lane.work.push((given.get(assignmentKey(part.id, c.id))?.wording ?? part.title).split(': ')[0]);
        else if (OWN_WORK_KINDS.includes(part.kind))
          lane.work.push(`${part.title}, ${lay.minutes[c.id]} min`);
      }
    }
    for (const [childId, own] of laneSittings) lanes[childId].state = stateOf(own);
    const together = sittings.filter((s) => {
      const p = parts.get(s.partId)!;
      return p.lessonId === null && !OWN_WORK_KINDS.includes(p.kind);
    });
    const hasLesson = sittings.some((s) => parts.get(s.partId)!.lessonId !== null);
    const isOpen = date >= today && allDays.some((d) => d.date === date);
    const left = Math.max(0, (plan.family?.leadMinutes ?? 0) - load.parent.minutes);
    return {
      date,
      away: awayOn(plan, date),
      free: isOpen && !hasLesson && date < lastLesson ? `no lesson; you have ${lengthText(left)} left` : '',
      leadMinutes: load.parent.minutes,
      lanes,
      ready: ready
        .filter(
          (r) =>
            r.day === date ||
            (r.day < date &&
              r.day > (dates[dates.indexOf(date) - 1] ?? addDays(date, -1)) &&
              r.day >= weekFrom) ||
            // What is to be done over the weekend is seen on the last day before it.
            (date === dates.at(-1) && r.day > date && r.day <= addDays(weekFrom, 6)),
        )
        .map((r) => ({
          what: r.day > date ? `${shortDate(r.day)}: ${r.what}` : r.what,
          for: r.part,
          cautions: cautionsAhead(
            parts.get(r.partId)!,
            r.what,
            plan.children,
            plan.family?.allergies ?? [],
            weekFrom,
          ).map((c) => c.toLowerCase()),
        })),
      others: together.map((s): OtherRoom => {
        const part = parts.get(s.partId)!;
        const { unit: u } = homeOf(part);
        return {
          partId: part.id,
          title: part.title,
          minutes: Math.max(0, ...Object.values(minutesFor(part, u).minutes)),
          window: s.window,
          state: stateOf([s]),
          missed: plan.marks.some((m) => m.partId === part.id && m.outcome === 'missed' && m.date === date),
          hatches: childrenOf(part, u, plan.children).map(({ name, hatch }) => ({ name, hatch })),
        };
      }),
      closed: !allDays.some((d) => d.date === date),
      lessons: [
        ...groupBy(
          sittings.filter((s) => parts.get(s.partId)!.lessonId !== null),
          (s) => parts.get(s.partId)!.lessonId!,
        ),
      ].map(([lessonId, own]): LessonRoom => {
        const lesson = lessons.get(lessonId)!;
        const u = units.get(lesson.unitId)!;
        const together = own.map((s) => ({ s, part: parts.get(s.partId)! }));
        const who = plan.children.filter((c) =>
          together.some(({ part }) => childrenOf(part, u, plan.children).includes(c)),
        );
        return {
          lessonId,
          number: numbers.get(lessonId)!,
          title: lesson.title,
          unitId: u.id,
          unitTitle: u.title,
          continued: firstDate.get(lessonId)! < date,
          pages: firstDate.get(lessonId) === date ? spinePages(lessonId, u.id) : '',
          minutes: together.reduce(
            (sum, { part }) => sum + Math.max(0, ...Object.values(minutesFor(part, u).minutes)),
            0,
          ),
          state: stateOf(own),
          hatches: who.map(({ name, hatch }) => ({ name, hatch })),
          parts: together.map(({ s, part }) => ({
            id: part.id,
            title: part.title,
            minutes: Math.max(0, ...Object.values(minutesFor(part, u).minutes)),
            why: reasonInWords(s.reason, nameOf),
            wait: part.waitAfterHours ? `${part.waitLabel || 'waits'} ${part.waitAfterHours} h` : '',
          })),
          canMove: own.every(
            (s) => s.state === 'pencil' && !done.has(s.partId) && !parts.get(s.partId)!.fixedDate,
          ),
        };
      }),
    };
  });

  const at = weekStarts.indexOf(weekFrom);
  const verdict = unit && verdictOf(plan, unit.id, today);
  const total = unit ? lessonsOf(plan, unit.id).length : 0;
  const ofUnit = [
    ...new Set(days.flatMap((d) => d.lessons.filter((l) => l.unitId === unit?.id).map((l) => l.number))),
  ].sort((a, b) => a - b);
  const lessonWords = ofUnit.length
    ? ` · ${ofUnit.length > 1 ? `lessons ${ofUnit[0]}–${ofUnit.at(-1)}` : `lesson ${ofUnit[0]}`} of ${total}`
    : '';
  return {
    info,
    today,
    hasYear: !!plan.year,
    prepMinutes: ready
      .filter((r) => r.day >= weekFrom && r.day <= addDays(weekFrom, 6))
      .reduce((sum, r) => sum + r.minutes, 0),
    unready: ready
      .filter((r) => r.isLate && dates.includes(r.on))
      .map((r) => `${r.what}, for ${r.part} on ${shortDate(r.on)}`),
    hasToGain: !info.looking && hasToGain(plan, today),
    weekFrom,
    number: at >= 0 ? at + 1 : undefined,
    before: weekStarts.filter((m) => m < weekFrom).at(-1),
    after: weekStarts.find((m) => m > weekFrom),
    subtitle: `${dayMonth(dates[0] ?? weekFrom)} to ${dayMonth(dates.at(-1) ?? weekTo)}${unit ? ` · ${unit.title}${lessonWords}` : ''}`,
    days,
    schoolDays: allDays.filter((d) => d.date >= today).map((d) => d.date),
    children: plan.children.map(({ id, name, hatch, minutes }) => ({ id, name, hatch, limit: minutes })),
    leadLimit: plan.family?.leadMinutes ?? 0,
    inkable: ofWeek.some((s) => s.state === 'pencil' && !done.has(s.partId)),
    rubbable: ofWeek.some((s) => s.state === 'ink' && !done.has(s.partId)),
    stale: plan.sittings.filter((s) => s.date < today && s.state === 'pencil' && !done.has(s.partId)).length,
    unit: unit && {
      id: unit.id,
      title: unit.title,
      perWeek: unit.lessonsPerWeek ? paceFigures(unit) : '',
      wishedEnd: unit.wishedEnd,
    },
    verdict,
    message: verdict ? verdictInWords(verdict) : '',
    forecast: info.looking || !unit ? undefined : forecastFor(plan, unit, today),
    unitDays: unit ? unitDays(plan, unit.id) : [],
  };
}

/** Today's week, or the first week with something in it when that is still to come. */
function firstUsefulDay(dates: string[], today: string, thisWeek: string, yearStarts: string): string {
  const coming = dates.filter((d) => d >= thisWeek).sort()[0];
  return coming ?? (today < yearStarts ? yearStarts : today);
}
