import { STANDING_CAUTIONS } from '@feverfew/knowledge';
import type { WorkMark } from '../../trouble/workMarks.js';

/** Care for the person that a trouble asks for, whatever method is used; a trace of a component asks for none. */
export function soilCautions(marks: readonly WorkMark[]): string[] {
  return [
    ...new Set([
      ...(marks.some((work) => work.isBodyFluid) ? STANDING_CAUTIONS.bodyFluid : []),
      ...marks.flatMap((work) =>
        work.told.flatMap(({ component, weight }) =>
          weight >= component.cautionsFromShare ? component.cautionIds : [],
        ),
      ),
    ]),
  ];
}
