import { PortfolioPaper } from '@/sheets/paper/portfolio';
import { loadPortfolio } from '@/sheets/paper/portfolio-load';
import type { SearchParams } from '@/sheets/frame/load';

export default async function Page({ searchParams }: { searchParams: SearchParams }) {
  return <PortfolioPaper {...await loadPortfolio(searchParams)} />;
}
