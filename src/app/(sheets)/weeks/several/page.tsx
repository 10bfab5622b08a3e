import { loadSeveral } from '@/sheets/weeks/several-load';
import { SeveralSheet } from '@/sheets/weeks/several';
import type { SearchParams } from '@/sheets/frame/load';

export default async function Page({ searchParams }: { searchParams: SearchParams }) {
  return <SeveralSheet {...await loadSeveral(searchParams)} />;
}
