import { Box, Flex } from '@chakra-ui/react';
import type { NewPiece, NewTrouble } from '@feverfew/contracts';
import { useEffect, useState } from 'react';
import { useLocation } from 'react-router';
import { useEnterPiece } from '../queries/pieceQueries';
import { useKeepTrouble } from '../queries/troubleQueries';
import { Button } from './controls';

/** What was just taken away, carried to the next page, where it can be brought back. */
export interface DeletedState {
  readonly deleted: { readonly name: string } & (
    | { readonly trouble: NewTrouble }
    | { readonly piece: NewPiece }
  );
}

/** At the head of the page one comes to after a deletion: what is gone, and the way back. */
export function Deleted() {
  const { state, key } = useLocation();
  const deleted = (state as Partial<DeletedState> | null)?.deleted;
  const keep = useKeepTrouble();
  const enter = useEnterPiece();
  const [isBack, setBack] = useState(false);
  // biome-ignore lint/correctness/useExhaustiveDependencies: each visit begins anew
  useEffect(() => setBack(false), [key]);
  if (!deleted) return null;
  const error = keep.error ?? enter.error;
  const undo = () => {
    const onSuccess = () => setBack(true);
    if ('trouble' in deleted) keep.mutate(deleted.trouble, { onSuccess });
    else enter.mutate(deleted.piece, { onSuccess });
  };
  return (
    <Flex role="status" gap="4px 14px" align="center" wrap="wrap" bg="leafTint" padding="6px 14px">
      <Box flex="1 1 200px">
        {error ? error.message : isBack ? `Back: ${deleted.name}` : `Deleted: ${deleted.name}`}
      </Box>
      {!isBack && (
        <Button disabled={keep.isPending || enter.isPending} onClick={undo}>
          Undo
        </Button>
      )}
    </Flex>
  );
}
