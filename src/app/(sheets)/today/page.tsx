import { loadToday } from '@/sheets/today/load';
import { TodaySheet } from '@/sheets/today/today';
import type { SearchParams } from '@/sheets/frame/load';

export default async function Page({ searchParams }: { searchParams: SearchParams }) {
  return <TodaySheet {...await loadToday(searchParams)} />;
}
