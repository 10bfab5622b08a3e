/**
 * Parts that come back: what a rule makes of them, as far as the plan reaches. A rule's part has an id made of the
 * rule and its day or lesson, so that it is the same part however often it is made again; one with a mark stays as it was.
 */
import { addDays, daysBetween, weekdayOf, weekFrom } from '../calendar/dates';
import { schoolDayFrom, type SchoolDay } from '../calendar/school-days';
import type { IsoDate } from '../plan/measures';
import { blankPart } from '../plan/blank';
import { byId, groupBy, partsByLesson } from '../plan/lookup';
import type { Lesson, Part, Rule } from '../plan/lesson';
import type { Plan } from '../plan/plan';
import type { Unit } from '../plan/unit';

/** How far the plan reaches: the last day of each unit's lessons, of them all, and where each part stands. */
export interface Reach {
  units: ReadonlyMap<string, IsoDate>;
  family: IsoDate;
  places: ReadonlyMap<string, IsoDate>;
}

/** The plan's parts with those of its rules made afresh: parts of the unit and the family first, then lesson by lesson. */
export function withRecurring(plan: Plan, days: readonly SchoolDay[], reach: Reach): Part[] {
  const rules = byId(plan.rules);
  const marked = new Set(plan.marks.map((m) => m.partId));
  const missed = new Set(plan.marks.filter((m) => m.outcome === 'missed').map((m) => m.partId));
  const stood = byId(plan.parts);
  const units = byId(plan.units);
  const lessonsOf = groupBy(plan.lessons, (l) => l.unitId);
  const loose = new Map<string, Part>();
  const first = new Map<string, Part[]>();
  const last = new Map<string, Part[]>();
  const keep = (made: Part): Part => {
    const was = stood.get(made.id);
    if (!was) return made;
    if (marked.has(made.id)) return was;
    return { ...made, seen: was.seen };
  };
  for (const rule of plan.rules) {
    const unit = rule.unitId === null ? undefined : units.get(rule.unitId);
    if (rule.unitId !== null && (!unit || unit.waiting)) continue;
    if (rule.rhythm.on === 'lesson') {
      if (!unit) continue;
      const lessons = lessonsOf.get(unit.id) ?? [];
      const at = rule.rhythm.place === 'first' ? first : last;
      lessons.forEach((lesson, i) =>
        at.set(lesson.id, [
          ...(at.get(lesson.id) ?? []),
          keep(lessonPart(rule, lesson, i + 1, lessons.length)),
        ]),
      );
      if (rule.assembly && lessons.length) {
        const made = keep({
          ...partOf(rule, `${rule.id}-assembly`, rule.assembly.title),
          minutes: rule.assembly.minutes,
          unitId: unit.id,
        });
        loose.set(made.id, made);
      }
      continue;
    }
    // What a closed unit would bring back on days comes no more; what was done of it stays.
    if (unit && unit.closedOn !== null) continue;
    const dates = datesOf(rule, unit, days, rule.steps.length ? wholeYear(days, unit) : reach);
    let step = 0;
    for (const [i, date] of dates.entries()) {
      if (rule.steps.length && step >= rule.steps.length) break;
      const fresh = partOf(
        rule,
        `${rule.id}-${date.replaceAll('-', '')}`,
        rule.steps[step]?.title ?? named(rule, i + 1),
      );
      const made = keep({
        ...fresh,
        minutes: rule.steps[step]?.minutes ?? rule.minutes,
        unitId: rule.unitId,
        fixedDate: date,
      });
      loose.set(made.id, made);
      // A step that did not happen comes again on the next day; what was read keeps its place whatever became of the
      // days before it.
      if (!missed.has(made.id))
        step =
          (marked.has(made.id)
            ? Math.max(
                step,
                rule.steps.findIndex((s) => s.title === made.title),
              )
            : step) + 1;
    }
  }
  // What has a mark stays, though its rule would no longer bring it.
  const made = new Set([...loose.keys(), ...[...first.values(), ...last.values()].flat().map((p) => p.id)]);
  const stays = plan.parts
    .filter((p) => p.ruleId === null || (marked.has(p.id) && !made.has(p.id)))
    .map((p) => (p.ruleId === null || rules.has(p.ruleId) ? p : { ...p, ruleId: null }));
  const byLesson = partsByLesson(stays);
  return [
    ...stays.filter((p) => p.lessonId === null),
    ...loose.values(),
    ...plan.lessons.flatMap((l) => [
      ...(first.get(l.id) ?? []),
      ...(byLesson.get(l.id) ?? []),
      ...(last.get(l.id) ?? []),
    ]),
  ];
}

