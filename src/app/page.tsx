import { redirect } from 'next/navigation';
import { load } from '@/sheets/frame/load';

export default async function Page() {
  const { plan } = await load();
  redirect(plan.family && plan.year && plan.units.length ? '/today' : '/setup');
}
