import { loadLadder } from '@/sheets/ladder/load';
import { LadderSheet } from '@/sheets/ladder/ladder';
import type { SearchParams } from '@/sheets/frame/load';

export default async function Page({ searchParams }: { searchParams: SearchParams }) {
  return <LadderSheet {...await loadLadder(searchParams)} />;
}
