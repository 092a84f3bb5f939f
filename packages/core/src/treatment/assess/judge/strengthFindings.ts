import type { Agent } from '@feverfew/knowledge';
import { type Finding, finding } from '../../../finding/finding.js';
import type { Household } from '../../../household/household.js';

/**
 * Nothing is dosed from a bottle whose strength matters and is not known, is too weak, or past what a household
 * should handle.
 */
export function strengthFindings(agent: Agent, household: Household): Finding[] {
  const entry = household.cupboard.find((candidate) => candidate.agentId === agent.id);
  const { strength } = agent;
  if (!entry || !strength) return [];
  const { strengthPct } = entry;
  const unsafe = unsafeStrength(agent, strengthPct);
  if (unsafe.length > 0) return unsafe;
  return strengthPct !== null && strengthPct < strength.recipe * 0.8
    ? [
        finding(
          'strengthTooLow',
          { agentId: agent.id, pct: strengthPct, recipePct: strength.recipe },
          agent.sourceIds,
        ),
      ]
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
