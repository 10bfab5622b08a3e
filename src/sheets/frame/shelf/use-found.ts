'use client';
/** What is found on the shelf as one types: each letter asks anew, and only the last answer counts. */
import { useEffect, useState } from 'react';
import type { FrameInfo } from '../load';
import { inYear } from '../look';
import type { Found } from './find';

/**
 * @param notPulledFor leaves out what is pulled for this unit
 * @param first what is found by nothing typed, where the sheet has it already
 * @returns undefined until there is an answer
 */
export function useFound(
  typed: string,
  {
    info,
    notPulledFor = '',
    first,
  }: { info: Pick<FrameInfo, 'revision' | 'looking'>; notPulledFor?: string; first?: Found },
): Found | undefined {
  const [answer, setAnswer] = useState<Found>();
  const words = typed.trim();
  const look = info.looking?.id;
  const isKnown = !words && first !== undefined;
  useEffect(() => {
    if (isKnown) return;
    const asking = new AbortController();
    const asked = new URLSearchParams({ typed: words, notPulledFor });
    fetch(inYear(`/shelf/find?${asked.toString()}`, look), { signal: asking.signal })
      .then((r) => r.json() as Promise<Found>)
      .then(setAnswer)
      // An answer that is not waited for any more, or does not come, changes nothing.
      .catch(() => undefined);
    return () => asking.abort();
  }, [words, notPulledFor, look, info.revision, isKnown]);
  return isKnown ? first : (answer ?? first);
}
