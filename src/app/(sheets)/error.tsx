'use client';
import { CouldNotDraw } from '@/sheets/frame/pages-between';

export default function SheetError({ reset }: { error: Error; reset: () => void }) {
  return <CouldNotDraw again={reset} />;
}
