import type { Knowledge } from './knowledge.js';
import { LOAD_PROGRAMMES } from './vocabulary.js';

/** What must hold of the figures for drums and lines: a kind for every piece, a programme of each sort, falling water. */
export function washingFaults({
  clothKinds,
  items,
  programmeDefaults,
  waterLeft,
  dryingLies,
  slowDryers,
}: Knowledge): string[] {
  const kindsOf = (itemId: string) => clothKinds.filter((kind) => kind.itemIds.includes(itemId));
  const rest = clothKinds.filter((kind) => kind.isRest).length;
  return [
    ...(rest === 1 ? [] : [`clothKinds: ${rest} kinds stand for the rest, one should`]),
    ...items.flatMap(({ id }) =>
      kindsOf(id).length > 1 ? [`clothKinds: "${id}" is of more than one kind`] : [],
    ),
    ...LOAD_PROGRAMMES.flatMap((id) =>
      programmeDefaults.some((programme) => programme.id === id) ? [] : [`programmeDefaults: no ${id}`],
    ),
    ...dryingLies.flatMap(({ id, slower, alone }) =>
      alone > slower ? [`dryingLies.${id}: one piece alone dries slower than many`] : [],
    ),
    ...slowDryers.flatMap(({ id, line, rack }) =>
      line && rack && line.high > rack.high ? [`slowDryers.${id}: slower on the line than on an airer`] : [],
    ),
    ...(waterLeft.some((line) => line.regainFromPct === 0) ? [] : ['waterLeft: nothing for dry fibres']),
    ...waterLeft.flatMap(({ id, spun }) =>
      spun.some((one, index) => {
        const before = spun[index - 1];
        return (
          before &&
          (one.rpm <= before.rpm || one.gPerG.low > before.gPerG.low || one.gPerG.high > before.gPerG.high)
        );
      })
        ? [`waterLeft.${id}: a faster spin leaves more`]
        : [],
    ),
  ];
}
