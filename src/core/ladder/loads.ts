/** What a lesson asks of each child and of the parent with one child at a time, against what they can take, and what would mend it. */
import { moveRung, skipPart } from '../edit/ladder';
import { perform, type Edit, type EditContext } from '../edit/edit';
import { partMinutes } from '../layout/input';
import { childrenOf, groupBy, homes } from '../plan/lookup';
import { SHARED_KINDS } from '../plan/words';
import type { Plan } from '../plan/plan';
import { isLadderKind } from './kinds';

export interface ChildLoad {
  childId: string;
  minutes: number;
  /** What the child can take on the days over which the lesson stands; on one where it stands nowhere. */
  limit: number;
}

export interface LessonLoad {
  children: ChildLoad[];
  /** Minutes in which one child alone needs the parent. */
  oneToOne: number;
}

export function lessonLoad(plan: Plan, lessonId: string): LessonLoad {
  const homeOf = homes(plan);
  const parts = plan.parts.filter((p) => p.lessonId === lessonId);
  const days = groupBy(plan.sittings, (s) => s.partId);
  const minutes = partMinutes(plan);
  const stands = new Set(parts.flatMap((p) => (days.get(p.id) ?? []).map((s) => s.date))).size;
  const ids = new Set(parts.map((p) => p.id));
  return {
    children: plan.children.flatMap((c): ChildLoad[] => {
      const his = parts.filter((p) => childrenOf(p, homeOf(p).unit, plan.children).some((x) => x.id === c.id));
      return his.length ? [{ childId: c.id, minutes: his.reduce((sum, p) => sum + minutes(p, homeOf(p).unit).minutes[c.id], 0), limit: c.minutes * Math.max(1, stands) }] : [];
    }),
    oneToOne: plan.assignments.filter((a) => ids.has(a.partId)).reduce((sum, a) => sum + a.parentMinutes, 0),
  };
}

export type Remedy = { does: 'rung'; by: number } | { does: 'skip'; partId: string };

export interface WorkedRemedy {
  remedy: Remedy;
  /** What it would be: minutes after it. */
  minutes: number;
  says: string;
}

export function remedyEdit(lessonId: string, childId: string, remedy: Remedy): Edit {
  if (remedy.does === 'rung') return moveRung(lessonId, childId, remedy.by);
  return skipPart(remedy.partId, childId);
}

/** Ways to make a child's share of a lesson less, each worked out, the smallest change that is enough first. Those that change nothing are left out. */
export function remediesFor(plan: Plan, lessonId: string, childId: string, context: EditContext): WorkedRemedy[] {
  const lesson = plan.lessons.find((l) => l.id === lessonId);
  const child = plan.children.find((c) => c.id === childId);
  if (!lesson || !child) return [];
  const loadIn = (p: Plan): ChildLoad | undefined => lessonLoad(p, lessonId).children.find((c) => c.childId === childId);
  const now = loadIn(plan);
  if (!now) return [];
  const homeOf = homes(plan);
  const his = plan.parts.filter((p) => p.lessonId === lessonId && isLadderKind(p.kind) && !SHARED_KINDS.includes(p.kind) && childrenOf(p, homeOf(p).unit, plan.children).some((c) => c.id === childId));
  const tried: { remedy: Remedy; words: string }[] = [
    ...[1, 2].map((down) => ({ remedy: { does: 'rung' as const, by: (lesson.rungMoves[childId] ?? 0) - down }, words: `${child.name} ${down === 1 ? 'a rung' : 'two rungs'} down in this lesson` })),
    ...his.map((p) => ({ remedy: { does: 'skip' as const, partId: p.id }, words: `${child.name} leaves out “${p.title}”` })),
  ];
  return tried.flatMap(({ remedy, words }): WorkedRemedy[] => {
    const done = perform(remedyEdit(lessonId, childId, remedy), plan, context);
    const then = 'refused' in done ? undefined : (loadIn(done.plan) ?? { ...now, minutes: 0 });
    return then && then.minutes < now.minutes ? [{ remedy, minutes: then.minutes, says: `${words}: ${then.minutes} min instead of ${now.minutes}${then.minutes <= now.limit ? '' : `, still over ${now.limit}`}` }] : [];
  }).sort((a, b) => Number(a.minutes > now.limit) - Number(b.minutes > now.limit) || b.minutes - a.minutes);
}
