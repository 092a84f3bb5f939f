import { Box } from '@chakra-ui/react';
import { stayWords } from '@feverfew/contracts';
import { v4 as newKey } from 'uuid';
import { useLexicon } from '../../app/useLexicon';
import { Button } from '../../components/controls/controls';
import { useWashedByHand } from '../../queries/washQueries';
import type { DrumsProps } from './drumsProps';
import { HeapPieceRow } from './HeapPieceRow';

type StayingProps = Pick<DrumsProps, 'wash' | 'arranging' | 'onEdit' | 'mayFill'> & {
  /** A rule above each, where they are a list of their own. */
  readonly ruled?: boolean;
};

/** What goes into no drum, each with its reason. */
export function StayingPieces({ wash, arranging, onEdit, mayFill, ruled = false }: StayingProps) {
  const say = useLexicon();
  const byHand = useWashedByHand();
  if (wash.stays.length === 0)
    return (
      <Box fontSize="note" color="soft">
        Nothing stays.
      </Box>
    );
  return wash.stays.map(({ pieceId, reason }) => {
    const piece = wash.pieces.find(({ id }) => id === pieceId);
    return (
      piece && (
        <Box key={pieceId} borderTop={ruled ? '1px solid' : 'none'} borderColor="line">
          <HeapPieceRow
            piece={piece}
            stays
            why={stayWords(reason, say)}
            isLifted={arranging.lifted?.id === pieceId}
            onLift={() => arranging.lift(pieceId)}
            onEdit={() => onEdit(piece)}
          />
          {mayFill && reason.code === 'byHand' && (
            <Button
              variant="outline"
              size="small"
              margin="0 0 0.5rem 3.75rem"
              aria-label={`Washed by hand: ${piece.name}`}
              disabled={byHand.isPending}
              onClick={() => byHand.mutate({ key: newKey(), lineId: piece.lineId })}
            >
              Washed by hand
            </Button>
          )}
        </Box>
      )
    );
  });
}
