import type { ReactNode } from 'react';
import { Shell } from '@/sheets/frame/shell';

/** The one shell of all sheets: it stays while one goes from one to the next. */
export default function Layout({ children }: { children: ReactNode }) {
  return <Shell>{children}</Shell>;
}
