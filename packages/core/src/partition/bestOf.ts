import type { PartitionProblem, Price } from './problem.js';

/** The best loads of these pieces: over all subsets, each built from the load of its first piece. 3^n/3 steps. */
export function bestOf(pieces: readonly number[], { mayMeet }: PartitionProblem, price: Price): number[][] {
  const count = pieces.length;
  const all = 2 ** count;
  const meets = pieces.map((one) =>
    pieces.reduce((mask, other, index) => (mayMeet(one, other) ? mask | (1 << index) : mask), 0),
  );
  const prices = new Float64Array(all).fill(Number.POSITIVE_INFINITY);
  const listOf = (mask: number) => pieces.filter((_, index) => mask & (1 << index));
  for (let mask = 1; mask < all; mask += 1) {
    const low = 31 - Math.clz32(mask & -mask);
    const rest = mask & (mask - 1);
    const others = meets[low] ?? 0;
    if (rest !== 0 && (prices[rest] === Number.POSITIVE_INFINITY || (rest & others) !== rest)) continue;
    prices[mask] = price(listOf(mask));
  }
  const best = new Float64Array(all).fill(Number.POSITIVE_INFINITY);
  const taken = new Int32Array(all);
  best[0] = 0;
  for (let mask = 1; mask < all; mask += 1) {
    const low = mask & -mask;
    const rest = mask ^ low;
    for (let others = rest; ; others = (others - 1) & rest) {
      const load = others | low;
      const cost = (prices[load] ?? 0) + (best[mask ^ load] ?? 0);
      if (cost < (best[mask] ?? 0)) {
        best[mask] = cost;
        taken[mask] = load;
      }
      if (others === 0) break;
    }
  }
  const loads: number[][] = [];
  for (let mask = all - 1; mask > 0; ) {
    const load = taken[mask] ?? 0;
    if (load === 0) throw new Error('a piece that may be in no load');
    loads.push(listOf(load));
    mask ^= load;
  }
  return loads;
}
