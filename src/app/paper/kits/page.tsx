import { KitLabels } from '@/sheets/paper/kits';
import { loadKits } from '@/sheets/paper/kits-load';
import type { SearchParams } from '@/sheets/frame/load';

export default async function Page({ searchParams }: { searchParams: SearchParams }) {
  return <KitLabels {...await loadKits(searchParams)} />;
}
