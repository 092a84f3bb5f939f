import type { Step } from '../step.js';
import { draftStep } from './draftStep.js';
import type { StepsInput } from './stepsInput.js';

/** What comes before the mix: rinse out the last product, lift solids, first aid, hidden test. */
export function beforeSteps(
  { method, context, rungIndex, hiddenTest, window }: StepsInput,
  cautionIds: readonly string[],
): Step[] {
  const { facts, mark, rinsable } = context;
  const residue = rungIndex > 0 || facts.triedAgentIds.length > 0;
  const wetRung = method.wetting !== 'dry';
  const cold = {
    min: 5,
    max: Math.min(30, context.envelope.tempC.max),
    target: Math.min(15, context.envelope.tempC.max),
  };
  const surfaceMayBeWet = context.envelope.wetting.most !== 'dry';
  const fluidCautions = mark.bodyFluid ? ['bodyFluids', 'gloves'] : [];
  const soilCautions = mark.components.flatMap(
    (part) =>
      context.knowledge.components.find((component) => component.id === part.componentId)?.cautionIds ?? [],
  );
  return [
    ...(mark.hasSolids ? [draftStep('lift', rungIndex, { cautionIds: fluidCautions })] : []),
    ...(residue && wetRung && surfaceMayBeWet
      ? [
          draftStep('rinseBefore', rungIndex, {
            rinses: 2,
            rinseWay: rinsable ? 'change' : 'damp',
            tempC: cold,
            notes: !rinsable || method.solventAftercare ? ['Let it dry before the next product.'] : [],
          }),
        ]
      : []),
    ...(method.notes.firstAid || (rungIndex === 0 && (mark.bodyFluid || soilCautions.length > 0))
      ? [
          draftStep('firstAid', rungIndex, {
            action: 'blot',
            notes: method.notes.firstAid ?? [],
            cautionIds: [...fluidCautions, ...soilCautions],
          }),
        ]
      : []),
    ...(hiddenTest
      ? [
          draftStep('hiddenTest', rungIndex, {
            action: window.action,
            cautionIds,
            alarmSignIds: ['dyeOnCloth', 'groundChanges'],
          }),
        ]
      : []),
  ];
}
