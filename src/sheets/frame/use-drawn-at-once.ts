'use client';
/** What is pressed is drawn at once, before its answer is there; what the plan says then takes its place. */
import { useEffect, useState } from 'react';

/** Milliseconds after which what was drawn gives way to what the plan says, whatever became of it. */
const GIVES_WAY = 6000;

/**
 * @param stands as the plan has it
 * @returns what to draw; and a way to draw something else at once, which gives a way back for when it is not stored
 */
export function useDrawnAtOnce<T>(stands: T): [T, (now: T) => () => void] {
  const [ahead, setAhead] = useState<{ of: T; is: T }>();
  // The plan has moved: it is right from here on.
  const isAhead = ahead !== undefined && ahead.of === stands;
  useEffect(() => {
    if (!ahead) return;
    const timer = setTimeout(() => setAhead(undefined), GIVES_WAY);
    return () => clearTimeout(timer);
  }, [ahead]);
  return [
    isAhead ? ahead.is : stands,
    (is) => {
      setAhead({ of: stands, is });
      return () => setAhead(undefined);
    },
  ];
}
