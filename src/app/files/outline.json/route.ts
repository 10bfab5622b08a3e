import { writeUnitOutline } from '@/core/formats/unit-outline';
import { outlineAsked } from '@/sheets/frame/outline-file';

export async function GET(request: Request): Promise<Response> {
  const outline = outlineAsked(request);
  if (outline instanceof Response) return outline;
  return new Response(writeUnitOutline(outline), {
    headers: {
      'content-type': 'application/json; charset=utf-8',
      'content-disposition': 'attachment; filename="outline.json"',
      'cache-control': 'no-store',
    },
  });
}
