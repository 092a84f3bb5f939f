import { type Knowledge, STANDING_CAUTIONS } from '@feverfew/knowledge';
import { indexKnowledge } from '../../lookup/knowledgeIndex.js';
import type { WorkMark } from '../../trouble/workMarks.js';

/** Care for the person that a trouble asks for, whatever method is used; a trace of a component asks for none. */
export function soilCautions(told: readonly WorkMark[], knowledge: Knowledge): string[] {
  const { components } = indexKnowledge(knowledge);
  const marks = told.flatMap((work) => work.causes.map((cause) => cause.mark));
  const parts = marks.flatMap((mark) => mark.components);
  return [
    ...new Set([
      ...marks.flatMap((mark) => mark.cautionIds),
      ...(told.some((work) => work.isBodyFluid) ? STANDING_CAUTIONS.bodyFluid : []),
      ...(parts.some(({ componentId }) => components.get(componentId)?.vapourBurns)
        ? STANDING_CAUTIONS.solventOnIt
        : []),
      ...parts.flatMap(({ componentId, weight }) => {
        const component = components.get(componentId);
        return component && weight >= component.cautionsFromShare ? component.cautionIds : [];
      }),
    ]),
  ];
}
