import { loadLessons } from '@/sheets/lessons/load';
import { LessonsSheet } from '@/sheets/lessons/lessons';
import type { SearchParams } from '@/sheets/frame/load';

export default async function Page({ searchParams }: { searchParams: SearchParams }) {
  return <LessonsSheet {...await loadLessons(searchParams)} />;
}
