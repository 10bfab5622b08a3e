import { redirect } from 'next/navigation';
import { loadStoreTrouble } from '@/sheets/trouble/load';
import { StoreTroublePage } from '@/sheets/trouble/trouble';

export default async function Page() {
  const view = await loadStoreTrouble();
  if (!view) redirect('/');
  return <StoreTroublePage {...view} />;
}
