import { Box } from '@chakra-ui/react';
import { effectRange, type RoundPass } from '@feverfew/contracts';

/** How much is gone after a step, counted from the start, as a range on a line. */
export function GoneBar({ gone: { all }, prepares }: Pick<RoundPass, 'gone' | 'prepares'>) {
  if (prepares) return <Box fontSize="14px">Makes way for the next step.</Box>;
  return (
    <Box>
      <Box position="relative" height="9px" borderRadius="full" bg="track" aria-hidden="true">
        <Box
          position="absolute"
          height="9px"
          borderRadius="full"
          bg="leaf"
          left={`${all.low * 100}%`}
          width={`${Math.max(3, (all.high - all.low) * 100)}%`}
        />
      </Box>
      <Box fontSize="14px" marginTop="3px">
        <strong>{effectRange(all)}</strong> gone
      </Box>
    </Box>
  );
}