/** The days on which a rule's parts fall, in order. */
export function datesOf(
  rule: Rule,
  unit: Unit | undefined,
  days: readonly SchoolDay[],
  reach: Reach,
): IsoDate[] {
  const { rhythm } = rule;
  if (rhythm.on === 'lesson') return [];
  if (rhythm.on === 'after') {
    const stands = reach.places.get(rhythm.partId);
    if (!stands) return [];
    const looked = Array.from(
      { length: rhythm.times },
      (_, k) => schoolDayFrom(days, addDays(stands, (k + 1) * rhythm.everyDays))?.date,
    );
    return [...new Set(looked.filter((d) => d !== undefined))];
  }
  const from = later(unit?.starts, rule.first) ?? days[0]?.date;
  const to = earlier(unit ? reach.units.get(unit.id) : reach.family, rule.last);
  if (!from || !to) return [];
  const firstDay = schoolDayFrom(days, from);
  const found: IsoDate[] = [];
  for (let i = firstDay?.index ?? days.length; i < days.length && days[i].date <= to; i++) {
    const day = days[i];
    if (rhythm.on === 'day') {
      found.push(day.date);
      continue;
    }
    // A unit counts its school weeks; the family, who meets other families, those of the calendar.
    const week = unit
      ? day.week - firstDay!.week + 1
      : daysBetween(weekFrom(from, weekdayOf(day.weekFrom)), day.weekFrom) / 7 + 1;
    if (week < rhythm.startWeek || (week - rhythm.startWeek) % rhythm.everyWeeks !== 0) continue;
    const opens = i === firstDay!.index || days[i - 1].weekFrom !== day.weekFrom;
    const closes = i === days.length - 1 || days[i + 1].weekFrom !== day.weekFrom;
    // With a weekday, the day itself or none: a poem on Mondays is not read on Tuesday because Monday is a holiday.
    if (
      rhythm.on === 'weekday' ? day.weekday === rhythm.weekday : rhythm.on === 'week-first' ? opens : closes
    )
      found.push(day.date);
  }
  return found;
}

const later = (a: IsoDate | null | undefined, b: IsoDate | null | undefined): IsoDate | undefined =>
  a && b ? (a > b ? a : b) : (a ?? b ?? undefined);
const earlier = (a: IsoDate | null | undefined, b: IsoDate | null | undefined): IsoDate | undefined =>
  a && b ? (a < b ? a : b) : (a ?? undefined);

function partOf(rule: Rule, id: string, title: string): Part {
  const { kind, minutes, lead, adultId, orParent, window, childIds, supplies } = rule;
  return {
    ...blankPart,
    id: shortId(id),
    ruleId: rule.id,
    kind,
    title,
    minutes,
    lead,
    adultId,
    orParent,
    window,
    childIds,
    supplies,
  };
}

/**
 * An id of at most 64 characters; what would be cut off lives on in a number (FNV-1a, 32 bits), so that two parts
 * never share one.
 */
function shortId(id: string): string {
  if (id.length <= 64) return id;
  let hash = 0x811c9dc5;
  for (const c of id) hash = Math.imul(hash ^ c.charCodeAt(0), 0x01000193);
  return `${id.slice(0, 54)}-${(hash >>> 0).toString(36)}`;
}

function named(rule: Rule, n: number, of?: number): string {
  const title =
    rule.amount === null
      ? rule.title
      : `${rule.title}, ${rangeText(rule.amount, rule.amountTo)} ${rule.amountOf}`.trim();
  return (rule.piece ? `${title}, ${rule.piece} ${n}${of ? ` of ${of}` : ''}` : title).slice(0, 200);
}

function lessonPart(rule: Rule, lesson: Lesson, n: number, of: number): Part {
  return { ...partOf(rule, `${rule.id}-${lesson.id}`, named(rule, n, of)), lessonId: lesson.id };
}

/** Whether parts are the same, in the same order: rules have nothing more to add. */
export function sameParts(a: readonly Part[], b: readonly Part[]): boolean {
  return a.length === b.length && a.every((p, i) => p.id === b[i].id && p.title === b[i].title);
}

function wholeYear(days: readonly SchoolDay[], unit: Unit | undefined): Reach {
  const end = days.at(-1)?.date ?? '';
  return { units: new Map(unit ? [[unit.id, end]] : []), family: end, places: new Map() };
}

/**
 * A school year's worth of a daily amount: so many each time, as often as the rule comes from its first day to the
 * year's end.
 */
export function amountInYear(
  rule: Rule,
  unit: Unit | undefined,
  days: readonly SchoolDay[],
): { times: number; total: string } {
  const times = datesOf(rule, unit, days, wholeYear(days, unit)).length;
  const least = times * (rule.amount ?? 1);
  return { times, total: rangeText(least, rule.amount && rule.amountTo ? times * rule.amountTo : null) };
}

/** `715`, or `715 to 1,144` where it is a range. */
function rangeText(least: number, most: number | null): string {
  const text = (n: number): string => n.toLocaleString('en');
  return most !== null && most > least ? `${text(least)} to ${text(most)}` : text(least);
}
