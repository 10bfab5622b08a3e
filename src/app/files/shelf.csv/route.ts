import { writeBooksCsv } from '@/core/formats/books-csv';
import { readDrawn } from '@/data/door';
import { store } from '@/data/open';

export async function GET(): Promise<Response> {
  const { books, loans } = readDrawn(store()).plan;
  const due = new Map(loans.flatMap((l) => (l.from && !l.back && l.due ? [[l.bookId, l.due]] : [])));
  return new Response(writeBooksCsv(books, due), {
    headers: {
      'content-type': 'text/csv; charset=utf-8',
      'content-disposition': 'attachment; filename="shelf.csv"',
      'cache-control': 'no-store',
    },
  });
}
