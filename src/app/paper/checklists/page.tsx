import { Checklists } from '@/sheets/paper/checklists';
import { loadChecklists } from '@/sheets/paper/checklists-load';
import type { SearchParams } from '@/sheets/frame/load';

export default async function Page({ searchParams }: { searchParams: SearchParams }) {
  return <Checklists {...await loadChecklists(searchParams)} />;
}
