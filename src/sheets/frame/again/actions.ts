'use server';
import { takeUnit } from '@/core/command/unit';
import { takingRows, type TakingRow } from '@/core/edit/take-unit';
import { againOf, whoseIn } from '@/core/edit/teach-again';
import { readUnitOutline, type UnitOutline } from '@/core/formats/unit-outline';
import type { Fault } from '@/core/formats/hausplan-json';
import { z } from 'zod';
import { id } from '@/core/plan/measures';
import { bareKindName } from '@/core/plan/part-kinds';
import { yearName } from '@/core/plan/called';
import type { Slice } from '@/core/plan/plan';
import type { Unit } from '@/core/plan/unit';
import { lookBack } from '@/core/record/look-back';
import { readClosedYear } from '@/data/closed-years';
import { readDrawn } from '@/data/door';
import { store } from '@/data/open';
import { give } from '../act';
import { today } from '../clock';
import { desk } from '../desk';
import type { Outcome } from '../outcome';

/** A unit that was taught: in the open year, or in one that is closed. */
export interface TaughtUnit {
  key: string;
  yearId: string | null;
  unitId: string;
  title: string;
  /** “4 of 5 lessons, 2026/27”. */
  when: string;
}

const keyOf = (yearId: string | null, unitId: string): string => `${yearId ?? 'now'} ${unitId}`;

/** Every unit of which something was taught, the last first. */
export async function unitsTaught(): Promise<TaughtUnit[]> {
  const { db } = await desk();
  const { plan } = readDrawn(db);
  const years = [
    ...plan.closedYears.map((y) => ({ id: y.id, name: yearName(y), slice: readClosedYear(store(), y.id) })),
    { id: null, name: 'this year', slice: plan as Slice },
  ];
  return years.reverse().flatMap(({ id, name, slice }) =>
    [...(slice?.units ?? [])]
      // What is closed before what is still being taught, the last closed first.
      .sort((a, b) => ((a.closedOn ?? '') < (b.closedOn ?? '') ? 1 : -1))
      .map((unit) => ({ unit, back: lookBack(slice!, unit, today()) }))
      .filter(({ back }) => back.taught > 0)
      .map(({ unit, back }) => ({
        key: keyOf(id, unit.id),
        yearId: id,
        unitId: unit.id,
        title: unit.title,
        when: `${back.taught} of ${back.lessons} lessons, ${name}`,
      })),
  );
}

/** A unit where it was taught; undefined where it is gone. */
async function taughtIn(
  yearId: string | null,
  unitId: string,
): Promise<{ slice: Slice; unit: Unit; now: Slice } | undefined> {
  const { db } = await desk();
  const { plan } = readDrawn(db);
  const slice = yearId === null ? plan : readClosedYear(store(), yearId);
  const unit = slice?.units.find((u) => u.id === unitId);
  return slice && unit ? { slice, unit, now: plan } : undefined;
}

export interface AgainPreview {
  rows: TakingRow[];
  /** Minutes by what such things took, where any were noted: “craft 1.4 times, of 6”. */
  factors: string[];
  dropped: number;
  notes: number;
}

/** Which unit is taught again, and whether with the minutes things took. */
const again = z.strictObject({ yearId: id.nullable(), unitId: id, asItTook: z.boolean() });
export type Again = z.infer<typeof again>;

export async function previewAgain(of: Again): Promise<AgainPreview | undefined> {
  const asked = again.safeParse(of);
  const found = asked.success ? await taughtIn(asked.data.yearId, asked.data.unitId) : undefined;
  if (!found) return undefined;
  const { asItTook } = of;
  const { slice, unit, now } = found;
  const outline = againOf(slice, unit, now, { today: today(), asItTook });
  const back = lookBack(slice, unit, today());
  const parts = outline.lessons.flatMap((l) => l.parts);
  return {
    rows: outline.lessons.length ? takingRows(outline, { ...now, units: [] }) : [],
    factors: back.factors.map((f) => `${bareKindName(f.kind)} ${f.factor.toFixed(1)} times, of ${f.times}`),
    dropped: back.lessons - outline.lessons.length,
    notes: parts.filter((p) => p.directions.includes('Last time: ')).length + outline.notes.length,
  };
}

interface Taking {
  title: string;
  starts: string | null;
  waiting: boolean;
  childIds: string[];
  lessonsPerWeek: number | null;
}

const NOT_THERE: Outcome = {
  is: 'refused',
  refused: 'That unit is no longer there; someone may have removed it in another window.',
};

export async function teachAgain(base: number, of: Again, taking: Taking): Promise<Outcome> {
  const asked = again.safeParse(of);
  const found = asked.success ? await taughtIn(asked.data.yearId, asked.data.unitId) : undefined;
  if (!found) return NOT_THERE;
  const { slice, unit, now } = found;
  const outline = againOf(slice, unit, now, { today: today(), asItTook: of.asItTook });
  if (!outline.lessons.length)
    return {
      is: 'refused',
      refused: `Every lesson of “${unit.title}” was dropped or left out: there is nothing to teach again. Take a “drop” back where you looked back on it, or a lesson back in on Lessons.`,
    };
  return taken(base, outline, {
    ...taking,
    whose: whoseIn(slice, unit),
    repeats: { unitId: unit.id, title: unit.title, closedOn: unit.closedOn },
  });
}

export type OutlineRead =
  { rows: TakingRow[]; title: string; lessonsPerWeek: number | null } | { faults: Fault[] };

/** What an outline that was received will do, row by row; nothing is kept yet. */
export async function previewOutline(text: string): Promise<OutlineRead> {
  const { db } = await desk();
  const read = readUnitOutline(text);
  if ('faults' in read) return read;
  const { outline } = read;
  return {
    rows: takingRows(outline, readDrawn(db).plan),
    title: outline.title,
    lessonsPerWeek: outline.lessonsPerWeek,
  };
}

export async function takeOutline(base: number, text: string, taking: Taking): Promise<Outcome> {
  const read = readUnitOutline(text);
  if ('faults' in read) return { is: 'faulty', faults: read.faults };
  return taken(base, read.outline, { ...taking, repeats: null });
}

/** What was typed stands under `taking`; its faults are shown at the fields. */
async function taken(
  base: number,
  outline: UnitOutline,
  taking: Taking & { repeats: Unit['repeats']; whose?: Record<string, string[]> },
): Promise<Outcome> {
  const outcome = await give(takeUnit, base, { outline, taking });
  return outcome.is === 'faulty'
    ? { ...outcome, faults: outcome.faults.map((f) => ({ ...f, where: f.where.replace(/^taking\./, '') })) }
    : outcome;
}
