'use client';
/** Something long that is waited for: what is said meanwhile, and how to stop waiting. What was asked for is looked at only. */
import { useRef, useState } from 'react';

export interface Waiting {
  /** What is done, while it is waited for. */
  what?: string;
  /** @returns the answer, or undefined where it was not waited for */
  until: <T>(what: string, answer: Promise<T>) => Promise<T | undefined>;
  stop: () => void;
}

export function useWaiting(): Waiting {
  const turn = useRef(0);
  const [what, setWhat] = useState<string>();
  const stop = (): void => {
    turn.current++;
    setWhat(undefined);
  };
  const until = async <T>(said: string, answer: Promise<T>): Promise<T | undefined> => {
    const mine = ++turn.current;
    setWhat(said);
    const came = await answer;
    if (turn.current !== mine) return undefined;
    setWhat(undefined);
    return came;
  };
  return { what, until, stop };
}
