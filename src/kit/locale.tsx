'use client';
/** How dates, times and money are written where the family lives: the same on the server and in the browser. */
import { createContext, useContext, type ReactNode } from 'react';
import { I18nProvider } from 'react-aria-components/I18nProvider';

export interface WrittenAs {
  /** Language and country, as `Intl` takes it. */
  locale: string;
  /** Hours on the clock. */
  clock: 12 | 24;
  /** Code by ISO 4217; empty where no country is said. */
  currency: string;
  measures: 'metric' | 'customary';
  spelling: 'British' | 'American';
  /** ISO weekday, 1 Monday to 7 Sunday. */
  weekStarts: number;
}

const CustomsContext = createContext<WrittenAs>({
  locale: 'en-GB',
  clock: 24,
  currency: '',
  measures: 'metric',
  spelling: 'British',
  weekStarts: 1,
});

export const useCustoms = (): WrittenAs => useContext(CustomsContext);

export function Locale({ customs, children }: { customs: WrittenAs; children: ReactNode }) {
  return (
    <CustomsContext value={customs}>
      <I18nProvider locale={customs.locale}>{children}</I18nProvider>
    </CustomsContext>
  );
}
