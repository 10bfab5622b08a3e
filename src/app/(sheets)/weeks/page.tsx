import { loadWeeks } from '@/sheets/weeks/load';
import { WeeksSheet } from '@/sheets/weeks/weeks';
import type { SearchParams } from '@/sheets/frame/load';

export default async function Page({ searchParams }: { searchParams: SearchParams }) {
  return <WeeksSheet {...await loadWeeks(searchParams)} />;
}
