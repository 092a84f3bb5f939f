import { Box, Grid, Stack } from '@chakra-ui/react';
import { type Candidate, findingWords, type TroubleFacts } from '@feverfew/contracts';
import { memo } from 'react';
import { useLexicon } from '../../../app/useLexicon';
import { SourceList } from '../../../components/layout/Why';
import { Terms } from '../../../components/text/Terms';
import { isWaiting, losers } from './passView';
import { WhatWouldChange } from './WhatWouldChange';

/** Ways that lost, each with every reason, its ground, and on demand what would have to be otherwise. */
export const RuledOut = memo(function RuledOut({
  candidates,
  facts,
}: {
  candidates: readonly Candidate[];
  facts: TroubleFacts;
}) {
  const say = useLexicon();
  return (
    <Stack gap="2" fontSize="note">
      {losers(candidates).map((candidate) => {
        const isOut = candidate.verdict === 'ruledOut' && !isWaiting(candidate);
        return (
          <Grid
            key={candidate.methodId}
            templateColumns={{ base: '1fr', md: '16.25rem 1fr' }}
            gap="2px 0.875rem"
            data-lost={candidate.methodId}
          >
            <Box
              textDecoration={isOut ? 'line-through dashed' : 'none'}
              textDecorationColor="brick"
              textDecorationThickness="2px"
              fontWeight={600}
            >
              {say.name(candidate.methodId)}
            </Box>
            <Box color="soft">
              {candidate.findings.map((finding) => (
                <Box key={finding.code + JSON.stringify(finding.facts)}>
                  <Terms>{findingWords(finding, say)}</Terms>
                </Box>
              ))}
              <SourceList ids={[...new Set(candidate.findings.flatMap((finding) => finding.sourceIds))]} />
              {candidate.verdict === 'ruledOut' && (
                <WhatWouldChange facts={facts} methodId={candidate.methodId} />
              )}
            </Box>
          </Grid>
        );
      })}
    </Stack>
  );
});
