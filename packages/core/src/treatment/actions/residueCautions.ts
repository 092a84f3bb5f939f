import { STANDING_CAUTIONS } from '@feverfew/knowledge';
import { explosivesHere } from '../case/explosivesHere.js';
import { fumesHere } from '../case/fumesHere.js';
import type { PlanContext } from '../case/planContext.js';
import { isVapour } from '../case/vapourHere.js';

/** Cautions that what may still be in the piece hands on, until it is rinsed out. */
export function residueCautions(context: PlanContext): string[] {
  const { residues } = context;
  return [
    ...new Set([
      ...residues.flatMap((agent) => agent.cautionIds),
      ...(residues.some(isVapour) ? STANDING_CAUTIONS.solventOnIt : []),
      ...(fumesHere(context).length > 0 ? STANDING_CAUTIONS.chlorineOnIt : []),
      ...(explosivesHere(context).length > 0 ? STANDING_CAUTIONS.keepWet : []),
    ]),
  ];
}
