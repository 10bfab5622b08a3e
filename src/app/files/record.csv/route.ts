import { writeRecordCsv } from '@/core/formats/record-csv';
import { planAsked } from '@/sheets/frame/load';

export async function GET(request: Request): Promise<Response> {
  return new Response(writeRecordCsv(planAsked(request)), {
    headers: {
      'content-type': 'text/csv; charset=utf-8',
      'content-disposition': 'attachment; filename="record.csv"',
      'cache-control': 'no-store',
    },
  });
}
