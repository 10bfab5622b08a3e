'use client';
/** Sends what a child says, and shows meanwhile what is on its way or kept on this device. */
import { useRouter } from 'next/navigation';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { AGAIN_AFTER, Outbox } from '../frame/outbox';
import type { Said } from './said';

export interface Saying {
  /** What is kept here until the house can be reached. */
  waiting: readonly Said[];
  isAway: boolean;
  /** Why the last thing was not taken, in the house's words. */
  refused: string | undefined;
  say: (what: Said) => void;
}

/** @param says where it is sent; nothing can be said without it */
export function useSaid(says: string | undefined): Saying {
  const router = useRouter();
  const box = useMemo(() => (says ? new Outbox<Said>(says) : undefined), [says]);
  const [waiting, setWaiting] = useState<readonly Said[]>([]);
  const [isAway, setAway] = useState(false);
  const [refused, setRefused] = useState<string>();
  const sendAll = useCallback(async () => {
    setWaiting(box?.waiting() ?? []);
    const sent = await box?.send();
    if (!sent) return;
    setAway(sent.isAway);
    if (sent.count) {
      setRefused(sent.refused.at(-1));
      router.refresh();
    }
    setWaiting(box!.waiting());
  }, [box, router]);
  useEffect(() => {
    const begin = setTimeout(() => void sendAll());
    const again = setInterval(() => void sendAll(), AGAIN_AFTER);
    return () => {
      clearTimeout(begin);
      clearInterval(again);
    };
  }, [sendAll]);
  const say = useCallback(
    (what: Said) => {
      box?.add(what);
      void sendAll();
    },
    [box, sendAll],
  );
  return { waiting, isAway, refused, say };
}
