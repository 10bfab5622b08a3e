/** Rows of units and lessons. */
import { groupBy } from '@/core/plan/lookup';
import type { Lesson } from '@/core/plan/lesson';
import type { Unit } from '@/core/plan/unit';
import { within, type Row, type Rows } from './tables';

export function unitRows(units: readonly Unit[]): Pick<Rows, 'unit' | 'unit_child'> {
  return {
    unit: units.map((u, position) => ({
      id: u.id,
      position,
      title: u.title,
      starts: u.starts,
      wished_end: u.wishedEnd,
      lessons_per_week: u.lessonsPerWeek,
      most_per_week: u.mostPerWeek,
      big_ideas: JSON.stringify(u.bigIdeas),
      passage: u.passage,
      start_kinds: JSON.stringify(u.startKinds),
      waiting: u.waiting ? 1 : 0,
      hoped_weeks: u.hopedWeeks,
      goals: u.goals,
      vocabulary: JSON.stringify(u.vocabulary),
      memory_work: JSON.stringify(u.memoryWork),
      taste: JSON.stringify(u.taste),
      money_limit: u.moneyLimit,
      prep_limit: u.prepLimit,
      shows: JSON.stringify(u.shows),
      season: u.season,
      wish: u.wish,
      deeper: u.deeper ? 1 : 0,
      asked_by: u.askedBy,
      repeats: u.repeats && JSON.stringify(u.repeats),
      talks: u.talks && JSON.stringify(u.talks),
      after: u.after,
      closed_on: u.closedOn,
      subjects: JSON.stringify(u.subjects),
    })),
    unit_child: units.flatMap((u) =>
      [...u.childIds, ...u.listens].map((child_id, position) => ({
        unit_id: u.id,
        child_id,
        position,
        listens: u.listens.includes(child_id) ? 1 : 0,
      })),
    ),
  };
}

export function unitsFrom({ unit, unit_child }: Pick<Rows, 'unit' | 'unit_child'>): Unit[] {
  const children = groupBy(unit_child, (r: Row) => r.unit_id as string);
  return unit.map((u) => ({
    id: u.id as string,
    title: u.title as string,
    starts: u.starts as string,
    wishedEnd: u.wished_end as string | null,
    lessonsPerWeek: u.lessons_per_week as number | null,
    mostPerWeek: u.most_per_week as number | null,
    childIds: whoIs(children.get(u.id as string), 0),
    listens: whoIs(children.get(u.id as string), 1),
    after: u.after as string | null,
    closedOn: u.closed_on as string | null,
    subjects: JSON.parse(u.subjects as string),
    bigIdeas: JSON.parse(u.big_ideas as string),
    passage: u.passage as string,
    startKinds: JSON.parse(u.start_kinds as string),
    waiting: u.waiting === 1,
    hopedWeeks: u.hoped_weeks as number | null,
    goals: u.goals as string,
    vocabulary: JSON.parse(u.vocabulary as string),
    memoryWork: JSON.parse(u.memory_work as string),
    taste: JSON.parse(u.taste as string),
    moneyLimit: u.money_limit as number | null,
    prepLimit: u.prep_limit as number | null,
    shows: JSON.parse(u.shows as string),
    season: u.season as Unit['season'],
    wish: u.wish as string,
    deeper: u.deeper === 1,
    askedBy: u.asked_by as string | null,
    repeats: u.repeats === null ? null : JSON.parse(u.repeats as string),
    talks: u.talks === null ? null : JSON.parse(u.talks as string),
  }));
}

const whoIs = (rows: readonly Row[] | undefined, listens: 0 | 1): string[] =>
  (rows ?? []).filter((r) => r.listens === listens).map((r) => r.child_id as string);

export function lessonRows(lessons: readonly Lesson[]): Pick<Rows, 'lesson' | 'lesson_rung'> {
  const position = within((l: Lesson) => l.unitId);
  return {
    lesson: lessons.map((l) => ({
      id: l.id,
      unit_id: l.unitId,
      position: position(l),
      title: l.title,
      first_page: l.firstPage,
      last_page: l.lastPage,
      topics: JSON.stringify(l.topics),
      passage: l.passage,
      objective: l.objective,
      objective_ids: JSON.stringify(l.objectiveIds),
      optional: l.optional ? 1 : 0,
      left_out: l.leftOut ? 1 : 0,
      builds_on: l.buildsOn ? 1 : 0,
      recall: JSON.stringify(l.recall),
      kit_place: l.kitPlace,
      kit_counts: JSON.stringify(l.kitCounts),
    })),
    lesson_rung: lessons.flatMap((l) =>
      Object.entries(l.rungMoves).map(([child_id, moved_by]) => ({ lesson_id: l.id, child_id, moved_by })),
    ),
  };
}

export function lessonsFrom({ lesson, lesson_rung }: Pick<Rows, 'lesson' | 'lesson_rung'>): Lesson[] {
  const moves = groupBy(lesson_rung, (r: Row) => r.lesson_id as string);
  return lesson.map((l) => ({
    id: l.id as string,
    unitId: l.unit_id as string,
    title: l.title as string,
    firstPage: l.first_page as number | null,
    lastPage: l.last_page as number | null,
    topics: JSON.parse(l.topics as string),
    passage: l.passage as string,
    objective: l.objective as string,
    objectiveIds: JSON.parse(l.objective_ids as string),
    optional: l.optional === 1,
    leftOut: l.left_out === 1,
    buildsOn: l.builds_on === 1,
    recall: (JSON.parse(l.recall as string) as Lesson['recall']).map((r) => ({
      ...r,
      answer: r.answer ?? '',
    })),
    kitPlace: l.kit_place as string,
    kitCounts: JSON.parse(l.kit_counts as string),
    rungMoves: Object.fromEntries(
      (moves.get(l.id as string) ?? []).map((r) => [r.child_id as string, r.moved_by as number]),
    ),
  }));
}
