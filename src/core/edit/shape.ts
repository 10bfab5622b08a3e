/** Shaping a lesson list: joining small lessons, splitting big ones, stretching one over a week, indenting, swapping. */
import { newLesson } from './new-lesson';
import { dealt } from '../pacing/pacing';
import { doneParts, groupBy, lessonsOf, partsByLesson } from '../plan/lookup';
import type { Lesson, Part } from '../plan/lesson';
import type { Plan, Use } from '../plan/plan';
import { ONCE_KINDS, WORKED_OUT_KINDS } from '../plan/words';
import { GONE, type Edit, type Refusal } from './edit';
import { dealtToLessons } from '../formats/packs';

/** A part is not cut into pieces shorter than this, in minutes. */
const SHORTEST_PIECE = 5;

/**
 * Joins lessons of one unit into the first of them. What they do is all kept, but for reading, telling back and copying,
 * which one lesson has once. With `asTopics` each of them becomes a topic of the joined lesson; else only the later ones do.
 */
export const joinLessons =
  (ids: readonly string[], title: string | null, asTopics: boolean): Edit =>
  (plan) => {
    const joined = plan.lessons.filter((l) => ids.includes(l.id));
    if (joined.length < 2 || joined.length < new Set(ids).size)
      return { refused: joined.length < new Set(ids).size ? GONE : 'Choose at least two lessons to join.' };
    if (joined.some((l) => l.unitId !== joined[0].unitId))
      return { refused: 'Only lessons of one unit can be joined.' };
    return { plan: joinedPlan(plan, joined, title, asTopics), fresh: [joined[0].unitId] };
  };

function joinedPlan(plan: Plan, joined: readonly Lesson[], title: string | null, asTopics: boolean): Plan {
  const [first, ...others] = joined;
  const gone = new Set(others.map((l) => l.id));
  const topicOf = (l: Lesson): Lesson['topics'] => [{ title: l.title, page: l.firstPage }, ...l.topics];
  const pages = joined.flatMap((l) => [l.firstPage, l.lastPage ?? l.firstPage].filter((p) => p !== null));
  const partsOf = partsByLesson(plan.parts.filter((p) => p.ruleId === null));
  const marked = new Set(plan.marks.map((m) => m.partId));
  const has = new Set(
    (partsOf.get(first.id) ?? []).filter((p) => ONCE_KINDS.includes(p.kind)).map((p) => p.kind),
  );
  const moved = new Map<string, Part | null>();
  for (const l of others)
    for (const p of partsOf.get(l.id) ?? []) {
      const twice = ONCE_KINDS.includes(p.kind) && has.has(p.kind) && !marked.has(p.id);
      if (ONCE_KINDS.includes(p.kind)) has.add(p.kind);
      moved.set(p.id, twice ? null : { ...p, lessonId: first.id });
    }
  const lesson: Lesson = {
    ...first,
    title: (title?.trim() || (asTopics ? namesJoined(joined.map((l) => l.title)) : first.title)).slice(
      0,
      200,
    ),
    topics: [...(asTopics ? topicOf(first) : first.topics), ...others.flatMap(topicOf)].slice(0, 200),
    firstPage: pages.length ? Math.min(...pages) : null,
    lastPage: pages.length ? Math.max(...pages) : null,
    objective: [...new Set(joined.map((l) => l.objective).filter(Boolean))].join('; ').slice(0, 500),
    objectiveIds: [...new Set(joined.flatMap((l) => l.objectiveIds))],
    recall: joined.flatMap((l) => l.recall).slice(0, 20),
    passage: first.passage || (joined.find((l) => l.passage)?.passage ?? ''),
    optional: joined.every((l) => l.optional),
  };
  return {
    ...plan,
    lessons: plan.lessons.filter((l) => !gone.has(l.id)).map((l) => (l.id === first.id ? lesson : l)),
    parts: plan.parts.flatMap((p) => {
      if (moved.has(p.id)) return moved.get(p.id) ?? [];
      if (p.ruleId !== null && gone.has(p.lessonId ?? '')) return [];
      return p;
    }),
    uses: joinedUses(plan.uses, first.id, gone),
  };
}

/** Pages of one book on lessons that become one: from the first to the last; the whole book stays the whole book. */
function joinedUses(uses: readonly Use[], lessonId: string, gone: ReadonlySet<string>): Use[] {
  const here = uses.filter((u) => u.lessonId === lessonId || gone.has(u.lessonId));
  const one = [...groupBy(here, (u) => u.pullId).values()].map((same): Use => {
    const whole = same.some((u) => u.firstPage === null);
    return {
      ...same[0],
      lessonId,
      firstPage: whole ? null : Math.min(...same.map((u) => u.firstPage!)),
      lastPage: whole ? null : Math.max(...same.map((u) => u.lastPage ?? u.firstPage!)),
    };
  });
  return [...uses.filter((u) => !here.includes(u)), ...one];
}

