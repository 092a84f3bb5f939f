import type { ChemistryRule } from '@feverfew/knowledge';
import type { LimitOwner } from '../../finding/limitOwner.js';
import type { ChemistryBounds, ChemistryLimit } from '../limit.js';

/** A knowledge rule on a chemistry, owned by the fact that brought it in. */
export function chemistryLimit(rule: ChemistryRule, owner: LimitOwner): ChemistryLimit {
  return {
    quantity: 'chemistry',
    chemistry: rule.chemistry,
    verdict: rule.verdict,
    bounds: (rule.bounds ?? {}) as ChemistryBounds,
    owner,
    protects: rule.protects,
    sourceIds: rule.sourceIds,
  };
}
