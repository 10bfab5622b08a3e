'use client';
import type { ReactNode } from 'react';
import { I18nProvider } from 'react-aria-components/I18nProvider';

/** Dates are typed day, month, year, the same on the server and in the browser. */
export function Locale({ children }: { children: ReactNode }) {
  return <I18nProvider locale="en-GB">{children}</I18nProvider>;
}
