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
    <Stack gap="1.5" as="ul" listStyleType="none" fontSize="small" aria-label="By the numbers">
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
                minHeight={{ base: '2.75rem', md: '1.5rem' }}
                padding="0 0.25rem"
              >
                the working
              </Button>
            }
          >
            <Stack gap="2">
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
