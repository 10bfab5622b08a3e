import { connection } from 'next/server';
import { NoList } from '@/sheets/child/no-list';
import { ChildPage } from '@/sheets/child/child';
import { loadOwn } from '@/sheets/child/load';
import { whose } from '@/sheets/child/whose';

/** A child's list by their own link: it can be seen and ticked there, and nothing else. */
export default async function Page({ params }: { params: Promise<{ code: string }> }) {
  await connection();
  const { code } = await params;
  const found = whose(code);
  if (found === 'wait') return <NoList mustWait />;
  const view = found && loadOwn(found.childId, `/c/${code}/say`);
  return view ? <ChildPage view={view} /> : <NoList />;
}
