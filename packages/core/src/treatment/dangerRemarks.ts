import { type Finding, finding } from '../finding/finding.js';
import { cautionsHere } from './case/cautionsHere.js';
import { explosivesHere, isUntouchable } from './case/explosivesHere.js';
import { fumesHere } from './case/fumesHere.js';
import type { PlanContext } from './case/planContext.js';
import { reactionFinding } from './case/reactionFinding.js';
import { rottenHere } from './case/rottenHere.js';
import { spoilersHere } from './case/spoilersHere.js';
import { heatsItself, isSoakedWithFuel, isVapour } from './case/vapourHere.js';

/** What explodes, gives off gas, burns or poisons on the piece, whatever of the trouble is left. */
export function dangerRemarks(context: PlanContext): Finding[] {
  const solvents = context.residues.filter(isVapour).map(({ id }) => id);
  const rotten = rottenHere(context);
  return [
    ...explosivesHere(context).map(({ component, agent }) =>
      finding('explosiveWhenDry', { componentId: component.id, agentId: agent.id }, ['chemHandbook']),
    ),
    ...spoilersHere(context).map(({ id, sourceIds }) => finding('fluorideOnIt', { agentId: id }, sourceIds)),
    ...fumesHere(context).map(reactionFinding),
    ...(isSoakedWithFuel(context) ? [finding('soakedWithFuel', {}, ['commonPractice'])] : []),
    ...(heatsItself(context) ? [finding('soakedWithDryingOil', {}, ['commonPractice'])] : []),
    ...(rotten ? [finding('rottenInside', { by: rotten }, ['commonPractice'])] : []),
    ...(solvents.length > 0 ? [finding('solventOnIt', { agentIds: solvents.sort() }, ['poisonCentre'])] : []),
  ];
}

/** Dangers that a pass would have said: with none offered they are said by themselves. */
export const dangerFindings = (context: PlanContext): Finding[] =>
  cautionsHere(context)
    .filter(({ severity }) => severity === 'danger')
    .map(({ id, text, sourceIds }) => finding('dangerHere', { cautionId: id, text }, sourceIds));

/** Why it is neither worked on nor carried to a cleaner; null where that is not so. */
export function forNobodyBecause(
  context: PlanContext,
): 'explosive' | 'fluoride' | 'fuel' | 'dryingOil' | 'rotten' | null {
  if (isUntouchable(context)) return 'explosive';
  if (spoilersHere(context).length > 0) return 'fluoride';
  if (isSoakedWithFuel(context)) return 'fuel';
  if (heatsItself(context)) return 'dryingOil';
  return rottenHere(context) ? 'rotten' : null;
}
