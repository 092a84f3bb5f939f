import { Box, chakra, Flex } from '@chakra-ui/react';
import { useDraggable } from '@dnd-kit/core';
import type { HeapPiece } from '@feverfew/contracts';
import { useLexicon } from '../../app/useLexicon';
import { WashMark } from './drawings/Marks';
import { PieceSigns } from './drawings/Signs';
import { FoldedPiece } from './drawings/Weave';
import { kilos, pieceTitle } from './washView';

const Row = chakra('button', {
  base: {
    display: 'flex',
    alignItems: 'center',
    gap: '2.5',
    flex: '1',
    minWidth: '0',
    minHeight: { base: '3.25rem', md: '2.3125rem' },
    textAlign: 'start',
    borderRadius: 'sm',
    paddingInline: '1',
    touchAction: 'manipulation',
    _hover: { bg: 'track' },
    '&[aria-pressed=true]': { outline: '2px solid', outlineColor: 'leaf', bg: 'leafTint' },
  },
});

/** One piece of the heap: drawn, named, with its signs; a tap, Enter or Space lifts it, a drag takes it along. */
export function HeapPieceRow({
  piece,
  isLifted,
  stays = false,
  why,
  onLift,
  onEdit,
}: {
  piece: HeapPiece;
  isLifted: boolean;
  stays?: boolean;
  /** In place of what it is of: why it stays out. */
  why?: string;
  onLift: () => void;
  onEdit: () => void;
}) {
  const say = useLexicon();
  const { attributes, listeners, setNodeRef, isDragging } = useDraggable({ id: piece.id });
  const { onKeyDown: _keys, ...pointer } = listeners ?? {};
  return (
    <Flex align="center" opacity={isDragging ? 0.5 : 1}>
      <Row
        ref={setNodeRef}
        type="button"
        {...pointer}
        aria-roledescription={attributes['aria-roledescription']}
        aria-pressed={isLifted}
        data-piece={piece.id}
        onClick={onLift}
      >
        <FoldedPiece piece={piece} stays={stays} />
        <Box flex="1" minWidth="0">
          <Box fontWeight={700} lineHeight="1.2" {...(why ? {} : ONE_LINE)}>
            {pieceTitle(piece)}
          </Box>
          <Box fontSize="small" color="soft" lineHeight="1.25" {...(why ? {} : ONE_LINE)}>
            {why ?? ofWhat(piece, say.name)}
            {piece.openMarkIds.map((id, at) => (
              <Box as="span" key={id}>
                {/* A reason is a sentence, and is followed by none of its commas. */}
                {why && at === 0 ? ' ' : ', '}
                <Box as="span" color="ink" fontWeight={650} borderBottom="2.5px solid" borderColor="disc">
                  {say.name(id)}
                </Box>
              </Box>
            ))}
          </Box>
        </Box>
        <PieceSigns piece={piece} />
        <Box
          as="span"
          fontSize="small"
          minWidth="1.875rem"
          textAlign="end"
          title={piece.assumed.includes('mass') ? 'a guess' : undefined}
        >
          {piece.assumed.includes('mass') ? '~' : ''}
          {kilos(piece.massG)}
        </Box>
      </Row>
      <EditButton type="button" aria-label={`Change ${piece.name}`} onClick={onEdit}>
        <WashMark of="change" size={15} />
      </EditButton>
    </Flex>
  );
}

/** On a desk a line of its own each; a phone has the room to wrap. */
const ONE_LINE = {
  overflow: 'hidden',
  textOverflow: 'ellipsis',
  whiteSpace: { base: 'normal', md: 'nowrap' },
} as const;

const EditButton = chakra('button', {
  base: {
    flexShrink: 0,
    display: 'inline-flex',
    alignItems: 'center',
    justifyContent: 'center',
    minWidth: { base: '2.75rem', md: '1.75rem' },
    minHeight: { base: '2.75rem', md: '1.75rem' },
    color: 'soft',
    _hover: { color: 'leaf' },
  },
});

/** "white cotton"; what was taken for granted is said. */
function ofWhat(piece: HeapPiece, name: (id: string) => string): string {
  const colour = piece.colour === 'unknown' || piece.colour === 'multicoloured' ? 'patterned' : piece.colour;
  const fibre = piece.fibreIds[0] ? ` ${name(piece.fibreIds[0])}` : '';
  const guess = piece.assumed.includes('colour') ? 'assumed ' : '';
  const taken = piece.assumed.includes('tag')
    ? ', usual tag'
    : piece.assumed.includes('fastness')
      ? ', washed often'
      : '';
  return `${guess}${colour}${fibre}${taken}`;
}
