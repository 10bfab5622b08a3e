import { writeRecordCsv } from '@/core/formats/record-csv';
import { readDrawn } from '@/data/door';
import { store } from '@/data/open';

export async function GET(): Promise<Response> {
  return new Response(writeRecordCsv(readDrawn(store()).plan), {
    headers: {
      'content-type': 'text/csv; charset=utf-8',
      'content-disposition': 'attachment; filename="record.csv"',
      'cache-control': 'no-store',
    },
  });
}
