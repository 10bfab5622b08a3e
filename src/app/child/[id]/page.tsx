import { notFound } from 'next/navigation';
import { loadChild } from '@/sheets/child/load';
import { ChildPage } from '@/sheets/child/child';
import type { SearchParams } from '@/sheets/frame/load';

export default async function Page({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>;
  searchParams: SearchParams;
}) {
  const view = await loadChild((await params).id, searchParams);
  if (!view) notFound();
  return <ChildPage view={view} />;
}
