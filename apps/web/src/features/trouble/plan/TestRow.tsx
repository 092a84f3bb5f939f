import { Box, Flex } from '@chakra-ui/react';
import { Droplet } from 'lucide-react';
import { Disc, ROW } from './rowParts';

interface TestRowProps {
  /** The number of the step it opens. */
  readonly number: number;
  /** Another step of the round has had its test before. */
  readonly isAgain: boolean;
}

/** Before a step the cloth may not bear: the trial on a hidden spot that opens it. No bar: nothing is taken out by it. */
export function TestRow({ number, isAgain }: TestRowProps) {
  return (
    <Box
      as="li"
      display="grid"
      gridTemplateColumns={ROW}
      listStyleType="none"
      borderInline={{ base: '4px solid', md: 'none' }}
      borderColor="ink"
      data-test-first=""
    >
      <Box display={{ base: 'none', md: 'block' }} />
      <Box
        display={{ base: 'none', md: 'block' }}
        borderInline="4px solid"
        borderColor="ink"
        aria-hidden="true"
      />
      <Flex
        gap="2.5"
        align="flex-start"
        padding={{ base: '0.5rem 0.875rem 0.25rem', md: '0.4375rem 0 0.4375rem 1.5rem' }}
        borderBottom={{ md: '1px solid' }}
        borderColor={{ md: 'line' }}
        fontSize={{ base: 'lead', md: 'body' }}
        lineHeight="1.5"
      >
        <Disc borderStyle="dotted" aria-hidden="true">
          <Droplet size={14} strokeWidth={2} />
        </Disc>
        <Box flex="1" minWidth="0">
          <Box as="h3" display="inline" fontSize={{ base: 'subhead', md: 'large' }}>
            {isAgain ? 'Test the next one too' : 'Test a hidden spot first'}
          </Box>
          . If colour comes off, skip step {number}.
        </Box>
      </Flex>
    </Box>
  );
}
