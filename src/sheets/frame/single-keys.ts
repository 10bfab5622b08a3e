'use client';
/** Whether keys of one letter or number work on this device; they can be switched off (WCAG 2.1.4). */
import { useSyncExternalStore } from 'react';

const KEPT_AS = 'hausplan-single-keys';
const CHANGED = 'hausplan-single-keys-changed';

const read = (): boolean => {
  try {
    return localStorage.getItem(KEPT_AS) !== 'off';
  } catch {
    return true;
  }
};

function listen(changed: () => void): () => void {
  window.addEventListener(CHANGED, changed);
  window.addEventListener('storage', changed);
  return () => {
    window.removeEventListener(CHANGED, changed);
    window.removeEventListener('storage', changed);
  };
}

export const useSingleKeys = (): boolean => useSyncExternalStore(listen, read, () => true);

export function setSingleKeys(on: boolean): void {
  try {
    localStorage.setItem(KEPT_AS, on ? 'on' : 'off');
  } catch {
    // Kept nowhere, they are what they were when the sheet is loaded again.
  }
  window.dispatchEvent(new Event(CHANGED));
}
