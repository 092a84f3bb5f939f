import type { Step } from '../plan/action.js';
import type { StepsInput } from './actionsInput.js';
import { draftStep } from './draftAction.js';

/** What comes before the mix: rinse out the last product, lift solids, first aid, hidden test. */
export function beforeSteps(
  { fit: { method, window, remarks }, context, rungIndex }: StepsInput,
  cautionIds: readonly string[],
): Step[] {
  const { facts, marks, rinsable } = context;
  const residue = rungIndex > 0 || facts.tried.length > 0;
  const hiddenTest = remarks.some((remark) => remark.code === 'hiddenTestFirst');
  const bodyFluid = marks.some((work) => work.mark.bodyFluid);
  const wetRung = method.wetting !== 'dry';
  const cold = {
    min: 5,
    max: Math.min(30, context.envelope.tempC.max),
    target: Math.min(15, context.envelope.tempC.max),
  };
  const surfaceMayBeWet = context.envelope.wetting.most !== 'dry';
  const fluidCautions = bodyFluid ? ['bodyFluids', 'gloves'] : [];
  const soilCautions = [
    ...new Set(marks.flatMap((work) => work.components.flatMap(({ component }) => component.cautionIds))),
  ];
  // Solids are lifted once, before anything else is on the piece.
  const solids = marks.some((work) => work.mark.hasSolids) && (marks.length === 1 || rungIndex === 0);
  return [
    ...(solids ? [draftStep('lift', rungIndex, { cautionIds: fluidCautions })] : []),
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
    ...(method.notes.firstAid || (rungIndex === 0 && (bodyFluid || soilCautions.length > 0))
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
