import { isReadAlone, isReadBeforehand } from '@/core/books/readers';
import { childName, inAList } from '@/core/plan/called';
import { schoolDays, whyClosed } from '@/core/calendar/school-days';
import { longDate, shortDate } from '@/core/calendar/dates';
import { ageOn } from '@/core/plan/age';
import { cautionsFor, shown, type Caution } from '@/core/cautions/match';
import { preparing } from '@/core/prep/when';
import { booksById, byId, doneParts, homes } from '@/core/plan/lookup';
import { fillersOn, type Filler } from '@/core/dayplan/fillers';
import { runningOn, type RunningWait } from '@/core/dayplan/running';
import { loadsOn } from '@/core/dayplan/loads';
import { inForce } from '@/core/plan/happened';
import type { Role } from '@/core/plan/plan';
import type { HatchName } from '@/kit/hatch';
import { clock as clockNow } from '../frame/clock';
import { dateParam, lastDay, load, type FrameInfo, type SearchParams } from '../frame/load';
import { pagesOf, pagesText } from '@/core/books/reading';
import { awayOn, type AwayOnDay } from '../frame/away';
import { dayRooms, goingOn, type DayRoom } from '../frame/day';
import { askingsOn, type Asking } from '../frame/ask/asking';
import { rainedOn, type Rained } from '../frame/weather-load';
import type { Read } from './note-reading';

export interface TodayView {
  info: FrameInfo;
  today: string;
  date: string;
  title: string;
  subtitle: string;
  hasYear: boolean;
  /** Why there is no school, in words. */
  closed?: string;
  before?: string;
  after?: string;
  /** Minutes after midnight, where the day that is shown is today and has a time. */
  now?: number;
  /** Where the day is followed as it goes: minutes it is behind, and by which it ends later; below 0, sooner. */
  goes?: { behind: number; later: number };
  /** What young children can do while they wait. */
  fillers: Filler[];
  /** Who is at an appointment of their own. */
  away: AwayOnDay[];
  dayStarts: number;
  dayEnds: number;
  children: { id: string; name: string; hatch: HatchName; age: number; minutes: number; limit: number }[];
  rooms: DayRoom[];
  leadMinutes: number;
  schoolDay?: { number: number; of: number };
  inkedTo?: string;
  /** `read`: a child's own reading, to note how long it took. */
  onTheTable: { title: string; pages: string; role: Role; reader: string; read?: Read }[];
  /** What is to be ready for this day or got ready on it, and the cautions of its parts. */
  ready: { what: string; when: string }[];
  cautions: { partId: string; of: string; cautions: Caution[] }[];
  /** Children who called, and with what. */
  calls: { id: string; childId: string; kind: 'help' | 'early'; at: string }[];
  running: RunningWait[];
  /** What is asked on the day, and what the family says when all was known. */
  askings: Asking[];
  reward: string;
  rained: Rained[];
  /** What was noted on the day itself. */
  notes: { id: string; text: string; file: string | null }[];
  /** Open questions of the units on this day. */
  questions: { id: string; text: string; who: string }[];
  /** Units on this day, for a question that is asked. */
  units: { id: string; title: string }[];
  /** Parts on days gone by that were neither ticked nor moved on. */
  left: { partId: string; title: string; on: string; date: string; canMove: boolean }[];
}

