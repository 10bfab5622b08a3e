import { planAsked } from '@/sheets/frame/load';
import { findOnShelf } from '@/sheets/shelf/find';

/** What is found on the shelf by what is typed: asked again with every letter, so the shelf itself need not be sent. */
export function GET(request: Request): Response {
  const typed = new URL(request.url).searchParams.get('typed') ?? '';
  return Response.json(findOnShelf(planAsked(request), typed.slice(0, 200)), {
    headers: { 'cache-control': 'no-store' },
  });
}
