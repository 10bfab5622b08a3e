'use client';
import { useEffect } from 'react';

/** Marks the page once what it shows can be worked with: keys are heard, fields keep what is typed. */
export function useReady(): void {
  useEffect(() => {
    document.documentElement.dataset.ready = '';
  }, []);
}
