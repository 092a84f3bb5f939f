import { Box, chakra } from '@chakra-ui/react';
import { addressOf } from '@feverfew/contracts';
import { Clock3 } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { useLexicon, useMeasures } from '../../app/useLexicon';
import { Button } from '../../components/controls/controls';
import { DRAWN, ShelfDrawing } from '../../components/drawings/ShelfDrawing';
import { Board } from '../../components/layout/Board';
import { boardGrid } from '../../components/layout/boardGrid';
import { massText } from '../../components/text/measureText';
import { marksText } from '../../facts/sentenceView';
import { nextActionView } from '../today/nextActionView';
import { type PieceState, type ShelvedPiece, shortBlend } from './shelves';

/** Pieces next to each other on one board, by the width of the window. */
export const ABREAST = { base: 2, md: 4, lg: 5, xl: 7 } as const;
/** From here on a house has so many pieces that each shelf shows only its first boards. */
const MANY_PIECES = 40;
const FIRST_SHOWN = 14;

interface ShelfProps {
  /** null = a board without a name, where the order is not by shelf. */
  readonly name: string | null;
  readonly pieces: readonly ShelvedPiece[];
  readonly isHung: boolean;
  /** Pieces in all of the house. */
  readonly count: number;
  /** Pieces that do not need this are faded. */
  readonly only: PieceState | null;
  readonly nowMs: number;
}

/** A board with its pieces; over many it folds to its first ones, with a count. */
export function Shelf({ name, pieces, isHung, count, only, nowMs }: ShelfProps) {
  const [isWhole, setWhole] = useState(count <= MANY_PIECES);
  const shown = isWhole ? pieces : pieces.slice(0, FIRST_SHOWN);
  const { gridColumn, inside } = boardGrid(shown.length, ABREAST);
  return (
    <Box as="section" aria-label={name ?? 'Pieces'} minWidth="0" gridColumn={gridColumn}>
      <Box as="ul" listStyleType="none" display="grid" rowGap="4" gridTemplateColumns={inside}>
        {shown.map((one, at) => (
          <li key={one.piece.id} style={{ minWidth: 0 }}>
            <OnShelf
              one={one}
              shelf={at === 0 ? name : null}
              isHung={isHung}
              isFaded={only !== null && !one.states.includes(only)}
              nowMs={nowMs}
            />
          </li>
        ))}
      </Box>
      {!isWhole && pieces.length > FIRST_SHOWN && (
        <Button variant="plain" marginTop="2" onClick={() => setWhole(true)}>
          {pieces.length - FIRST_SHOWN} more
        </Button>
      )}
    </Box>
  );
}

const PieceLink = chakra(Link, {
  base: {
    display: 'block',
    textAlign: 'center',
    lineHeight: '1.3',
    height: '100%',
    _hover: { bg: 'leafTint' },
    _focusVisible: { outline: '2px solid', outlineColor: 'leaf', outlineOffset: '-2px' },
  },
});

interface OnShelfProps {
  readonly one: ShelvedPiece;
  readonly shelf: string | null;
  readonly isHung: boolean;
  readonly isFaded: boolean;
  readonly nowMs: number;
}

function OnShelf({ one, shelf, isHung, isFaded, nowMs }: OnShelfProps) {
  const say = useLexicon();
  const { piece } = one;
  const mass = `${one.isMassAssumed ? '~' : ''}${massText(one.drawn.massG, useMeasures())}`;
  return (
    <PieceLink to={`/pieces/${piece.id}`} data-on-shelf>
      <Box
        paddingInline="1"
        borderTop={isHung ? '3px solid' : undefined}
        borderBottom={isHung ? undefined : '3px solid'}
        borderColor="ink"
        paddingTop={isHung ? '0' : '1'}
      >
        <Box opacity={isFaded ? 0.2 : 1}>
          {piece.photoId === null || one.drawn.isAway ? (
            <ShelfDrawing {...one.drawn} />
          ) : (
            <Photo photoId={piece.photoId} />
          )}
        </Box>
      </Box>
      <Board name={shelf} />
      <Box paddingInline="1" color={isFaded ? 'soft' : undefined}>
        <Box fontWeight={isFaded ? 400 : 650} fontSize="note" marginTop="1.5" overflowWrap="anywhere">
          {piece.name}
        </Box>
        <Box color="soft" fontSize="small">
          {shortBlend(piece, say)}, {mass}
        </Box>
        <Needs one={one} nowMs={nowMs} />
      </Box>
    </PieceLink>
  );
}

const Photo = ({ photoId }: { readonly photoId: string }) => (
  <Box
    height={`min(${DRAWN.height}px, 6.5rem)`}
    display="flex"
    alignItems="flex-end"
    justifyContent="center"
    paddingTop="2"
  >
    <img
      src={addressOf('downloadPhoto', { id: photoId })}
      alt=""
      loading="lazy"
      style={{ objectFit: 'cover', height: '100%', aspectRatio: '1', border: '2px solid', borderBottom: 0 }}
    />
  </Box>
);

/** What it needs, in words: the most urgent alone. */
function Needs({ one, nowMs }: { readonly one: ShelvedPiece; readonly nowMs: number }) {
  const say = useLexicon();
  const [state] = one.states;
  switch (state) {
    case undefined:
      return null;
    case 'water':
      return (
        <Box color="water" fontWeight={650} fontSize="small">
          {one.run?.vesselName ? `${one.run.vesselName}, ` : ''}
          {one.run && nextActionView(one.run, nowMs).short}
        </Box>
      );
    case 'worn':
      return (
        <Box color="brick" fontWeight={650} fontSize="small">
          worn: look at it
        </Box>
      );
    case 'trouble':
      return (
        <Box fontWeight={650} fontSize="small">
          <Box as="span" borderBottom="3px solid" borderColor="disc">
            {marksText(one.openMarkIds, say)}
          </Box>
        </Box>
      );
    case 'due':
      return (
        <Box fontWeight={650} fontSize="small" display="flex" justifyContent="center" gap="1">
          <Clock3 size={16} aria-hidden="true" style={{ flexShrink: 0, marginTop: 1 }} />
          {one.piece.due.length === 1 ? 'care due' : `care due: ${one.piece.due.length}`}
        </Box>
      );
  }
}
