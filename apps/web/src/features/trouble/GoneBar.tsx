import { Box } from '@chakra-ui/react';
import { effectRange, type RoundPass } from '@feverfew/contracts';
import { RangeBar } from './RangeBar';

/** How much is gone after a step, counted from the start, as a range on a line. */
export function GoneBar({ gone: { all }, prepares }: Pick<RoundPass, 'gone' | 'prepares'>) {
  if (prepares) return <Box fontSize="14px">Makes way for the next step.</Box>;
  return (
    <Box>
      <RangeBar low={all.low} high={all.high} height={9} />
      <Box fontSize="14px" marginTop="3px">
        <strong>{effectRange(all)}</strong> gone
      </Box>
    </Box>
  );
}
