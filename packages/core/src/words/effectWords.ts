import type { ExpectedEffect } from '../effect/effectRange.js';

/** A plain word for an expected effect, by the middle of its range. */
export function effectWords({ low, high }: ExpectedEffect): string {
  const middle = (low + high) / 2;
  if (middle >= 0.8) return 'nearly all of it';
  if (middle >= 0.6) return 'most of it';
  if (middle >= 0.4) return 'about half';
  if (middle >= 0.2) return 'some of it';
  return 'a little';
}

/** "30–70 %", in steps of five, for the figures are estimates; "about 5 %" where both ends are the same. */
export function effectRange({ low, high }: ExpectedEffect): string {
  const five = (share: number) => Math.round(share * 20) * 5;
  if (five(low) === five(high)) return five(high) === 0 ? 'hardly any' : `about ${five(high)} %`;
  return `${five(low)}–${five(high)} %`;
}
