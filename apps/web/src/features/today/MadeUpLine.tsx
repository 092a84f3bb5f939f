import { Box, Flex } from '@chakra-ui/react';
import { Button } from '../../components/controls/controls';
import { useMay } from '../../queries/deviceQueries';
import { useLeaveMadeUp } from '../../queries/madeUpHouseQueries';

/** At the foot of Today, while the house is the one that ships: what it is, and the way out. */
export function MadeUpLine() {
  const may = useMay('all');
  const leave = useLeaveMadeUp();
  if (!may) return null;
  return (
    <Flex
      as="section"
      aria-label="A made-up house"
      gap="0.25rem 0.875rem"
      align="center"
      wrap="wrap"
      borderTop="1px solid"
      borderColor="line"
      paddingTop="2"
    >
      <Box color="soft" fontSize="note" flex="1 1 15rem">
        {leave.isError
          ? leave.error.message
          : 'A made-up house, to try things in. Left, everything in it goes.'}
      </Box>
      <Button disabled={leave.isPending} onClick={() => leave.mutate()}>
        {leave.isPending ? 'Leaving …' : 'Remove it, start my own'}
      </Button>
    </Flex>
  );
}
