import { loadRecord } from '@/sheets/record/load';
import { RecordSheet } from '@/sheets/record/record';
import type { SearchParams } from '@/sheets/frame/load';

export default async function Page({ searchParams }: { searchParams: SearchParams }) {
  return <RecordSheet {...await loadRecord(searchParams)} />;
}
