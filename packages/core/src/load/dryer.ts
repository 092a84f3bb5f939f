import type { Knowledge } from '@feverfew/knowledge';
import type { DrumPiece, Held, HeldBy, Tumble } from './drumPiece.js';

/** What of a load may go into the dryer, and at what. */
export interface DryerAdvice {
  /** Heat by the weakest of those that may go in; null where none may. */
  readonly heat: Held<Exclude<Tumble, 'none'>> | null;
  /** °C of that heat, as the sign means it. ISO 3758: low is 60, normal 80. */
  readonly tempC: number | null;
  readonly inIds: readonly string[];
  /** What is taken out first, and why. */
  readonly out: readonly { readonly pieceId: string; readonly by: HeldBy | null; readonly marked: boolean }[];
  /** How kinds of cloth among them are tumbled. */
  readonly ways: readonly { readonly clothKindId: string; readonly tumbling: string }[];
  readonly overfull: boolean;
  readonly massG: number;
}

const TEMP_C = { low: 60, normal: 80 } as const;

/**
 * The dryer's own weakest member. What is not yet gone, oily or had solvent on it stays out whatever its tag says.
 * @param capacityG what the household's dryer holds, g
 */
export function dryerFor(
  pieces: readonly DrumPiece[],
  capacityG: number,
  { clothKinds }: Pick<Knowledge, 'clothKinds'>,
): DryerAdvice {
  const stays = ({ tumble, openMarkIds }: DrumPiece) => tumble.value === 'none' || openMarkIds.length > 0;
  const inside = pieces.filter((piece) => !stays(piece));
  const weakest = inside.find(({ tumble }) => tumble.value === 'low') ?? inside[0];
  const heat = weakest && weakest.tumble.value !== 'none' ? weakest.tumble.value : null;
  const massG = inside.reduce((sum, piece) => sum + piece.massG, 0);
  return {
    heat: weakest && heat ? { value: heat, by: weakest.tumble.by } : null,
    tempC: heat && TEMP_C[heat],
    inIds: inside.map(({ id }) => id),
    out: pieces.filter(stays).map(({ id, tumble, openMarkIds }) => ({
      pieceId: id,
      by: tumble.by,
      marked: openMarkIds.length > 0,
    })),
    ways: clothKinds
      .filter(({ id, tumbling }) => tumbling && inside.some((piece) => piece.clothKindId === id))
      .map(({ id, tumbling }) => ({ clothKindId: id, tumbling })),
    overfull: massG > capacityG,
    massG,
  };
}
