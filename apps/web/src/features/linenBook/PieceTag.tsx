import { Box } from '@chakra-ui/react';
import type { Piece } from '@feverfew/contracts';
import { labelWords } from '../../facts/labelText';
import { CODE_WORDS } from '../../facts/sentenceView';

/** What is sewn or stuck on the piece, as a strip of linen. */
export function PieceTag({ piece }: { readonly piece: Piece }) {
  const words = piece.label ? labelWords(piece.label) : [];
  return (
    <Box
      as="section"
      aria-label="Tag"
      bg="tape"
      border="1px solid"
      borderColor="stitch"
      paddingInline="4"
      paddingBottom="3"
    >
      <Box
        borderBottom="2px dashed"
        borderColor="stitch"
        height="0.75rem"
        marginBottom="2.5"
        aria-hidden="true"
      />
      <Box as="h2" fontSize="subhead">
        {piece.code ? 'The code says' : 'The tag says'}
      </Box>
      {piece.code ? (
        <Box>{CODE_WORDS[piece.code]}</Box>
      ) : words.length > 0 ? (
        <Box as="ul" listStyleType="none">
          {words.map((word) => (
            <li key={word}>{word}</li>
          ))}
        </Box>
      ) : (
        <Box color="soft">
          {piece.label ? 'nothing readable' : 'not entered: look for it, and enter it by Change'}
        </Box>
      )}
    </Box>
  );
}
