import { Box, Flex, Grid } from '@chakra-ui/react';
import { useDroppable } from '@dnd-kit/core';
import type { ReactNode } from 'react';
import { Button } from '../../components/controls/controls';
import type { DrumsProps } from './drumsProps';
import { StayingPieces } from './StayingPieces';

/** Pieces that go into no drum, each with its reason. A lifted piece may be put next to the drums. */
export function StayingOnDesk(props: DrumsProps) {
  const { arranging } = props;
  const { lifted } = arranging;
  return (
    <Grid
      gridColumn="1 / -1"
      templateColumns="subgrid"
      borderTop="1px solid"
      borderColor="line"
      minHeight="3.75rem"
    >
      <Drop id="heap">
        <Box bg="paper" padding="0.5rem 0.625rem 0.875rem 1rem" minHeight="3.75rem" height="100%">
          <Box fontFamily="heading" fontWeight={700} fontSize="note">
            Stays in the heap
          </Box>
          <StayingPieces {...props} />
        </Box>
      </Drop>
      <Box gridColumn="2 / -1" paddingBlock="2.5">
        {lifted?.maxC && (
          <Drop id="own">
            <Flex gap="2" align="center" wrap="wrap">
              <Button
                variant="outline"
                minHeight={{ base: '2.75rem', md: '2.3125rem' }}
                onClick={() => arranging.put(lifted.id, 'own')}
              >
                A drum of its own
              </Button>
              <Button
                variant="outline"
                minHeight={{ base: '2.75rem', md: '2.3125rem' }}
                onClick={() => arranging.put(lifted.id, 'heap')}
              >
                Leave it in the heap
              </Button>
              <Button
                variant="plain"
                minHeight={{ base: '2.75rem', md: '2.3125rem' }}
                onClick={() => arranging.lift(null)}
              >
                Put it back
              </Button>
              <Box fontSize="note" color="soft">
                Keys: 1–9 drum, 0 its own, Backspace heap, Esc back
              </Box>
            </Flex>
          </Drop>
        )}
      </Box>
    </Grid>
  );
}

function Drop({ id, children }: { id: string; children: ReactNode }) {
  const { setNodeRef, isOver } = useDroppable({ id });
  return (
    <Box ref={setNodeRef} outline={isOver ? '2px solid' : 'none'} outlineColor="leaf" height="100%">
      {children}
    </Box>
  );
}
