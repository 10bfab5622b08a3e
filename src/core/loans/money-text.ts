/** Money as it is written. */
import type { Customs } from '../calendar/customs';

/** An amount in minor units as money is written: `9.50` where no country is said, with the sign of its currency else. */
export const moneyText = (
  minor: number,
  { currency, locale }: Pick<Customs, 'currency' | 'locale'>,
): string =>
  currency
    ? new Intl.NumberFormat(locale, { style: 'currency', currency }).format(minor / 100)
    : (minor / 100).toFixed(2);
