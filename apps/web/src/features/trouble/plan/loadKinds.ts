import { BLANK_LABEL, type TroubleFacts } from '@feverfew/contracts';

/** A kind of piece in a load, and the facts that make the plan its own. */
export interface LoadKind {
  readonly name: string;
  readonly isChosen: boolean;
  readonly change: Partial<TroubleFacts>;
}

const FINE = ['wool', 'silk', 'cashmere', 'mohair', 'alpaca', 'angora'];

/** The kinds of pieces that a load is sorted into, each with one tap to its plan. */
export function loadKinds({ piece }: Pick<TroubleFacts, 'piece'>): LoadKind[] {
  const isFine = piece.parts.some(({ fibres }) => fibres.some(({ fibreId }) => FINE.includes(fibreId)));
  const parts = isFine ? [] : piece.parts;
  const label = isFine ? null : piece.label;
  const [part] = piece.parts;
  const wool = { name: part?.name ?? '', fibres: [{ fibreId: 'wool', sharePct: 100 }] };
  return [
    {
      name: 'Whites',
      isChosen: !isFine && piece.colour === 'white',
      change: { piece: { ...piece, parts, label, colour: 'white' } },
    },
    {
      name: 'Colours',
      isChosen: !isFine && !['white', 'unknown'].includes(piece.colour),
      change: { piece: { ...piece, parts, label, colour: piece.colour === 'dark' ? 'dark' : 'mid' } },
    },
    {
      name: 'Wool or silk',
      isChosen: isFine,
      change: {
        piece: { ...piece, parts: [wool], label: { ...BLANK_LABEL, wash: { kind: 'hand' } } },
      },
    },
  ];
}
