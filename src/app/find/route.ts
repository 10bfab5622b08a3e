import { earlierTitles } from '@/data/closed-years';
import { readDrawn } from '@/data/door';
import { store } from '@/data/open';
import { today } from '@/sheets/frame/clock';
import { findAll, suggestedFor } from '@/sheets/frame/find/findables';

/** What is found anywhere by what is typed; before anything is, what is likely wanted. */
export function GET(request: Request): Response {
  const asked = new URL(request.url).searchParams;
  const typed = (asked.get('typed') ?? '').slice(0, 200).trim();
  const unitId = asked.get('unit') ?? undefined;
  const { plan } = readDrawn(store());
  const found = typed
    ? findAll(plan, earlierTitles(store(), plan), typed, unitId)
    : suggestedFor(plan, today(), unitId);
  return Response.json(
    found.map(({ kind, title, where, href }) => ({ kind, title, where, href })),
    { headers: { 'cache-control': 'no-store' } },
  );
}
