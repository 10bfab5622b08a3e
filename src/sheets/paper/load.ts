import { assignments } from '@/core/ladder/assign';
import { checklistFor } from '@/core/ladder/checklist';
import { copyText } from '@/core/ladder/copying';
import { isLadderKind } from '@/core/ladder/kinds';
import { materialOf } from '@/core/ladder/material';
import { wordsFor } from '@/core/ladder/word-list';
import { assignmentKey, childrenOf, lessonsOf } from '@/core/plan/lookup';
import { SHARED_KINDS, type LadderKind } from '@/core/plan/words';
import type { HatchName } from '@/kit/hatch';
import { load, param, type SearchParams } from '../frame/load';

/** One sheet of paper for one child, in the order of use. */
export interface PaperPage {
  key: string;
  child: { id: string; name: string; hatch: HatchName };
  title: string;
  wording: string;
  /** Lines to copy, each with room under it; `trace` repeats them to be traced. */
  copy?: { lines: string[]; trace: boolean };
  cards?: string[];
  /** Boxes to draw in and ruled lines to write on. */
  draw?: boolean;
  ruled?: number;
  check?: { words: { word: string; meaning: string }[]; able: string[] };
}

export interface PaperView {
  unitId?: string;
  unitTitle: string;
  lessonId?: string;
  what: string;
  back: string;
  children: { id: string; name: string; chosen: boolean }[];
  pages: PaperPage[];
}

/** Kinds that need no paper: they are said or done. */
const SPOKEN: readonly LadderKind[] = ['memory', 'looking-up'];

export async function loadPaper(params: SearchParams): Promise<PaperView> {
  const { plan, unit } = await load(params);
  if (!unit) return { unitTitle: '', what: '', back: '/ladder', children: [], pages: [] };
  const lessons = lessonsOf(plan, unit.id);
  const asked = await param(params, 'lesson');
  const wanted = (await param(params, 'children'))?.split(' ').filter(Boolean);
  const lesson = lessons.find((l) => l.id === asked);
  const children = plan.children.filter((c) => unit.childIds.includes(c.id));
  const chosen = children.filter((c) => !wanted || wanted.includes(c.id));
  const material = materialOf(plan);
  const given = new Map(assignments(plan).map((a) => [assignmentKey(a.partId, a.childId), a]));
  const pages = chosen.flatMap(({ id, name, hatch, ...rest }): PaperPage[] => {
    const child = { id, name, hatch };
    const whole = { id, name, hatch, ...rest };
    if (!lesson) return [{ key: `${id} checklist`, child, title: unit.title, wording: 'What to know and be able to do', check: checklistFor(plan, unit, whole, unit.starts) }];
    const m = material(lesson, unit);
    return plan.parts.filter((p) => p.lessonId === lesson.id).flatMap((part): PaperPage[] => {
      const { kind } = part;
      if (!isLadderKind(kind) || SHARED_KINDS.includes(kind) || SPOKEN.includes(kind) || !childrenOf(part, unit, plan.children).some((c) => c.id === id)) return [];
      const a = given.get(assignmentKey(part.id, id))!;
      const page = { key: `${part.id} ${id}`, child, title: part.title, wording: a.wording };
      if (kind === 'copying' && !a.byHand) return [{ ...page, copy: { lines: copyText(m.passage, a.rung, whole, unit.starts).text.split('\n').filter((l) => l.trim()), trace: a.rung === 1 } }];
      if (kind === 'word-list' && a.rung <= 2 && !a.byHand) return [{ ...page, cards: (a.wording.split(': ')[1] ?? '').split(' · ') }];
      if (kind === 'labels' && a.rung <= 2 && !a.byHand) return [{ ...page, draw: true, cards: wordsFor(m.words, 2).slice(0, 3) }];
      if (kind === 'tell-back' && a.rung <= 3) return [];
      return [{ ...page, draw: kind === 'notebook' || kind === 'labels', ruled: kind === 'booklet' || (kind === 'notebook' && a.rung === 1) ? 0 : kind === 'notebook' ? 8 : 16 }];
    });
  });
  return {
    unitId: unit.id, unitTitle: unit.title, lessonId: lesson?.id, what: lesson ? `Lesson ${lesson.number}, ${lesson.title}` : 'Checklists', back: `/ladder?unit=${unit.id}${lesson ? `&lesson=${lesson.id}` : ''}`,
    children: children.map((c) => ({ id: c.id, name: c.name, chosen: chosen.includes(c) })), pages,
  };
}
