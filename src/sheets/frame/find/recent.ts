'use client';
/** What was gone to last from here, kept on the device. */
import type { Found } from './findables';

const KEPT_AS = 'hausplan-found-last';
const MOST = 6;

export function recent(): Found[] {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(KEPT_AS) ?? '[]');
    return Array.isArray(kept)
      ? (kept as Found[]).filter((f) => typeof f?.href === 'string' && f.href.startsWith('/'))
      : [];
  } catch {
    return [];
  }
}

export function remember(found: Found): void {
  try {
    localStorage.setItem(
      KEPT_AS,
      JSON.stringify([found, ...recent().filter((f) => f.href !== found.href)].slice(0, MOST)),
    );
  } catch {
    // Kept nowhere, it is looked for again.
  }
}
