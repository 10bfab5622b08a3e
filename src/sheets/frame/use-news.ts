'use client';
import { useRouter } from 'next/navigation';
import { useEffect } from 'react';
import { useAct } from './use-act';

/**
 * Hears of every new revision, and shows it: what another window or another device changed stands here at once. Only a
 * window that is looked at listens, since a browser keeps few connections open to one address.
 */
export function useNews(): void {
  const router = useRouter();
  const { shows, settled } = useAct();
  useEffect(() => {
    let events: EventSource | undefined;
    const listen = (): void => {
      if (document.visibilityState === 'hidden') {
        events?.close();
        events = undefined;
      } else if (!events) {
        events = new EventSource('/events');
        events.onmessage = ({ data }: MessageEvent<string>) => {
          // What this window has on its way brings its own answer.
          void settled().then(() => {
            if (shows() && Number(data) > shows()) router.refresh();
          });
        };
      }
    };
    listen();
    document.addEventListener('visibilitychange', listen);
    return () => {
      document.removeEventListener('visibilitychange', listen);
      events?.close();
    };
  }, [router, settled, shows]);
}
