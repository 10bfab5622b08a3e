import { writeICalendar } from '@/core/formats/icalendar';
import { readDrawn } from '@/data/door';
import { store } from '@/data/open';

export async function GET(): Promise<Response> {
  const stamp = new Date().toISOString().replace(/[-:]|\.\d{3}/g, '');
  return new Response(writeICalendar(readDrawn(store()).plan, stamp), {
    headers: {
      'content-type': 'text/calendar; charset=utf-8',
      'content-disposition': 'attachment; filename="hausplan.ics"',
      'cache-control': 'no-store',
    },
  });
}
