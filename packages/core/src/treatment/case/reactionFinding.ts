import { type Finding, finding } from '../../finding/finding.js';
import type { Reaction } from './fumesHere.js';

/** A reaction on the piece as a finding. */
export const reactionFinding = ({ agentId, with: other }: Reaction): Finding =>
  other.kind === 'soil'
    ? finding('chlorineFumesFrom', { componentId: other.component.id }, ['poisonCentre'])
    : finding('productsReact', { agentAId: agentId, agentBId: other.agentId, pairId: other.pairId }, [
        'poisonCentre',
      ]);
