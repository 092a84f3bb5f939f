import { Box, chakra, Flex } from '@chakra-ui/react';
import { placeOn, RangeTrack, type Span } from '../../../components/drawings/RangeTrack';
import { Why } from '../../../components/layout/Why';
import { Terms } from '../../../components/text/Terms';
import type { Flag } from './envelopeView';

const FlagButton = chakra('button', {
  base: {
    position: 'absolute',
    fontSize: 'caption',
    lineHeight: 1.25,
    whiteSpace: 'nowrap',
    overflow: 'hidden',
    textOverflow: 'ellipsis',
    background: 'none',
    padding: '1px 2px',
    minHeight: { base: '2.75rem', md: '1.5rem' },
    display: 'inline-flex',
    _hover: { textDecoration: 'underline' },
  },
});

/** Two texts below the bar need this much between them, % of its length. */
const TEXT_ROOM = 34;

interface StripProps {
  readonly name: string;
  readonly scale: Span;
  readonly fill: Span;
  readonly colour: string;
  readonly flags: readonly Flag[];
  readonly format: (value: number) => string;
  readonly mark?: { readonly value: number; readonly text: string } | null;
}

/** A bar that narrows as facts come in; every edge carries the fact that set it. Tap a flag for the why. */
export function Strip({ name, scale, fill, colour, flags, format, mark }: StripProps) {
  const placeOf = (value: number) => placeOn(scale, value);
  const others = flags.filter((flag) => !flag.winning).slice(0, 1);
  return (
    <Flex gap="2.5" alignItems="center">
      <Box width="4.875rem" flexShrink={0} fontSize="note">
        <Terms>{name}</Terms>
      </Box>
      <Box
        position="relative"
        flex="1"
        height={{ base: '5.25rem', md: '3.875rem' }}
        marginTop={{ base: '5.5', md: '0' }}
        role="group"
        aria-label={`${name}: ${format(fill.from)} to ${format(fill.to)}`}
      >
        <RangeTrack scale={scale} fill={fill} colour={colour} top="1.5625rem" />
        {mark &&
          mark.value <= scale.to &&
          others.every((flag) => Math.abs(placeOf(flag.value) - placeOf(mark.value)) > TEXT_ROOM) && (
            <>
              <Box
                position="absolute"
                top="1.5625rem"
                height="0.75rem"
                width="2px"
                bg="card"
                left={`${placeOf(mark.value)}%`}
                aria-hidden="true"
              />
              <Box
                position="absolute"
                top="2.5625rem"
                fontSize="fine"
                color="soft"
                left={`${placeOf(mark.value)}%`}
                transform="translateX(-50%)"
                whiteSpace="nowrap"
              >
                {mark.text}
              </Box>
            </>
          )}
        {flags
          .filter((flag) => flag.winning)
          .map((flag) => (
            <FlagMark
              key={flag.value}
              flag={flag}
              left={placeOf(flag.value)}
              above={flag.value === fill.to}
              format={format}
              name={name}
            />
          ))}
        {others.map((flag) => (
          <FlagMark
            key={flag.value}
            flag={flag}
            left={placeOf(flag.value)}
            above={false}
            format={format}
            name={name}
          />
        ))}
      </Box>
    </Flex>
  );
}

function FlagMark({
  flag,
  left,
  above,
  format,
  name,
}: {
  flag: Flag;
  left: number;
  above: boolean;
  format: (value: number) => string;
  name: string;
}) {
  const more = flag.owners.length > 1 ? ` +${flag.owners.length - 1}` : '';
  const text = `${format(flag.value)} — ${flag.owners[0]}${more}`;
  const side =
    left > 50
      ? { right: `${100 - left}%`, textAlign: 'right' as const, maxWidth: `${left}%` }
      : { left: `${left}%`, maxWidth: `${100 - left}%` };
  return (
    <>
      <Box
        position="absolute"
        left={`calc(${left}% - 1px)`}
        width="2px"
        bg={above ? 'ink' : 'soft'}
        top={above ? '1.1875rem' : '1.5625rem'}
        height={above ? '1.375rem' : '1rem'}
        aria-hidden="true"
      />
      <Why
        label={`Why ${format(flag.value)}?`}
        title={`${name}: ${format(flag.value)}`}
        sourceIds={flag.sourceIds}
        trigger={
          <FlagButton
            type="button"
            {...side}
            top={above ? { base: '-1.375rem', md: '-0.375rem' } : '2.4375rem'}
            alignItems={above ? 'flex-end' : 'flex-start'}
            color={above ? 'ink' : 'soft'}
            fontWeight={above ? 650 : 400}
          >
            {text}
          </FlagButton>
        }
      >
        Set by {flag.owners.join('; ')}.
      </Why>
    </>
  );
}