function namesJoined(titles: readonly string[]): string {
  const shown = titles.length > 3 ? [...titles.slice(0, 2), `${titles.length - 2} more`] : titles;
  return `${shown.slice(0, -1).join(', ')} and ${shown.at(-1)}`;
}

/** Groups a run of lessons: at each index of `firsts` a new lesson begins; a group of one stays as it is. */
export const groupLessons =
  (ids: readonly string[], firsts: readonly number[]): Edit =>
  (plan, context) => {
    const order = plan.lessons.filter((l) => ids.includes(l.id)).map((l) => l.id);
    if (order.length < 2) return { refused: 'There are no lessons to group.' };
    let now = plan;
    let unitId = '';
    for (const [g, from] of firsts.entries()) {
      const group = order.slice(from, firsts[g + 1] ?? order.length);
      if (group.length < 2) continue;
      const step = joinLessons(group, null, true)(now, context);
      if ('refused' in step) return step;
      now = step.plan;
      unitId = step.fresh![0];
    }
    return { plan: now, fresh: unitId ? [unitId] : [] };
  };

/** Makes a lesson a topic of the lesson above it. */
export const indentLesson =
  (id: string): Edit =>
  (plan, context) => {
    const lesson = plan.lessons.find((l) => l.id === id);
    if (!lesson) return { refused: GONE };
    const siblings = lessonsOf(plan, lesson.unitId);
    const above = siblings[siblings.findIndex((l) => l.id === id) - 1];
    return above
      ? joinLessons([above.id, id], null, false)(plan, context)
      : { refused: 'There is no lesson above it whose topic it could be.' };
  };

/** Makes a topic a lesson of its own, after the lesson it was in. */
export const outdentTopic =
  (lessonId: string, index: number): Edit =>
  (plan, { newId }) => {
    const lesson = plan.lessons.find((l) => l.id === lessonId);
    const topic = lesson?.topics[index];
    const unit = plan.units.find((u) => u.id === lesson?.unitId);
    if (!lesson || !topic || !unit) return { refused: GONE };
    const next = lesson.topics.slice(index + 1).find((t) => t.page !== null)?.page ?? null;
    const made = newLesson(
      unit,
      {
        title: topic.title,
        firstPage: topic.page,
        lastPage:
          topic.page === null
            ? null
            : next !== null
              ? Math.max(topic.page, next - 1)
              : lesson.lastPage !== null && lesson.lastPage >= topic.page
                ? lesson.lastPage
                : topic.page,
      },
      newId,
    );
    const at = plan.lessons.indexOf(lesson);
    const kept: Lesson = { ...lesson, topics: lesson.topics.filter((_, i) => i !== index) };
    return {
      plan: {
        ...plan,
        lessons: [...plan.lessons.slice(0, at), kept, made.lesson, ...plan.lessons.slice(at + 1)],
        parts: [...plan.parts, ...made.parts],
      },
      fresh: [unit.id],
    };
  };

/** Puts two lessons of a unit in each other's place. */
export const swapLessons =
  (a: string, b: string): Edit =>
  (plan) => {
    const [x, y] = [plan.lessons.find((l) => l.id === a), plan.lessons.find((l) => l.id === b)];
    if (!x || !y || x.unitId !== y.unitId) return { refused: GONE };
    return {
      plan: {
        ...plan,
        lessons: plan.lessons.map((l) => {
          if (l === x) return y;
          if (l === y) return x;
          return l;
        }),
      },
      fresh: [x.unitId],
    };
  };

