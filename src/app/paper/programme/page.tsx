import { Programme } from '@/sheets/paper/programme';
import { loadProgramme } from '@/sheets/paper/programme-load';
import type { SearchParams } from '@/sheets/frame/load';

export default async function Page({ searchParams }: { searchParams: SearchParams }) {
  return <Programme {...await loadProgramme(searchParams)} />;
}
