'use client';
/**
 * Sorting books onto piles at a reader's pace: a book lies on its pile at once, and the writes follow. What waits while one is
 * on its way goes with the next, all together.
 */
import { useRef, useState } from 'react';
import type { Role, SpineRead } from '@/core/plan/plan';
import { useAct } from '../frame/use-act';
import { placeOnPiles } from './actions';
import type { PulledBook, Reader } from './load';

interface Placing {
  pullId: string;
  role: Role;
  childIds: readonly string[];
  read: SpineRead;
}

/** @returns the books pulled, each on the pile it was put on last, and the way to put one on another */
export function usePlacing(
  stored: PulledBook[],
  readers: readonly Reader[],
): {
  pulled: PulledBook[];
  place: (pullId: string, role: Role, childIds: readonly string[], read?: SpineRead) => void;
} {
  const { act } = useAct();
  const [ahead, setAhead] = useState<readonly Placing[]>([]);
  const waiting = useRef<Placing[]>([]);
  const inOrder = (ids: readonly string[]): string[] =>
    readers.filter((r) => ids.includes(r.id)).map((r) => r.id);
  const [seen, setSeen] = useState(stored);
  if (seen !== stored) {
    setSeen(stored);
    const at = new Map(stored.map((p) => [p.pullId, p]));
    setAhead(
      ahead.filter((to) => {
        const now = at.get(to.pullId);
        return (
          now &&
          (now.role !== to.role ||
            now.read !== to.read ||
            now.readers.map((r) => r.id).join() !== inOrder(to.childIds).join())
        );
      }),
    );
  }

  const by = new Map(ahead.map((p) => [p.pullId, p]));
  const pulled = stored.map((p) => {
    const to = by.get(p.pullId);
    return to
      ? { ...p, role: to.role, read: to.read, readers: readers.filter((r) => to.childIds.includes(r.id)) }
      : p;
  });

  const place = (pullId: string, role: Role, childIds: readonly string[], read?: SpineRead): void => {
    // A spine that is put on its pile again is read as it was.
    if (!read && role === 'spine' && pulled.find((p) => p.pullId === pullId)?.role === 'spine') return;
    const placing = { pullId, role, childIds, read: read ?? 'aloud' };
    setAhead((all) => [...all.filter((p) => p.pullId !== pullId), placing]);
    waiting.current = [...waiting.current.filter((p) => p.pullId !== pullId), placing];
    let mine: Placing[] | undefined;
    act(
      async (base) => {
        mine ??= waiting.current.splice(0);
        return mine.length ? placeOnPiles(base, mine) : { is: 'done', revision: base, message: '' };
      },
      { failed: () => setAhead((all) => all.filter((p) => !mine?.includes(p))) },
    );
  };

  return { pulled, place };
}
