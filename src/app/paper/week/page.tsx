import { ChildWeek } from '@/sheets/paper/child-week';
import { loadChildWeek } from '@/sheets/paper/child-week-load';
import type { SearchParams } from '@/sheets/frame/load';

export default async function Page({ searchParams }: { searchParams: SearchParams }) {
  return <ChildWeek {...await loadChildWeek(searchParams)} />;
}
