import { Box } from '@chakra-ui/react';
import { effectRange, type RoundPass } from '@feverfew/contracts';

interface GoneBarProps extends Pick<RoundPass, 'gone' | 'prepares'> {
  /** To buy, or not yet open: an outline. */
  readonly isOutline: boolean;
  /** A hidden test comes first. */
  readonly isSoft?: boolean;
  /** Share left at the look after it, 0–1: a notch on the bar; null if there was no look. */
  readonly seen?: number | null;
}

/** The words under a piece that lies further left than this would run past the rail, %. */
const MIN_RIGHT = 52;

/** How much is gone after a step, counted from the start, between all there and gone. */
export function GoneBar({ gone: { all }, prepares, isOutline, isSoft = false, seen = null }: GoneBarProps) {
  const right = 100 - all.high * 100;
  return (
    <Box>
      <Box
        position="relative"
        height="0.75rem"
        bg={isOutline ? 'transparent' : 'track'}
        border={isOutline ? '1px solid' : 'none'}
        borderInline="none"
        borderColor="soft"
        aria-hidden="true"
      >
        {!prepares && (
          <Box
            position="absolute"
            insetBlock="0"
            left={`${all.low * 100}%`}
            width={`${Math.max(2, (all.high - all.low) * 100)}%`}
            bg={isOutline ? 'transparent' : isSoft ? 'soft' : 'leaf'}
            border={isOutline ? '1.5px solid' : 'none'}
            borderColor="leaf"
            transition="left 200ms, width 200ms"
          />
        )}
        {seen !== null && (
          <Box
            position="absolute"
            insetBlock="-0.25rem"
            width="0.25rem"
            marginInlineStart="-2px"
            left={`${seen * 100}%`}
            bg="ink"
            borderRadius="full"
          />
        )}
      </Box>
      <Box
        fontSize="small"
        lineHeight="1.25rem"
        marginTop="0.5"
        paddingInline="1.5"
        textAlign={100 - right < MIN_RIGHT ? 'start' : 'end'}
        paddingInlineEnd={100 - right < MIN_RIGHT ? undefined : `max(0.375rem, ${right}%)`}
      >
        {prepares ? (
          <Box as="span" color="soft">
            makes way for the next
          </Box>
        ) : (
          <>
            <strong>{effectRange(all)}</strong>{' '}
            <Box as="span" color="soft">
              gone
            </Box>
            {seen !== null && (
              <Box as="span" color="soft">
                {' '}
                · seen: <strong>{Math.round(seen * 100)} %</strong>
              </Box>
            )}
          </>
        )}
      </Box>
    </Box>
  );
}

/** The surface of a bath: a wave across the ladder. */
export function Waterline() {
  return (
    <svg
      width="100%"
      height="10"
      viewBox="0 0 160 10"
      preserveAspectRatio="none"
      fill="var(--ff-colors-water-tint)"
      stroke="var(--ff-colors-water)"
      strokeWidth="2"
      aria-hidden="true"
      style={{ display: 'block' }}
    >
      <path d="M0 6q10 -8 20 0t20 0 20 0 20 0 20 0 20 0 20 0 20 0V12H0Z" vectorEffect="non-scaling-stroke" />
    </svg>
  );
}
