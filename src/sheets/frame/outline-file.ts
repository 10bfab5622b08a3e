/** An outline of a unit as it goes out: without the family. */
import { outlineOf, withoutFamily, type UnitOutline } from '@/core/formats/unit-outline';
import { planAsked } from './load';

/** A unit that a file is asked of; or an answer that says that there is none, or nothing in it. */
export function outlineAsked(request: Request): UnitOutline | Response {
  const plan = planAsked(request);
  const asked = new URL(request.url).searchParams.get('unit');
  const unit = plan.units.find((u) => u.id === asked);
  if (!unit) return new Response('There is no such unit.\n', { status: 404 });
  if (!plan.lessons.some((l) => l.unitId === unit.id))
    return new Response(`“${unit.title}” has no lessons yet: there is nothing to share.\n`, { status: 409 });
  return withoutFamily(outlineOf(plan, unit), plan).outline;
}
