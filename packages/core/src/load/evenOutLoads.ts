import { drumOf, isDrum } from './drum.js';
import type { DrumPiece } from './drumPiece.js';
import type { Machine } from './machine.js';
import type { Load } from './sortHeap.js';

/** Two sortings differ if the sum of squared fill levels differs by at least this. A smaller difference is invisible. */
const SEEN = 0.03;
const MAX_MOVES = 60;

const fullness = ({ drum: { limits, programme } }: Load): number => limits.massG / programme.capacityG;
const squares = (loads: readonly Load[]): number => loads.reduce((sum, load) => sum + fullness(load) ** 2, 0);
const longest = (a: Load, b: Load): number => a.drum.minutes + b.drum.minutes;

/**
 * A second sorting that is as good: as many loads, nothing more given up, no longer, sets left together; but its drums
 * are evenly full, where the first fills one after the other. null where there is none that differs to the eye.
 */
export function evenOutLoads(loads: readonly Load[], machine: Machine): Load[] | null {
  let now = [...loads];
  for (let moves = 0; moves < MAX_MOVES; moves += 1) {
    const next = bestMove(now, machine);
    if (!next) break;
    now = next;
  }
  return squares(loads) - squares(now) < SEEN ? null : now;
}

function loadIf(pieces: readonly DrumPiece[], machine: Machine): Load | null {
  const drum = drumOf(pieces, machine);
  return isDrum(drum) ? { pieces, drum } : null;
}

/** The one move of a piece that evens most; null where none does. */
function bestMove(loads: readonly Load[], machine: Machine): Load[] | null {
  let best: { readonly loads: Load[]; readonly sum: number } | null = null;
  const before = squares(loads);
  for (const [fromAt, from] of loads.entries())
    for (const piece of from.pieces) {
      if (from.pieces.length === 1 || piece.set !== null) continue;
      for (const [toAt, to] of loads.entries()) {
        if (toAt === fromAt || fullness(to) >= fullness(from)) continue;
        const rest = loadIf(
          from.pieces.filter((one) => one !== piece),
          machine,
        );
        const more = loadIf([...to.pieces, piece], machine);
        if (!rest || !more) continue;
        if (rest.drum.givenUpGC + more.drum.givenUpGC > from.drum.givenUpGC + to.drum.givenUpGC) continue;
        if (longest(rest, more) > longest(from, to)) continue;
        const after = loads.map((load, at) => (at === fromAt ? rest : at === toAt ? more : load));
        const sum = squares(after);
        if (sum < (best?.sum ?? before) - 1e-9) best = { loads: after, sum };
      }
    }
  return best?.loads ?? null;
}
