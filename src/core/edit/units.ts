/** Units, and the lessons a contents page gives them. */
import { lessonsFrom, type ContentsLine } from '../formats/contents';
import type { Plan } from '../plan/plan';
import type { Unit } from '../plan/unit';
import { spineOf, withContents, withLessons } from './spine';
import { addDays, mondayOf } from '../calendar/dates';
import type { SchoolYear } from '../plan/year';
import { blankYear } from '../plan/blank';
import { byId } from '../plan/lookup';
import { GONE, withChanged, type Edit } from './edit';
import { newLesson } from './new-lesson';

export type UnitFields = Omit<Unit, 'id'>;

export const addUnit =
  (fields: UnitFields): Edit =>
  (plan, { newId }) =>
    check(plan, fields) ?? {
      plan: {
        ...plan,
        year: plan.year ?? plainYear(fields.starts),
        units: [...plan.units, { ...eachOnce(fields), id: newId() }],
      },
    };

/** Days for those who plan no year: Monday to Friday, no rhythm, for a year from the week in which their first unit starts. */
const plainYear = (starts: string): SchoolYear => ({
  ...blankYear,
  starts: mondayOf(starts),
  ends: addDays(mondayOf(starts), 363),
});

/** Changes a unit; when its frame or its children change, its pencil is drawn afresh. */
export const editUnit =
  (id: string, change: Partial<UnitFields>): Edit =>
  (plan) => {
    const unit = plan.units.find((u) => u.id === id);
    if (!unit) return { refused: GONE };
    const fields = rangeOnly(eachOnce({ ...unit, ...change }));
    const frame = (u: UnitFields): string =>
      JSON.stringify([
        u.starts,
        u.wishedEnd,
        u.lessonsPerWeek,
        u.mostPerWeek,
        u.childIds,
        u.listens,
        u.after,
        u.waiting,
      ]);
    return (
      check(plan, fields, id) ?? {
        plan: { ...plan, units: withChanged(plan.units, id, fields) },
        fresh: frame(unit) === frame(fields) ? [] : [id],
      }
    );
  };

export const removeUnit =
  (id: string): Edit =>
  (plan) => ({ plan: { ...plan, units: plan.units.filter((u) => u.id !== id) } });

/** A pace is a range only where its upper end is above the lower. */
const rangeOnly = <U extends UnitFields>(fields: U): U =>
  fields.mostPerWeek !== null && fields.mostPerWeek <= (fields.lessonsPerWeek ?? Infinity)
    ? { ...fields, mostPerWeek: null }
    : fields;

/** Who is in a unit does not only listen in as well. */
const eachOnce = <U extends UnitFields>(fields: U): U => ({
  ...fields,
  listens: fields.listens.filter((c) => !fields.childIds.includes(c)),
});

function check(plan: Plan, fields: UnitFields, id?: string): { refused: string } | undefined {
  const { starts, wishedEnd, childIds } = fields;
  const ring = followsItself(plan, fields.after, id);
  if (ring) return { refused: ring };
  if (wishedEnd && wishedEnd < starts)
    return { refused: 'The wished end comes before the start. Change one of them.' };
  if (!childIds.length) return { refused: 'Choose at least one child for this unit.' };
  return undefined;
}

/** Why a unit cannot follow another in a row: that one waits for it, straight or by way of others. */
function followsItself(plan: Plan, after: string | null, id: string | undefined): string | undefined {
  if (id === undefined || after === null) return undefined;
  const units = byId(plan.units);
  let before = units.get(after);
  for (let steps = 0; before && steps <= plan.units.length; steps++) {
    if (before.id === id)
      return `“${units.get(after)!.title}” itself waits for this unit to end. Let one of them begin on its own day.`;
    before = units.get(before.after ?? '');
  }
  return undefined;
}

/** Adds the lessons of a contents page to a unit, after those it has; the spine's pages go with them. */
export const addContents =
  (unitId: string, lines: readonly ContentsLine[]): Edit =>
  (plan, { newId }) => {
    const unit = plan.units.find((u) => u.id === unitId);
    if (!unit) return { refused: GONE };
    const spine = spineOf(plan, unitId);
    const made = lessonsFrom(lines, plan.books.find((b) => b.id === spine?.bookId)?.pages ?? null).map((l) =>
      newLesson(unit, l, newId),
    );
    if (!made.length) return { refused: 'No line becomes a lesson. Let at least one line be a lesson.' };
    const lessons = made.map((m) => m.lesson);
    const books = spine ? withContents(plan.books, spine.bookId, lessons) : plan.books;
    return { plan: withLessons({ ...plan, books }, unitId, made, newId) };
  };
