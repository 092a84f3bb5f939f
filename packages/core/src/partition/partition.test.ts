import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type PartitionProblem, partition } from './partition.js';

interface Instance {
  readonly id: string;
  readonly machine: {
    readonly capacityG: number;
    readonly gentleBelowRpm: number;
    readonly gentleCapacityG: number;
  };
  readonly mayNotMeet: readonly (readonly [string, string])[];
  readonly pieces: readonly {
    readonly id: string;
    readonly massG: number;
    readonly maxTempC: number;
    readonly spinMaxRpm: number;
  }[];
  readonly optimum: { readonly loads: number; readonly givenUpGC: number };
}

/** Made-up heaps with optima proven elsewhere by two methods that share no code with this one. */
const instances = JSON.parse(
  readFileSync(new URL('../../../../fixtures/reference/optima/loads.json', import.meta.url), 'utf8'),
) as readonly Instance[];

function problemOf({ machine, mayNotMeet, pieces }: Instance): PartitionProblem {
  const apart = new Set(mayNotMeet.flatMap(([a, b]) => [`${a} ${b}`, `${b} ${a}`]));
  const at = (index: number) => pieces[index] ?? expect.unreachable('a piece');
  const mass = (members: readonly number[]) => members.reduce((sum, index) => sum + at(index).massG, 0);
  return {
    size: pieces.length,
    perLoad: 1e9,
    fewestFirst: true,
    mayMeet: (one, other) => !apart.has(`${at(one).id} ${at(other).id}`),
    fewestFor: (members) => Math.max(1, Math.ceil(mass(members) / machine.capacityG)),
    costOf: (members) => {
      const gentle = members.some((index) => at(index).spinMaxRpm < machine.gentleBelowRpm);
      if (mass(members) > (gentle ? machine.gentleCapacityG : machine.capacityG)) return null;
      const tempC = Math.min(...members.map((index) => at(index).maxTempC));
      return members.reduce((sum, index) => sum + at(index).massG * (at(index).maxTempC - tempC), 0);
    },
  };
}

describe('heaps with a proven optimum', () => {
  it.each(instances.map((instance) => [instance.id, instance] as const))('%s', (_id, instance) => {
    const { loads, cost, proven, atMostFewer } = partition(problemOf(instance));
    expect({ loads: loads.length, givenUpGC: cost }).toEqual({
      loads: instance.optimum.loads,
      givenUpGC: instance.optimum.givenUpGC,
    });
    expect([proven, atMostFewer]).toEqual([true, 0]);
    expect(loads.flat().sort((a, b) => a - b)).toEqual(instance.pieces.map((_, index) => index));
  });
});

/** Several proven heaps joined, larger than one exact solve. */
function joined(some: readonly Instance[]): Instance {
  const first = some[0] ?? expect.unreachable('an instance');
  const named = some.map((instance, n) => {
    const name = (id: string) => `${n}.${id}`;
    return {
      pieces: instance.pieces.map((piece) => ({ ...piece, id: name(piece.id) })),
      apart: instance.mayNotMeet.map(([a, b]) => [name(a), name(b)] as const),
    };
  });
  return {
    id: 'joined',
    machine: first.machine,
    pieces: named.flatMap(({ pieces }) => pieces),
    mayNotMeet: named.flatMap(({ apart }) => apart),
    optimum: { loads: 0, givenUpGC: 0 },
  };
}

describe('heaps too large to be proven', () => {
  it('puts every piece into one load that may be, and never claims more than a bound', () => {
    const heap = joined(instances.slice(0, 3));
    const problem = problemOf(heap);
    const { loads, atMostFewer } = partition(problem);
    expect(loads.flat().sort((a, b) => a - b)).toEqual(heap.pieces.map((_, index) => index));
    for (const load of loads) {
      expect(problem.costOf(load)).not.toBeNull();
      for (const one of load)
        for (const other of load) if (one !== other) expect(problem.mayMeet(one, other)).toBe(true);
    }
    expect(atMostFewer).toBeGreaterThanOrEqual(0);
    expect(loads.length - atMostFewer).toBeGreaterThanOrEqual(1);
    // Where few loads come first, how few will do is settled for a heap of this size.
    expect(atMostFewer).toBe(0);
  });

  it('gives the same loads every time, and something sound where it is stopped at once', () => {
    const heap = joined(instances.slice(2, 6));
    expect(partition(problemOf(heap)).loads).toEqual(partition(problemOf(heap)).loads);
    const stopped = partition({ ...problemOf(heap), shouldStop: () => true });
    expect(stopped.loads.flat()).toHaveLength(heap.pieces.length);
    expect(stopped.loads.length).toBeGreaterThanOrEqual(partition(problemOf(heap)).loads.length);
  });
});

describe('any small heap', () => {
  /** Everything tried: the plainest way, by putting each piece into each load in turn. */
  function best(problem: PartitionProblem): number {
    let least = Number.POSITIVE_INFINITY;
    const put = (piece: number, loads: number[][]): void => {
      if (piece === problem.size) {
        const costs = loads.map((load) => problem.costOf(load));
        if (costs.some((cost) => cost === null)) return;
        least = Math.min(
          least,
          costs.reduce<number>((sum, cost) => sum + (cost ?? 0) + problem.perLoad, 0),
        );
        return;
      }
      for (const [index, load] of [...loads, []].entries())
        if (load.every((member) => problem.mayMeet(member, piece)))
          put(piece + 1, [...loads.slice(0, index), [...load, piece], ...loads.slice(index + 1)]);
    };
    put(0, []);
    return least;
  }

  it('costs what the best of all ways costs, at any price of a load', () => {
    const heaps = fc.record({
      temps: fc.array(fc.constantFrom(30, 40, 60, 90), { minLength: 1, maxLength: 7 }),
      apart: fc.array(fc.tuple(fc.nat(6), fc.nat(6)), { maxLength: 8 }),
      most: fc.integer({ min: 1, max: 4 }),
      perLoad: fc.constantFrom(1, 15, 1e6),
    });
    fc.assert(
      fc.property(heaps, ({ temps, apart, most, perLoad }) => {
        const problem: PartitionProblem = {
          size: temps.length,
          perLoad,
          fewestFirst: true,
          mayMeet: (one, other) =>
            !apart.some(([a, b]) => (a === one && b === other) || (a === other && b === one)),
          fewestFor: (members) => Math.ceil(members.length / most),
          costOf: (members) => {
            if (members.length > most) return null;
            const own = members.map((index) => temps[index] ?? 0);
            return own.reduce<number>((sum, temp) => sum + temp - Math.min(...own), 0);
          },
        };
        const { loads, cost } = partition(problem);
        expect(cost + perLoad * loads.length).toBe(best(problem));
      }),
    );
  });
});
