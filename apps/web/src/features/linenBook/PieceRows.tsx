import { Box, chakra, Flex } from '@chakra-ui/react';
import { addressOf, type PieceSummary } from '@feverfew/contracts';
import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { useRef } from 'react';
import { Link } from 'react-router';
import { useLexicon } from '../../app/useLexicon';
import { Swatch } from '../../components/drawings/Swatch';
import { labelText } from '../../facts/labelText';
import { blendText } from './pieceText';

const Row = chakra(Link, {
  base: {
    display: 'grid',
    gridTemplateColumns: { base: 'minmax(0,1fr) auto', md: '1.1fr 1.3fr 1fr 1.1fr' },
    gap: '2px 1.125rem',
    paddingBlock: '2',
    borderBottom: '1px solid',
    borderColor: 'line',
    minHeight: '4rem',
    alignItems: 'center',
    _hover: { bg: 'leafTint' },
  },
});

const ROW_PX = 68;

/** Only the rows in sight are drawn: five hundred pieces scroll like twenty. */
export function PieceRows({ pieces }: { pieces: readonly PieceSummary[] }) {
  const say = useLexicon();
  const list = useRef<HTMLUListElement>(null);
  const rows = useWindowVirtualizer({
    count: pieces.length,
    estimateSize: () => ROW_PX,
    overscan: 12,
    scrollMargin: list.current?.offsetTop ?? 0,
    getItemKey: (index) => pieces[index]?.id ?? index,
  });
  return (
    <ul ref={list} style={{ position: 'relative', height: rows.getTotalSize(), listStyleType: 'none' }}>
      {rows.getVirtualItems().map(({ index, key, start }) => {
        const piece = pieces[index];
        return (
          piece && (
            <li
              key={key}
              ref={rows.measureElement}
              data-index={index}
              style={{
                position: 'absolute',
                insetInline: 0,
                transform: `translateY(${start - rows.options.scrollMargin}px)`,
              }}
            >
              <Row to={`/pieces/${piece.id}`}>
                <Flex minWidth="0" gap="3" align="center">
                  <Known piece={piece} />
                  <Box minWidth="0">
                    <Box fontWeight={650}>{piece.name}</Box>
                    <Box color="soft" fontSize="note">
                      {say.name(piece.itemId)}
                    </Box>
                  </Box>
                </Flex>
                <Box fontSize="note" display={{ base: 'none', md: 'block' }}>
                  {blendText(piece, say)}
                </Box>
                <Box fontSize="note" display={{ base: 'none', md: 'block' }}>
                  {piece.code ? `code ${piece.code}` : labelText(piece.label)}
                </Box>
                <Stands piece={piece} />
              </Row>
            </li>
          )
        );
      })}
    </ul>
  );
}

const PICTURE_PX = 44;

/** What a piece is known by at a glance: its picture, or how light it is. */
function Known({ piece }: { piece: PieceSummary }) {
  return piece.photoId === null ? (
    <Swatch colour={piece.colour} />
  ) : (
    <img
      src={addressOf('downloadPhoto', { id: piece.photoId })}
      alt=""
      width={PICTURE_PX}
      height={PICTURE_PX}
      loading="lazy"
      style={{ objectFit: 'cover', borderRadius: 6, height: PICTURE_PX }}
    />
  );
}

/** Troubles and rounds, and pieces that need a look: worn, or due. */
function Stands({ piece }: { piece: PieceSummary }) {
  const troubles =
    piece.troubles === 0 ? 'no trouble' : piece.troubles === 1 ? '1 trouble' : `${piece.troubles} troubles`;
  return (
    <Flex direction="column" fontSize="note" alignItems={{ base: 'flex-end', md: 'flex-start' }}>
      <Box color="soft">
        {troubles}
        {piece.rounds > 0 ? `, ${piece.rounds} ${piece.rounds === 1 ? 'round' : 'rounds'}` : ''}
      </Box>
      {piece.wear.length > 0 && <Box color="brick">▲ worn: look at it</Box>}
      {piece.due.length > 0 && (
        <Box color="water">● {piece.due.length === 1 ? 'upkeep due' : `${piece.due.length} things due`}</Box>
      )}
    </Flex>
  );
}
