/** What work asks of each child and of the parent with one child at a time, by lesson, day and week, against what they can take, and what would mend it. */
import { addDays, mondayOf, shortDate } from '../calendar/dates';
import { schoolDays } from '../calendar/school-days';
import { waitsOn, type Wait } from '../dayplan/waits';
import { letTeach, moveRung, skipPart } from '../edit/ladder';
import { removePart } from '../edit/lessons';
import { movePart } from '../edit/weeks';
import { perform, type Edit, type EditContext } from '../edit/edit';
import { partMinutes } from '../layout/input';
import { childrenOf, groupBy, homes } from '../plan/lookup';
import { SHARED_KINDS } from '../plan/words';
import type { IsoDate } from '../plan/measures';
import type { Child, Plan } from '../plan/plan';
import type { Part } from '../plan/lesson';
import { isLadderKind } from './kinds';
import { rungOf } from './rungs';

export interface Load {
  minutes: number;
  /** What can be taken on the days over which the work stands; on one where it stands nowhere. */
  limit: number;
}

export interface ChildLoad extends Load {
  childId: string;
}

/** A share of a lesson; `day` is the fullest of its days, where all that stands on it is more than can be taken. */
export interface Share extends Load {
  day: (Load & { date: IsoDate }) | null;
}

/** Minutes over what can be taken: in the lesson as a whole, or on its fullest day. */
export const overBy = ({ minutes, limit, day }: Share): number => Math.max(0, minutes - limit, day ? day.minutes - day.limit : 0);

export interface LessonLoad {
  children: (Share & { childId: string })[];
  /** All minutes in which the parent leads or helps. */
  parent: Share;
  /** Minutes of them in which one child alone needs the parent. */
  oneToOne: number;
}

export function lessonLoad(plan: Plan, lessonId: string): LessonLoad {
  const homeOf = homes(plan);
  const parts = plan.parts.filter((p) => p.lessonId === lessonId);
  const days = groupBy(plan.sittings, (s) => s.partId);
  const minutes = partMinutes(plan);
  const dates = [...new Set(parts.flatMap((p) => (days.get(p.id) ?? []).map((s) => s.date)))].sort();
  const stands = Math.max(1, dates.length);
  const ids = new Set(parts.map((p) => p.id));
  const stretches = loadsOn(plan, dates);
  const fullest = (of: (s: Stretch) => Load): Share['day'] => {
    const over = stretches.map((s) => ({ date: s.date, ...of(s) })).filter((d) => d.minutes > d.limit).sort((x, y) => y.minutes - y.limit - x.minutes + x.limit)[0];
    return over ? { date: over.date, minutes: over.minutes, limit: over.limit } : null;
  };
  return {
    children: plan.children.flatMap((c) => {
      const his = parts.filter((p) => childrenOf(p, homeOf(p).unit, plan.children).some((x) => x.id === c.id));
      return his.length ? [{ childId: c.id, minutes: his.reduce((sum, p) => sum + minutes(p, homeOf(p).unit).minutes[c.id], 0), limit: c.minutes * stands, day: fullest((s) => s.children.find((x) => x.childId === c.id)!) }] : [];
    }),
    parent: { minutes: parts.reduce((sum, p) => sum + minutes(p, homeOf(p).unit).lead, 0), limit: (plan.family?.leadMinutes ?? 0) * stands, day: fullest((s) => s.parent) },
    oneToOne: plan.assignments.filter((a) => ids.has(a.partId)).reduce((sum, a) => sum + a.parentMinutes, 0),
  };
}

export interface Stretch {
  /** A school day, or the Monday of a week. */
  date: IsoDate;
  children: ChildLoad[];
  parent: Load;
}

/** Everybody's minutes on every school day from one date to another, all units and the daily work together. */
export function loadsByDay(plan: Plan, first: IsoDate, last: IsoDate): Stretch[] {
  return plan.year ? loadsOn(plan, schoolDays(plan.year).map((d) => d.date).filter((d) => d >= first && d <= last)) : [];
}

function loadsOn(plan: Plan, dates: readonly IsoDate[]): Stretch[] {
  const homeOf = homes(plan);
  const minutes = partMinutes(plan);
  const parts = new Map(plan.parts.map((p) => [p.id, minutes(p, homeOf(p).unit)]));
  const on = groupBy(plan.sittings, (s) => s.date);
  return dates.map((date) => {
    const laid = (on.get(date) ?? []).map((s) => parts.get(s.partId)!);
    return {
      date,
      children: plan.children.map((c) => ({ childId: c.id, minutes: laid.reduce((sum, p) => sum + (p.minutes[c.id] ?? 0), 0), limit: c.minutes })),
      parent: { minutes: laid.reduce((sum, p) => sum + p.lead, 0), limit: plan.family?.leadMinutes ?? 0 },
    };
  });
}

