import { writeHausplanJson } from '@/core/formats/hausplan-json';
import { storePath } from '@/data/open';
import { planOutOf } from '@/data/restore';

/** The plan as it can still be read out of a store that cannot be used. */
export async function GET(): Promise<Response> {
  const plan = planOutOf(storePath());
  if (!plan) return new Response('The plan cannot be read out of this store.\n', { status: 404 });
  return new Response(writeHausplanJson(plan), {
    headers: {
      'content-type': 'application/json; charset=utf-8',
      'content-disposition': 'attachment; filename="hausplan.json"',
      'cache-control': 'no-store',
    },
  });
}
