import { Box } from '@chakra-ui/react';

export interface Span {
  readonly from: number;
  readonly to: number;
}

/** Where a value lies on a scale, % of its length. */
export const placeOn = ({ from, to }: Span, value: number): number =>
  (100 * (Math.min(to, Math.max(from, value)) - from)) / (to - from);

interface RangeTrackProps {
  readonly scale: Span;
  readonly fill: Span;
  readonly colour: string;
  /** Distance from the top of what it lies in. */
  readonly top: string;
}

/** A range, filled on a grey scale. */
export function RangeTrack({ scale, fill, colour, top }: RangeTrackProps) {
  const [left, right] = [placeOn(scale, fill.from), placeOn(scale, fill.to)];
  const bar = { position: 'absolute', top, height: '0.75rem', borderRadius: 'full' } as const;
  return (
    <>
      <Box {...bar} left="0" right="0" bg="track" />
      <Box
        {...bar}
        bg={colour}
        left={`${left}%`}
        width={`${Math.max(1, right - left)}%`}
        transition="left 120ms, width 120ms"
      />
    </>
  );
}
