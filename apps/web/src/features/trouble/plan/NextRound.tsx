import { Box, Flex } from '@chakra-ui/react';
import { laterRoundTitle } from '@feverfew/contracts';
import { useState } from 'react';
import { useLexicon } from '../../../app/useLexicon';
import { GoneBar } from './GoneBar';
import { RoundSteps } from './RoundSteps';
import { ROW, WhyButton } from './rowParts';

type NextRoundProps = Parameters<typeof RoundSteps>[0];

/** What may follow if it is not gone: an outline until it is opened. */
export function NextRound(props: NextRoundProps) {
  const { round, plan } = props;
  const [open, setOpen] = useState(false);
  const say = useLexicon();
  const number = round.id.slice(1);
  const last = round.passes.at(-1);
  return (
    <Box paddingTop="2.5">
      <Box display="grid" gridTemplateColumns={ROW}>
        <Box display={{ base: 'none', md: 'block' }} />
        <Box
          display={{ base: 'none', md: 'block' }}
          borderInline="4px dotted"
          borderColor="soft"
          paddingTop="3"
          aria-hidden="true"
        >
          {last && <GoneBar gone={last.gone} prepares={false} isOutline />}
        </Box>
        <Flex
          gap="2.5"
          align="flex-start"
          padding={{ base: '0.5rem 0.875rem', md: '0.25rem 0 0.25rem 1.5rem' }}
          borderInline={{ base: '4px dotted', md: 'none' }}
          borderColor={{ base: 'soft' }}
        >
          <Box flex="1" minWidth="0" color="soft">
            <Box as="h2" fontSize="large">
              {laterRoundTitle(number, plan)}
            </Box>
            <Box fontSize={{ base: 'body', md: 'note' }}>
              {round.passes.map(({ methodId }) => say.name(methodId)).join('; then ')}.
            </Box>
          </Box>
          <WhyButton type="button" aria-expanded={open} onClick={() => setOpen(!open)}>
            {open ? 'Close' : 'Open'}
            <Box as="span" srOnly>
              {' '}
              round {number}
            </Box>
          </WhyButton>
        </Flex>
      </Box>
      {open && <RoundSteps {...props} />}
    </Box>
  );
}
