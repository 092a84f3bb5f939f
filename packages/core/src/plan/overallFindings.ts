import { type Finding, finding } from '../explain/finding.js';
import { agentById, type PlanContext } from './context.js';

/** Remarks on the plan as a whole. */
export function overallFindings(context: PlanContext, rungs: number): Finding[] {
  const { facts, item, mark } = context;
  const { piece } = facts;
  const fibresUnknown = piece.parts.length === 0 || piece.parts.some((part) => part.fibres.length === 0);
  return [
    ...(rungs === 0 ? [finding('noHomeMethod', {})] : []),
    ...professionalFindings(context, rungs),
    ...(fibresUnknown ? [finding('fibresUnknown', {})] : []),
    ...(!piece.label && !item.coded ? [finding('noLabelKnown', {})] : []),
    ...(item.coded && (piece.code === null || piece.code === 'unknown') ? [finding('codeUnknown', {})] : []),
    ...(facts.triedAgentIds.length > 0
      ? [finding('rinseTriedFirst', { agentIds: facts.triedAgentIds })]
      : []),
    ...(mark.advice ? [finding('markAdvice', { markId: mark.id }, mark.sourceIds)] : []),
    ...(item.note ? [finding('itemNote', { itemId: item.id }, item.sourceIds)] : []),
    ...(['weeks', 'months'].includes(facts.age)
      ? [finding('ageLowersOdds', { age: facts.age }, ['memory'])]
      : []),
    ...(['hotWash', 'tumbled', 'ironed'].includes(facts.heat)
      ? [finding('heatLowersOdds', { heat: facts.heat }, ['memory'])]
      : []),
    finding('noHeatBeforeGone', {}),
    ...cupboardPairs(context),
  ];
}

function professionalFindings({ facts, item }: PlanContext, rungs: number): Finding[] {
  if (item.coded && facts.piece.code === 'X') return [finding('professionalHand', { because: 'codeX' })];
  if (item.coded && facts.piece.code === 'S') return [finding('professionalHand', { because: 'codeS' })];
  if (facts.piece.condition === 'antique' || facts.piece.condition === 'irreplaceable')
    return [finding('professionalHand', { because: 'antique' })];
  return rungs === 0 ? [finding('professionalHand', { because: 'noMethod' })] : [];
}

/** Dangerous neighbours in the cupboard: said even when neither is used, since hands reach for both. */
function cupboardPairs({ household, knowledge }: PlanContext): Finding[] {
  const agents = household.cupboard.map((entry) => agentById(knowledge, entry.agentId));
  const chlorine = agents.filter((agent) => agent.chemistries.includes('chlorine'));
  return chlorine.flatMap((agentA) =>
    agents.flatMap((agentB) => {
      const pair = knowledge.forbiddenPairs.find(
        (candidate) => candidate.a === 'chlorine' && agentB.chemistries.includes(candidate.b),
      );
      return pair
        ? [
            finding(
              'cupboardHoldsPair',
              { pairId: pair.id, agentAId: agentA.id, agentBId: agentB.id },
              pair.sourceIds,
            ),
          ]
        : [];
    }),
  );
}
