/** Units, and the lessons a contents page gives them. */
import { lessonsFrom, type ContentsLine } from '../formats/contents';
import type { Plan } from '../plan/plan';
import type { Unit } from '../plan/unit';
import { spineOf, usesFromContents } from './books';
import { addDays, mondayOf } from '../calendar/dates';
import type { SchoolYear } from '../plan/year';
import { blankYear } from '../plan/blank';
import { GONE, withChanged, type Edit } from './edit';
import { newLesson } from './new-lesson';

export type UnitFields = Omit<Unit, 'id'>;

export const addUnit =
  (fields: UnitFields): Edit =>
  (plan, { newId }) =>
    check(fields) ?? {
      plan: {
        ...plan,
        year: plan.year ?? plainYear(fields.starts),
        units: [...plan.units, { ...fields, id: newId() }],
      },
    };

/** Days for those who plan no year: Monday to Friday, no rhythm, for a year from the week in which their first unit starts. */
const plainYear = (starts: string): SchoolYear => ({
  ...blankYear,
  starts: mondayOf(starts),
  ends: addDays(mondayOf(starts), 363),
  weeksOff: 0,
});

/** Changes a unit; when its frame or its children change, its pencil is drawn afresh. */
export const editUnit =
  (id: string, change: Partial<UnitFields>): Edit =>
  (plan) => {
    const unit = plan.units.find((u) => u.id === id);
    if (!unit) return { refused: GONE };
    const fields = { ...unit, ...change };
    const frame = (u: UnitFields): string =>
      JSON.stringify([u.starts, u.wishedEnd, u.lessonsPerWeek, u.childIds, u.waiting]);
    return (
      check(fields) ?? {
        plan: { ...plan, units: withChanged(plan.units, id, fields) },
        fresh: frame(unit) === frame(fields) ? [] : [id],
      }
    );
  };

export const removeUnit =
  (id: string): Edit =>
  (plan) => ({ plan: { ...plan, units: plan.units.filter((u) => u.id !== id) } });

function check({ starts, wishedEnd, childIds }: UnitFields): { refused: string } | undefined {
  if (wishedEnd && wishedEnd < starts)
    return { refused: 'The wished end comes before the start. Change one of them.' };
  if (!childIds.length) return { refused: 'Choose at least one child for this unit.' };
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
    const added: Plan = {
      ...plan,
      lessons: [...plan.lessons, ...made.map((m) => m.lesson)],
      parts: [...plan.parts, ...made.flatMap((m) => m.parts)],
    };
    return {
      plan: spine
        ? {
            ...added,
            uses: [
              ...added.uses,
              ...usesFromContents(
                spine,
                made.map((m) => m.lesson),
                newId,
              ),
            ],
          }
        : added,
    };
  };
