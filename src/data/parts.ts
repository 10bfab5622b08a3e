/** Rows of parts; the columns that say what is done are shared with outlines. */
import { groupBy } from '@/core/plan/lookup';
import type { Alternative, Outline, Part, Preparation, Supply } from '@/core/plan/lesson';
import { within, type Row, type Rows } from './tables';

type Doing = Omit<Outline, 'id' | 'taste'>;

export function doingColumns(d: Doing): Row {
  return {
    kind: d.kind,
    title: d.title,
    minutes: d.minutes,
    lead: d.lead,
    window: d.window,
    directions: d.directions,
    prediction: d.prediction,
    outdoors: d.outdoors ? 1 : 0,
    indoors: d.indoors,
    supplies: JSON.stringify(d.supplies),
    preparations: JSON.stringify(d.preparations),
    needs: JSON.stringify(d.needs),
    wait_after_hours: d.waitAfterHours,
    wait_label: d.waitLabel,
    age_from: d.ageFrom,
    age_to: d.ageTo,
  };
}

/** Supplies as they are stored, each with all that is said of it today. */
export const suppliesFrom = (stored: readonly Supply[]): Supply[] =>
  stored.map((s) => ({ ...s, keepsDays: s.keepsDays ?? null, least: s.least ?? null }));

/** What stores of before versions 14 and 21 do not say of supplies and preparations. */
const gathered = (
  supplies: Supply[],
  preparations: Preparation[],
): Pick<Doing, 'supplies' | 'preparations'> => ({
  supplies: suppliesFrom(supplies),
  preparations: preparations.map((p) => ({
    ...p,
    minutes: p.minutes ?? null,
    atMostBefore: p.atMostBefore ?? null,
  })),
});

/** Alternatives as they are stored, each with all that is said of it today. */
const alternativesFrom = (stored: Alternative[]): Alternative[] =>
  stored.map((a) => ({ ...a, ...gathered(a.supplies, a.preparations) }));

export function doingFrom(row: Row): Doing {
  return {
    kind: row.kind as Doing['kind'],
    title: row.title as string,
    minutes: row.minutes as number | null,
    lead: row.lead as Doing['lead'],
    window: row.window as Doing['window'],
    directions: row.directions as string,
    prediction: row.prediction as string,
    outdoors: row.outdoors === 1,
    indoors: row.indoors as string,
    ...gathered(JSON.parse(row.supplies as string), JSON.parse(row.preparations as string)),
    needs: JSON.parse(row.needs as string),
    waitAfterHours: row.wait_after_hours as number,
    waitLabel: row.wait_label as string,
    ageFrom: row.age_from as number | null,
    ageTo: row.age_to as number | null,
  };
}

export function partRows(parts: readonly Part[]): Pick<Rows, 'part' | 'part_child'> {
  // Only parts made by hand have a place of their own; a rule's parts come in the order of its days.
  const position = within((p: Part) => p.lessonId ?? p.ruleId ?? p.unitId ?? '');
  return {
    part: parts.map((p) => ({
      id: p.id,
      lesson_id: p.lessonId,
      unit_id: p.unitId,
      rule_id: p.ruleId,
      position: p.lessonId === null && p.ruleId !== null ? 0 : position(p),
      ...doingColumns(p),
      everyone: p.childIds === null ? 1 : 0,
      optional: p.optional ? 1 : 0,
      fixed_date: p.fixedDate,
      adult_id: p.adultId,
      or_parent: p.orParent ? 1 : 0,
      alternatives: JSON.stringify(p.alternatives),
      weekday: p.weekday,
      earliest: p.earliest,
      latest: p.latest,
      seen: JSON.stringify(p.seen),
      rung_moves: JSON.stringify(p.rungMoves),
      swaps: JSON.stringify(p.swaps),
      work_id: p.workId,
      teaches: p.teaches,
    })),
    part_child: parts.flatMap((p) =>
      (p.childIds ?? []).map((child_id, n) => ({ part_id: p.id, child_id, position: n })),
    ),
  };
}

export function partsFrom({ part, part_child }: Pick<Rows, 'part' | 'part_child'>): Part[] {
  const children = groupBy(part_child, (r: Row) => r.part_id as string);
  return part.map((p) => ({
    id: p.id as string,
    lessonId: p.lesson_id as string | null,
    unitId: p.unit_id as string | null,
    ruleId: p.rule_id as string | null,
    ...doingFrom(p),
    childIds: p.everyone ? null : (children.get(p.id as string) ?? []).map((r) => r.child_id as string),
    optional: p.optional === 1,
    fixedDate: p.fixed_date as string | null,
    adultId: p.adult_id as string | null,
    orParent: p.or_parent === 1,
    alternatives: alternativesFrom(JSON.parse(p.alternatives as string)),
    weekday: p.weekday as number | null,
    earliest: p.earliest as string | null,
    latest: p.latest as string | null,
    seen: JSON.parse(p.seen as string),
    rungMoves: JSON.parse(p.rung_moves as string),
    swaps: JSON.parse(p.swaps as string),
    workId: p.work_id as string | null,
    teaches: p.teaches as string | null,
  }));
}
