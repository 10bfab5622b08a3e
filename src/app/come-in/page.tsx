import { ComeIn } from '@/sheets/come-in/come-in';
import { param, type SearchParams } from '@/sheets/frame/load';

export default async function Page({ searchParams }: { searchParams: SearchParams }) {
  return <ComeIn wrong={await param(searchParams, 'wrong')} />;
}
