/** Amounts and shares as they are kept and shown; more places than these would be false precision. */
export const toTenth = (value: number): number => Math.round(value * 10) / 10;
export const toHundredth = (value: number): number => Math.round(value * 100) / 100;
export const toThousandth = (value: number): number => Math.round(value * 1000) / 1000;

/**
 * Minutes to the nearest five.
 * @example toFive(18) // 20
 */
export const toFive = (minutes: number): number => Math.round(minutes / 5) * 5;

/**
 * A share of 0–1 in whole per cent.
 * @example toPct(0.256) // 26
 */
export const toPct = (share: number): number => Math.round(share * 100);
