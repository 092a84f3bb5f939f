import { Box, chakra } from '@chakra-ui/react';
import type { ClockTime } from './planTimes';

/** The number of a step. */
export const Disc = chakra('span', {
  base: {
    display: 'inline-flex',
    alignItems: 'center',
    justifyContent: 'center',
    width: '1.6875rem',
    height: '1.6875rem',
    borderRadius: 'full',
    border: '1.5px solid',
    borderColor: 'leaf',
    color: 'leaf',
    fontFamily: 'heading',
    fontWeight: 650,
    fontSize: 'note',
    flexShrink: 0,
  },
});

export const WhyButton = chakra('button', {
  base: {
    color: 'leaf',
    fontWeight: 650,
    fontSize: 'note',
    minHeight: '2.75rem',
    minWidth: '2.75rem',
    textAlign: 'end',
    _hover: { textDecoration: 'underline' },
  },
});

/** Clock, ladder and text of a row; on a phone the page itself is the ladder. */
export const ROW = {
  base: 'minmax(0, 1fr)',
  md: '3.25rem clamp(9.375rem, 19vw, 13.75rem) minmax(0, 1fr)',
} as const;

/** Start time of a row: next to the ladder on a desk, after the name on a phone. */
export function RowClock({ at: { time, day }, beside = false }: { at: ClockTime; beside?: boolean }) {
  return (
    <Box
      as="time"
      display={beside ? { base: 'none', md: 'block' } : { base: 'block', md: 'none' }}
      color="soft"
      fontSize={beside ? 'note' : 'body'}
      paddingTop={beside ? '0.5625rem' : undefined}
      lineHeight="1.3"
      textAlign={beside ? undefined : 'end'}
      flexShrink={0}
    >
      {time}
      {day && (
        <Box as="span" display="block" fontSize="small">
          {day}
        </Box>
      )}
    </Box>
  );
}
