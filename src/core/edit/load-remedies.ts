/** What would mend a load or a wait that is too much: each way is worked out on a copy of the plan. */
import { addDays, shortDate } from '../calendar/dates';
import { schoolDays } from '../calendar/school-days';
import { lessonLoad, overBy, waitingIn, type Share } from '../dayplan/loads';
import type { Wait } from '../dayplan/waits';
import { elderFor } from '../ladder/elder';
import { isLadderKind } from '../ladder/kinds';
import { childrenOf, homes } from '../plan/lookup';
import type { IsoDate } from '../plan/measures';
import type { Part } from '../plan/lesson';
import type { Plan } from '../plan/plan';
import { SHARED_KINDS } from '../plan/words';
import { perform, type Edit, type EditContext } from './edit';
import { letTeach, moveRung, skipPart } from './ladder';
import { removePart } from './lessons';
import { movePart } from './weeks';

export type Remedy =
  | { does: 'rung'; childId: string; by: number }
  | { does: 'skip'; childId: string; partId: string }
  | { does: 'teach'; partId: string; youngerId: string; elderId: string }
  | { does: 'later'; partId: string; date: IsoDate }
  | { does: 'drop'; partId: string };

export interface WorkedRemedy {
  remedy: Remedy;
  /** What it would be: minutes after it, and minutes over what can be taken. */
  minutes: number;
  over: number;
  message: string;
}

export function remedyEdit(lessonId: string, remedy: Remedy): Edit {
  switch (remedy.does) {
    case 'rung':
      return moveRung(lessonId, remedy.childId, remedy.by);
    case 'skip':
      return skipPart(remedy.partId, remedy.childId);
    case 'teach':
      return letTeach(remedy.partId, remedy.youngerId, remedy.elderId);
    case 'later':
      return movePart(remedy.partId, remedy.date);
    case 'drop':
      return removePart(remedy.partId);
  }
}

/** For whom a share is too much: a child, or the parent. */
export type Whose = { childId: string } | 'parent';

/**
 * Ways to make somebody's share of a lesson less, or to give it more days, each worked out on a copy of the plan: the
 * smallest change that is enough comes first, then what helps most. Those that help nothing are left out, and so are
 * those the plan refuses.
 */
export function remediesFor(
  plan: Plan,
  lessonId: string,
  whose: Whose,
  context: EditContext,
): WorkedRemedy[] {
  const shareIn = (p: Plan): Share | undefined => {
    const load = lessonLoad(p, lessonId);
    return whose === 'parent' ? load.parent : load.children.find((c) => c.childId === whose.childId);
  };
  const now = shareIn(plan);
  if (!now) return [];
  const tried = whose === 'parent' ? forParent(plan, lessonId) : forChild(plan, lessonId, whose.childId);
  return [...tried, ...forAnyone(plan, lessonId)]
    .flatMap(({ remedy, words }): WorkedRemedy[] => {
      const done = perform(remedyEdit(lessonId, remedy), plan, context);
      const then =
        'refused' in done ? undefined : (shareIn(done.plan) ?? { minutes: 0, limit: now.limit, day: null });
      if (!then) return [];
      const over = overBy(then);
      if (over > overBy(now) || (over === overBy(now) && then.minutes >= now.minutes)) return [];
      const message =
        then.minutes < now.minutes
          ? `${then.minutes} min instead of ${now.minutes}`
          : then.limit > now.limit
            ? `a day more for it, ${then.minutes} min of ${then.limit}`
            : now.day && !then.day
              ? `${shortDate(now.day.date)} is no longer too full`
              : '';
      return message
        ? [
            {
              remedy,
              minutes: then.minutes,
              over,
              message: `${words}: ${message}${over ? `, still ${over} over` : ''}`,
            },
          ]
        : [];
    })
    .sort((a, b) => a.over - b.over || b.minutes - a.minutes);
}

interface Tried {
  remedy: Remedy;
  words: string;
}

const ownWork = (plan: Plan, lessonId: string): Part[] =>
  plan.parts.filter(
    (p) =>
      p.lessonId === lessonId && p.ruleId === null && isLadderKind(p.kind) && !SHARED_KINDS.includes(p.kind),
  );

