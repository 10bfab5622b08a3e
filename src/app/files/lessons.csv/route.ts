import { writeLessonsCsv } from '@/core/formats/lessons-csv';
import { planAsked } from '@/sheets/frame/load';

export async function GET(request: Request): Promise<Response> {
  const plan = planAsked(request);
  const unit = plan.units.find((u) => u.id === new URL(request.url).searchParams.get('unit'));
  if (!unit) return new Response('There is no such unit.', { status: 404 });
  return new Response(writeLessonsCsv(plan, unit.id), {
    headers: {
      'content-type': 'text/csv; charset=utf-8',
      'content-disposition': 'attachment; filename="lessons.csv"',
      'cache-control': 'no-store',
    },
  });
}
