import { writeBibtex } from '@/core/formats/bibtex';
import { readDrawn } from '@/data/door';
import { store } from '@/data/open';

export async function GET(): Promise<Response> {
  return new Response(writeBibtex(readDrawn(store()).plan.books), {
    headers: {
      'content-type': 'application/x-bibtex; charset=utf-8',
      'content-disposition': 'attachment; filename="shelf.bib"',
      'cache-control': 'no-store',
    },
  });
}
