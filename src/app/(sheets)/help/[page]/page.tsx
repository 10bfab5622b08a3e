import { notFound } from 'next/navigation';
import { loadHelp } from '@/sheets/help/load';
import { HelpSheet } from '@/sheets/help/help';
import type { SearchParams } from '@/sheets/frame/load';

export default async function Page({
  params,
  searchParams,
}: {
  params: Promise<{ page: string }>;
  searchParams: SearchParams;
}) {
  const view = await loadHelp((await params).page, searchParams);
  if (!view) notFound();
  return <HelpSheet {...view} />;
}
