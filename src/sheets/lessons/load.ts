import { pausedUntil } from '@/core/edit/pause';
import { readBefore } from '@/core/prep/beforehand';
import { cautionsFor, type Caution } from '@/core/cautions/match';
import { datesWritten, type DatesWritten } from '@/core/calendar/customs';
import { schoolDays } from '@/core/calendar/school-days';
import { suppliesText, summed } from '@/core/formats/supplies';
import { materialOf } from '@/core/ladder/material';
import { layoutInput, partMinutes } from '@/core/layout/input';
import { layOut } from '@/core/layout/lay-out';
import { reasonInWords, unplacedInWords } from '@/core/layout/reasons';
import { amountInYear } from '@/core/layout/recurring';
import { rhythmInWords } from '@/core/layout/rule-words';
import { unitDays, type UnitDay } from '@/core/layout/unit-days';
import { verdictInWords, verdictOf, type Verdict } from '@/core/layout/verdict';
import type { Lesson, Outline, Part, Preparation, Pattern, Rule } from '@/core/plan/lesson';
import { namesIn } from '@/core/plan/called';
import { ageMessage } from '@/core/plan/age';
import {
  booksById,
  byDefault,
  byId,
  childrenOf,
  doneParts,
  lessonsOf,
  partsByLesson,
} from '@/core/plan/lookup';
import type { Idea, Objective, Unit } from '@/core/plan/unit';
import type { RoomState } from '@/kit/room';
import { leadText } from '../frame/part-words';
import { load, param, type FrameInfo, type SearchParams } from '../frame/load';
import type { Child } from '@/core/plan/plan';
import type { Taker } from './who';

export interface PartView extends Part {
  /** Minutes of the child who takes longest. */
  takes: number;
  state: RoomState;
  who: string;
  /** The day it stands on and why; empty while it has none. */
  date: string;
  why: string;
  /** Who leads, in words. */
  leads: string;
  /** Of the age it is meant for, where somebody is not of it. */
  age: string;
  /** Why it has no place; empty when it has one. */
  trouble: string;
  cautions: Caution[];
}

export interface LessonView extends Lesson {
  number: number;
  parts: PartView[];
  takes: number;
  spinePages: string;
  /** First and last day it stands on. */
  dates: string[];
  copiesFrom: string;
  /** Words of it that keep their capital. */
  names: readonly string[];
  /** Supplies of all its parts together, for those who take part. */
  supplies: string;
  /** What is read before it by the parent alone. */
  readBefore: readonly Preparation[];
  /** Whether its parts have weekdays of their own. */
  stretched: boolean;
  /** The unit waits before it until this day; null where it does not. */
  pausedUntil: string | null;
}

export interface RuleView extends Rule {
  when: string;
  /** What it comes to in the year, where that says something. */
  comesTo: string;
}

export interface LessonsView {
  info: FrameInfo;
  today: string;
  unit?: Unit;
  spinePages: number | null;
  /** How dates are read in what is pasted. */
  dates: DatesWritten;
  lessons: LessonView[];
  chosen?: string;
  children: Taker[];
  /** All children of the family, for what comes back whatever the unit. */
  everyone: Taker[];
  objectives: Objective[];
  /** Other adults who can lead. */
  adults: { id: string; name: string }[];
  /** Rules of the unit, then those of the family. */
  rules: RuleView[];
  /** Parts of the unit itself, made by hand: trips, the closing event. */
  events: PartView[];
  outlines: Outline[];
  patterns: Pattern[];
  weekdays: number[];
  /** Ideas of the brainstorm that wait to be put on a lesson. */
  ideas: Idea[];
  verdict?: Verdict;
  message: string;
  days: UnitDay[];
}

const EMPTY = {
  lessons: [],
  children: [],
  everyone: [],
  objectives: [],
  rules: [],
  events: [],
  outlines: [],
  patterns: [],
  weekdays: [1, 2, 3, 4, 5],
  adults: [],
  ideas: [],
  message: '',
  days: [],
  spinePages: null,
  dates: { near: '2000-01-01', order: 'day first' } satisfies DatesWritten,
};

