import { ladderOf } from '@/core/ladder/assign';
import { checklistFor, type Checklist } from '@/core/ladder/checklist';
import { handOf, type HandModel } from '@/core/ladder/hand-models';
import { inkOf, onSheets, type OnSheet } from '@/core/ladder/sheets';
import { worksOnPaper } from '@/core/ladder/works-on-paper';
import { materialOf } from '@/core/ladder/material';
import { partMinutes } from '@/core/layout/input';
import { childrenOf, lessonsOf } from '@/core/plan/lookup';
import type { RecallPrompt } from '@/core/plan/lesson';
import type { HatchName } from '@/kit/hatch';
import { sizeAsked, type Size } from './size';
import { load, param, type SearchParams } from '../frame/load';

/** A work on a sheet: of a lesson, the checklist of the unit, or the answers. */
export interface PaperWork extends OnSheet {
  key: string;
  check?: Checklist;
  /** Questions with their answers, kept apart from the children's pages. */
  answers?: Omit<RecallPrompt, 'id'>[];
}

/** One sheet of paper, with the works that share it. */
export interface PaperPage {
  key: string;
  /** Null: the parent's. */
  child: { id: string; name: string; hatch: HatchName; hand: HandModel } | null;
  works: PaperWork[];
}

export interface PaperView {
  unitId?: string;
  unitTitle: string;
  lessonId?: string;
  what: string;
  back: string;
  size: Size;
  children: { id: string; name: string; chosen: boolean; pages: number }[];
  pages: PaperPage[];
  /** Sheets that are drawn in more than lines and words. */
  inky: number;
}

export async function loadPaper(params: SearchParams): Promise<PaperView> {
  const { plan, unit } = await load(params);
  const { size } = await sizeAsked(params, '/paper');
  if (!unit) return { unitTitle: '', what: '', back: '/ladder', size, children: [], pages: [], inky: 0 };
  const lessons = lessonsOf(plan, unit.id);
  const asked = await param(params, 'lesson');
  const wanted = (await param(params, 'children'))?.split(' ').filter(Boolean);
  const lesson = lessons.find((l) => l.id === asked);
  const inUnit = plan.children.filter((c) => unit.childIds.includes(c.id));
  const ladder = ladderOf(plan);
  const minutes = partMinutes(plan);
  const parts = plan.parts.filter((p) => lesson && p.lessonId === lesson.id);

  const worksOf = (whole: (typeof inUnit)[number]): PaperWork[] => {
    const { id } = whole;
    if (!lesson)
      return [
        {
          key: `${id} checklist`,
          title: unit.title,
          wording: 'What to know and be able to do',
          check: checklistFor(plan, unit, whole, unit.starts),
        },
      ];
    return worksOnPaper(plan, { lesson, unit, child: whole }, (p) => minutes(p, unit).minutes[id] ?? 0);
  };
  const pagesOf = (whole: (typeof inUnit)[number]): PaperPage[] => {
    const { id, name, hatch } = whole;
    const child = { id, name, hatch, hand: handOf(plan.family, whole, unit.starts) };
    return onSheets(worksOf(whole), size).map((works, i) => ({ key: `${id} ${i}`, child, works }));
  };

  const all = inUnit.map((c) => ({ child: c, chosen: !wanted || wanted.includes(c.id), pages: pagesOf(c) }));
  const pages = all.filter((c) => c.chosen).flatMap((c) => c.pages);
  const quizzed = parts.some((part) =>
    inUnit.some(
      (child) =>
        lesson &&
        pages.some((p) => p.child?.id === child.id) &&
        childrenOf(part, unit, plan.children).includes(child) &&
        ladder.kindFor({ part, child, lesson, unit }) === 'quiz',
    ),
  );
  const answers = lesson && quizzed ? materialOf(plan)(lesson, unit).questions : [];
  return {
    unitId: unit.id,
    unitTitle: unit.title,
    lessonId: lesson?.id,
    what: lesson ? `Lesson ${lesson.number}, ${lesson.title}` : 'Checklists',
    back: `/ladder?unit=${unit.id}${lesson ? `&lesson=${lesson.id}` : ''}`,
    size,
    children: all.map(({ child, chosen, pages: own }) => ({
      id: child.id,
      name: child.name,
      chosen,
      pages: own.length,
    })),
    inky: pages.filter((p) => p.works.some((w) => inkOf(w) === 'some')).length,
    pages: answers.length
      ? [
          ...pages,
          {
            key: 'answers',
            child: null,
            works: [
              {
                key: 'answers',
                title: 'Answers to the quiz',
                wording: 'Keep it apart from the children’s folders.',
                answers,
              },
            ],
          },
        ]
      : pages,
  };
}
