import { Box, Flex } from '@chakra-ui/react';
import type { Merged, NewPiece, NewTrouble } from '@feverfew/contracts';
import { useMutation } from '@tanstack/react-query';
import { useLocation, useNavigate } from 'react-router';
import { useEnterPiece, useTakeApart } from '../../queries/pieceQueries';
import { useKeepTrouble } from '../../queries/troubleQueries';
import { Button } from '../controls/controls';

/** What was just done, carried to the next page, where it can be taken back. */
export interface DoneState {
  readonly done: {
    /** "Deleted: the good cloth". */
    readonly words: string;
    /** Shown again after an undo. */
    readonly name: string;
    readonly undo:
      | { readonly trouble: NewTrouble }
      | { readonly piece: NewPiece; readonly jpeg: string | null }
      | { readonly apart: Merged; readonly intoId: string };
  };
}

/** Shown after an undo: a reload must not offer it a second time. */
interface BackState {
  readonly back: string;
}

/** At the head of the page one comes to after a deletion or a merge: what was done, and the way back. */
export function TakenBack() {
  const { state } = useLocation();
  const { done, back } = (state ?? {}) as Partial<DoneState & BackState>;
  const navigate = useNavigate();
  const keep = useKeepTrouble();
  const enter = useEnterPiece();
  const takeApart = useTakeApart();
  const undo = useMutation<unknown, Error, DoneState['done']['undo']>({
    mutationFn: (what) =>
      'trouble' in what
        ? keep.mutateAsync(what.trouble)
        : 'piece' in what
          ? enter.mutateAsync(what)
          : takeApart.mutateAsync(what),
  });
  if (!done)
    return back ? (
      <Box role="status" bg="leafTint" padding="0.75rem 0.875rem">
        Back: {back}
      </Box>
    ) : null;
  const onSuccess = () => {
    const now: BackState = { back: done.name };
    void navigate('.', { replace: true, state: now, preventScrollReset: true });
  };
  return (
    <Flex
      role="status"
      gap="0.25rem 0.875rem"
      align="center"
      wrap="wrap"
      bg="leafTint"
      padding="0.375rem 0.875rem"
    >
      <Box flex="1 1 12.5rem">{undo.error ? undo.error.message : done.words}</Box>
      <Button disabled={undo.isPending} onClick={() => undo.mutate(done.undo, { onSuccess })}>
        Undo
      </Button>
    </Flex>
  );
}
