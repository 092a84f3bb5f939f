import { Box, Stack } from '@chakra-ui/react';
import { type Finding, findingWords, workingWords } from '@feverfew/contracts';
import { useLexicon } from '../../app/useLexicon';
import { Button } from '../controls/controls';
import { Why } from '../layout/Why';

/** A folk claim answered in one quiet line, its working on demand. */
export function Claims({ findings }: { findings: readonly Finding[] }) {
  const say = useLexicon();
  if (findings.length === 0) return null;
  return (
    <Stack gap="6px" as="ul" listStyleType="none" fontSize="14.5px" aria-label="By the numbers">
      {findings.map((finding) => (
        <Box as="li" key={finding.code} color="water">
          {findingWords(finding, say)}{' '}
          <Why
            label="How this comes about"
            title="The working"
            sourceIds={finding.sourceIds}
            trigger={
              <Button
                variant="plain"
                size="small"
                textDecoration="underline"
                minHeight={{ base: '44px', md: '24px' }}
                padding="0 4px"
              >
                the working
              </Button>
            }
          >
            <Stack gap="8px">
              {workingWords(finding, say).map((line) => (
                <Box key={line}>{line}</Box>
              ))}
            </Stack>
          </Why>
        </Box>
      ))}
    </Stack>
  );
}
