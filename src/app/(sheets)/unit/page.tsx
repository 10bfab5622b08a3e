import { loadUnit } from '@/sheets/unit/load';
import { UnitSheet } from '@/sheets/unit/unit';
import type { SearchParams } from '@/sheets/frame/load';

export default async function Page({ searchParams }: { searchParams: SearchParams }) {
  return <UnitSheet {...await loadUnit(searchParams)} />;
}
