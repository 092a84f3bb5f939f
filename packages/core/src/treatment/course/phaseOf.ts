import type { Chemistry, Method } from '@feverfew/knowledge';
import type { EligibleMethod } from '../assess/assessMethod.js';
import type { PlanContext } from '../case/planContext.js';
import type { Phase } from '../plan/round.js';

const SOLVENTS: readonly Chemistry[] = ['hydrocarbon', 'alcohol', 'ketone', 'ester'];

/** The phase a method is work of. */
export function phaseOf(method: Method, { index }: PlanContext): Phase {
  if (method.inMachine) return 'wash';
  if (method.wetting === 'dry') return 'dry';
  if (index.factsOf(method).chemistries.some((one) => SOLVENTS.includes(one))) return 'solvent';
  return method.liquorRatioLPerKg === null ? 'local' : 'bath';
}

const PHASE_RANK: Readonly<Record<Phase, number>> = { dry: 0, solvent: 10, local: 20, bath: 30, wash: 50 };
/**
 * Early: a soak that loosens what has dried in, before what works on the spot. Late: dry work that comes after water,
 * as weighing down, airing, taking a powder off.
 */
export type Turn = 'early' | 'own' | 'late';
const EARLY = PHASE_RANK.local - 0.5;
const LATE = 40;

/**
 * Place in a round of several troubles: phase by phase, and in each cold before warm, acid before peroxygen, what
 * takes colour last.
 */
export function rankOf(eligible: EligibleMethod, turn: Turn, context: PlanContext): number {
  if (turn !== 'own') return turn === 'early' ? EARLY : LATE;
  if (isPowderFirst(eligible.method, context)) return PHASE_RANK.solvent - 1;
  const { chemistries } = context.index.factsOf(eligible.method);
  const holds = (...some: Chemistry[]) => chemistries.some((one) => some.includes(one));
  const inPhase = holds('chlorine', 'reducer')
    ? 4
    : holds('percarbonate', 'peroxide')
      ? 3
      : holds('weakAcid', 'oxalicAcid', 'dyeSuspender')
        ? 2
        : chemistries.every((one) => one === 'water')
          ? 0
          : 1;
  return PHASE_RANK[phaseOf(eligible.method, context)] + inPhase;
}

/** Begins with a powder, which needs dry cloth, and goes on wet. A coat over a bleach is no such thing. */
function isPowderFirst(method: Method, { index }: PlanContext): boolean {
  const { chemistries } = index.factsOf(method);
  if (method.wetting === 'dry' || method.waterParts !== null) return false;
  return chemistries.includes('absorbent') && !chemistries.includes('peroxide');
}
