import { UnitPage } from '@/sheets/paper/unit-page';
import { loadUnitPage } from '@/sheets/paper/unit-page-load';
import type { SearchParams } from '@/sheets/frame/load';

export default async function Page({ searchParams }: { searchParams: SearchParams }) {
  return <UnitPage {...await loadUnitPage(searchParams)} />;
}
