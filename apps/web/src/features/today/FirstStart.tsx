import { Box, chakra, Stack } from '@chakra-ui/react';
import { ChevronRight } from 'lucide-react';
import { Link } from 'react-router';
import { PageHeading } from '../../components/layout/PageHeading';
import { useMay } from '../../queries/deviceQueries';
import { useFurnish } from '../../queries/madeUpHouseQueries';
import { WhatHappened } from '../trouble/start/WhatHappened';
import { FirstPicture } from './FirstPicture';

/** Three beginnings, each of another kind: a spill, a spot, a change of the whole piece. */
const EXAMPLES = ['red wine on the carpet', 'grease on a shirt', 'yellowed white t-shirt'] as const;

const ROW = {
  base: {
    display: 'flex',
    alignItems: 'center',
    gap: '3',
    minHeight: '3.75rem',
    paddingBlock: '2',
    borderBottom: '1px solid',
    borderColor: 'line',
    width: '100%',
    textAlign: 'start',
  },
} as const;
const Row = chakra(Link, ROW);
const RowButton = chakra('button', ROW);

/** One tap, and there is something everywhere; it takes some seconds to furnish. */
function TryHouse() {
  const furnish = useFurnish();
  return (
    <RowButton type="button" disabled={furnish.isPending} onClick={() => furnish.mutate()}>
      <Box flex="1">
        <Box fontWeight={650}>Look around in a made-up house</Box>
        <Box color="soft" fontSize="note" role="status">
          {furnish.isPending
            ? 'Furnishing it: some ten seconds …'
            : furnish.isError
              ? furnish.error.message
              : 'Linen, running soaks, results; one tap leaves it again'}
        </Box>
      </Box>
      <ChevronRight size={20} aria-hidden="true" />
    </RowButton>
  );
}

/** A house in which nothing has happened yet: one question, words to begin with, and what may wait. */
export function FirstStart({ householdTold }: { householdTold: boolean }) {
  const may = useMay('all');
  return (
    <Stack gap="3.5" maxWidth="40rem" padding={{ base: '0 1rem 1.5rem', md: '1.5rem 2rem' }}>
      <Box maxWidth="22.5rem">
        <FirstPicture />
      </Box>
      <PageHeading title="What happened?" fontSize={{ base: 'display.large', md: 'display.large' }} />
      <Box>Tell it in a few words: what to do at once, then each step with its amounts, warmth and time.</Box>
      <WhatHappened unnamed examples={EXAMPLES} />
      <Box borderTop="1px solid" borderColor="line">
        {may && !householdTold && (
          <Row to="/setup">
            <Box flex="1">
              <Box fontWeight={650}>Your taps, tubs and bottles</Box>
              <Box color="soft" fontSize="note">
                3 min, or later. Until then: a tap of 50 °C, a 10 L bucket.
              </Box>
            </Box>
            <ChevronRight size={20} aria-hidden="true" />
          </Row>
        )}
        {may && <TryHouse />}
        <Row to="/reference">
          <Box flex="1">
            <Box fontWeight={650}>Look something up</Box>
            <Box color="soft" fontSize="note">
              Fibres, products, care signs, what never meets
            </Box>
          </Box>
          <ChevronRight size={20} aria-hidden="true" />
        </Row>
      </Box>
    </Stack>
  );
}
