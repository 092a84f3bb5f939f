import type { DrumPiece } from './drumPiece.js';
import type { Machine } from './machine.js';

/**
 * A handful too big for one drum, as handfuls that fit: the same line of the heap under `id`, `id.2`, `id.3` … The
 * parts are as even as whole pieces allow.
 */
export function splitToFit(piece: DrumPiece, machine: Machine): DrumPiece[] {
  const { count, massG, litres } = piece;
  const capacityG = machine.programmes.find(({ id }) => id === piece.programme.value)?.capacityG ?? massG;
  const mostOf = (all: number, room: number) => Math.max(1, Math.floor((count * room) / all + 1e-9));
  const most = Math.min(mostOf(massG, capacityG), mostOf(litres, machine.drumL));
  const parts = Math.ceil(count / most);
  if (parts <= 1) return [piece];
  return Array.from({ length: parts }, (_, index) => {
    const own = Math.floor(count / parts) + (index < count % parts ? 1 : 0);
    return {
      ...piece,
      id: index === 0 ? piece.id : `${piece.id}.${index + 1}`,
      count: own,
      massG: (massG * own) / count,
      litres: (litres * own) / count,
    };
  });
}

/** The line of the heap a part of a handful is of. */
export const entryIdOf = (pieceId: string): string => pieceId.split('.')[0] ?? pieceId;
