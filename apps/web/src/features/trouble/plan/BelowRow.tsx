import { Box, Flex } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import type { ClockTime } from './planTimes';
import { Disc, ROW, RowClock } from './rowParts';

/** A row below the last step: no bar, no rails. */
export function BelowRow({ number, at, children }: { number: number; at: ClockTime; children: ReactNode }) {
  return (
    <Box display="grid" gridTemplateColumns={ROW}>
      <RowClock at={at} beside />
      <Box display={{ base: 'none', md: 'block' }} />
      <Flex
        gap="2.5"
        align="flex-start"
        padding={{ base: '0.625rem 1.125rem 0.25rem', md: '0.4375rem 0 0.4375rem 1.5rem' }}
        borderBottom={{ md: '1px solid' }}
        borderColor={{ md: 'line' }}
        fontSize={{ base: 'lead', md: 'body' }}
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
