import { writeHausplanJson } from '@/core/formats/hausplan-json';
import { withClosedYears } from '@/data/closed-years';
import { readDrawn } from '@/data/door';
import { store } from '@/data/open';

export async function GET(): Promise<Response> {
  return new Response(writeHausplanJson(withClosedYears(store(), readDrawn(store()).plan)), {
    headers: {
      'content-type': 'application/json; charset=utf-8',
      'content-disposition': 'attachment; filename="hausplan.json"',
      'cache-control': 'no-store',
    },
  });
}
