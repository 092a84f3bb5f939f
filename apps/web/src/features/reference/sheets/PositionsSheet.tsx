import { Box, Grid, Stack } from '@chakra-ui/react';
import type { Reference } from '@feverfew/contracts';
import { useHousehold } from '../../../queries/householdQueries';
import { Sources } from '../Fact';

/** Every dispute of the trade with its positions side by side. The leaf marks the one this house follows. */
export function PositionsSheet({ reference }: { reference: Reference }) {
  const chosen = useHousehold().data?.household.positions ?? {};
  return (
    <Stack gap="4">
      {reference.disputes.map(({ id, question }) => {
        const positions = reference.positions.filter((position) => position.dispute === id);
        const followedId = chosen[id] ?? positions.find((position) => position.isDefault)?.id;
        return (
          <Box as="section" key={id} id={id} aria-label={question}>
            <Box as="h2" fontSize="lead">
              {question}
            </Box>
            <Grid
              templateColumns={{ base: '1fr', md: `repeat(${positions.length}, minmax(0, 1fr))` }}
              gap="0.375rem 1.125rem"
            >
              {positions.map((position) => (
                <Box
                  key={position.id}
                  borderTop="3px solid"
                  borderColor={position.id === followedId ? 'leaf' : 'line'}
                  paddingTop="1"
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
