import { CameUpSheet } from '@/sheets/weeks/came-up';
import { loadCameUp } from '@/sheets/weeks/came-up-load';
import type { SearchParams } from '@/sheets/frame/load';

export default async function Page({ searchParams }: { searchParams: SearchParams }) {
  return <CameUpSheet {...await loadCameUp(searchParams)} />;
}
