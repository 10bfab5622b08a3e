import { ladderOf } from '@/core/ladder/ladder-of';
import { checklistFor, type Checklist } from '@/core/ladder/checklist';
import { handOf, type HandModel } from '@/core/ladder/hand-models';
import { inkOf, onSheets, type OnSheet } from '@/core/ladder/sheets';
import { worksOnPaper } from '@/core/ladder/works-on-paper';
import { materialOf } from '@/core/ladder/material';
import { partMinutes } from '@/core/layout/input';
import { childrenOf, lessonsOf } from '@/core/plan/lookup';
import type { RecallPrompt } from '@/core/plan/lesson';
import type { Child, Plan } from '@/core/plan/plan';
import type { Unit } from '@/core/plan/unit';
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
  /** Of which lesson, in words. */
  what: string;
  works: PaperWork[];
}

export interface PaperView {
  unitId?: string;
  unitTitle: string;
  lessonId?: string;
  /** A lesson’s pages, the checklists of the unit, or each child’s folder of all of them. */
  of: 'lesson' | 'unit' | 'folder';
  what: string;
  back: string;
  size: Size;
  children: { id: string; name: string; chosen: boolean; pages: number }[];
  pages: PaperPage[];
  /** Sheets that are drawn in more than lines and words. */
  inky: number;
}

type LessonOf = ReturnType<typeof lessonsOf>[number];

const lessonText = (l: LessonOf): string => `Lesson ${l.number}, ${l.title}`;

export async function loadPaper(params: SearchParams): Promise<PaperView> {
  const { plan, unit } = await load(params);
  const { size } = await sizeAsked(params, '/paper');
  if (!unit)
    return { unitTitle: '', what: '', of: 'unit', back: '/ladder', size, children: [], pages: [], inky: 0 };
  const asked = await param(params, 'lesson');
  const isFolder = (await param(params, 'folder')) === 'whole';
  const wanted = (await param(params, 'children'))?.split(' ').filter(Boolean);
  const lessons = isFolder
    ? inOrderOfUse(plan, unit)
    : lessonsOf(plan, unit.id).filter((l) => l.id === asked);
  const inUnit = plan.children.filter((c) => unit.childIds.includes(c.id));
  const checklists = isFolder || !lessons.length;

  const pagesOf = (whole: Child): PaperPage[] => {
    const { id, name, hatch } = whole;
    const child = { id, name, hatch, hand: handOf(plan.family, whole, unit.starts) };
    const checklist = {
      ...CHECKLIST,
      title: unit.title,
      check: checklistFor(plan, unit, whole, unit.starts),
    };
    const minutes = partMinutes(plan);
    const sheets = (key: string, what: string, works: PaperWork[]): PaperPage[] =>
      onSheets(works, size).map((on, n) => ({ key: `${id} ${key} ${n}`, child, what, works: on }));
    return [
      ...(checklists ? sheets('checklist', isFolder ? 'The whole unit' : 'Checklists', [checklist]) : []),
      ...lessons.flatMap((lesson) =>
        sheets(
          lesson.id,
          lessonText(lesson),
          worksOnPaper(plan, { lesson, unit, child: whole }, (p) => minutes(p, unit).minutes[id] ?? 0),
        ),
      ),
    ];
  };

  const all = inUnit.map((c) => ({ child: c, chosen: !wanted || wanted.includes(c.id), pages: pagesOf(c) }));
  const chosen = all.filter((c) => c.chosen && c.pages.length);
  const pages = chosen.flatMap((c) => c.pages);
  const answers = lessons.flatMap((lesson): PaperPage[] => {
    const questions = isQuizzed(
      plan,
      unit,
      lesson,
      chosen.map((c) => c.child),
    )
      ? materialOf(plan)(lesson, unit).questions
      : [];
    return questions.length
      ? [
          {
            key: `answers ${lesson.id}`,
            child: null,
            what: lessonText(lesson),
            works: [answersOf(lesson, questions)],
          },
        ]
      : [];
  });
  const [lesson] = isFolder ? [] : lessons;
  return {
    unitId: unit.id,
    unitTitle: unit.title,
    lessonId: lesson?.id,
    ...aboutOf(isFolder, lesson),
    back: `/ladder?unit=${unit.id}${lesson ? `&lesson=${lesson.id}` : ''}`,
    size,
    children: all.map(({ child, chosen: isChosen, pages: own }) => ({
      id: child.id,
      name: child.name,
      chosen: isChosen,
      pages: own.length,
    })),
    inky: pages.filter((p) => p.works.some((w) => inkOf(w) === 'some')).length,
    pages: [...pages, ...answers],
  };
}

/** What the pages are of, in words. */
function aboutOf(isFolder: boolean, lesson: LessonOf | undefined): Pick<PaperView, 'of' | 'what'> {
  if (isFolder) return { of: 'folder', what: 'all lessons, in the order of use' };
  return lesson ? { of: 'lesson', what: lessonText(lesson) } : { of: 'unit', what: 'Checklists' };
}

const CHECKLIST = { key: 'checklist', wording: 'What to know and be able to do' };

const answersOf = (lesson: LessonOf, answers: PaperWork['answers']): PaperWork => ({
  key: `answers ${lesson.id}`,
  title: 'Answers to the quiz',
  wording: 'Keep it apart from the children’s folders.',
  answers,
});

/** Lessons that are taught, by the first day they stand on; those without a day after them, in the order of the unit. */
function inOrderOfUse(plan: Plan, unit: Unit): LessonOf[] {
  const lessonOf = new Map(plan.parts.map((p) => [p.id, p.lessonId]));
  const first = new Map<string, string>();
  for (const { partId, date } of plan.sittings) {
    const id = lessonOf.get(partId);
    if (id && date < (first.get(id) ?? '9')) first.set(id, date);
  }
  const day = (l: LessonOf): string => first.get(l.id) ?? '9';
  return lessonsOf(plan, unit.id)
    .filter((l) => !l.leftOut)
    .sort((a, b) => day(a).localeCompare(day(b)));
}

/** Whether one of these children is quizzed in a lesson. */
const isQuizzed = (plan: Plan, unit: Unit, lesson: LessonOf, children: readonly Child[]): boolean =>
  plan.parts
    .filter((p) => p.lessonId === lesson.id)
    .some((part) =>
      childrenOf(part, unit, children).some(
        (child) => ladderOf(plan).kindFor({ part, child, lesson, unit }) === 'quiz',
      ),
    );
