import { Box, chakra, Flex } from '@chakra-ui/react';
import type { Envelope } from '@feverfew/contracts';
import { ChevronDown } from 'lucide-react';
import { useState } from 'react';
import { useLexicon } from '../../../app/useLexicon';
import { EnvelopePanel } from '../limits/EnvelopePanel';

const Line = chakra('button', {
  base: {
    display: 'flex',
    alignItems: 'center',
    gap: '2.5',
    width: '100%',
    minHeight: '2.75rem',
    paddingBlock: '1.5',
    fontSize: 'small',
    textAlign: 'start',
    borderBottom: '1px solid',
    borderColor: 'line',
  },
});

/** Bleaches worth a sign in the line, and how they are called there. */
const BLEACHES = [
  ['chlorine', 'chlorine'],
  ['percarbonate', 'oxygen bleach'],
] as const;

/** On a phone: what the piece can stand, in one line; a tap opens every limit with its owner. */
export function LimitsLine({ envelope }: { envelope: Envelope }) {
  const say = useLexicon();
  const [open, setOpen] = useState(false);
  const { tempC, wetting, chemistry } = envelope;
  const isKeptDry = wetting.most === 'dry';
  const bans = [
    ...(isKeptDry ? ['water'] : []),
    ...BLEACHES.filter(([one]) =>
      chemistry.some((window) => window.chemistry === one && window.verdict === 'never'),
    ).map(([, name]) => name),
  ];
  return (
    <Box>
      <Line
        type="button"
        aria-expanded={open}
        aria-label="All limits of the piece"
        onClick={() => setOpen(!open)}
      >
        <Flex as="span" gap="2.5" rowGap="1" align="center" wrap="wrap" flex="1">
          <strong>Can stand</strong>
          {!isKeptDry && (
            <>
              <Box as="span" color="soft">
                water
              </Box>
              <strong>to {say.temp(tempC.max)}</strong>
            </>
          )}
          {bans.map((ban) => (
            <Box
              as="span"
              key={ban}
              color="brick"
              border="1.5px dashed"
              borderColor="brick"
              borderRadius="sm"
              padding="2px 0.5rem"
              fontWeight={600}
            >
              <span aria-hidden="true">✕ </span>
              <Box as="span" srOnly>
                no{' '}
              </Box>
              {ban}
            </Box>
          ))}
        </Flex>
        <Box as="span" color="leaf" flexShrink={0} aria-hidden="true">
          <ChevronDown size={20} strokeWidth={1.8} />
        </Box>
      </Line>
      {open && <AllLimits envelope={envelope} />}
    </Box>
  );
}

/** Every limit of the piece with its owner. */
export function AllLimits({ envelope }: { envelope: Envelope }) {
  return (
    <Box paddingBlock="0.5rem 0.875rem" maxWidth="45rem">
      <EnvelopePanel envelope={envelope} />
    </Box>
  );
}