/** Splits a lesson into so many, each with its share of topics, pages and parts; a long part is cut where there are too few. */
export const splitLesson =
  (id: string, into: number): Edit =>
  (plan, { newId }) => {
    const lesson = plan.lessons.find((l) => l.id === id);
    if (!lesson) return { refused: GONE };
    if (into < 2 || into > 20) return { refused: 'A lesson is split into 2 to 20.' };
    const taught = whatIsDone(plan, lesson);
    if (taught) return taught;
    const unit = plan.units.find((u) => u.id === lesson.unitId)!;
    const own = (partsByLesson(plan.parts).get(id) ?? []).filter((p) => p.ruleId === null);
    // Every piece has its own telling back, copying and the like; what was added for one child is dealt like the rest.
    const everywhere = (p: Part): boolean =>
      WORKED_OUT_KINDS.includes(p.kind) && !(p.kind === 'own-kind' && p.workId === null);
    const worked = own.filter(everywhere);
    const copied = (lessonId: string): Part[] => {
      const ids = new Map(worked.map((p) => [p.id, newId()]));
      return worked.map((p) => ({
        ...p,
        id: ids.get(p.id)!,
        lessonId,
        teaches: p.teaches && (ids.get(p.teaches) ?? p.teaches),
      }));
    };
    const doing = piecesOf(
      own.filter((p) => !everywhere(p)),
      into,
      newId,
    );
    const at = dealtToLessons(doing.length, into);
    const topicsAt = dealtToLessons(lesson.topics.length, into);
    const span = (first: number | null, last: number | null): { first: number; last: number }[] =>
      first === null || last === null
        ? []
        : dealt(last - first + 1, into).map((d) => ({
            first: first + d.first - 1,
            last: first + d.last - 1,
          }));
    const pages = span(lesson.firstPage, lesson.lastPage);
    const uses = plan.uses.filter((u) => u.lessonId === id);
    const pieces = Array.from({ length: into }, (_, i) => {
      const piece: Lesson = {
        ...lesson,
        id: i ? newId() : id,
        title: `${lesson.title.slice(0, 180)} (${i + 1} of ${into})`,
        topics: lesson.topics.filter((_t, t) => topicsAt[t] === i),
        firstPage: pages[i]?.first ?? (i ? null : lesson.firstPage),
        lastPage: pages[i]?.last ?? (i ? null : lesson.lastPage),
        recall: i === into - 1 ? lesson.recall : [],
      };
      return {
        lesson: piece,
        parts: [
          ...(i ? copied(piece.id) : worked),
          ...doing.filter((_p, n) => at[n] === i).map((p) => ({ ...p, lessonId: piece.id })),
        ],
        uses: uses.flatMap((u): Use[] => {
          const share = span(u.firstPage, u.lastPage ?? u.firstPage)[i];
          if (share)
            return [
              {
                ...u,
                id: i ? newId() : u.id,
                lessonId: piece.id,
                firstPage: share.first,
                lastPage: share.last,
              },
            ];
          return i || u.firstPage !== null ? [] : [u];
        }),
      };
    });
    const place = plan.lessons.indexOf(lesson);
    return {
      plan: {
        ...plan,
        lessons: [
          ...plan.lessons.slice(0, place),
          ...pieces.map((p) => p.lesson),
          ...plan.lessons.slice(place + 1),
        ],
        parts: [
          ...plan.parts.filter((p) => p.lessonId !== id || p.ruleId !== null),
          ...pieces.flatMap((p) => p.parts),
        ],
        uses: [...plan.uses.filter((u) => u.lessonId !== id), ...pieces.flatMap((p) => p.uses)],
      },
      fresh: [unit.id],
    };
  };

/** Cuts the longest parts until there are at least so many, as long as pieces are worth having. */
export function piecesOf(parts: readonly Part[], atLeast: number, newId: () => string): Part[] {
  let list = parts.map((part) => ({ part, pieces: 1 }));
  while (list.length && list.reduce((n, l) => n + l.pieces, 0) < atLeast) {
    const longest = list.reduce((a, b) =>
      (b.part.minutes ?? 0) / b.pieces > (a.part.minutes ?? 0) / a.pieces ? b : a,
    );
    if ((longest.part.minutes ?? 0) / (longest.pieces + 1) < SHORTEST_PIECE) break;
    list = list.map((l) => (l === longest ? { ...l, pieces: l.pieces + 1 } : l));
  }
  return list.flatMap(({ part, pieces }) =>
    Array.from({ length: pieces }, (_, i): Part =>
      pieces === 1
        ? part
        : {
            ...part,
            id: i ? newId() : part.id,
            title: `${part.title.slice(0, 180)}, ${i + 1} of ${pieces}`,
            minutes: dealt(part.minutes!, pieces).map((d) => d.last - d.first + 1)[i],
            supplies: i ? [] : part.supplies,
            preparations: i ? [] : part.preparations,
            prediction: i ? '' : part.prediction,
            waitAfterHours: i === pieces - 1 ? part.waitAfterHours : 0,
            waitLabel: i === pieces - 1 ? part.waitLabel : '',
          },
    ),
  );
}

export function whatIsDone(plan: Plan, lesson: Lesson): Refusal | undefined {
  const done = doneParts(plan);
  return plan.parts.some((p) => p.lessonId === lesson.id && done.has(p.id))
    ? {
        refused: `“${lesson.title}” has been taught in part, and what is done stays as it was. Add a lesson after it instead.`,
      }
    : undefined;
}
