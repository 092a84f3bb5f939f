import { bestOf } from './bestOf.js';
import { NOTHING, type PartitionProblem, type Price, withOne } from './problem.js';

/** Above that size, at most so many pieces are rearranged at a time. */
const REARRANGED = 10;

/** Those with least company first, each where it costs least. */
export function insertPiecewise(
  group: readonly number[],
  problem: PartitionProblem,
  price: Price,
): number[][] {
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

/** Moves single pieces and rearranges two or three loads exactly, until nothing gets better. */
export function improvePartition(start: number[][], problem: PartitionProblem, price: Price): number[][] {
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

/** Rearranges these loads; null if that gains nothing, or they are too many. */
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
