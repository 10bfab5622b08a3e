import { LookBackSheet } from '@/sheets/look-back/look-back';
import { loadLookBack } from '@/sheets/look-back/load';
import type { SearchParams } from '@/sheets/frame/load';

export default async function Page({ searchParams }: { searchParams: SearchParams }) {
  return <LookBackSheet {...await loadLookBack(searchParams)} />;
}
