import { type Agent, WEAK_BOTTLE_SHARE } from '@feverfew/knowledge';
import { type Finding, finding } from '../finding/finding.js';
import { bottleStrength } from '../household/bottleStrength.js';
import type { Household } from '../household/household.js';

/**
 * Nothing is dosed from a bottle whose strength matters and is not known, is too weak, or past what a household
 * should handle.
 */
export function strengthFindings(agent: Agent, household: Household): Finding[] {
  const { isOwned, pct } = bottleStrength(agent, household);
  const { strength } = agent;
  if (!isOwned || !strength) return [];
  const unsafe = unsafeStrength(agent, pct);
  if (unsafe.length > 0) return unsafe;
  return pct !== null && pct < strength.recipe * WEAK_BOTTLE_SHARE
    ? [finding('strengthTooLow', { agentId: agent.id, pct, recipePct: strength.recipe }, agent.sourceIds)]
    : [];
}

/** Not known where it has to be, or too strong for a household. */
export function unsafeStrength({ id, strength, sourceIds }: Agent, pct: number | null): Finding[] {
  if (!strength) return [];
  if (pct === null)
    return strength.mustBeKnown ? [finding('strengthUnknown', { agentId: id }, sourceIds)] : [];
  return pct > strength.max
    ? [finding('strengthTooHigh', { agentId: id, pct, maxPct: strength.max }, sourceIds)]
    : [];
}
