import { Box, Grid } from '@chakra-ui/react';
import { type Catalogue, type PieceHistory, upperFirst } from '@feverfew/contracts';
import type { ReactNode } from 'react';
import { type Lexicon, useLexicon } from '../../app/useLexicon';
import { FrontDrawing } from '../../components/drawings/FrontDrawing';
import { COLOUR_WORDS, CONDITION_WORDS, FASTNESS_WORDS, marksText } from '../../facts/sentenceView';
import { fibresText } from './pieceText';
import { drawnPiece } from './shelves';

interface PieceFigureProps {
  readonly history: PieceHistory;
  readonly catalogue: Catalogue;
}

/** The piece from the front, its parts named at its side. */
export function PieceFigure({ history, catalogue }: PieceFigureProps) {
  const say = useLexicon();
  const rows = rowsOf(history, say);
  const openMarkIds = openMarksOf(history);
  return (
    <Grid
      templateColumns={{ base: '1fr', md: 'minmax(0, 1.5fr) minmax(0, 1fr)' }}
      gap="1"
      alignItems="stretch"
    >
      <Box maxWidth={{ base: '16rem', md: 'none' }} marginInline={{ base: 'auto', md: '0' }}>
        <FrontDrawing
          piece={drawnPiece(history.piece, catalogue, { isMarked: openMarkIds.length > 0, isAway: false })}
          lines={rows.length}
        />
      </Box>
      <Box as="dl" display="flex" flexDirection="column" gap={{ base: '2', md: '0' }}>
        {rows.map(({ term, text, open }) => (
          <Box
            key={term}
            flex={{ base: 'none', md: '1 1 0' }}
            display="flex"
            flexDirection="column"
            justifyContent="center"
          >
            <Box as="dt" fontWeight={650}>
              {term}
            </Box>
            <Box as="dd" color="soft" fontSize="note">
              {text}
              {open && (
                <Box as="span" display="block" color="ink" fontWeight={650}>
                  <Box as="span" borderBottom="3px solid" borderColor="disc">
                    {open}
                  </Box>
                </Box>
              )}
            </Box>
          </Box>
        ))}
      </Box>
    </Grid>
  );
}

/** Marks of its troubles that are not settled. */
export const openMarksOf = ({ troubles }: PieceHistory): readonly string[] =>
  troubles.filter(({ status }) => status !== 'settled').flatMap(({ markIds }) => markIds);

interface FigureRow {
  readonly term: string;
  readonly text: ReactNode;
  /** What is open on it, underlined. */
  readonly open?: string | undefined;
}

/** At most four rows: a part each while there is room, then its colour and state, then what is on it. */
const MAX_PARTS = 2;

function rowsOf(history: PieceHistory, say: Lexicon): FigureRow[] {
  const { piece } = history;
  const parts = piece.parts.slice(0, MAX_PARTS).map((part, at) => ({
    term: piece.parts.length > 1 ? upperFirst(part.name) : 'Cloth',
    text:
      fibresText(part, say) +
      (at === MAX_PARTS - 1 && piece.parts.length > MAX_PARTS
        ? `; ${piece.parts.length - MAX_PARTS} more parts`
        : ''),
  }));
  const colour = {
    term: 'Colour',
    text:
      piece.colour === 'white'
        ? 'white'
        : `${COLOUR_WORDS[piece.colour]}, ${FASTNESS_WORDS[piece.fastness].replace(/^colour /, '')}`,
  };
  const marks = openMarksOf(history);
  const state = {
    term: 'State',
    text: `${CONDITION_WORDS[piece.condition]}, ${piece.metalParts ? 'metal on it' : 'no metal'}`,
    open: marks.length > 0 ? `${marksText(marks, say)}: open` : undefined,
  };
  return [...parts, colour, state];
}
