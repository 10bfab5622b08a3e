/** Taking an outline up as a unit of the plan: one that a family shared, or one of the family’s own that is taught again. */
import { placed } from '../books/readers';
import { sameAs } from '../books/duplicates';
import type { OutlinePart, UnitOutline } from '../formats/unit-outline';
import { count } from '../plan/called';
import { blankBook, blankLesson, blankPart, blankRule, blankUnit } from '../plan/blank';
import type { Book } from '../plan/book';
import type { Lesson, Part, Rhythm } from '../plan/lesson';
import type { Plan, Pull, Use } from '../plan/plan';
import type { Unit } from '../plan/unit';
import type { Edit } from './edit';
import { addUnit, type UnitFields } from './units';

export interface Taking {
  title: string;
  starts: string;
  waiting: boolean;
  childIds: readonly string[];
  lessonsPerWeek: number | null;
  /** Whom single parts of it are for, by their ids in the outline; who is not named here is for all. */
  whose?: Readonly<Record<string, readonly string[]>>;
  /** The unit of the family’s own that it repeats. */
  repeats: Unit['repeats'];
}

/** What an outline brings, row by row, before it is taken. */
export interface TakingRow {
  what: 'unit' | 'lesson' | 'book' | 'comes back' | 'objectives' | 'questions';
  title: string;
  /** “3 parts”; “on your shelf”, “new on your shelf, to be got”. */
  does: string;
}

export function takingRows(outline: UnitOutline, plan: Pick<Plan, 'books' | 'works' | 'units'>): TakingRow[] {
  const twice = plan.units.some((u) => u.title.toLowerCase() === outline.title.toLowerCase());
  const kept = (parts: readonly OutlinePart[]): number => parts.filter((p) => isKnown(p, plan)).length;
  const left = (parts: readonly OutlinePart[]): string =>
    kept(parts) < parts.length
      ? `; ${count(parts.length - kept(parts), 'part')} of a kind of work that this family has not ${parts.length - kept(parts) === 1 ? 'is' : 'are'} left out`
      : '';
  return [
    {
      what: 'unit',
      title: outline.title,
      does: `${count(outline.lessons.length, 'lesson')}, ${count(outline.vocabulary.length, 'word')}${twice ? '; there is a unit of this name already, and it stays' : ''}`,
    },
    ...(outline.objectives.length
      ? [
          {
            what: 'objectives' as const,
            title: count(outline.objectives.length, 'objective'),
            does: 'tied to their lessons',
          },
        ]
      : []),
    ...outline.lessons.map((l) => ({
      what: 'lesson' as const,
      title: l.title,
      does: `${count(kept(l.parts), 'part')}${l.books.length ? `, ${count(l.books.length, 'book')}` : ''}${left(l.parts)}`,
    })),
    ...(outline.parts.length
      ? [
          {
            what: 'unit' as const,
            title: 'Parts of the unit itself',
            does: `${count(kept(outline.parts), 'part')}${left(outline.parts)}`,
          },
        ]
      : []),
    ...outline.rules.map((r) => ({
      what: 'comes back' as const,
      title: r.title,
      does: `${r.minutes} min each time`,
    })),
    ...outline.books.map((b) => ({
      what: 'book' as const,
      title: b.title,
      does: sameAs(b, plan.books) ? 'on your shelf already' : 'new on your shelf, to be got',
    })),
    ...(outline.questions.length
      ? [
          {
            what: 'questions' as const,
            title: count(outline.questions.length, 'open question'),
            does: 'go along',
          },
        ]
      : []),
  ];
}

const isKnown = (p: Pick<OutlinePart, 'kind' | 'workId'>, plan: Pick<Plan, 'works'>): boolean =>
  p.kind !== 'own-kind' || plan.works.some((w) => w.id === p.workId);

/** Takes an outline up as a unit of the plan, all of it; its books are those of the shelf where they are on it. */
export const takeUnit =
  (outline: UnitOutline, taking: Taking): Edit =>
  (plan, context) => {
    const { newId } = context;
    const fields: UnitFields = {
      ...blankUnit,
      ...unitFieldsOf(outline),
      title: taking.title,
      starts: taking.starts,
      waiting: taking.waiting,
      lessonsPerWeek: taking.lessonsPerWeek,
      childIds: [...taking.childIds],
      deeper: taking.repeats !== null,
      repeats: taking.repeats,
    };
    const begun = addUnit(fields)(plan, context);
    if ('refused' in begun) return begun;
    const unitId = begun.plan.units.at(-1)!.id;
    return { plan: withOutline(begun.plan, unitId, outline, taking, newId), fresh: [unitId] };
  };

