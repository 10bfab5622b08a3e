import { loadSetup } from '@/sheets/setup/load';
import { SetupSheet } from '@/sheets/setup/setup';
import type { SearchParams } from '@/sheets/frame/load';

export default async function Page({ searchParams }: { searchParams: SearchParams }) {
  return <SetupSheet {...await loadSetup(searchParams)} />;
}
