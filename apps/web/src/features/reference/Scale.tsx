import { Box, Flex } from '@chakra-ui/react';
import { placeOn, RangeTrack, type Span } from '../../components/drawings/RangeTrack';
import { Terms } from '../../components/text/Terms';

export interface ScaleMark {
  readonly value: number;
  readonly text: string;
}

interface ScaleProps {
  readonly name: string;
  readonly scale: Span;
  readonly fill: Span;
  readonly colour: string;
  readonly marks: readonly ScaleMark[];
}

/** A range on a line with its ends written at their places: the same picture as the envelope's strips. */
export function Scale({ name, scale, fill, colour, marks }: ScaleProps) {
  return (
    <Flex
      gap="2px 0.625rem"
      alignItems={{ md: 'center' }}
      direction={{ base: 'column', md: 'row' }}
      paddingBlock="1"
    >
      <Box flex={{ md: '0 0 9.375rem' }} color="soft">
        <Terms>{name}</Terms>
      </Box>
      <Box
        position="relative"
        flex={{ md: '1' }}
        height="2.75rem"
        role="img"
        aria-label={`${name}: ${marks.map((mark) => mark.text).join(', ')}`}
      >
        <RangeTrack scale={scale} fill={fill} colour={colour} top="0.5rem" />
        {marks.map((mark) => {
          const place = placeOn(scale, mark.value);
          const side = place > 50 ? { right: `${100 - place}%` } : { left: `${place}%` };
          return (
            <Box key={mark.text} aria-hidden="true">
              <Box
                position="absolute"
                top="0.25rem"
                height="1.25rem"
                width="2px"
                bg="ink"
                left={`${place}%`}
              />
              <Box position="absolute" top="1.5rem" fontSize="caption" whiteSpace="nowrap" {...side}>
                {mark.text}
              </Box>
            </Box>
          );
        })}
      </Box>
    </Flex>
  );
}
