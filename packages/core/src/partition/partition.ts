/** A heap to be put into loads: each piece into exactly one. */
export interface PartitionProblem {
  /** How many pieces; they are told apart by number, 0 … size − 1. */
  readonly size: number;
  readonly mayMeet: (one: number, other: number) => boolean;
  /**
   * What such a load costs beside its being one more, a whole number from 0; null where it may not be. Asked only of
   * pieces that may all meet. Of a load that may be, every part must be one that may be too.
   */
  readonly costOf: (members: readonly number[]) => number | null;
  /** Settles what costs the same; at least 0, less than 1e-3 a load. */
  readonly tieOf?: (members: readonly number[]) => number;
  /** What one more load costs, in the measure of `costOf`. */
  readonly perLoad: number;
  /** Few loads come before everything else: how few will do is then searched for, not only bounded. */
  readonly fewestFirst: boolean;
  /** Fewest loads so many pieces need by their mass and room alone, whatever may meet; at least 1. */
  readonly fewestFor: (members: readonly number[]) => number;
  /** Asked now and then; true ends the search with the best so far. */
  readonly shouldStop?: () => boolean;
}

export interface Partition {
  readonly loads: readonly (readonly number[])[];
  /** Sum of `costOf`, without `perLoad`. */
  readonly cost: number;
  /** Nothing costs less. */
  readonly proven: boolean;
  /** How many loads fewer are possible at most: 0 = this is the fewest. */
  readonly atMostFewer: number;
}

/** Up to so many pieces that could meet, the best is found and proven. */
export const EXACT_UP_TO = 14;
/** So many are rearranged at once beyond that. */
const REARRANGED = 10;

/**
 * Puts the heap into loads at least cost. Pieces that can meet by no chain of others are sorted apart, each such group
 * exactly where it has at most EXACT_UP_TO pieces; beyond that by insertion and by rearranging two and three loads at
 * a time, exactly, until nothing gets better. The same heap always gives the same loads.
 */
export function partition(problem: PartitionProblem): Partition {
  const priced = priceLoads(problem);
  const parts = groupsOf(problem).map((group) => solveGroup(group, problem, priced));
  return {
    loads: parts.flatMap(({ loads }) => loads),
    cost: parts.reduce((sum, { cost }) => sum + cost, 0),
    proven: parts.every(({ proven }) => proven),
    atMostFewer: parts.reduce((sum, { atMostFewer }) => sum + atMostFewer, 0),
  };
}

/** What a load costs in all, ∞ where it may not be; `members` rising. */
type Price = (members: readonly number[]) => number;

function priceLoads({ costOf, tieOf, perLoad }: PartitionProblem): Price {
  const known = new Map<string, number>();
  return (members) => {
    const key = members.join();
    const found = known.get(key);
    if (found !== undefined) return found;
    const cost = costOf(members);
    const price = cost === null ? Number.POSITIVE_INFINITY : perLoad + cost + (tieOf?.(members) ?? 0);
    known.set(key, price);
    return price;
  };
}

/** Pieces that can meet, directly or by a chain of others. */
function groupsOf({ size, mayMeet }: PartitionProblem): number[][] {
  const left = new Set(Array.from({ length: size }, (_, index) => index));
  const groups: number[][] = [];
  for (const first of left) {
    left.delete(first);
    const group = [first];
    for (const member of group)
      for (const other of left)
        if (mayMeet(member, other)) {
          left.delete(other);
          group.push(other);
        }
    groups.push(group.sort((a, b) => a - b));
  }
  return groups;
}

function solveGroup(group: readonly number[], problem: PartitionProblem, price: Price): Partition {
  const costOf = (loads: readonly (readonly number[])[]) =>
    loads.reduce((sum, load) => sum + (problem.costOf(load) ?? 0), 0);
  if (group.length <= EXACT_UP_TO) {
    const loads = bestOf(group, problem, price);
    return { loads, cost: costOf(loads), proven: true, atMostFewer: 0 };
  }
  const sum = (some: readonly (readonly number[])[]) => some.reduce((all, load) => all + price(load), 0);
  let loads = improved(inserted(group, problem, price), problem, price);
  let fewest = Math.max(problem.fewestFor(group), mostApart(group, problem.mayMeet));
  let room = loads.length;
  while (problem.fewestFirst && fewest < room) {
    const fewer = putInto(room - 1, group, problem, price);
    if (fewer === 'cannot') fewest = room;
    if (fewer === 'cannot' || fewer === 'tooLong') break;
    const next = improved(fewer, problem, price);
    if (sum(next) < sum(loads) - NOTHING) loads = next;
    room = Math.min(room - 1, next.length);
  }
  const cost = costOf(loads);
  return {
    loads,
    cost,
    proven: loads.length <= fewest && cost === 0,
    atMostFewer: Math.max(0, loads.length - fewest),
  };
}

/** Steps after which the question how few will do is left open. */
const MOST_STEPS = 1500;

