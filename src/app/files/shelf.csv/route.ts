import { writeBooksCsv } from '@/core/formats/books-csv';
import { readDrawn } from '@/data/door';
import { store } from '@/data/open';

export async function GET(): Promise<Response> {
  return new Response(writeBooksCsv(readDrawn(store()).plan.books), {
    headers: {
      'content-type': 'text/csv; charset=utf-8',
      'content-disposition': 'attachment; filename="shelf.csv"',
      'cache-control': 'no-store',
    },
  });
}