export async function loadToday(params: SearchParams): Promise<TodayView> {
  const { plan, info, today } = await load(params);
  const date = (await dateParam(params, 'day')) ?? (info.looking && lastDay(plan)) ?? today;
  const days = plan.year ? schoolDays(plan.year) : [];
  const clock = info.looking ? undefined : clockNow();
  const live = goingOn(plan, date, clock);
  const rooms = dayRooms(plan, date, live);
  const [taken] = loadsOn(plan, [date]);
  const done = doneParts(plan);
  const parts = byId(plan.parts);
  const lessons = byId(plan.lessons);
  const books = booksById(plan.books);
  const pulls = byId(plan.pulls);
  const lessonsToday = new Set(rooms.map((r) => parts.get(r.partId)!.lessonId));
  const homeOf = homes(plan);
  const unitsToday = new Set(rooms.map((r) => homeOf(parts.get(r.partId)!).unit?.id ?? ''));
  const titles = [...new Set(rooms.map((r) => r.lesson).filter(Boolean))];
  const said = inForce(plan.entries).filter((e) => e.date === date);
  const calls = said.filter(
    (e) => (e.kind === 'help' || e.kind === 'early') && plan.children.some((c) => c.id === e.childId),
  );
  const at = days.findIndex((d) => d.date === date);
  const missed = new Set(
    plan.marks.filter((m) => m.outcome === 'missed').map((m) => `${m.partId} ${m.date}`),
  );
  const left = plan.sittings
    .filter((s) => s.date < today && !done.has(s.partId) && !missed.has(`${s.partId} ${s.date}`))
    .sort((a, b) => (a.date < b.date ? -1 : 1));
  return {
    info,
    today,
    date,
    hasYear: !!plan.year,
    title: longDate(date),
    subtitle:
      titles.length === 1 ? `Lesson ${titles[0]}` : titles.length ? `Lessons ${titles.join('; ')}` : '',
    closed: plan.year ? whyClosed(plan.year, date) : undefined,
    before: days.filter((d) => d.date < date).at(-1)?.date,
    after: days.find((d) => d.date > date)?.date,
    ...(clock?.date === date ? { now: clock.minutes } : {}),
    goes: live && { behind: live.behind, later: live.later },
    // What one would have done while one waited is of no use any more.
    fillers: fillersOn(plan, date, rooms).filter((f) => clock?.date !== date || f.ends > clock.minutes),
    away: awayOn(plan, date),
    dayStarts: plan.year?.dayStarts ?? 510,
    dayEnds: Math.max(plan.year?.dayEnds ?? 900, ...rooms.map((r) => r.ends)),
    children: plan.children.map((c) => ({
      id: c.id,
      name: c.name,
      hatch: c.hatch,
      limit: c.minutes,
      age: ageOn(c.birthMonth, date),
      minutes: taken.children.find((x) => x.childId === c.id)!.minutes,
    })),
    rooms,
    leadMinutes: taken.parent.minutes,
    schoolDay: at >= 0 ? { number: at + 1, of: days.length } : undefined,
    inkedTo: plan.sittings
      .filter((s) => s.state === 'ink')
      .map((s) => s.date)
      .sort()
      .at(-1),
    onTheTable: plan.uses
      .filter((u) => lessonsToday.has(u.lessonId))
      .flatMap((u) => {
        const pull = pulls.get(u.pullId)!;
        // What the parent reads before the lesson is read by then.
        if (isReadBeforehand(pull)) return [];
        const book = books.get(pull.bookId)!;
        const line = { title: book.title, pages: pagesText(u).replace(/^, /, ''), role: pull.role };
        const readers = plan.children.filter((c) => pull.childIds.includes(c.id));
        // What several children read on their own is a line for each: each has read so much of it.
        if (!isReadAlone(pull) || !readers.length)
          return [
            { ...line, reader: readers.length ? `aloud to ${inAList(readers.map((c) => c.name))}` : '' },
          ];
        return readers.map((child) => ({
          ...line,
          reader: child.name,
          read: {
            bookId: book.id,
            title: book.title,
            childId: child.id,
            reader: child.name,
            pages: pagesOf(u, book.pages) || null,
          },
        }));
      }),
    ready: preparing(plan, today)
      .planned.filter((r) => !r.isReady && (r.on === date || r.day === date))
      .map((r) => ({
        what: r.what,
        when: r.on === date ? `for ${r.part}` : `today, for ${r.part} on ${shortDate(r.on)}`,
      })),
    cautions: [...new Set(rooms.map((r) => r.partId))].flatMap((id) => {
      const part = parts.get(id)!;
      const cautions = shown(cautionsFor(part, plan.children, plan.family?.allergies ?? [], date));
      return cautions.length ? [{ partId: id, of: part.title, cautions }] : [];
    }),
    calls: calls.map((e) => ({
      id: e.id,
      childId: e.childId!,
      kind: e.kind as 'help' | 'early',
      at: e.about.title,
    })),
    running: runningOn(plan, date, clock),
    askings: date <= today && !info.looking ? askingsOn(plan, date) : [],
    reward: plan.family?.recall.reward ?? '',
    rained: info.looking ? [] : rainedOn(plan, date, date, today),
    notes: said
      .filter((e) => e.partId === null && (e.kind === 'noted' || e.kind === 'kept'))
      .map((e) => ({ id: e.id, text: e.note || 'a file of the work', file: e.file })),
    questions: plan.questions
      .filter((q) => !q.answer && unitsToday.has(q.unitId))
      .map((q) => ({
        id: q.id,
        text: q.text,
        who: childName(plan, q.childId, ''),
      })),
    units: plan.units.filter((u) => unitsToday.has(u.id)).map(({ id, title }) => ({ id, title })),
    left: left.map((s) => {
      const part = parts.get(s.partId)!;
      return {
        partId: part.id,
        title: [part.title, lessons.get(part.lessonId ?? '')?.title].filter(Boolean).join(', '),
        on: s.date,
        date: shortDate(s.date),
        canMove: !part.fixedDate || part.ruleId !== null,
      };
    }),
  };
}
