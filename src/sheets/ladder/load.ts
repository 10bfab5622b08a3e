import { doneEarly } from '@/core/dayplan/done-early';
import { promptsFor, type Prompt } from '@/core/ladder/prompts';
import { elderFor } from '@/core/ladder/elder';
import { assignments } from '@/core/ladder/assign';
import { ladderOf, type Piece, workers } from '@/core/ladder/ladder-of';

import { writerOf } from '@/core/ladder/handwriting';
import { ownRate } from '@/core/books/reading';
import { KINDS_OF_WORK, isLadderKind } from '@/core/ladder/kinds';
import { lessonLoad, loadsByDay, loadsByWeek, overBy, type Share, type Stretch } from '@/core/dayplan/loads';
import { waitsOn, type Wait } from '@/core/dayplan/waits';
import { shortDate } from '@/core/calendar/dates';
import { SHARED_KINDS, type LadderKind } from '@/core/plan/words';
import { RUNGS, rungOf } from '@/core/plan/rungs';
import { assignmentKey, byId, childrenOf, isDone, groupBy, lessonsOf } from '@/core/plan/lookup';
import type { Assignment } from '@/core/plan/plan';
import type { Rung } from '@/core/plan/measures';
import type { Show } from '@/core/plan/unit';
import type { Work } from '@/core/plan/work';
import type { HatchName } from '@/kit/hatch';
import { load, param, type FrameInfo, type SearchParams } from '../frame/load';

export interface Named {
  id: string;
  name: string;
  hatch: HatchName;
}

export interface Standing {
  child: Named;
  assignment: Assignment;
  /** Rungs moved in this part, and in the whole lesson. */
  movedBy: number;
  lessonMovedBy: number;
  /** Done already: it stays what it was. */
  done: boolean;
  swapped: boolean;
  /** An older child who could teach it. */
  elder?: { id: string; name: string };
}

export interface LadderRow {
  partId: string;
  kind: LadderKind;
  /** The family's own kind it is of. */
  workId: string | null;
  title: string;
  /** All do it together, in its own minutes. */
  together: number | null;
  /** What was added for some; it may be left out. */
  optional: boolean;
  /** A part made by hand, that can be taken off. */
  byHand: boolean;
  /** Children of the unit who leave it out. */
  without: { id: string; name: string }[];
  /** For each rung: who stands there, and what it asks (a pattern for a child of the unit where nobody does). */
  cells: { rung: Rung; standing: Standing[]; pattern: string }[];
  /** The five versions as the ladder has them, for who changes them, and what is counted in them. */
  ours: string[];
  counts?: string;
}

/** Somebody's share of the lesson, a child's or the parent's. */
export interface NamedShare extends Share {
  /** Null: the parent. */
  childId: string | null;
  name: string;
  over: boolean;
}

export interface LadderView {
  info: FrameInfo;
  unitId?: string;
  unitTitle?: string;
  lessons: { id: string; number: number; title: string }[];
  lesson?: { id: string; number: number; title: string };
  /** Children of the unit, with their way of showing and the rungs prompts are made for; those who sit this lesson out. */
  children: (Named & { shows: Show; rung: Rung; sitsOut: boolean; prompts: Record<number, Prompt[]> })[];
  rows: LadderRow[];
  works: Work[];
  /** What the whole lesson takes each child, of what they can take on its days; the parent last. */
  shares: NamedShare[];
  oneToOne: number;
  waits: { message: string; wait: Pick<Wait, 'childId' | 'partId' | 'forIds' | 'forPartId'> }[];
  early: {
    child: Named;
    inUnit: boolean;
    minutes: number;
    idle: number;
    fillers: { text: string; minutes: number }[];
    care: string[];
  }[];
  /** Everybody's minutes over the unit, by day and by week. */
  days: Stretch[];
  weeks: Stretch[];
  everyone: Named[];
  /**
   * By what each child's minutes are worked out: letters and words a minute, each with the pieces it was measured on
   * (0: the table's), and the stretch that suits the age.
   */
  rates: {
    name: string;
    letters: number;
    lettersOn: number;
    words: number;
    wordsOn: number;
    stretch: number;
  }[];
}

const EMPTY = {
  children: [],
  rows: [],
  works: [],
  shares: [],
  oneToOne: 0,
  waits: [],
  early: [],
  days: [],
  weeks: [],
  everyone: [],
  rates: [],
};