export async function loadLessons(params: SearchParams): Promise<LessonsView> {
  const { plan, info, today, unit } = await load(params);
  if (!unit) return { info, today, ...EMPTY };
  const minutesFor = partMinutes(plan);
  const done = doneParts(plan);
  const sittingOf = new Map(plan.sittings.map((s) => [s.partId, s]));
  const spine = plan.pulls.find((p) => p.unitId === unit.id && p.role === 'spine');
  const books = booksById(plan.books);
  const nameOf = namesIn(plan);
  const material = materialOf(plan);
  const before = readBefore(plan);
  // Why a part has no place is asked of the lay-out, where there is such a part.
  const isWhole = plan.parts.every((p) => sittingOf.has(p.id));
  const input = isWhole ? undefined : layoutInput(plan, { today });
  const unplaced = new Map(
    (input ? layOut(input).unplaced : []).map((u) => [u.partId, unplacedInWords(u, nameOf)]),
  );
  const verdict = verdictOf(plan, unit.id, today);
  const allergies = plan.family?.allergies ?? [];
  const partsOf = partsByLesson(plan.parts);

  const adults = byId(plan.adults);
  const viewOf = (part: Part): PartView => {
    const lay = minutesFor(part, unit);
    const who = childrenOf(part, unit, plan.children);
    const sitting = sittingOf.get(part.id);
    return {
      ...part,
      leads: leadText(part, adults.get(part.adultId ?? '')),
      age: ageMessage(part, who, sitting?.date ?? unit.starts),
      takes: Math.max(0, ...Object.values(lay.minutes)),
      state: done.has(part.id) ? 'done' : (sitting?.state ?? 'pencil'),
      who:
        who.length >= unit.childIds.length && who.length > 1
          ? 'everyone'
          : who.map((c) => c.name).join(', ') || 'no one',
      date: sitting?.date ?? '',
      why: sitting ? reasonInWords(sitting.reason, nameOf) : '',
      trouble: sitting ? '' : (unplaced.get(part.id) ?? ''),
      cautions: cautionsFor(part, plan.children, allergies, sitting?.date ?? unit.starts),
    };
  };
  const lessons = lessonsOf(plan, unit.id).map((lesson): LessonView => {
    const parts = (partsOf.get(lesson.id) ?? []).map(viewOf);
    const use = spine && plan.uses.find((u) => u.pullId === spine.id && u.lessonId === lesson.id);
    const pages = use ? [use.firstPage, use.lastPage] : [lesson.firstPage, lesson.lastPage];
    const dates = parts.flatMap((p) => p.date || []).sort();
    return {
      ...lesson,
      parts,
      takes: parts.reduce((sum, p) => sum + p.takes, 0),
      spinePages:
        pages[0] === null
          ? ''
          : pages[1] && pages[1] !== pages[0]
            ? `${pages[0]}–${pages[1]}`
            : String(pages[0]),
      dates: dates.length ? [dates[0], dates.at(-1)!] : [],
      copiesFrom: material(lesson, unit).passage,
      names: material(lesson, unit).names,
      readBefore: before.get(lesson.id) ?? [],
      supplies: suppliesText(
        summed(
          parts.map((p) => ({ supplies: p.supplies, children: childrenOf(p, unit, plan.children).length })),
        ),
      ),
      stretched: parts.some((p) => p.weekday !== null),
      pausedUntil: pausedUntil(plan, lesson.id),
    };
  });
  const days = plan.year ? schoolDays(plan.year) : [];
  const ruleView = (r: Rule): RuleView => {
    const { times, total } = amountInYear(r, r.unitId === null ? undefined : unit, days);
    return {
      ...r,
      when: rhythmInWords(r.rhythm, nameOf),
      comesTo:
        r.unitId === null && times
          ? r.amount === null
            ? `${times} times in the year`
            : `${total} ${r.amountOf || 'in all'} in the year`
          : '',
    };
  };
  const asked = await param(params, 'lesson');
  return {
    info,
    today,
    unit,
    lessons,
    verdict,
    dates: datesWritten(plan, unit.starts),
    spinePages: spine ? (books.get(spine.bookId)?.pages ?? null) : null,
    chosen: lessons.some((l) => l.id === asked)
      ? asked
      : lessons.find((l) => l.parts.some((p) => p.state !== 'done'))?.id,
    children: takers(
      plan.children.filter((c) => unit.childIds.includes(c.id) || unit.listens.includes(c.id)),
      plan.children.filter((c) => byDefault(unit, plan.children).includes(c) || unit.listens.includes(c.id)),
    ),
    everyone: takers(plan.children, byDefault(undefined, plan.children, today)),
    adults: plan.adults.map(({ id, name }) => ({ id, name })),
    objectives: plan.objectives.filter((o) => o.unitId === unit.id),
    rules: [
      ...plan.rules.filter((r) => r.unitId === unit.id),
      ...plan.rules.filter((r) => r.unitId === null),
    ].map(ruleView),
    events: plan.parts
      .filter((p) => p.unitId === unit.id && p.lessonId === null && p.ruleId === null)
      .map(viewOf),
    outlines: plan.outlines,
    patterns: plan.family?.patterns ?? [],
    weekdays: plan.year?.weekdays ?? EMPTY.weekdays,
    ideas: plan.ideas.filter((i) => i.unitId === unit.id && i.becomes === 'activity'),
    message: verdict ? verdictInWords(verdict) : '',
    days: unitDays(plan, unit.id),
  };
}

const takers = (children: readonly Child[], usual: readonly Child[]): Taker[] =>
  children.map((c) => ({ id: c.id, name: c.name, hatch: c.hatch, usual: usual.includes(c) }));