function forChild(plan: Plan, lessonId: string, childId: string): Tried[] {
  const lesson = plan.lessons.find((l) => l.id === lessonId);
  const child = plan.children.find((c) => c.id === childId);
  if (!lesson || !child) return [];
  const homeOf = homes(plan);
  // What is done cannot be left out any more.
  const done = new Set(
    plan.marks
      .filter((m) => m.outcome === 'done' && (m.childId === null || m.childId === childId))
      .map((m) => m.partId),
  );
  const childParts = plan.parts
    .filter((p) => p.lessonId === lessonId && p.ruleId === null && p.kind !== 'teaching' && !done.has(p.id))
    .filter((p) => childrenOf(p, homeOf(p).unit, plan.children).some((c) => c.id === childId));
  return [
    ...[1, 2].map((down): Tried => ({
      remedy: { does: 'rung', childId, by: (lesson.rungMoves[childId] ?? 0) - down },
      words: `${child.name} ${down === 1 ? 'a rung' : 'two rungs'} down in this lesson`,
    })),
    ...childParts.map((p): Tried => ({
      remedy: { does: 'skip', childId, partId: p.id },
      words: `${child.name} leaves out “${p.title}”`,
    })),
  ];
}

/** Pieces of one-to-one work below this are not worth an elder's time. Own choice. */
const WORTH_TEACHING = 4;

function forParent(plan: Plan, lessonId: string): Tried[] {
  const parts = new Map(ownWork(plan, lessonId).map((p) => [p.id, p]));
  return plan.assignments
    .filter((a) => parts.has(a.partId) && a.parentMinutes >= WORTH_TEACHING)
    .flatMap((a): Tried[] => {
      const part = parts.get(a.partId)!;
      const younger = plan.children.find((c) => c.id === a.childId)!;
      const elder = elderFor(plan, part, younger);
      return elder
        ? [
            {
              remedy: { does: 'teach', partId: part.id, youngerId: younger.id, elderId: elder.id },
              words: `${elder.name} teaches ${younger.name} “${part.title}”`,
            },
          ]
        : [];
    });
}

/** Days after the last one of the lesson on which a part is tried. */
const LATER = 7;

/** What helps whoever has too much: an optional part is dropped, the last part waits for the next school day. */
function forAnyone(plan: Plan, lessonId: string): Tried[] {
  const parts = plan.parts.filter((p) => p.lessonId === lessonId && p.ruleId === null);
  const marked = new Set(plan.marks.map((m) => m.partId));
  const drops = parts
    .filter((p) => p.optional && !marked.has(p.id))
    .map((p): Tried => ({
      remedy: { does: 'drop', partId: p.id },
      words: `“${p.title}” is left out, it may be`,
    }));
  const last = parts.at(-1);
  const stands = last && plan.sittings.find((s) => s.partId === last.id)?.date;
  if (!last || !stands || !plan.year || parts.length < 2) return drops;
  const next = schoolDays(plan.year).find((d) => d.date > stands && d.date <= addDays(stands, LATER))?.date;
  return next
    ? [
        ...drops,
        {
          remedy: { does: 'later', partId: last.id, date: next },
          words: `“${last.title}” on ${shortDate(next)}`,
        },
      ]
    : drops;
}

/**
 * Ways to make a wait shorter: an elder teaches the child who waits, or the one who has the parent meanwhile. Each is
 * worked out on a copy of the plan; `minutes` are those waited in the whole lesson then, the fewest first.
 */
export function remediesForWait(
  plan: Plan,
  lessonId: string,
  wait: Pick<Wait, 'childId' | 'partId' | 'forIds' | 'forPartId'>,
  context: EditContext,
): WorkedRemedy[] {
  const parts = new Map(ownWork(plan, lessonId).map((p) => [p.id, p]));
  const now = waitingIn(plan, lessonId);
  const teachable = [[wait.partId, wait.childId], ...wait.forIds.map((id) => [wait.forPartId, id])];
  return teachable
    .flatMap(([partId, youngerId]): WorkedRemedy[] => {
      const part = parts.get(partId);
      const younger = plan.children.find((c) => c.id === youngerId);
      const elder = part && younger && elderFor(plan, part, younger);
      if (!part || !younger || !elder) return [];
      const remedy: Remedy = { does: 'teach', partId, youngerId, elderId: elder.id };
      const done = perform(remedyEdit(lessonId, remedy), plan, context);
      const minutes = 'refused' in done ? now : waitingIn(done.plan, lessonId);
      return minutes < now
        ? [
            {
              remedy,
              minutes,
              over: 0,
              message: `${elder.name} teaches ${younger.name} “${part.title}”: ${minutes ? `${minutes} min of waiting instead of ${now}` : 'nobody waits'}`,
            },
          ]
        : [];
    })
    .sort((a, b) => a.minutes - b.minutes);
}
