'use server';
import { addUnit, editUnit, removeUnit } from '@/core/edit/units';
import { id } from '@/core/plan/measures';
import { unit } from '@/core/plan/unit';
import { act } from '../frame/act';
import type { Outcome } from '../frame/outcome';

const fields = unit.omit({ id: true });

export async function saveUnit(base: number, unitId: string | null, input: unknown): Promise<Outcome> {
  return act({
    base, input, shape: fields,
    label: (v) => (unitId ? `Changed “${v.title}”` : `Began “${v.title}”`),
    edit: (v) => (unitId ? editUnit(unitId, v) : addUnit(v)),
  });
}

export async function dropUnit(base: number, unitId: string): Promise<Outcome> {
  return act({ base, input: unitId, shape: id, label: (v, plan) => `Took “${plan.units.find((u) => u.id === v)?.title ?? 'a unit'}” off the plan`, edit: removeUnit });
}
