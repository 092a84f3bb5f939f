import type { Knowledge, SlowDryer } from '@feverfew/knowledge';
import type { WaterSpan } from './waterAfter.js';

/** On the line in the sun, on it in the shade, on an airer indoors, laid flat indoors, over a chair. */
export const HANGING_PLACES = ['line', 'shade', 'rack', 'flat', 'chair'] as const;
export type HangingPlace = (typeof HANGING_PLACES)[number];

export const isOutdoors = (place: HangingPlace): boolean => place === 'line' || place === 'shade';

/**
 * How a piece lies while it dries: so many times as long as one layer in free air. For thick pieces, the hours it takes
 * after a spin at 1200 rpm, or rolled in a towel.
 */
export type DryingLie =
  | { readonly kind: 'layers'; readonly slower: number }
  | { readonly kind: 'thick'; readonly hours: WaterSpan; readonly after: SlowDryer['after'] };

/** One layer with air on both faces, as on a rope. */
export const FREE: DryingLie = { kind: 'layers', slower: 1 };

/** A piece with more cloth than this lies in layers on an airer or a chair, m². Our own choice: no garment has as much. */
const FOLDED_FROM_M2 = 2.5;

interface Lying {
  readonly itemId: string | null;
  readonly fibreIds: readonly string[];
  readonly place: HangingPlace;
  /** Of one piece, m². */
  readonly areaM2: number;
  /** Nothing else dries on the same airer. */
  readonly isAlone: boolean;
}

type Rates = Pick<Knowledge, 'dryingLies' | 'slowDryers'>;

/** How a piece lies in that place, from the knowledge. A place that is not for it counts as lying in layers. */
export function dryingLieOf(
  { itemId, fibreIds, place, areaM2, isAlone }: Lying,
  knowledge: Rates,
): DryingLie {
  const slow = slowDryerOf(itemId, fibreIds, knowledge);
  const hours = slow?.[columnOf(place)];
  if (slow && hours) return { kind: 'thick', hours, after: slow.after };
  const lie = knowledge.dryingLies.find(({ id }) => id === place);
  if (!lie) return FREE;
  const slower = isAlone ? lie.alone : lie.slower;
  return { kind: 'layers', slower: areaM2 > FOLDED_FROM_M2 ? slower * lie.folded : slower };
}

/** Whether a piece can be dried there at all, whatever its fibre and tag say. */
export const canLie = (
  itemId: string | null,
  fibreIds: readonly string[],
  place: HangingPlace,
  knowledge: Rates,
): boolean => slowDryerOf(itemId, fibreIds, knowledge)?.[columnOf(place)] !== null;

const slowDryerOf = (
  itemId: string | null,
  fibreIds: readonly string[],
  { slowDryers }: Rates,
): SlowDryer | undefined =>
  slowDryers.find(
    (one) =>
      itemId !== null &&
      one.itemIds.includes(itemId) &&
      (one.fibreIds.length === 0 || one.fibreIds.some((id) => fibreIds.includes(id))),
  );

const columnOf = (place: HangingPlace) => (place === 'shade' ? 'line' : place);
