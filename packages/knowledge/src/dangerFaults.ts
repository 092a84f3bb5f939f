import type { Knowledge } from './knowledge.js';

/** Marks and products that hold fuel or solvent, by the words people call them by. */
const FUELS = /\b(petrol|gasoline|diesel|kerosene|lighter fluid|lamp oil|white spirit|turpentine)\b/i;

/** Pages of dangers that two words lead to, and marks that burn and do not say so. */
export function dangerFaults({ dangers, marks, components, items }: Knowledge): string[] {
  const owner = new Map<string, string>();
  const twice = dangers.flatMap(({ id, aliases }) =>
    aliases.flatMap((alias) => {
      const other = owner.get(alias);
      owner.set(alias, id);
      return other ? [`dangers.${id}: "${alias}" leads to ${other} as well`] : [];
    }),
  );
  const vapour = new Set(components.filter(({ vapourBurns }) => vapourBurns).map(({ id }) => id));
  const silent = marks
    .filter(({ name, aliases }) => [name, ...aliases].some((word) => FUELS.test(word)))
    .filter((mark) => !mark.components.some(({ componentId }) => vapour.has(componentId)))
    .map(({ id }) => `marks.${id}: called by the name of a fuel, and none of its components burns`);
  const unheld = items
    .filter(({ bearsLoad, mostTempC, labelDecides }) => bearsLoad && (mostTempC === null || !labelDecides))
    .map(({ id }) => `items.${id}: holds somebody, and has no limit of heat or does not go by its label`);
  return [...twice, ...silent, ...unheld];
}