/** The pieces in no more than so many loads, by branching on the one with the fewest places left. */
function putInto(
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
    if (steps > MOST_STEPS || shouldStop?.()) return null;
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
  return found ?? (steps > MOST_STEPS || shouldStop?.() ? 'tooLong' : 'cannot');
}

/** The best loads of these pieces: over all subsets, each built from the load of its first piece. 3^n/3 steps. */
function bestOf(pieces: readonly number[], { mayMeet }: PartitionProblem, price: Price): number[][] {
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

/** Those with least company first, each where it costs least. */
function inserted(group: readonly number[], problem: PartitionProblem, price: Price): number[][] {
  const company = new Map(
    group.map((one) => [one, group.filter((other) => problem.mayMeet(one, other)).length]),
  );
  const order = [...group].sort((a, b) => (company.get(a) ?? 0) - (company.get(b) ?? 0) || a - b);
  const loads: number[][] = [];
  for (const piece of order) {
    let where = -1;
    let least = price([piece]);
    for (const [index, load] of loads.entries()) {
      if (!load.every((member) => problem.mayMeet(member, piece))) continue;
      const more = price(withOne(load, piece)) - price(load);
      if (more < least) {
        least = more;
        where = index;
      }
    }
    const load = loads[where];
    if (load) loads[where] = withOne(load, piece);
    else loads.push([piece]);
  }
  return loads;
}

const withOne = (load: readonly number[], piece: number): number[] => [...load, piece].sort((a, b) => a - b);

/** Sums of prices up to 1e9 are rounded to about 1e-7: a gain no larger than that is none, or it would go round for ever. */
const NOTHING = 1e-6;

/** Moves single pieces and rearranges two or three loads exactly, until nothing gets better. */
function improved(start: number[][], problem: PartitionProblem, price: Price): number[][] {
  let loads = start;
  let better = true;
  while (better && !problem.shouldStop?.()) {
    better = false;
    for (const step of [movedOne, rearrangedPair, rearrangedThree]) {
      const next = step(loads, problem, price);
      if (next) {
        loads = next;
        better = true;
        break;
      }
    }
  }
  return loads;
}

type Step = (loads: number[][], problem: PartitionProblem, price: Price) => number[][] | null;

const movedOne: Step = (loads, { mayMeet }, price) => {
  for (const [from, load] of loads.entries())
    for (const piece of load)
      for (const [to, other] of loads.entries()) {
        if (to === from || !other.every((member) => mayMeet(member, piece))) continue;
        const left = load.filter((member) => member !== piece);
        const before = price(load) + price(other);
        const after = (left.length > 0 ? price(left) : 0) + price(withOne(other, piece));
        if (after < before - NOTHING)
          return loads
            .map((one, index) => (index === from ? left : index === to ? withOne(one, piece) : one))
            .filter((one) => one.length > 0);
      }
  return null;
};

/** Loads of these numbers put together anew; null where that gains nothing, or they are too many for it. */
function rearranged(
  numbers: readonly number[],
  loads: number[][],
  problem: PartitionProblem,
  price: Price,
): number[][] | null {
  const chosen = numbers.flatMap((number) => [loads[number] ?? []]);
  const pieces = chosen.flat().sort((a, b) => a - b);
  if (pieces.length > REARRANGED) return null;
  const anew = bestOf(pieces, problem, price);
  const sum = (some: readonly (readonly number[])[]) => some.reduce((all, load) => all + price(load), 0);
  if (sum(anew) >= sum(chosen) - NOTHING) return null;
  return [...loads.filter((_, index) => !numbers.includes(index)), ...anew];
}

const rearrangedPair: Step = (loads, problem, price) => {
  for (let one = 0; one < loads.length; one += 1)
    for (let other = one + 1; other < loads.length; other += 1) {
      if (problem.shouldStop?.()) return null;
      const next = rearranged([one, other], loads, problem, price);
      if (next) return next;
    }
  return null;
};

const rearrangedThree: Step = (loads, problem, price) => {
  for (let one = 0; one < loads.length; one += 1)
    for (let other = one + 1; other < loads.length; other += 1)
      for (let third = other + 1; third < loads.length; third += 1) {
        if (problem.shouldStop?.()) return null;
        const next = rearranged([one, other, third], loads, problem, price);
        if (next) return next;
      }
  return null;
};

/** A set of pieces of which no two may meet, as large as found: a clique in the graph of clashes, by branching. */
function mostApart(group: readonly number[], mayMeet: PartitionProblem['mayMeet']): number {
  let most = 0;
  let steps = 0;
  const search = (chosen: number, left: readonly number[]): void => {
    most = Math.max(most, chosen);
    steps += 1;
    if (chosen + left.length <= most || steps > 20_000) return;
    for (const [index, piece] of left.entries()) {
      if (chosen + left.length - index <= most) return;
      search(
        chosen + 1,
        left.slice(index + 1).filter((other) => !mayMeet(piece, other)),
      );
    }
  };
  search(0, group);
  return most;
}