/** Days added up to weeks, each under its Monday; the limits of its school days add up too. */
export function loadsByWeek(days: readonly Stretch[]): Stretch[] {
  const sum = (loads: readonly Load[]): Load => ({ minutes: loads.reduce((s, l) => s + l.minutes, 0), limit: loads.reduce((s, l) => s + l.limit, 0) });
  return [...groupBy(days, (d) => mondayOf(d.date))].map(([date, of]) => ({
    date, parent: sum(of.map((d) => d.parent)),
    children: of[0].children.map(({ childId }) => ({ childId, ...sum(of.map((d) => d.children.find((c) => c.childId === childId)!)) })),
  }));
}

export type Remedy =
  | { does: 'rung'; childId: string; by: number } | { does: 'skip'; childId: string; partId: string } | { does: 'teach'; partId: string; youngerId: string; elderId: string }
  | { does: 'later'; partId: string; date: IsoDate } | { does: 'drop'; partId: string };

export interface WorkedRemedy {
  remedy: Remedy;
  /** What it would be: minutes after it, and minutes over what can be taken. */
  minutes: number;
  over: number;
  says: string;
}

export function remedyEdit(lessonId: string, remedy: Remedy): Edit {
  switch (remedy.does) {
    case 'rung': return moveRung(lessonId, remedy.childId, remedy.by);
    case 'skip': return skipPart(remedy.partId, remedy.childId);
    case 'teach': return letTeach(remedy.partId, remedy.youngerId, remedy.elderId);
    case 'later': return movePart(remedy.partId, remedy.date);
    case 'drop': return removePart(remedy.partId);
  }
}

/** For whom a share is too much: a child, or the parent. */
export type Whose = { childId: string } | 'parent';

/**
 * Ways to make somebody's share of a lesson less, or to give it more days, each worked out on a copy of the plan: the
 * smallest change that is enough comes first, then what helps most. Those that help nothing are left out, and so are those the plan refuses.
 */
export function remediesFor(plan: Plan, lessonId: string, whose: Whose, context: EditContext): WorkedRemedy[] {
  const shareIn = (p: Plan): Share | undefined => {
    const load = lessonLoad(p, lessonId);
    return whose === 'parent' ? load.parent : load.children.find((c) => c.childId === whose.childId);
  };
  const now = shareIn(plan);
  if (!now) return [];
  const tried = whose === 'parent' ? forParent(plan, lessonId) : forChild(plan, lessonId, whose.childId);
  return [...tried, ...forAnyone(plan, lessonId)].flatMap(({ remedy, words }): WorkedRemedy[] => {
    const done = perform(remedyEdit(lessonId, remedy), plan, context);
    const then = 'refused' in done ? undefined : (shareIn(done.plan) ?? { minutes: 0, limit: now.limit, day: null });
    if (!then) return [];
    const over = overBy(then);
    if (over > overBy(now) || (over === overBy(now) && then.minutes >= now.minutes)) return [];
    const says = then.minutes < now.minutes ? `${then.minutes} min instead of ${now.minutes}` : then.limit > now.limit ? `a day more for it, ${then.minutes} min of ${then.limit}` : now.day && !then.day ? `${shortDate(now.day.date)} is no longer too full` : '';
    return says ? [{ remedy, minutes: then.minutes, over, says: `${words}: ${says}${over ? `, still ${over} over` : ''}` }] : [];
  }).sort((a, b) => a.over - b.over || b.minutes - a.minutes);
}

interface Tried {
  remedy: Remedy;
  words: string;
}

const ownWork = (plan: Plan, lessonId: string): Part[] => plan.parts.filter((p) => p.lessonId === lessonId && p.ruleId === null && isLadderKind(p.kind) && !SHARED_KINDS.includes(p.kind));

function forChild(plan: Plan, lessonId: string, childId: string): Tried[] {
  const lesson = plan.lessons.find((l) => l.id === lessonId);
  const child = plan.children.find((c) => c.id === childId);
  if (!lesson || !child) return [];
  const homeOf = homes(plan);
  // What is done cannot be left out any more.
  const done = new Set(plan.marks.filter((m) => m.outcome === 'done' && (m.childId === null || m.childId === childId)).map((m) => m.partId));
  const his = plan.parts.filter((p) => p.lessonId === lessonId && p.ruleId === null && p.kind !== 'teaching' && !done.has(p.id)).filter((p) => childrenOf(p, homeOf(p).unit, plan.children).some((c) => c.id === childId));
  return [
    ...[1, 2].map((down): Tried => ({ remedy: { does: 'rung', childId, by: (lesson.rungMoves[childId] ?? 0) - down }, words: `${child.name} ${down === 1 ? 'a rung' : 'two rungs'} down in this lesson` })),
    ...his.map((p): Tried => ({ remedy: { does: 'skip', childId, partId: p.id }, words: `${child.name} leaves out “${p.title}”` })),
  ];
}

