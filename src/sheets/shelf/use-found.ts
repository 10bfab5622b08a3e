'use client';
/** What is found on the shelf as one types: each letter asks anew, and only the last answer counts. */
import { useEffect, useState } from 'react';
import { inYear } from '../frame/look';
import type { Found } from './find';
import type { ShelfView } from './load';

export function useFound({ info, found }: Pick<ShelfView, 'info' | 'found'>, typed: string): Found {
  const [answer, setAnswer] = useState<{ to: string; found: Found }>();
  const words = typed.trim();
  const look = info.looking?.id;
  useEffect(() => {
    if (!words) return;
    const asking = new AbortController();
    fetch(inYear(`/shelf/find?typed=${encodeURIComponent(words)}`, look), { signal: asking.signal })
      .then((r) => r.json() as Promise<Found>)
      .then((next) => setAnswer({ to: words, found: next }))
      // An answer that is not waited for any more, or does not come, changes nothing.
      .catch(() => undefined);
    return () => asking.abort();
  }, [words, look, info.revision]);
  return words && answer ? answer.found : found;
}
