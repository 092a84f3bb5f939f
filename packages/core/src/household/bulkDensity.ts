import type { Agent } from '@feverfew/knowledge';
import type { Household } from './household.js';

/** Bulk density of the grade this household has entered, g/mL; null where it is not given. */
export const toldDensity = (agentId: string, { products }: Pick<Household, 'products'>): number | null =>
  products.find((product) => product.agentId === agentId)?.gPerML ?? null;

/** Bulk density of a powder or density of a liquid, g/mL: as entered, else the middle of what is usual. */
export const densityHere = (agent: Agent, household: Pick<Household, 'products'>): number =>
  toldDensity(agent.id, household) ?? agent.densityGPerML.centre;
