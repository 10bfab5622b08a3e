import { writeCslJson } from '@/core/formats/csl';
import { readDrawn } from '@/data/door';
import { store } from '@/data/open';

export async function GET(): Promise<Response> {
  return new Response(writeCslJson(readDrawn(store()).plan.books), {
    headers: {
      'content-type': 'application/vnd.citationstyles.csl+json; charset=utf-8',
      'content-disposition': 'attachment; filename="shelf.json"',
      'cache-control': 'no-store',
    },
  });
}
