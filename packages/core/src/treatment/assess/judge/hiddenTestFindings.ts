import type { Method } from '@feverfew/knowledge';
import { windowOf } from '../../../envelope/envelope.js';
import { type Finding, finding } from '../../../finding/finding.js';
import type { PlanContext } from '../../case/planContext.js';

/** Which chemistry asks for a hidden test, and why; also the warning that a reducer takes the piece's own dye. */
export function hiddenTestFindings(method: Method, { envelope, index }: PlanContext): Finding[] {
  const { agents, chemistries } = index.factsOf(method);
  return chemistries.flatMap((chemistry) => {
    const limit = windowOf(envelope, chemistry).limits.find((candidate) => candidate.verdict === 'test');
    if (!limit) return [];
    const test = finding('hiddenTestFirst', { chemistry, owner: limit.owner }, limit.sourceIds);
    const reducer = agents.find((agent) => agent.chemistries.includes('reducer'));
    return chemistry === 'reducer' && reducer && limit.owner.kind === 'colour'
      ? [test, finding('ownDyeAtRisk', { agentId: reducer.id }, limit.sourceIds)]
      : [test];
  });
}
