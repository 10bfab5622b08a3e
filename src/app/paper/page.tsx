import { loadPaper } from '@/sheets/paper/load';
import { PaperSheet } from '@/sheets/paper/paper';
import type { SearchParams } from '@/sheets/frame/load';

export default async function Page({ searchParams }: { searchParams: SearchParams }) {
  return <PaperSheet {...await loadPaper(searchParams)} />;
}
