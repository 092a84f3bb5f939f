import type { Agent } from '@feverfew/knowledge';
import { type Finding, finding } from '../explain/finding.js';
import type { Household } from './household.js';

/** Nothing is dosed from a bottle whose strength matters and is not known, is too weak, or past what a household should handle. */
export function strengthFindings(agent: Agent, household: Household): Finding[] {
  const entry = household.cupboard.find((candidate) => candidate.agentId === agent.id);
  const { strength } = agent;
  if (!entry || !strength) return [];
  const { strengthPct } = entry;
  if (strengthPct === null)
    return strength.mustBeKnown ? [finding('strengthUnknown', { agentId: agent.id }, agent.sourceIds)] : [];
  if (strengthPct > strength.max)
    return [
      finding(
        'strengthTooHigh',
        { agentId: agent.id, pct: strengthPct, maxPct: strength.max },
        agent.sourceIds,
      ),
    ];
  if (strengthPct < strength.recipe * 0.8) {
    return [
      finding(
        'strengthTooLow',
        { agentId: agent.id, pct: strengthPct, recipePct: strength.recipe },
        agent.sourceIds,
      ),
    ];
  }
  return [];
}
