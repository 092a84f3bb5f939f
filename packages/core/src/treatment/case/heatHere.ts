import type { PlanContext } from './planContext.js';

type Case = Pick<PlanContext, 'marks' | 'envelope'>;

/**
 * A dryer or an iron sets nothing of what is left: stale smell, lime and their like. A mark or a run waits for the look,
 * whatever it is of, and so does all that burns.
 */
export const bearsDryHeat = ({ marks }: Pick<Case, 'marks'>): boolean =>
  marks.every(
    ({ kinds, components }) =>
      !kinds.has('mark') && !kinds.has('dyeRun') && components.every(({ component }) => !component.heatSets),
  );

/** Nothing of what is left sets in hot water. */
export const bearsHotWash = ({ marks, envelope }: Case): boolean =>
  envelope.tempC.limits.every(({ owner }) => owner.kind !== 'soil') &&
  marks.every(({ components }) => components.every(({ component }) => component.plainWashMaxC === null));
