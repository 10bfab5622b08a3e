'use client';
import { CouldNotDraw } from '@/sheets/frame/pages-between';

export default function PageError({ reset }: { error: Error; reset: () => void }) {
  return <CouldNotDraw again={reset} />;
}