/** Pieces of one-to-one work below this are not worth an elder's time. Own choice. */
const WORTH_TEACHING = 4;
const FEWEST_YEARS = 2;

function forParent(plan: Plan, lessonId: string): Tried[] {
  const parts = new Map(ownWork(plan, lessonId).map((p) => [p.id, p]));
  return plan.assignments.filter((a) => parts.has(a.partId) && a.parentMinutes >= WORTH_TEACHING).flatMap((a): Tried[] => {
    const part = parts.get(a.partId)!;
    const younger = plan.children.find((c) => c.id === a.childId)!;
    const elder = elderFor(plan, part, younger);
    return elder ? [{ remedy: { does: 'teach', partId: part.id, youngerId: younger.id, elderId: elder.id }, words: `${elder.name} teaches ${younger.name} “${part.title}”` }] : [];
  });
}

/** Who in the unit could teach a child: some years older, and of those who speak best the one with the most minutes in a day. */
export function elderFor(plan: Plan, part: Part, younger: Child): Child | undefined {
  const { unit } = homes(plan)(part);
  const years = (c: Child): number => (Number(younger.birthMonth.slice(0, 4)) * 12 + Number(younger.birthMonth.slice(5)) - Number(c.birthMonth.slice(0, 4)) * 12 - Number(c.birthMonth.slice(5))) / 12;
  const speaks = (c: Child): number => (unit ? rungOf(c, 'speaking', unit.starts) : 0);
  return plan.children.filter((c) => unit?.childIds.includes(c.id) && years(c) >= FEWEST_YEARS).sort((a, b) => speaks(b) - speaks(a) || b.minutes - a.minutes)[0];
}

/** Days after the last one of the lesson on which a part is tried. */
const LATER = 7;

/** What helps whoever has too much: an optional part is dropped, the last part waits for the next school day. */
function forAnyone(plan: Plan, lessonId: string): Tried[] {
  const parts = plan.parts.filter((p) => p.lessonId === lessonId && p.ruleId === null);
  const marked = new Set(plan.marks.map((m) => m.partId));
  const drops = parts.filter((p) => p.optional && !marked.has(p.id)).map((p): Tried => ({ remedy: { does: 'drop', partId: p.id }, words: `“${p.title}” is left out, it may be` }));
  const last = parts.at(-1);
  const stands = last && plan.sittings.find((s) => s.partId === last.id)?.date;
  if (!last || !stands || !plan.year || parts.length < 2) return drops;
  const next = schoolDays(plan.year).find((d) => d.date > stands && d.date <= addDays(stands, LATER))?.date;
  return next ? [...drops, { remedy: { does: 'later', partId: last.id, date: next }, words: `“${last.title}” on ${shortDate(next)}` }] : drops;
}

/** Minutes in which children wait for the parent with parts of a lesson, all its days together. */
export function waitingIn(plan: Plan, lessonId: string): number {
  const parts = new Set(plan.parts.filter((p) => p.lessonId === lessonId).map((p) => p.id));
  const dates = [...new Set(plan.sittings.filter((s) => parts.has(s.partId)).map((s) => s.date))];
  return dates.flatMap((date) => waitsOn(plan, date)).filter((w) => parts.has(w.partId)).reduce((sum, w) => sum + w.minutes, 0);
}

/**
 * Ways to make a wait shorter: an elder teaches the child who waits, or the one who has the parent meanwhile. Each is
 * worked out on a copy of the plan; `minutes` are those waited in the whole lesson then, the fewest first.
 */
export function remediesForWait(plan: Plan, lessonId: string, wait: Pick<Wait, 'childId' | 'partId' | 'forIds' | 'forPartId'>, context: EditContext): WorkedRemedy[] {
  const parts = new Map(ownWork(plan, lessonId).map((p) => [p.id, p]));
  const now = waitingIn(plan, lessonId);
  const teachable = [[wait.partId, wait.childId], ...wait.forIds.map((id) => [wait.forPartId, id])];
  return teachable.flatMap(([partId, youngerId]): WorkedRemedy[] => {
    const part = parts.get(partId);
    const younger = plan.children.find((c) => c.id === youngerId);
    const elder = part && younger && elderFor(plan, part, younger);
    if (!part || !younger || !elder) return [];
    const remedy: Remedy = { does: 'teach', partId, youngerId, elderId: elder.id };
    const done = perform(remedyEdit(lessonId, remedy), plan, context);
    const minutes = 'refused' in done ? now : waitingIn(done.plan, lessonId);
    return minutes < now ? [{ remedy, minutes, over: 0, says: `${elder.name} teaches ${younger.name} “${part.title}”: ${minutes ? `${minutes} min of waiting instead of ${now}` : 'nobody waits'}` }] : [];
  }).sort((a, b) => a.minutes - b.minutes);
}
