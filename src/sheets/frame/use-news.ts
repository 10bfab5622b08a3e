'use client';
import { useRouter } from 'next/navigation';
import { useEffect } from 'react';
import { useAct } from './use-act';

/** Milliseconds after which a server that said no is asked again. */
const AGAIN_AFTER = 3000;

/**
 * Hears of every new revision, and shows it: what another window or another device changed stands here at once. Only a
 * window that is looked at listens, since a browser keeps few connections open to one address.
 */
export function useNews(): void {
  const router = useRouter();
  const { shows, settled } = useAct();
  useEffect(() => {
    let events: EventSource | undefined;
    let again: ReturnType<typeof setTimeout> | undefined;
    const listen = (): void => {
      if (document.visibilityState === 'hidden') {
        events?.close();
        events = undefined;
      } else if (!events) {
        events = new EventSource('/events');
        // A browser gives up for good where a server says no, as one does that is about to stop.
        events.onerror = () => {
          if (events?.readyState !== EventSource.CLOSED) return;
          events = undefined;
          again = setTimeout(listen, AGAIN_AFTER);
        };
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
      clearTimeout(again);
      events?.close();
    };
  }, [router, settled, shows]);
}
