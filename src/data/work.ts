/** Rows of assignments, sittings and what happened. */
import type { Entry } from '@/core/plan/entry';
import type { Assignment, Sitting } from '@/core/plan/plan';
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

export function entryRows(entries: readonly Entry[]): Pick<Rows, 'entry'> {
  return {
    entry: entries.map((e, position) => ({
      id: e.id,
      position,
      at: e.at,
      date: e.date,
      kind: e.kind,
      child_id: e.childId,
      adult_id: e.adultId,
      part_id: e.partId,
      lesson_id: e.lessonId,
      objective_id: e.objectiveId,
      prompt_id: e.promptId,
      preparation_id: e.preparationId,
      book_id: e.bookId,
      about: JSON.stringify(e.about),
      minutes: e.minutes,
      pages: e.pages,
      letters: e.letters,
      amount: e.amount,
      unit: e.unit,
      felt: e.felt,
      grade: e.grade,
      note: e.note,
      file: e.file,
      withdraws: e.withdraws,
    })),
  };
}

export function entriesOf({ entry }: Pick<Rows, 'entry'>): Entry[] {
  return entry.map((e) => ({
    id: e.id as string,
    at: e.at as string,
    date: e.date as string,
    kind: e.kind as Entry['kind'],
    childId: e.child_id as string | null,
    adultId: e.adult_id as string | null,
    partId: e.part_id as string | null,
    lessonId: e.lesson_id as string | null,
    objectiveId: e.objective_id as string | null,
    promptId: e.prompt_id as string | null,
    preparationId: e.preparation_id as string | null,
    bookId: e.book_id as string | null,
    about: JSON.parse(e.about as string),
    minutes: e.minutes as number | null,
    pages: e.pages as number | null,
    letters: e.letters as number | null,
    amount: e.amount as number | null,
    unit: e.unit as string,
    felt: e.felt as Entry['felt'],
    grade: e.grade as number | null,
    note: e.note as string,
    file: e.file as string | null,
    withdraws: e.withdraws as string | null,
  }));
}
