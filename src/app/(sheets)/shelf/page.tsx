import { loadShelf } from '@/sheets/shelf/load';
import { ShelfSheet } from '@/sheets/shelf/shelf';
import type { SearchParams } from '@/sheets/frame/load';

export default async function Page({ searchParams }: { searchParams: SearchParams }) {
  const view = await loadShelf(searchParams);
  // What the address asks for opens the shelf anew, also where it is open already.
  return <ShelfSheet key={`${view.opened ?? ''} ${view.typed}`} {...view} />;
}
