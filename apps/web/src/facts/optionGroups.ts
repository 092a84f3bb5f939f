import type { Catalogue, PieceSummary } from '@feverfew/contracts';
import type { OptionGroup } from '../components/controls/OptionPicker';
import { frequentMarkIds } from './recentMarks';

const KIND_TITLES = {
  mark: 'Marks',
  yellowing: 'Yellow or grey',
  dyeRun: 'Dye runs',
  odour: 'Smells',
  buildUp: 'Build-up',
} as const;

/** Troubles to choose from: recent ones first, then by kind. */
export function markGroups(catalogue: Catalogue): OptionGroup[] {
  const recent = frequentMarkIds().flatMap((id) => catalogue.marks.filter((mark) => mark.id === id));
  const rest = catalogue.marks.filter((mark) => !recent.includes(mark));
  return [
    ...(recent.length > 0 ? [{ title: 'Lately', options: recent }] : []),
    ...Object.entries(KIND_TITLES).map(([kind, title]) => ({
      title,
      options: rest.filter((mark) => mark.kind === kind),
    })),
  ];
}

/** Pieces to choose from: those of the linen book first, found by the words of their kind too. */
export function pieceGroups(catalogue: Catalogue, pieces: readonly PieceSummary[]): OptionGroup[] {
  const nameOf = (itemId: string) => catalogue.items.find((item) => item.id === itemId)?.name ?? '';
  return [
    {
      title: 'Your linen',
      options: pieces.map((piece) => ({
        id: piece.id,
        name: piece.name,
        aliases: [
          nameOf(piece.itemId),
          ...(catalogue.items.find((item) => item.id === piece.itemId)?.aliases ?? []),
        ],
        hint: nameOf(piece.itemId),
      })),
    },
    { title: 'Something else', options: catalogue.items },
  ];
}
