import { STANDING_ALARMS, STANDING_CAUTIONS, STANDING_NOTES } from '@feverfew/knowledge';
import type { Action } from '../plan/action.js';
import type { ActionsInput } from './actionsInput.js';
import { draftAction } from './draftAction.js';

/** What comes before the mix: rinse out the last product, lift solids, first aid, hidden test. */
export function beforeActions(
  { eligible: { method, window, remarks }, context, passIndex }: ActionsInput,
  cautionIds: readonly string[],
): Action[] {
  const { facts, marks, rinsable } = context;
  const residue = passIndex > 0 || facts.tried.length > 0;
  const hiddenTest = remarks.some((remark) => remark.code === 'hiddenTestFirst');
  const bodyFluid = marks.some((work) => work.mark.bodyFluid);
  const wetRung = method.wetting !== 'dry';
  const cold = {
    min: 5,
    max: Math.min(30, context.envelope.tempC.max),
    target: Math.min(15, context.envelope.tempC.max),
  };
  const surfaceMayBeWet = context.envelope.wetting.most !== 'dry';
  const fluidCautions = bodyFluid ? STANDING_CAUTIONS.bodyFluid : [];
  const soilCautions = [
    ...new Set(marks.flatMap((work) => work.components.flatMap(({ component }) => component.cautionIds))),
  ];
  // Solids are lifted once, before anything else is on the piece.
  const solids = marks.some((work) => work.mark.hasSolids) && (marks.length === 1 || passIndex === 0);
  return [
    ...(solids ? [draftAction('lift', passIndex, { cautionIds: fluidCautions })] : []),
    ...(residue && wetRung && surfaceMayBeWet
      ? [
          draftAction('rinseBefore', passIndex, {
            rinses: 2,
            rinseWay: rinsable ? 'change' : 'damp',
            tempC: cold,
            notes: !rinsable || method.solventAftercare ? [STANDING_NOTES.dryBetween] : [],
          }),
        ]
      : []),
    ...(method.notes.firstAid || (passIndex === 0 && (bodyFluid || soilCautions.length > 0))
      ? [
          draftAction('firstAid', passIndex, {
            action: 'blot',
            notes: method.notes.firstAid ?? [],
            cautionIds: [...fluidCautions, ...soilCautions],
          }),
        ]
      : []),
    ...(hiddenTest
      ? [
          draftAction('hiddenTest', passIndex, {
            action: window.action,
            cautionIds,
            alarmSignIds: STANDING_ALARMS.colouredPiece,
          }),
        ]
      : []),
  ];
}
