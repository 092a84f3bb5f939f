import { Box, Flex } from '@chakra-ui/react';
import { addressOf, type Piece, toldOf } from '@feverfew/contracts';
import { useMutation } from '@tanstack/react-query';
import { useMemo } from 'react';
import { useNavigate } from 'react-router';
import { useLexicon } from '../../app/useLexicon';
import { ButtonPicker } from '../../components/controls/ButtonPicker';
import { Button } from '../../components/controls/controls';
import { base64Of } from '../../components/files/shrinkPhoto';
import type { DoneState } from '../../components/notices/TakenBack';
import { useMay } from '../../queries/deviceQueries';
import { useDeletePiece, useMergePiece, usePieces } from '../../queries/pieceQueries';

interface PieceEndsProps {
  readonly piece: Piece;
  /** No trouble is kept of it: it may be deleted, if the server has no more of it either. */
  readonly isUntouched: boolean;
}

/** The two ways a piece leaves the list, each with a way back. */
export function PieceEnds({ piece, isUntouched }: PieceEndsProps) {
  const say = useLexicon();
  const navigate = useNavigate();
  const pieces = usePieces().data;
  const may = useMay('all');
  const erase = useDeletePiece();
  const merge = useMergePiece(piece.id);
  const leave = (to: string, state: DoneState) => void navigate(to, { state, replace: true });
  const remove = useMutation({
    mutationFn: async () => {
      const jpeg = piece.photoId === null ? null : await pictureOf(piece.photoId);
      await erase.mutateAsync(piece.id);
      const done = {
        words: `Deleted: ${piece.name}`,
        name: piece.name,
        undo: { piece: toldOf(piece), jpeg },
      };
      leave('/pieces', { done });
    },
  });
  const others = useMemo(() => {
    const options = (pieces ?? [])
      .filter(({ id }) => id !== piece.id)
      .map(({ id, name, itemId }) => ({ id, name, aliases: [], hint: say.name(itemId), itemId }));
    const alike = options.filter(({ itemId }) => itemId === piece.itemId);
    return [
      { title: 'The same kind', options: alike },
      { title: 'Others', options: options.filter((option) => !alike.includes(option)) },
    ];
  }, [pieces, piece, say]);
  const onto = (intoId: string) => {
    const into = pieces?.find(({ id }) => id === intoId);
    if (!into) return;
    merge.mutate(intoId, {
      onSuccess: (apart) =>
        leave(`/pieces/${intoId}`, {
          done: {
            words: `${piece.name} and ${into.name} are one piece now, with all that happened to both.`,
            name: piece.name,
            undo: { apart, intoId },
          },
        }),
    });
  };
  const error = remove.error ?? merge.error;
  if (!may) return null;
  return (
    <Flex gap="2" wrap="wrap" align="center">
      {others.some(({ options }) => options.length > 0) && (
        <ButtonPicker
          text="Entered twice? Merge"
          question="Which piece it is"
          groups={others}
          disabled={merge.isPending}
          onChoose={onto}
        />
      )}
      {isUntouched && (
        <Button variant="plain" disabled={remove.isPending} onClick={() => remove.mutate()}>
          Delete
        </Button>
      )}
      {error && (
        <Box role="alert" color="brick">
          {error.message}
        </Box>
      )}
    </Flex>
  );
}

/** To be brought back with the piece; a picture that cannot be read keeps nothing from being deleted. */
async function pictureOf(photoId: string): Promise<string | null> {
  const answer = await fetch(addressOf('downloadPhoto', { id: photoId })).catch(() => null);
  return answer?.ok ? base64Of(await answer.blob()) : null;
}
