'use client';
import { useRouter } from 'next/navigation';
import { useCallback, useEffect, useMemo } from 'react';
import { AGAIN_AFTER, Outbox } from './outbox';
import type { KeptTick } from './take-kept';

export const KEPT =
  'Hausplan cannot be reached. The tick is kept on this device, and stored as soon as it can be.';

/** Keeps ticks that could not be stored, and sends them once Hausplan answers. */
export function useKeptTicks(say: (text: string) => void): (tick: KeptTick) => void {
  const router = useRouter();
  const box = useMemo(() => new Outbox<KeptTick>('/kept'), []);
  useEffect(() => {
    const sendAll = async (): Promise<void> => {
      const sent = await box.send();
      if (!sent?.count) return;
      say(
        sent.refused.length
          ? `Not all that was kept could be stored: ${sent.refused.join(' ')}`
          : 'What was kept here is stored.',
      );
      router.refresh();
    };
    void sendAll();
    const timer = setInterval(() => void sendAll(), AGAIN_AFTER);
    return () => clearInterval(timer);
  }, [box, say, router]);
  return useCallback((tick) => box.add(tick), [box]);
}
