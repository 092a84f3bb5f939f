import { Box, Flex } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import type { ClockTime } from './planTimes';
import { Disc, ROW, RowClock } from './rowParts';

/** A row below the ladder’s feet: no rung, no rails. */
export function BelowRow({ number, at, children }: { number: number; at: ClockTime; children: ReactNode }) {
  return (
    <Box display="grid" gridTemplateColumns={ROW}>
      <RowClock at={at} beside />
      <Box display={{ base: 'none', md: 'block' }} />
      <Flex
        gap="10px"
        align="flex-start"
        padding={{ base: '10px 18px 4px', md: '7px 0 7px 24px' }}
        borderBottom={{ md: '1px solid' }}
        borderColor={{ md: 'line' }}
        fontSize={{ base: '17px', md: '16px' }}
        lineHeight="1.5"
      >
        <Disc aria-hidden="true">{number}</Disc>
        <Box flex="1" minWidth="0">
          {children}
        </Box>
        <RowClock at={at} />
      </Flex>
    </Box>
  );
}
