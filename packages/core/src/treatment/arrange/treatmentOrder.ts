import type { Chemistry } from '@feverfew/knowledge';
import type { MethodFacts } from '../../lookup/knowledgeIndex.js';
import type { EligibleMethod } from '../assess/assessMethod.js';
import type { PlanContext } from '../case/planContext.js';

/** Order of the work when several troubles sit on one piece. */
const TREATMENT_ORDER = ['dry', 'solvent', 'cold', 'acid', 'warm', 'dye', 'peroxygen', 'last'] as const;
export type OrderGroup = (typeof TREATMENT_ORDER)[number];

const SOLVENTS: readonly Chemistry[] = ['hydrocarbon', 'alcohol', 'ketone', 'ester'];
/** Warmest bath that still counts as cold, °C. */
const COLD_C = 25;

/** Dry side before wet side; cold before warm; acid before peroxygen; what takes colour last. */
export function treatmentOrderOf(eligible: EligibleMethod, { index }: PlanContext): number {
  return TREATMENT_ORDER.indexOf(orderGroupOf(eligible, index.factsOf(eligible.method)));
}

function orderGroupOf(
  { method, window }: EligibleMethod,
  { chemistries, agents: [first] }: MethodFacts,
): OrderGroup {
  const holds = (...some: Chemistry[]) => some.some((chemistry) => chemistries.includes(chemistry));
  if (method.wetting === 'dry' || chemistries.every((chemistry) => chemistry === 'absorbent')) return 'dry';
  if (holds(...SOLVENTS)) return 'solvent';
  if (holds('chlorine', 'reducer')) return 'last';
  if (holds('percarbonate', 'peroxide')) return 'peroxygen';
  if (holds('weakAcid', 'oxalicAcid')) return 'acid';
  if (holds('dyeSuspender')) return 'dye';
  if (first?.chemistries.every((chemistry) => chemistry === 'absorbent')) return 'dry';
  return window.tempC.target <= COLD_C ? 'cold' : 'warm';
}
