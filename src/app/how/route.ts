import { planAsked } from '@/sheets/frame/load';
import { customsNow } from '@/sheets/frame/customs-load';
import { today } from '@/sheets/frame/clock';
import { asHtml, methodSections } from '@/sheets/frame/help/pages';
import { numbersFor } from '@/sheets/frame/how/numbers';
import { SECTIONS, type Section } from '@/sheets/frame/how/sections';

/** How a figure is worked out: the section of the method, and this family's numbers. */
export function GET(request: Request): Response {
  const asked = new URL(request.url).searchParams;
  const section = asked.get('section') ?? '';
  if (!Object.hasOwn(SECTIONS, section)) return new Response('There is no such section.', { status: 404 });
  const name = SECTIONS[section as Section];
  const found = methodSections().find((s) => s.name === name)!;
  const plan = planAsked(request);
  const unit = plan.units.find((u) => u.id === asked.get('unit'));
  return Response.json(
    {
      name,
      title: found.title,
      html: asHtml(found.text, customsNow().spelling),
      numbers: numbersFor(section as Section, { plan, unit, today: today() }),
    },
    { headers: { 'cache-control': 'no-store' } },
  );
}
