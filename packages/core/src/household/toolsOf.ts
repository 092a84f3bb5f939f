import type { Household } from './household.js';
import { toolsFor } from './measureTool.js';

/** Measures there are for one product: the house's and its cap. */
export function toolsOf(agentId: string, { tools, ownMeasures, products }: Household) {
  const capML = products.find((product) => product.agentId === agentId)?.capML ?? null;
  return toolsFor(tools, ownMeasures, capML);
}
