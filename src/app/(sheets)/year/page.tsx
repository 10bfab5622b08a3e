import { loadYear } from '@/sheets/year/load';
import { YearSheet } from '@/sheets/year/year';
import type { SearchParams } from '@/sheets/frame/load';

export default async function Page({ searchParams }: { searchParams: SearchParams }) {
  return <YearSheet {...await loadYear(searchParams)} />;
}
