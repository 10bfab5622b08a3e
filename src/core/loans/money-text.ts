/** Money as it is written. */

/** An amount in minor units as money is written, without a currency: `9.50`. */
export const moneyText = (minor: number): string => (minor / 100).toFixed(2);
