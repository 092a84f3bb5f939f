import type { Ingredient } from '../plan/recipe.js';

/** An agent the tool measures no amount of. */
export const unmeasured = (agentId: string, basis: 'label' | 'step'): Ingredient => ({
  agentId,
  basis,
  massG: null,
  volumeML: null,
  range: null,
  snapped: null,
  strengthPct: null,
  standsInFor: null,
  strengthAfter: null,
  oxygenG: 0,
  dilution: null,
});
