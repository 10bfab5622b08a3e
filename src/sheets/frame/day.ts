/** One day of the plan, room by room, for Today and for a child's page. */
import { timetable, type TimetableEntry } from '@/core/dayplan/timetable';
import { pagesText, usesRead } from '@/core/books/reading';
import { reasonInWords } from '@/core/layout/reasons';
import { saidToday } from '@/core/recall/said-today';
import { isLadderKind } from '@/core/ladder/kinds';
import { SHARED_KINDS } from '@/core/plan/words';
import { namesIn } from '@/core/plan/called';
import { assignmentKey, booksById, byId, homes, lessonsOf } from '@/core/plan/lookup';
import type { Part } from '@/core/plan/lesson';
import type { Plan } from '@/core/plan/plan';

export interface DayRoom extends TimetableEntry {
  title: string;
  /** What exactly: pages, wording. */
  detail: string;
  lesson: string;
  lessonId: string | null;
  kind: Part['kind'];
  state: 'pencil' | 'ink';
  why: string;
  wait: string;
  /** “with Aunt Wenke”, where another adult leads. */
  with: string;
  canMove: boolean;
  /** It comes back by itself: left out this time, it does not move. */
  comesBack: boolean;
}

/** @param childId whose list it is: then also what is done together says that child's own share */
export function dayRooms(plan: Plan, date: string, childId?: string): DayRoom[] {
  const parts = byId(plan.parts);
  const homeOf = homes(plan);
  const sittings = byId(plan.sittings);
  const numbers = new Map(
    plan.units.flatMap((u) => lessonsOf(plan, u.id).map((l): [string, number] => [l.id, l.number])),
  );
  const nameOf = namesIn(plan);
  const given = new Map(plan.assignments.map((a) => [assignmentKey(a.partId, a.childId), a]));
  const read = readingOf(plan);
  const message = saidToday(plan);
  const missed = new Set(
    plan.marks.filter((m) => m.outcome === 'missed' && m.date === date).map((m) => m.partId),
  );
  return timetable(plan, date).map((room): DayRoom => {
    const part = parts.get(room.partId)!;
    const { lesson } = homeOf(part);
    const sitting = sittings.get(room.sittingId)!;
    const assignment =
      isLadderKind(part.kind) && (childId !== undefined || !SHARED_KINDS.includes(part.kind))
        ? given.get(assignmentKey(part.id, childId ?? room.childIds[0]))
        : undefined;
    return {
      ...room,
      title: part.title,
      kind: part.kind,
      lessonId: lesson?.id ?? null,
      lesson: lesson ? `${numbers.get(lesson.id)} ${lesson.title}` : '',
      detail:
        assignment?.wording ??
        (read(part, room.childIds[0]) ||
          (missed.has(part.id)
            ? 'left out this time'
            : message(part, date) || part.prediction || part.directions.split('\n')[0])),
      state: sitting.state,
      why: reasonInWords(sitting.reason, nameOf),
      wait: part.waitAfterHours ? `${part.waitLabel || 'waits'} ${part.waitAfterHours} h` : '',
      canMove: !part.fixedDate || part.ruleId !== null,
      with: room.adultMinutes ? `with ${nameOf(room.adultId!)}` : '',
      comesBack: part.ruleId !== null && part.lessonId === null,
    };
  });
}

/** What is read in a part, by title and pages. */
export function readingOf(plan: Plan): (part: Part, childId: string) => string {
  const books = booksById(plan.books);
  const pulls = byId(plan.pulls);
  const uses = usesRead(plan);
  return (part, childId) =>
    uses(part, childId)
      .map((u) => `${books.get(pulls.get(u.pullId)!.bookId)!.title}${pagesText(u)}`)
      .join('; ');
}
