/** One day of the plan, room by room, for Today and for a child's page. */
import { liveDay, type Clock, type LiveDay, type LiveEntry } from '@/core/dayplan/live';
import { timetable, type TimetableEntry } from '@/core/dayplan/timetable';
import { pagesText, usesRead } from '@/core/books/reading';
import { reasonInWords } from '@/core/layout/reasons';
import { metBy } from '@/core/record/known';
import { saidToday } from '@/core/recall/said-today';
import { isLadderKind } from '@/core/ladder/kinds';
import type { Entry } from '@/core/plan/entry';
import { inForce } from '@/core/plan/happened';
import { SHARED_KINDS } from '@/core/plan/words';
import { namesIn } from '@/core/plan/called';
import { assignmentKey, booksById, byId, groupBy, homes, lessonsOf } from '@/core/plan/lookup';
import type { Lesson, Part } from '@/core/plan/lesson';
import type { Plan } from '@/core/plan/plan';

export interface DayRoom extends TimetableEntry {
  /** Where the day is followed as it goes: how far this is, and when it was planned to be. */
  live?: Pick<LiveEntry, 'going' | 'planned'>;
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
  /** What is done instead when the weather is against it, and whether it is. */
  indoors: string;
  otherwise: boolean;
  /** Children who loved it; all of them where one entry says so for all. */
  lovedBy: string[];
  /** What was noted on it this day, and files of the work. */
  notes: { id: string; text: string; file: string | null }[];
  /** Objectives of its lesson, with how far each child who takes part meets them; 1 where nobody looked. */
  objectives: { id: string; wording: string; met: Record<string, number> }[];
  /** What is needed for it, by name. */
  needs: string[];
  alternatives: { id: string; title: string }[];
}

/** The day as it goes, where it is this one and somebody follows it. */
export const goingOn = (plan: Plan, date: string, clock: Clock | undefined): LiveDay | undefined =>
  clock?.date === date ? liveDay(plan, clock) : undefined;

/**
 * @param live the day as it goes, where it is to be drawn so
 * @param childId whose list it is: then also what is done together says that child's own share
 */
export function dayRooms(plan: Plan, date: string, live?: LiveDay, childId?: string): DayRoom[] {
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
  const facts = groupBy(
    inForce(plan.entries).filter((e) => e.date === date && e.partId !== null),
    (e) => e.partId!,
  );
  const rooms: (TimetableEntry & Partial<LiveEntry>)[] = live?.rooms ?? timetable(plan, date);
  const objectives = byId(plan.objectives);
  const objectivesOf = (lesson: Lesson): DayRoom['objectives'] =>
    lesson.objectiveIds.map((id) => ({
      id,
      wording: objectives.get(id)!.wording,
      met: Object.fromEntries(Object.entries(metBy(plan, { objectiveId: id })).map(([c, m]) => [c, m.grade])),
    }));
  return rooms.map(({ going, planned, ...room }): DayRoom => {
    const part = parts.get(room.partId)!;
    const { lesson } = homeOf(part);
    const sitting = sittings.get(room.sittingId)!;
    const assignment =
      isLadderKind(part.kind) && (childId !== undefined || !SHARED_KINDS.includes(part.kind))
        ? given.get(assignmentKey(part.id, childId ?? room.childIds[0]))
        : undefined;
    const said = (facts.get(part.id) ?? []).filter(
      (e) => e.childId === null || room.childIds.includes(e.childId),
    );
    const otherwise = said.some((e) => e.kind === 'otherwise');
    return {
      ...room,
      ...factsOf(room, part, said),
      otherwise,
      ...(going && planned ? { live: { going, planned } } : {}),
      title: part.title,
      kind: part.kind,
      lessonId: lesson?.id ?? null,
      lesson: lesson ? `${numbers.get(lesson.id)} ${lesson.title}` : '',
      detail:
        (otherwise ? `Indoors: ${part.indoors}` : undefined) ??
        assignment?.wording ??
        (read(part, room.childIds[0]) ||
          (room.missed
            ? 'left out this time'
            : message(part, date) || part.prediction || part.directions.split('\n')[0])),
      state: sitting.state,
      why: reasonInWords(sitting.reason, nameOf),
      wait: part.waitAfterHours ? `${part.waitLabel || 'waits'} ${part.waitAfterHours} h` : '',
      canMove: !part.fixedDate || part.ruleId !== null,
      with: room.adultMinutes ? `with ${nameOf(room.adultId!)}` : '',
      comesBack: part.ruleId !== null && part.lessonId === null,
      // How far brothers and sisters are is nothing for a child's own list.
      objectives: childId === undefined && lesson ? objectivesOf(lesson) : [],
    };
  });
}

/** What was said of a room on its day, and what there is to choose from. */
function factsOf(
  { childIds }: TimetableEntry,
  part: Part,
  said: readonly Entry[],
): Pick<DayRoom, 'indoors' | 'lovedBy' | 'notes' | 'needs' | 'alternatives'> {
  const loved = said.filter((e) => e.kind === 'loved');
  return {
    indoors: part.indoors,
    lovedBy: childIds.filter((c) => loved.some((e) => e.childId === null || e.childId === c)),
    notes: said
      .filter((e) => e.kind === 'noted' || e.kind === 'kept')
      .map((e) => ({ id: e.id, text: e.note || (e.file ? 'a file of the work' : ''), file: e.file })),
    needs: [...new Set([...part.supplies.map((s) => s.name), ...part.needs])],
    alternatives: part.alternatives.map(({ id, title }) => ({ id, title })),
  };
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
