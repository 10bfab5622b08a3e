import { NoSuchPage } from '@/sheets/frame/pages-between';

export default function NotFound() {
  return <NoSuchPage />;
}
