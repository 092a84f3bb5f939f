import type { StallView } from '@feverfew/contracts';

const pct = (share: number): number => Math.round(share * 100);

/** The curve in words. */
export function stallWords({ removed, verdict, roundsLeft }: StallView): string {
  if (!removed) return 'Not looked at yet.';
  const took =
    `The last round took ${pct(removed.likely)} % of what was left (by eye between ${pct(removed.low)} ` +
    `and ${pct(removed.high)} %).`;
  if (verdict === 'gone') return took;
  if (verdict === 'stalled') return `${took} That is a stall.`;
  if (!roundsLeft || roundsLeft.likely === null) return took;
  if (roundsLeft.likely === 0) return `${took} No more than a trace is left.`;
  const upTo = roundsLeft.high === null ? 'or never' : `at most ${roundsLeft.high}`;
  return (
    `${took} If it goes on, about ${roundsLeft.likely} more ${roundsLeft.likely === 1 ? 'round' : 'rounds'} ` +
    `to a trace (${upTo}).`
  );
}
