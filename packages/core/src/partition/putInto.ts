import { type PartitionProblem, type Price, withOne } from './problem.js';

/** Steps after which the question how few will do is left open. */
const MAX_STEPS = 1500;

/** The pieces in no more than so many loads, by branching on the one with the fewest places left. */
export function putInto(
  most: number,
  group: readonly number[],
  { mayMeet, shouldStop }: PartitionProblem,
  price: Price,
): number[][] | 'cannot' | 'tooLong' {
  const company = new Map(group.map((one) => [one, group.filter((other) => mayMeet(one, other)).length]));
  let steps = 0;
  const place = (loads: readonly (readonly number[])[], left: readonly number[]): number[][] | null => {
    steps += 1;
    if (left.length === 0) return loads.map((load) => [...load]);
    if (steps > MAX_STEPS || shouldStop?.()) return null;
    let next = -1;
    let places: number[] = [];
    for (const piece of left) {
      const own = loads.flatMap((load, index) =>
        load.every((member) => mayMeet(member, piece)) &&
        price(withOne(load, piece)) < Number.POSITIVE_INFINITY
          ? [index]
          : [],
      );
      const tighter =
        own.length < places.length ||
        (own.length === places.length && (company.get(piece) ?? 0) < (company.get(next) ?? 0));
      if (next < 0 || tighter) {
        next = piece;
        places = own;
      }
      if (own.length === 0 && loads.length >= most) return null;
    }
    const others = left.filter((piece) => piece !== next);
    for (const at of places) {
      const found = place(
        loads.map((load, index) => (index === at ? withOne(load, next) : load)),
        others,
      );
      if (found) return found;
    }
    return loads.length < most ? place([...loads, [next]], others) : null;
  };
  const found = place([], group);
  return found ?? (steps > MAX_STEPS || shouldStop?.() ? 'tooLong' : 'cannot');
}
