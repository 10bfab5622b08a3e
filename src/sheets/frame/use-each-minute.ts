'use client';
import { useRouter } from 'next/navigation';
import { useEffect } from 'react';

const MINUTE = 60_000;

/** Draws a sheet again each minute, while it is looked at: for what depends on the time. */
export function useEachMinute(isOn: boolean): void {
  const router = useRouter();
  useEffect(() => {
    if (!isOn) return;
    const look = (): void => {
      if (document.visibilityState === 'visible') router.refresh();
    };
    const timer = setInterval(look, MINUTE);
    // What was put aside is late as soon as it is taken up again.
    document.addEventListener('visibilitychange', look);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', look);
    };
  }, [isOn, router]);
}