/** What a unit has of an outline; words and verses get ids of their own. */
const unitFieldsOf = (o: UnitOutline): Partial<UnitFields> => ({
  goals: [o.goals, ...o.notes].filter(Boolean).join('\n').slice(0, 20_000),
  bigIdeas: o.bigIdeas,
  vocabulary: o.vocabulary.map((v) => ({ ...v, id: '' })),
  memoryWork: o.memoryWork.map((m) => ({ ...m, id: '' })),
  passage: o.passage,
  startKinds: o.startKinds,
  taste: o.taste,
  subjects: o.subjects,
  season: o.season,
  hopedWeeks: o.hopedWeeks,
});

function withOutline(
  plan: Plan,
  unitId: string,
  outline: UnitOutline,
  { whose = {}, childIds }: Pick<Taking, 'whose' | 'childIds'>,
  newId: () => string,
): Plan {
  const whoOf = (id: string): string[] | null => {
    const left = whose[id]?.filter((c) => childIds.includes(c));
    return left?.length ? left : null;
  };
  const ids = new Map<string, string>();
  const idFor = (of: string, id: string): string => {
    const key = `${of} ${id}`;
    if (!ids.has(key)) ids.set(key, newId());
    return ids.get(key)!;
  };
  const partOf = ({ cautions: _, ...p }: OutlinePart, home: Pick<Part, 'lessonId' | 'unitId'>): Part => ({
    ...blankPart,
    ...p,
    ...home,
    id: idFor('part', p.id),
    childIds: whoOf(p.id),
    ...withoutIds(p),
    alternatives: p.alternatives.map((a) => ({ ...a, ...withoutIds(a), id: newId() })),
  });
  const taken = (parts: readonly OutlinePart[]): readonly OutlinePart[] =>
    parts.filter((p) => isKnown(p, plan));
  const books: Book[] = [];
  const pulls = outline.books.map((b): Pull => {
    const { id, role, read, ...fields } = b;
    const known = sameAs(b, plan.books)?.id;
    const bookId = known ?? idFor('book', id);
    if (!known) books.push({ ...blankBook, ...fields, id: bookId, source: 'to buy' });
    return { id: idFor('pull', id), unitId, bookId, ...placed({ role, read, childIds: [] }) };
  });
  return {
    ...plan,
    books: [...plan.books, ...books],
    pulls: [...plan.pulls, ...pulls],
    objectives: [
      ...plan.objectives,
      ...outline.objectives.map((o) => ({ ...o, id: idFor('objective', o.id), unitId })),
    ],
    questions: [
      ...plan.questions,
      ...outline.questions.map((text) => ({
        id: newId(),
        unitId,
        childId: null,
        text,
        asked: null,
        answer: '',
      })),
    ],
    lessons: [
      ...plan.lessons,
      ...outline.lessons.map(({ parts: _, books: __, ...l }): Lesson => ({
        ...blankLesson,
        ...l,
        id: idFor('lesson', l.id),
        unitId,
        objectiveIds: l.objectiveIds.map((id) => idFor('objective', id)),
        recall: l.recall.map((r) => ({ ...r, id: '' })),
      })),
    ],
    parts: [
      ...plan.parts,
      ...taken(outline.parts).map((p) => partOf(p, { lessonId: null, unitId })),
      ...outline.lessons.flatMap((l) =>
        taken(l.parts).map((p) => partOf(p, { lessonId: idFor('lesson', l.id), unitId: null })),
      ),
    ],
    rules: [
      ...plan.rules,
      ...outline.rules.map((r) => ({
        ...blankRule,
        ...r,
        id: newId(),
        unitId,
        minutes: r.minutes || blankRule.minutes,
        supplies: r.supplies.map((s) => ({ ...s, id: '' })),
        rhythm: rhythmHere(plan, r.rhythm, (id) => idFor('part', id)),
      })),
    ],
    uses: [
      ...plan.uses,
      ...outline.lessons.flatMap((l) =>
        l.books.map(({ bookId, firstPage, lastPage }): Use => ({
          id: newId(),
          pullId: idFor('pull', bookId),
          lessonId: idFor('lesson', l.id),
          firstPage,
          lastPage,
        })),
      ),
    ],
  };
}

/** A rhythm among the family’s own parts and weekdays: on the taught weekday nearest to one on which they have no school. */
function rhythmHere(plan: Plan, rhythm: Rhythm, partFor: (id: string) => string): Rhythm {
  if (rhythm.on === 'after') return { ...rhythm, partId: partFor(rhythm.partId) };
  const weekdays = plan.year?.weekdays ?? [];
  if (rhythm.on !== 'weekday' || !weekdays.length || weekdays.includes(rhythm.weekday)) return rhythm;
  const apart = (day: number): number => Math.abs(day - rhythm.weekday);
  return { ...rhythm, weekday: weekdays.reduce((a, b) => (apart(b) < apart(a) ? b : a)) };
}

const withoutIds = (p: Pick<Part, 'supplies' | 'preparations'>): Pick<Part, 'supplies' | 'preparations'> => ({
  supplies: p.supplies.map((s) => ({ ...s, id: '' })),
  preparations: p.preparations.map((x) => ({ ...x, id: '' })),
});
