import { Box, Flex, Grid, Stack } from '@chakra-ui/react';
import { effectRange, findingWords, MECHANISM_WORDS, type Pass } from '@feverfew/contracts';
import { useLexicon } from '../../../app/useLexicon';
import { Why } from '../../../components/layout/Why';
import { Terms } from '../../../components/text/Terms';
import { RangeBar } from '../limits/RangeBar';

/** Why this pass, and why it stops where it stops: what it does to each part of the trouble, and what holds it back. */
export function PassWhy({ pass }: { pass: Pass }) {
  const say = useLexicon();
  return (
    <Grid
      gridColumn="1 / -1"
      templateColumns={{ base: '1fr', xl: 'minmax(0, 1fr) minmax(0, 1fr)' }}
      gap="0.625rem 1.5rem"
      fontSize="small"
      paddingBlock="2"
    >
      <Box>
        <Box color="soft">Why this: what one round takes out</Box>
        <Stack as="ul" gap="1" listStyleType="none">
          {pass.acts.map((act) => (
            <li key={act.componentId}>
              <Flex justifyContent="space-between" gap="2">
                <span>
                  {say.name(act.componentId)}
                  <Box as="span" color="soft">
                    {' '}
                    ·{' '}
                    <Terms>
                      {`by ${act.mechanisms
                        .slice(0, 3)
                        .map((one) => MECHANISM_WORDS[one])
                        .join(', ')}`}
                    </Terms>
                  </Box>
                </span>
                <Box whiteSpace="nowrap">{effectRange(act)}</Box>
              </Flex>
              <RangeBar low={act.low} high={act.high} height={5} />
            </li>
          ))}
        </Stack>
        {pass.effectByMark.length > 1 && (
          <Box color="soft" marginTop="1">
            {pass.effectByMark.map((mark) => `${say.name(mark.markId)} ${effectRange(mark)}`).join(' · ')}
          </Box>
        )}
      </Box>
      <Box>
        <Box color="soft">Why not hotter, longer, stronger</Box>
        <Stack as="ul" gap="0.5" listStyleType="none">
          {pass.edges.map((edge) => {
            const words = findingWords(edge, say);
            return (
              <Flex as="li" key={words} gap="1.5" alignItems="baseline">
                <span>
                  <Terms>{words}</Terms>
                </span>
                <Why
                  label={`Source: ${words}`}
                  title={words}
                  sourceIds={edge.sourceIds}
                  trigger={
                    <Box
                      as="button"
                      color="leaf"
                      fontSize="caption"
                      textDecoration="underline"
                      minHeight={{ base: '2.75rem', md: '1.5rem' }}
                    >
                      ground
                    </Box>
                  }
                >
                  {null}
                </Why>
              </Flex>
            );
          })}
        </Stack>
      </Box>
    </Grid>
  );
}
