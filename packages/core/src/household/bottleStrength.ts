import type { Agent } from '@feverfew/knowledge';
import type { Household } from './household.js';

/** How strong the bottle of an agent is in this house. */
export interface BottleStrength {
  readonly isOwned: boolean;
  /** As on its label, %; null where it is not known or does not matter. */
  readonly pct: number | null;
  /** The same where it is stronger than recipes are written for, so that it is cut down with water; else null. */
  readonly cutFromPct: number | null;
  /** What of a recipe's amount is poured from it, 0–1; the rest is water. */
  readonly cutShare: number;
}

export function bottleStrength({ id, strength }: Agent, household: Household): BottleStrength {
  const cupboard = cupboardOf(household);
  const pct = cupboard.get(id) ?? null;
  const isStronger = pct !== null && strength !== null && pct > strength.recipe;
  return {
    isOwned: cupboard.has(id),
    pct,
    cutFromPct: isStronger ? pct : null,
    cutShare: isStronger ? strength.recipe / pct : 1,
  };
}

const cupboards = new WeakMap<Household, ReadonlyMap<string, number | null>>();

/** Agents in the house with the strength on their bottles, worked out once for each household. */
export function cupboardOf(household: Household): ReadonlyMap<string, number | null> {
  const known = cupboards.get(household);
  if (known) return known;
  const cupboard = new Map(household.cupboard.map((entry) => [entry.agentId, entry.strengthPct]));
  cupboards.set(household, cupboard);
  return cupboard;
}
