import { Box, chakra, Stack } from '@chakra-ui/react';
import { ChevronRight } from 'lucide-react';
import { Link } from 'react-router';
import { PageHeading } from '../../components/PageHeading';
import { EXAMPLES } from '../trouble/TroubleStart';
import { WhatHappened } from '../trouble/WhatHappened';
import { FirstPicture } from './FirstPicture';

const Row = chakra(Link, {
  base: {
    display: 'flex',
    alignItems: 'center',
    gap: '12px',
    minHeight: '60px',
    paddingBlock: '8px',
    borderBottom: '1px solid',
    borderColor: 'line',
  },
});

/** A house in which nothing has happened yet: one question, words to begin with, and what may wait. */
export function FirstStart({ householdTold }: { householdTold: boolean }) {
  return (
    <Stack gap="14px" maxWidth="640px" padding={{ base: '0 16px 24px', md: '24px 32px' }}>
      <Box maxWidth="360px">
        <FirstPicture />
      </Box>
      <PageHeading title="What happened?" fontSize={{ base: '34px', md: '38px' }} />
      <WhatHappened unnamed examples={EXAMPLES} />
      <Box borderTop="1px solid" borderColor="line">
        {!householdTold && (
          <Row to="/setup">
            <Box flex="1">
              <Box fontWeight={650}>Your taps, tubs and bottles</Box>
              <Box color="soft" fontSize="15px">
                3 min, or later. Until then: a tap of 50 °C, a 10 L bucket.
              </Box>
            </Box>
            <ChevronRight size={20} aria-hidden="true" />
          </Row>
        )}
        <Row to="/reference">
          <Box flex="1">
            <Box fontWeight={650}>Look something up</Box>
            <Box color="soft" fontSize="15px">
              Fibres, products, care signs, what never meets
            </Box>
          </Box>
          <ChevronRight size={20} aria-hidden="true" />
        </Row>
      </Box>
    </Stack>
  );
}
