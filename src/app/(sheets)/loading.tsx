import { Waiting } from '@/sheets/frame/pages-between';

export default function Loading() {
  return <Waiting />;
}
