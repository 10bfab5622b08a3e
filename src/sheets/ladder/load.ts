import { assignments, rungFor, versions } from '@/core/ladder/assign';
import { isLadderKind } from '@/core/ladder/kinds';
import { lessonLoad } from '@/core/ladder/loads';
import { SHARED_KINDS, type LadderKind } from '@/core/plan/words';
import { RUNGS } from '@/core/ladder/rungs';
import { assignmentKey, childrenOf, lessonsOf } from '@/core/plan/lookup';
import type { Assignment } from '@/core/plan/plan';
import type { Rung } from '@/core/plan/measures';
import type { HatchName } from '@/kit/hatch';
import { load, param, type FrameInfo, type SearchParams } from '../frame/load';

export interface Standing {
  child: { id: string; name: string; hatch: HatchName };
  assignment: Assignment;
  /** Rungs moved for this lesson alone. */
  movedBy: number;
}

export interface LadderRow {
  partId: string;
  kind: LadderKind;
  title: string;
  /** All do it together, in its own minutes. */
  together: number | null;
  /** Children of the unit who leave it out. */
  without: { id: string; name: string }[];
  /** For each rung: who stands there, and what it asks (a pattern for a child of the unit where nobody does). */
  cells: { rung: Rung; standing: Standing[]; pattern: string }[];
}

export interface LadderView {
  info: FrameInfo;
  unitId?: string;
  unitTitle?: string;
  lessons: { id: string; number: number; title: string }[];
  lesson?: { id: string; number: number; title: string };
  rows: LadderRow[];
  /** What the whole lesson takes each child, of what they can take on its days; and the parent's minutes with one child alone. */
  loads: { childId: string; name: string; minutes: number; limit: number }[];
  parentMinutes: number;
}

export async function loadLadder(params: SearchParams): Promise<LadderView> {
  const { plan, info, unit, today } = await load(params);
  if (!unit) return { info, lessons: [], rows: [], loads: [], parentMinutes: 0 };
  const all = lessonsOf(plan, unit.id);
  const lessons = all.map(({ id, number, title }) => ({ id, number, title }));
  const asked = await param(params, 'lesson');
  const next = plan.sittings.filter((s) => s.date >= today).sort((a, b) => (a.date < b.date ? -1 : 1)).map((s) => plan.parts.find((p) => p.id === s.partId)?.lessonId);
  const lesson = all.find((l) => l.id === asked) ?? all.find((l) => next.includes(l.id)) ?? all[0];
  if (!lesson) return { info, unitId: unit.id, unitTitle: unit.title, lessons, rows: [], loads: [], parentMinutes: 0 };

  // Made here too: a plan from a file or an older store has work that was never given out.
  const given = new Map(assignments(plan).map((a) => [assignmentKey(a.partId, a.childId), a]));
  const versionOf = versions(plan);
  const rows = plan.parts.filter((p) => p.lessonId === lesson.id).flatMap((part): LadderRow[] => {
    const { kind } = part;
    if (!isLadderKind(kind)) return [];
    const children = childrenOf(part, unit, plan.children);
    const standing = children.map((child): Standing => ({
      child: { id: child.id, name: child.name, hatch: child.hatch },
      assignment: given.get(assignmentKey(part.id, child.id))!,
      movedBy: lesson.rungMoves[child.id] ?? 0,
    }));
    return [{
      partId: part.id, kind, title: part.title, together: SHARED_KINDS.includes(kind) ? (part.minutes ?? 0) : null,
      without: plan.children.filter((c) => unit.childIds.includes(c.id) && !children.some((x) => x.id === c.id)).map(({ id, name }) => ({ id, name })),
      cells: RUNGS.map(({ rung }) => {
        const nearest = [...children].sort((a, b) => Math.abs(rungFor(kind, a, lesson, unit) - rung) - Math.abs(rungFor(kind, b, lesson, unit) - rung))[0];
        return { rung, standing: standing.filter((s) => s.assignment.rung === rung), pattern: nearest ? versionOf(rung, part, kind, nearest, lesson, unit).wording : '' };
      }),
    }];
  });
  const share = lessonLoad(plan, lesson.id);
  return {
    info, unitId: unit.id, unitTitle: unit.title, lessons, lesson: lessons.find((l) => l.id === lesson.id), rows,
    loads: share.children.map((l) => ({ ...l, name: plan.children.find((c) => c.id === l.childId)!.name })),
    parentMinutes: share.oneToOne,
  };
}
