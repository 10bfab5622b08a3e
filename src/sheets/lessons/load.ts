import { passageOf } from '@/core/ladder/assign';
import { partMinutes } from '@/core/layout/input';
import { layoutInput } from '@/core/layout/input';
import { layOut } from '@/core/layout/lay-out';
import { unplacedInWords } from '@/core/layout/reasons';
import { unitDays, type UnitDay } from '@/core/layout/unit-days';
import { verdictInWords, verdictOf, type Verdict } from '@/core/layout/verdict';
import { byId, childrenOf, doneParts, lessonsOf } from '@/core/plan/lookup';
import type { Lesson, Part } from '@/core/plan/lesson';
import type { Unit } from '@/core/plan/unit';
import type { HatchName } from '@/kit/hatch';
import type { RoomState } from '@/kit/room';
import { load, param, type FrameInfo, type SearchParams } from '../frame/load';

export interface PartView extends Part {
  /** Minutes of the child who takes longest. */
  takes: number;
  state: RoomState;
  who: string;
  /** Why it has no place; empty when it has one. */
  trouble: string;
}

export interface LessonView extends Lesson {
  number: number;
  parts: PartView[];
  takes: number;
  spinePages: string;
  /** First and last day it stands on. */
  dates: string[];
  copiesFrom: string;
}

export interface LessonsView {
  info: FrameInfo;
  today: string;
  unit?: Unit;
  spinePages: number | null;
  lessons: LessonView[];
  chosen?: string;
  children: { id: string; name: string; hatch: HatchName }[];
  verdict?: Verdict;
  says: string;
  days: UnitDay[];
}

export async function loadLessons(params: SearchParams): Promise<LessonsView> {
  const { plan, info, today, unit } = await load(params);
  if (!unit) return { info, today, lessons: [], children: [], says: '', days: [], spinePages: null };
  const minutesFor = partMinutes(plan);
  const done = doneParts(plan);
  const sittingOf = new Map(plan.sittings.map((s) => [s.partId, s]));
  const spine = plan.pulls.find((p) => p.unitId === unit.id && p.role === 'spine');
  const books = byId(plan.books);
  const names = new Map([...plan.children.map((c): [string, string] => [c.id, c.name]), ...plan.parts.map((p): [string, string] => [p.id, p.title])]);
  const input = layoutInput(plan, { today });
  const unplaced = new Map((input ? layOut(input).unplaced : []).map((u) => [u.partId, unplacedInWords(u, (id) => names.get(id) ?? '')]));
  const verdict = verdictOf(plan, unit.id, today);

  const lessons = lessonsOf(plan, unit.id).map((lesson): LessonView => {
    const parts = plan.parts.filter((p) => p.lessonId === lesson.id).map((part): PartView => {
      const lay = minutesFor(part, unit);
      const who = childrenOf(part, unit, plan.children);
      return {
        ...part,
        takes: Math.max(0, ...Object.values(lay.minutes)),
        state: done.has(part.id) ? 'done' : (sittingOf.get(part.id)?.state ?? 'pencil'),
        who: who.length === unit.childIds.length && who.length > 1 ? 'everyone' : who.map((c) => c.name).join(', ') || 'no one',
        trouble: sittingOf.has(part.id) ? '' : (unplaced.get(part.id) ?? ''),
      };
    });
    const use = spine && plan.uses.find((u) => u.pullId === spine.id && u.lessonId === lesson.id);
    const pages = use ? [use.firstPage, use.lastPage] : [lesson.firstPage, lesson.lastPage];
    const dates = parts.flatMap((p) => sittingOf.get(p.id)?.date ?? []).sort();
    return {
      ...lesson, parts,
      takes: parts.reduce((sum, p) => sum + p.takes, 0),
      spinePages: pages[0] === null ? '' : pages[1] && pages[1] !== pages[0] ? `${pages[0]}–${pages[1]}` : String(pages[0]),
      dates: dates.length ? [dates[0], dates.at(-1)!] : [],
      copiesFrom: passageOf(lesson, unit),
    };
  });
  const asked = await param(params, 'lesson');
  return {
    info, today, unit, lessons, verdict,
    spinePages: spine ? (books.get(spine.bookId)?.pages ?? null) : null,
    chosen: lessons.some((l) => l.id === asked) ? asked : lessons.find((l) => l.parts.some((p) => p.state !== 'done'))?.id,
    children: plan.children.filter((c) => unit.childIds.includes(c.id)).map(({ id, name, hatch }) => ({ id, name, hatch })),
    says: verdict ? verdictInWords(verdict) : '',
    days: unitDays(plan, unit.id),
  };
}