export async function loadLadder(params: SearchParams): Promise<LadderView> {
  const { plan, info, unit, today } = await load(params);
  if (!unit) return { info, lessons: [], ...EMPTY };
  const all = lessonsOf(plan, unit.id);
  const lessons = all.map(({ id, number, title }) => ({ id, number, title }));
  const asked = await param(params, 'lesson');
  const next = plan.sittings
    .filter((s) => s.date >= today)
    .sort((a, b) => (a.date < b.date ? -1 : 1))
    .map((s) => plan.parts.find((p) => p.id === s.partId)?.lessonId);
  const lesson = all.find((l) => l.id === asked) ?? all.find((l) => next.includes(l.id)) ?? all[0];
  if (!lesson) return { info, unitId: unit.id, unitTitle: unit.title, lessons, ...EMPTY };

  // Made here too: a plan from a file or an older store has work that was never given out.
  const given = new Map(assignments(plan).map((a) => [assignmentKey(a.partId, a.childId), a]));
  const ladder = ladderOf(plan);
  const marks = groupBy(plan.marks, (m) => m.partId);
  const parts = plan.parts.filter((p) => p.lessonId === lesson.id);
  const named = ({ id, name, hatch }: Named): Named => ({ id, name, hatch });
  const inUnit = plan.children.filter((c) => unit.childIds.includes(c.id));
  const children = byId(plan.children);

  const rows = parts.flatMap((part): LadderRow[] => {
    const { kind } = part;
    if (!isLadderKind(kind)) return [];
    const takePart = workers(part, unit, plan.children);
    const piece = (child: (typeof takePart)[number]): Piece => ({ part, child, lesson, unit });
    const standing = takePart.map((child): Standing => {
      const elder = SHARED_KINDS.includes(kind) ? undefined : elderFor(plan, part, child);
      return {
        child: named(child),
        assignment: given.get(assignmentKey(part.id, child.id))!,
        movedBy: part.rungMoves[child.id] ?? 0,
        lessonMovedBy: lesson.rungMoves[child.id] ?? 0,
        done: isDone(marks.get(part.id) ?? [], [child]),
        swapped: child.id in part.swaps,
        elder: elder && { id: elder.id, name: elder.name },
      };
    });
    const versions = RUNGS.map(({ rung }) => {
      const nearest = [...(takePart.length ? takePart : inUnit)].sort(
        (a, b) => Math.abs(ladder.rungFor(piece(a)) - rung) - Math.abs(ladder.rungFor(piece(b)) - rung),
      )[0];
      return nearest ? ladder.versionOf(piece(nearest), rung).wording : '';
    });
    return [
      {
        partId: part.id,
        kind,
        workId: part.workId,
        title: part.title,
        together: SHARED_KINDS.includes(kind) && kind !== 'teaching' ? (part.minutes ?? 0) : null,
        optional: part.optional,
        byHand: part.ruleId === null,
        without:
          kind === 'teaching' || (kind === 'own-kind' && !part.workId)
            ? []
            : inUnit.filter((c) => !takePart.includes(c)).map(({ id, name }) => ({ id, name })),
        cells: RUNGS.map(({ rung }, i) => ({
          rung,
          standing: standing.filter((s) => s.assignment.rung === rung),
          pattern: versions[i],
        })),
        ours: versions,
        counts: KINDS_OF_WORK[kind].counts,
      },
    ];
  });

  // What a child can sit out: not what is theirs alone, nor what comes back by itself.
  const withOthers = parts.filter((p) => p.ruleId === null && childrenOf(p, unit, plan.children).length > 1);
  const share = lessonLoad(plan, lesson.id);
  const dates = [
    ...new Set(plan.sittings.filter((s) => parts.some((p) => p.id === s.partId)).map((s) => s.date)),
  ].sort();
  const ofUnit = new Set(plan.parts.filter((p) => all.some((l) => l.id === p.lessonId)).map((p) => p.id));
  const span = plan.sittings
    .filter((s) => ofUnit.has(s.partId))
    .map((s) => s.date)
    .sort();
  const titles = new Map(plan.parts.map((p) => [p.id, p.title]));
  const nameOf = (id: string): string => children.get(id)?.name ?? '';
  const days = span.length ? loadsByDay(plan, span[0], span.at(-1)!) : [];
  return {
    info,
    unitId: unit.id,
    unitTitle: unit.title,
    lessons,
    lesson: lessons.find((l) => l.id === lesson.id),
    rows,
    works: plan.works,
    everyone: plan.children.map(named),
    children: inUnit.map((c) => {
      const rung = rungOf(c, 'speaking', unit.starts);
      return {
        ...named(c),
        rung,
        shows: unit.shows[c.id] ?? 'tell back',
        sitsOut:
          withOthers.length > 0 &&
          !withOthers.some((p) => childrenOf(p, unit, plan.children).some((x) => x.id === c.id)),
        prompts: Object.fromEntries(
          RUNGS.filter((r) => Math.abs(r.rung - rung) <= 1).map((r) => [
            r.rung,
            promptsFor(plan, lesson, c.id, r.rung),
          ]),
        ),
      };
    }),
    shares: [
      ...share.children.map((l) => ({ ...l, name: nameOf(l.childId), over: overBy(l) > 0 })),
      { ...share.parent, childId: null, name: 'You', over: overBy(share.parent) > 0 },
    ],
    oneToOne: share.oneToOne,
    waits: dates.flatMap((date) =>
      waitsOn(plan, date)
        .filter((w) => parts.some((p) => p.id === w.partId))
        .map((w) => ({
          message: `${shortDate(date)}: ${nameOf(w.childId)} waits ${w.minutes} min for “${titles.get(w.partId)}”, while you are with ${w.forIds.map(nameOf).join(' and ')} for “${titles.get(w.forPartId)}”.`,
          wait: { childId: w.childId, partId: w.partId, forIds: w.forIds, forPartId: w.forPartId },
        })),
    ),
    early: doneEarly(plan, lesson, unit).map(({ childId, ...e }) => ({
      ...e,
      child: named(children.get(childId)!),
      inUnit: unit.childIds.includes(childId),
    })),
    days,
    weeks: loadsByWeek(plan, days),
    rates: inUnit.map((c) => {
      const writer = writerOf(c, unit.starts, plan.marks);
      const reads = ownRate(plan, c.id, unit.starts);
      return {
        name: c.name,
        letters: Math.round(writer.rate),
        lettersOn: writer.measuredOn,
        words: reads.rate,
        wordsOn: reads.measuredOn,
        stretch: writer.stretch,
      };
    }),
  };
}
