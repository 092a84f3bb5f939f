import { Box } from '@chakra-ui/react';
import type { Envelope, PHRange } from '@feverfew/contracts';
import { decimal } from '../../../components/text/numbers';

const placeOf = (pH: number): string => `${(100 * Math.min(14, Math.max(0, pH))) / 14}%`;

/** pH 0–14: the bath between its bounds, over the range the piece tolerates. Shapes and words, not colour alone. */
export function PHScale({ pH, piece }: { pH: PHRange; piece: Envelope['pH'] | null }) {
  const fits = piece === null || (pH.low >= piece.min && pH.high <= piece.max);
  const label =
    `Bath pH ${decimal(pH.low)} to ${decimal(pH.high)}` +
    (piece ? `; the piece bears ${piece.min} to ${piece.max}` : '');
  return (
    <Box position="relative" height={piece ? '4.125rem' : '2.875rem'} role="img" aria-label={label}>
      <Box
        position="absolute"
        top="1.25rem"
        left="0"
        right="0"
        height="0.625rem"
        bg="track"
        borderRadius="full"
      />
      {[0, 2, 4, 7, 10, 12, 14].map((tick) => (
        <Box
          key={tick}
          position="absolute"
          top="2rem"
          left={placeOf(tick)}
          fontSize="fine"
          color="soft"
          transform={tick === 0 ? undefined : tick === 14 ? 'translateX(-100%)' : 'translateX(-50%)'}
        >
          {tick}
        </Box>
      ))}
      <Box
        position="absolute"
        top="1rem"
        height="1.125rem"
        left={placeOf(pH.low)}
        width={`calc(${placeOf(pH.high)} - ${placeOf(pH.low)})`}
        minWidth="0.375rem"
        borderRadius="sm"
        bg={fits ? 'water' : 'brick'}
        opacity={0.85}
      />
      <Box
        position="absolute"
        top="0.625rem"
        height="1.875rem"
        width="2px"
        bg="ink"
        left={placeOf(pH.likely)}
      />
      <Box
        position="absolute"
        top="-0.375rem"
        fontSize="caption"
        fontWeight={700}
        left={placeOf(pH.likely)}
        transform="translateX(-50%)"
      >
        {decimal(pH.likely)}
      </Box>
      {piece && (
        <>
          <Box
            position="absolute"
            top="3.125rem"
            height="0.3125rem"
            left={placeOf(piece.min)}
            width={`calc(${placeOf(piece.max)} - ${placeOf(piece.min)})`}
            bg="leaf"
            borderRadius="full"
          />
          <Box
            position="absolute"
            top="3.3125rem"
            fontSize="fine"
            color="leaf"
            left={placeOf((piece.min + piece.max) / 2)}
            transform="translateX(-50%)"
            whiteSpace="nowrap"
          >
            the piece: {piece.min} to {piece.max}
          </Box>
        </>
      )}
    </Box>
  );
}
