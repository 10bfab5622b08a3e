import { loadShelf } from '@/sheets/shelf/load';
import { ShelfSheet } from '@/sheets/shelf/shelf';
import type { SearchParams } from '@/sheets/frame/load';

export default async function Page({ searchParams }: { searchParams: SearchParams }) {
  return <ShelfSheet {...await loadShelf(searchParams)} />;
}
