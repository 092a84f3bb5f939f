import { Box, Grid, Stack } from '@chakra-ui/react';
import type { Reference } from '@feverfew/contracts';
import { useHousehold } from '../../../queries/householdQueries';
import { Sources } from '../Fact';

/** Every dispute of the trade with its positions side by side. The leaf marks the one this house follows. */
export function PositionsSheet({ reference }: { reference: Reference }) {
  const chosen = useHousehold().data?.household.positions ?? {};
  return (
    <Stack gap="16px">
      {reference.disputes.map(({ id, question }) => {
        const positions = reference.positions.filter((position) => position.dispute === id);
        const followedId = chosen[id] ?? positions.find((position) => position.isDefault)?.id;
        return (
          <Box as="section" key={id} id={id} aria-label={question}>
            <Box as="h2" fontSize="17px">
              {question}
            </Box>
            <Grid
              templateColumns={{ base: '1fr', md: `repeat(${positions.length}, minmax(0, 1fr))` }}
              gap="6px 18px"
            >
              {positions.map((position) => (
                <Box
                  key={position.id}
                  borderTop="3px solid"
                  borderColor={position.id === followedId ? 'leaf' : 'line'}
                  paddingTop="4px"
                >
                  <strong>{position.view}</strong>
                  {position.id === followedId && ' ✓ followed here'}
                  <Box>{position.why}</Box>
                  <Sources ids={position.sourceIds} />
                </Box>
              ))}
            </Grid>
          </Box>
        );
      })}
    </Stack>
  );
}
