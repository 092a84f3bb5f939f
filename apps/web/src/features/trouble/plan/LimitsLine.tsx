import { Box, chakra, Flex } from '@chakra-ui/react';
import {
  ACTION_WORDS,
  type Envelope,
  MECHANICAL_ACTIONS,
  WETTING_WORDS,
  WETTINGS,
} from '@feverfew/contracts';
import { ChevronDown } from 'lucide-react';
import { useState } from 'react';
import { useLexicon } from '../../../app/useLexicon';
import { EnvelopePanel } from '../limits/EnvelopePanel';

const Line = chakra('button', {
  base: {
    display: 'flex',
    alignItems: 'center',
    gap: { base: '2.5', md: '4.5' },
    width: '100%',
    minHeight: { base: '2.75rem', md: '2.25rem' },
    fontSize: 'small',
    textAlign: 'start',
    borderBottom: { base: '1px solid', md: 'none' },
    borderColor: { base: 'line' },
    overflow: 'hidden',
    whiteSpace: 'nowrap',
  },
});

/** Bans worth a sign in the line, and how they are called there. */
const BLEACHES = [
  ['chlorine', 'chlorine'],
  ['percarbonate', 'oxygen bleach'],
] as const;

/** What the piece can stand, in one line; a tap opens every limit with its owner. */
export function LimitsLine({ envelope }: { envelope: Envelope }) {
  const say = useLexicon();
  const [open, setOpen] = useState(false);
  const { tempC, pH, wetting, action, chemistry } = envelope;
  const isKeptDry = wetting.most === 'dry';
  const bans = [
    ...(isKeptDry ? [['water', 'water'] as const] : []),
    ...BLEACHES.filter(([one]) =>
      chemistry.some((window) => window.chemistry === one && window.verdict === 'never'),
    ),
  ];
  return (
    <Box>
      <Line
        type="button"
        aria-expanded={open}
        aria-label="All limits of the piece"
        onClick={() => setOpen(!open)}
      >
        <Flex
          as="span"
          gap={{ base: '2.5', md: '4.5' }}
          align="center"
          wrap="wrap"
          maxHeight="2.125rem"
          overflow="hidden"
          flex="1"
          rowGap="3"
        >
          <Box as="strong" lineHeight="2.125rem">
            Can stand
          </Box>
          {!isKeptDry && (
            <Limit
              name="water"
              from={0}
              to={tempC.max / 95}
              text={`to ${say.temp(tempC.max)}`}
              colour="water"
            />
          )}
          <Limit
            name="pH"
            from={(pH.min - 1.5) / 10.5}
            to={(pH.max - 1.5) / 10.5}
            text={`${pH.min}–${pH.max}`}
            colour="leaf"
            wide
          />
          {wetting.most !== WETTINGS.at(-1) && (
            <Limit
              name="wetting"
              from={0}
              to={(WETTINGS.indexOf(wetting.most) + 1) / WETTINGS.length}
              text={WETTING_WORDS[wetting.most]}
              colour="leaf"
              wide
            />
          )}
          <Limit
            name="rubbing"
            from={0}
            to={(MECHANICAL_ACTIONS.indexOf(action.most) + 1) / MECHANICAL_ACTIONS.length}
            text={ACTION_WORDS[action.most]}
            colour="leaf"
            wide
          />
          {bans.map(([one, ban]) => (
            <Box
              as="span"
              key={one}
              color="brick"
              border="1.5px dashed"
              borderColor="brick"
              borderRadius="sm"
              padding="2px 0.5rem"
              fontWeight={600}
              flexShrink={0}
            >
              <span aria-hidden="true">✕ </span>
              <Box as="span" srOnly>
                no{' '}
              </Box>
              {ban}
            </Box>
          ))}
        </Flex>
        <Flex
          as="span"
          marginInlineStart="auto"
          color="leaf"
          fontWeight={650}
          gap="1"
          align="center"
          flexShrink={0}
        >
          <Box as="span" display={{ base: 'none', md: 'inline' }}>
            All limits
          </Box>
          <ChevronDown size={20} strokeWidth={1.8} aria-hidden="true" />
        </Flex>
      </Line>
      {open && (
        <Box paddingBlock="0.5rem 0.875rem" maxWidth="45rem">
          <EnvelopePanel envelope={envelope} />
        </Box>
      )}
    </Box>
  );
}

interface LimitProps {
  readonly name: string;
  readonly from: number;
  readonly to: number;
  readonly text: string;
  readonly colour: string;
  /** Only where there is room next to the others. */
  readonly wide?: boolean;
}

function Limit({ name, from, to, text, colour, wide = false }: LimitProps) {
  return (
    <Flex as="span" align="center" gap="0.4375rem" display={wide ? { base: 'none', lg: 'flex' } : 'flex'}>
      <Box as="span" color="soft" css={{ '@media (max-width: 21.25em)': { display: 'none' } }}>
        {name}
      </Box>
      <Box
        as="span"
        position="relative"
        width="3.5rem"
        height="0.375rem"
        borderRadius="full"
        bg="track"
        aria-hidden="true"
        flexShrink={0}
      >
        <Box
          as="span"
          position="absolute"
          insetBlock="0"
          borderRadius="full"
          bg={colour}
          left={`${Math.max(0, from) * 100}%`}
          width={`${Math.min(1, to - Math.max(0, from)) * 100}%`}
          transition="left 200ms, width 200ms"
        />
      </Box>
      <strong>{text}</strong>
    </Flex>
  );
}
