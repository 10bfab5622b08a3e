import { planAsked } from '@/sheets/frame/load';
import { findOnShelf } from '@/sheets/frame/shelf/find';

/** What is found on the shelf by what is typed: asked again with every letter, so the shelf itself need not be sent. */
export function GET(request: Request): Response {
  const asked = new URL(request.url).searchParams;
  const typed = (asked.get('typed') ?? '').slice(0, 200);
  return Response.json(findOnShelf(planAsked(request), typed, asked.get('notPulledFor') ?? ''), {
    headers: { 'cache-control': 'no-store' },
  });
}
