import { bestOf } from './bestOf.js';
import { improvePartition, insertPiecewise } from './improvePartition.js';
import { NOTHING, type Partition, type PartitionProblem, type Price } from './problem.js';
import { putInto } from './putInto.js';

export type { Partition, PartitionProblem } from './problem.js';

/** Up to so many pieces that could meet, the best is found and proven. */
export const EXACT_UP_TO = 14;

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
  let loads = improvePartition(insertPiecewise(group, problem, price), problem, price);
  let fewest = Math.max(problem.fewestFor(group), mostApart(group, problem.mayMeet));
  let room = loads.length;
  while (problem.fewestFirst && fewest < room) {
    const fewer = putInto(room - 1, group, problem, price);
    if (fewer === 'cannot') fewest = room;
    if (fewer === 'cannot' || fewer === 'tooLong') break;
    const next = improvePartition(fewer, problem, price);
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
