import { Box, Grid, Stack } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import { NARROW } from '../../theme/media';

export interface ReferenceRangeBar {
  readonly key: string;
  readonly name: ReactNode;
  readonly low: number;
  readonly high: number;
}

/**
 * Shares from 0 to 1 as ranges, or as plain shares where they start at 0; longest reach first: seen at a glance
 * which does most.
 */
export function RangeBars({
  bars,
  colour = 'leaf',
}: {
  bars: readonly ReferenceRangeBar[];
  colour?: string;
}) {
  return (
    <Stack gap="0.3125rem" paddingBlock="1.5">
      {bars.map(({ key, name, low, high }) => (
        <Grid
          key={key}
          templateColumns="minmax(6.25rem, 13.125rem) minmax(2.5rem, 1fr) 4.75rem"
          gap="3"
          alignItems="center"
          css={{ [NARROW]: { gridTemplateColumns: 'minmax(2.5rem, 1fr) 4.75rem' } }}
        >
          <Box css={{ [NARROW]: { gridColumn: '1 / -1' } }}>{name}</Box>
          <Box position="relative" height="0.625rem" borderRadius="full" bg="track" aria-hidden="true">
            <Box
              position="absolute"
              height="0.625rem"
              borderRadius="full"
              bg={colour}
              left={`${low * 100}%`}
              width={`${Math.max(1.5, (high - low) * 100)}%`}
            />
          </Box>
          <Box textAlign="end" fontSize="small">
            {low === 0
              ? `${Math.round(high * 100)} %`
              : `${Math.round(low * 100)}–${Math.round(high * 100)} %`}
          </Box>
        </Grid>
      ))}
    </Stack>
  );
}
