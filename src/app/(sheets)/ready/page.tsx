import { loadReady } from '@/sheets/ready/load';
import { ReadySheet } from '@/sheets/ready/ready';
import type { SearchParams } from '@/sheets/frame/load';

export default async function Page({ searchParams }: { searchParams: SearchParams }) {
  return <ReadySheet {...await loadReady(searchParams)} />;
}
