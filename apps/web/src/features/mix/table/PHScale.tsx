import { Box } from '@chakra-ui/react';
import type { Envelope, PHRange } from '@feverfew/contracts';

const placeOf = (pH: number): string => `${(100 * Math.min(14, Math.max(0, pH))) / 14}%`;

/** pH 0–14: the bath between its bounds, over the range the piece tolerates. Shapes and words, not colour alone. */
export function PHScale({ pH, piece }: { pH: PHRange; piece: Envelope['pH'] | null }) {
  const fits = piece === null || (pH.low >= piece.min && pH.high <= piece.max);
  const label =
    `Bath pH ${pH.low.toFixed(1)} to ${pH.high.toFixed(1)}` +
    (piece ? `; the piece bears ${piece.min} to ${piece.max}` : '');
  return (
    <Box position="relative" height={piece ? '66px' : '46px'} role="img" aria-label={label}>
      <Box position="absolute" top="20px" left="0" right="0" height="10px" bg="track" borderRadius="full" />
      {[0, 2, 4, 7, 10, 12, 14].map((tick) => (
        <Box
          key={tick}
          position="absolute"
          top="32px"
          left={placeOf(tick)}
          fontSize="12px"
          color="soft"
          transform={tick === 0 ? undefined : tick === 14 ? 'translateX(-100%)' : 'translateX(-50%)'}
        >
          {tick}
        </Box>
      ))}
      <Box
        position="absolute"
        top="16px"
        height="18px"
        left={placeOf(pH.low)}
        width={`calc(${placeOf(pH.high)} - ${placeOf(pH.low)})`}
        minWidth="6px"
        borderRadius="sm"
        bg={fits ? 'water' : 'brick'}
        opacity={0.85}
      />
      <Box position="absolute" top="10px" height="30px" width="2px" bg="ink" left={placeOf(pH.likely)} />
      <Box
        position="absolute"
        top="-6px"
        fontSize="13px"
        fontWeight={700}
        left={placeOf(pH.likely)}
        transform="translateX(-50%)"
      >
        {pH.likely.toFixed(1)}
      </Box>
      {piece && (
        <>
          <Box
            position="absolute"
            top="50px"
            height="5px"
            left={placeOf(piece.min)}
            width={`calc(${placeOf(piece.max)} - ${placeOf(piece.min)})`}
            bg="leaf"
            borderRadius="full"
          />
          <Box
            position="absolute"
            top="53px"
            fontSize="12px"
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
