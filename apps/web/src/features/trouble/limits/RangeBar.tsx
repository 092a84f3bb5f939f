import { Box } from '@chakra-ui/react';

/** A share as a range on a line; the words next to it say the same. @param height px */
export function RangeBar({ low, high, height }: { low: number; high: number; height: number }) {
  return (
    <Box position="relative" height={`${height}px`} borderRadius="full" bg="track" aria-hidden="true">
      <Box
        position="absolute"
        height={`${height}px`}
        borderRadius="full"
        bg="leaf"
        left={`${low * 100}%`}
        width={`${Math.max(3, (high - low) * 100)}%`}
      />
    </Box>
  );
}
