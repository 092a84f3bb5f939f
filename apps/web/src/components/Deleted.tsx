import { Box, Flex } from '@chakra-ui/react';
import type { NewPiece, NewTrouble } from '@feverfew/contracts';
import { useLocation, useNavigate } from 'react-router';
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

/** What stands there once it is brought back: a reload must not offer it a second time. */
interface BackState {
  readonly back: string;
}

/** At the head of the page one comes to after a deletion: what is gone, and the way back. */
export function Deleted() {
  const { state } = useLocation();
  const { deleted, back } = (state ?? {}) as Partial<DeletedState & BackState>;
  const navigate = useNavigate();
  const keep = useKeepTrouble();
  const enter = useEnterPiece();
  if (!deleted)
    return back ? (
      <Box role="status" bg="leafTint" padding="12px 14px">
        Back: {back}
      </Box>
    ) : null;
  const error = keep.error ?? enter.error;
  const onSuccess = () => {
    const now: BackState = { back: deleted.name };
    void navigate('.', { replace: true, state: now, preventScrollReset: true });
  };
  const undo = () =>
    'trouble' in deleted
      ? keep.mutate(deleted.trouble, { onSuccess })
      : enter.mutate(deleted.piece, { onSuccess });
  return (
    <Flex role="status" gap="4px 14px" align="center" wrap="wrap" bg="leafTint" padding="6px 14px">
      <Box flex="1 1 200px">{error ? error.message : `Deleted: ${deleted.name}`}</Box>
      <Button disabled={keep.isPending || enter.isPending} onClick={undo}>
        Undo
      </Button>
    </Flex>
  );
}
