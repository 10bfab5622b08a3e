import { HandOverSheet } from '@/sheets/paper/hand-over';
import { loadHandOver } from '@/sheets/paper/hand-over-load';
import type { SearchParams } from '@/sheets/frame/load';

export default async function Page({ searchParams }: { searchParams: SearchParams }) {
  return <HandOverSheet {...await loadHandOver(searchParams)} />;
}
