/** Rows of assignments, sittings and marks. */
import type { Assignment, Mark, Sitting } from '@/core/plan/plan';
import type { Rows } from './tables';

export function assignmentRows(assignments: readonly Assignment[]): Pick<Rows, 'assignment'> {
  return {
    assignment: assignments.map((a) => ({
      part_id: a.partId,
      child_id: a.childId,
      rung: a.rung,
      wording: a.wording,
      minutes: a.minutes,
      parent_minutes: a.parentMinutes,
      note: a.note,
      produces: a.produces,
      supplies: a.supplies,
      by_hand: a.byHand ? 1 : 0,
    })),
  };
}

export function assignmentsFrom({ assignment }: Pick<Rows, 'assignment'>): Assignment[] {
  return assignment.map((a) => ({
    partId: a.part_id as string,
    childId: a.child_id as string,
    rung: a.rung as Assignment['rung'],
    wording: a.wording as string,
    minutes: a.minutes as number,
    parentMinutes: a.parent_minutes as number,
    note: a.note as string,
    produces: a.produces as string,
    supplies: a.supplies as string,
    byHand: a.by_hand === 1,
  }));
}

export function sittingRows(sittings: readonly Sitting[]): Pick<Rows, 'sitting'> {
  return {
    sitting: sittings.map((s) => ({
      id: s.id,
      part_id: s.partId,
      date: s.date,
      window: s.window,
      state: s.state,
      reason: JSON.stringify(s.reason),
    })),
  };
}

export function sittingsFrom({ sitting }: Pick<Rows, 'sitting'>): Sitting[] {
  return sitting.map((s) => ({
    id: s.id as string,
    partId: s.part_id as string,
    date: s.date as string,
    window: s.window as Sitting['window'],
    state: s.state as Sitting['state'],
    reason: JSON.parse(s.reason as string),
  }));
}

export function markRows(marks: readonly Mark[]): Pick<Rows, 'mark'> {
  return {
    mark: marks.map((m) => ({
      id: m.id,
      part_id: m.partId,
      child_id: m.childId,
      date: m.date,
      outcome: m.outcome,
      note: m.note,
      felt: m.felt,
      rung: m.rung,
      minutes: m.minutes,
      letters: m.letters,
    })),
  };
}

export function marksFrom({ mark }: Pick<Rows, 'mark'>): Mark[] {
  return mark.map((m) => ({
    id: m.id as string,
    partId: m.part_id as string,
    childId: m.child_id as string | null,
    date: m.date as string,
    outcome: m.outcome as Mark['outcome'],
    note: m.note as string,
    felt: m.felt as Mark['felt'],
    rung: m.rung as Mark['rung'],
    minutes: m.minutes as number | null,
    letters: m.letters as number | null,
  }));
}
