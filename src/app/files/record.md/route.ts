import { writeRecordMarkdown } from '@/core/formats/record-markdown';
import { portfolioOf } from '@/core/record/portfolio';
import { today } from '@/sheets/frame/clock';
import { planAsked } from '@/sheets/frame/load';

export async function GET(request: Request): Promise<Response> {
  const plan = planAsked(request);
  return new Response(writeRecordMarkdown(plan.family?.name ?? '', portfolioOf(plan, today())), {
    headers: {
      'content-type': 'text/markdown; charset=utf-8',
      'content-disposition': 'attachment; filename="record.md"',
      'cache-control': 'no-store',
    },
  });
}
