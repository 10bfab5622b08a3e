import { writeOutlineMarkdown } from '@/core/formats/unit-outline-markdown';
import { outlineAsked } from '@/sheets/frame/outline-file';

export async function GET(request: Request): Promise<Response> {
  const outline = outlineAsked(request);
  if (outline instanceof Response) return outline;
  return new Response(writeOutlineMarkdown(outline), {
    headers: {
      'content-type': 'text/markdown; charset=utf-8',
      'content-disposition': 'attachment; filename="outline.md"',
      'cache-control': 'no-store',
    },
  });
}
