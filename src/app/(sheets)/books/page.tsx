import { loadBooks } from '@/sheets/books/load';
import { BooksSheet } from '@/sheets/books/books';
import type { SearchParams } from '@/sheets/frame/load';

export default async function Page({ searchParams }: { searchParams: SearchParams }) {
  return <BooksSheet {...await loadBooks(searchParams)} />;
}
