import { Box, Flex } from '@chakra-ui/react';
import { addressOf, type Piece } from '@feverfew/contracts';
import { useMutation } from '@tanstack/react-query';
import { Camera } from 'lucide-react';
import { Button } from '../../components/controls/controls';
import { FileButton } from '../../components/controls/FileButton';
import { base64Of, shrinkPhoto } from '../../components/files/shrinkPhoto';
import { useMay } from '../../queries/deviceQueries';
import { useShowPiece } from '../../queries/pieceQueries';

/** Enough to know a piece by, and small enough for a list of them. */
const SIDE_PX = 640;

/** The picture a piece is known by: taken, replaced or taken away. */
export function PiecePicture({ piece }: { piece: Piece }) {
  const may = useMay('all');
  const show = useShowPiece(piece.id);
  const take = useMutation({
    mutationFn: async (file: File) => show.mutateAsync(await base64Of(await shrinkPhoto(file, SIDE_PX))),
  });
  const error = take.error ?? show.error;
  const busy = take.isPending || show.isPending;
  return (
    <Box as="section" aria-label="Picture">
      {piece.photoId !== null && (
        <Box
          as="img"
          {...{ src: addressOf('downloadPhoto', { id: piece.photoId }), alt: piece.name }}
          width="12.5rem"
          maxHeight="12.5rem"
          objectFit="cover"
          borderRadius="md"
          marginBottom="2"
        />
      )}
      {may && (
        <Flex gap="2" wrap="wrap">
          <FileButton
            accept="image/*"
            label="Take a picture of it"
            capture="environment"
            disabled={busy}
            onFile={(file) => take.mutate(file)}
          >
            <Camera size={20} aria-hidden="true" /> Picture
          </FileButton>
          <FileButton
            accept="image/*"
            label="Choose a picture of it"
            disabled={busy}
            onFile={(file) => take.mutate(file)}
          >
            From a file
          </FileButton>
          {piece.photoId !== null && (
            <Button variant="plain" disabled={busy} onClick={() => show.mutate(null)}>
              No picture
            </Button>
          )}
        </Flex>
      )}
      {error && (
        <Box role="alert" color="brick" paddingTop="1.5">
          {error.message}
        </Box>
      )}
    </Box>
  );
}
