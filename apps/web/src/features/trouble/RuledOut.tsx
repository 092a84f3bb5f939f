import { Box, Grid, Stack } from '@chakra-ui/react';
import { type Candidate, findingWords, type TroubleFacts } from '@feverfew/contracts';
import { memo, useState } from 'react';
import { useLexicon } from '../../app/useLexicon';
import { Button } from '../../components/controls';
import { SourceList } from '../../components/Why';
import { isWaiting, losers } from './passView';
import { WhatWouldChange } from './WhatWouldChange';

const SHOWN = 4;

/** Methods that lost, each with its reason; the rest one tap away. */
export const RuledOut = memo(function RuledOut({
  candidates,
  facts,
}: {
  candidates: readonly Candidate[];
  facts: TroubleFacts;
}) {
  const say = useLexicon();
  const [all, setAll] = useState(false);
  const lost = losers(candidates);
  if (lost.length === 0) return null;
  return (
    <Box as="section" aria-label="Not used here" paddingTop="12px">
      <Box as="h3" fontSize="15px" color="soft" marginBottom="4px">
        Not used here
      </Box>
      <Stack gap={all ? '8px' : '3px'} fontSize="14.5px">
        {lost.slice(0, all ? undefined : SHOWN).map((candidate) => (
          <Grid
            key={candidate.methodId}
            templateColumns={{ base: '1fr', md: '210px 1fr' }}
            gap="2px 14px"
            data-lost={candidate.methodId}
          >
            <Box
              textDecoration={
                candidate.verdict === 'ruledOut' && !isWaiting(candidate) ? 'line-through' : 'none'
              }
              textDecorationColor="brick"
              textDecorationThickness="2px"
              fontWeight={600}
            >
              {say.name(candidate.methodId)}
            </Box>
            <Box color="soft">
              {candidate.findings.slice(0, all ? undefined : 1).map((finding) => (
                <Box key={finding.code + JSON.stringify(finding.facts)}>{findingWords(finding, say)}</Box>
              ))}
              {all && (
                <SourceList ids={[...new Set(candidate.findings.flatMap((finding) => finding.sourceIds))]} />
              )}
              {all && candidate.verdict === 'ruledOut' && (
                <WhatWouldChange facts={facts} methodId={candidate.methodId} />
              )}
            </Box>
          </Grid>
        ))}
      </Stack>
      <Button variant="plain" size="small" marginTop="4px" onClick={() => setAll(!all)} aria-expanded={all}>
        {all ? 'Fewer' : `All ${lost.length}, with every reason and its ground`}
      </Button>
    </Box>
  );
});
