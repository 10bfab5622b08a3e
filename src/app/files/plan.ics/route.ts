import { writeICalendar } from '@/core/formats/icalendar';
import { planAsked } from '@/sheets/frame/load';

export async function GET(request: Request): Promise<Response> {
  const stamp = new Date().toISOString().replace(/[-:]|\.\d{3}/g, '');
  return new Response(writeICalendar(planAsked(request), stamp), {
    headers: {
      'content-type': 'text/calendar; charset=utf-8',
      'content-disposition': 'attachment; filename="hausplan.ics"',
      'cache-control': 'no-store',
    },
  });
}
