import { QuestionsPaper } from '@/sheets/paper/questions';
import { loadQuestions } from '@/sheets/paper/questions-load';
import type { SearchParams } from '@/sheets/frame/load';

export default async function Page({ searchParams }: { searchParams: SearchParams }) {
  return <QuestionsPaper {...await loadQuestions(searchParams)} />;
}
