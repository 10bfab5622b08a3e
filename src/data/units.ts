/** Rows of units, lessons and parts. */
import { groupBy } from '@/core/plan/lookup';
import type { Lesson, Part, Unit } from '@/core/plan/plan';
import type { Row, Rows } from './tables';

export function unitRows(units: readonly Unit[]): Pick<Rows, 'unit' | 'unit_child'> {
  return {
    unit: units.map((u, position) => ({
      id: u.id, position, title: u.title, starts: u.starts, wished_end: u.wishedEnd, lessons_per_week: u.lessonsPerWeek,
      big_ideas: JSON.stringify(u.bigIdeas), passage: u.passage, start_kinds: JSON.stringify(u.startKinds),
    })),
    unit_child: units.flatMap((u) => u.childIds.map((child_id, position) => ({ unit_id: u.id, child_id, position }))),
  };
}

export function unitsFrom({ unit, unit_child }: Pick<Rows, 'unit' | 'unit_child'>): Unit[] {
  const children = groupBy(unit_child, (r: Row) => r.unit_id as string);
  return unit.map((u) => ({
    id: u.id as string, title: u.title as string, starts: u.starts as string, wishedEnd: u.wished_end as string | null, lessonsPerWeek: u.lessons_per_week as number | null,
    childIds: (children.get(u.id as string) ?? []).map((r) => r.child_id as string),
    bigIdeas: JSON.parse(u.big_ideas as string), passage: u.passage as string, startKinds: JSON.parse(u.start_kinds as string),
  }));
}

export function lessonRows(lessons: readonly Lesson[]): Pick<Rows, 'lesson' | 'lesson_rung'> {
  const position = within((l: Lesson) => l.unitId);
  return {
    lesson: lessons.map((l) => ({
      id: l.id, unit_id: l.unitId, position: position(l), title: l.title, first_page: l.firstPage, last_page: l.lastPage, topics: JSON.stringify(l.topics), passage: l.passage,
    })),
    lesson_rung: lessons.flatMap((l) => Object.entries(l.rungMoves).map(([child_id, moved_by]) => ({ lesson_id: l.id, child_id, moved_by }))),
  };
}

export function lessonsFrom({ lesson, lesson_rung }: Pick<Rows, 'lesson' | 'lesson_rung'>): Lesson[] {
  const moves = groupBy(lesson_rung, (r: Row) => r.lesson_id as string);
  return lesson.map((l) => ({
    id: l.id as string, unitId: l.unit_id as string, title: l.title as string, firstPage: l.first_page as number | null, lastPage: l.last_page as number | null,
    topics: JSON.parse(l.topics as string), passage: l.passage as string,
    rungMoves: Object.fromEntries((moves.get(l.id as string) ?? []).map((r) => [r.child_id as string, r.moved_by as number])),
  }));
}

export function partRows(parts: readonly Part[]): Pick<Rows, 'part' | 'part_child'> {
  const position = within((p: Part) => p.lessonId);
  return {
    part: parts.map((p) => ({
      id: p.id, lesson_id: p.lessonId, position: position(p), kind: p.kind, title: p.title, minutes: p.minutes, lead: p.lead, window: p.window,
      everyone: p.childIds === null ? 1 : 0, fixed_date: p.fixedDate, wait_after_hours: p.waitAfterHours, wait_label: p.waitLabel,
    })),
    part_child: parts.flatMap((p) => (p.childIds ?? []).map((child_id, n) => ({ part_id: p.id, child_id, position: n }))),
  };
}

export function partsFrom({ part, part_child }: Pick<Rows, 'part' | 'part_child'>): Part[] {
  const children = groupBy(part_child, (r: Row) => r.part_id as string);
  return part.map((p) => ({
    id: p.id as string, lessonId: p.lesson_id as string, kind: p.kind as Part['kind'], title: p.title as string, minutes: p.minutes as number | null, lead: p.lead as Part['lead'],
    window: p.window as Part['window'], childIds: p.everyone ? null : (children.get(p.id as string) ?? []).map((r) => r.child_id as string),
    fixedDate: p.fixed_date as string | null, waitAfterHours: p.wait_after_hours as number, waitLabel: p.wait_label as string,
  }));
}

/** Place of each item among those it belongs with, counted as they come. */
function within<T>(owner: (item: T) => string): (item: T) => number {
  const next = new Map<string, number>();
  return (item) => {
    const n = next.get(owner(item)) ?? 0;
    next.set(owner(item), n + 1);
    return n;
  };
}
