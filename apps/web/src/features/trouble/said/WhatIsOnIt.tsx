import { Box, Flex } from '@chakra-ui/react';
import type { Catalogue } from '@feverfew/contracts';
import { ChipButton } from '../../../components/controls/controls';
import { searchOver } from '../../../search/searchOptions';

interface WhatIsOnItProps {
  readonly catalogue: Catalogue;
  /** Words of the sentence that were not understood. */
  readonly words: string;
  readonly onMark: (markId: string) => void;
  /** None of these: all troubles to choose from. */
  readonly onElse: () => void;
}

const MAX_NEAREST = 3;
const QUESTION = 'What happened to it?';

/** No trouble was understood: what comes nearest, and something else. */
export function WhatIsOnIt({ catalogue, words, onMark, onElse }: WhatIsOnItProps) {
  const { unknownMarkId } = catalogue.readingRules;
  const nearest = searchOver(catalogue.marks)
    .find(words)
    .map(({ record }) => record)
    .filter(({ id }) => id !== unknownMarkId)
    .slice(0, MAX_NEAREST);
  return (
    <Box role="group" aria-label={QUESTION} paddingBlock="3" maxWidth="42.5rem">
      <Box fontFamily="heading" fontWeight={650} fontSize="large" paddingBottom="2">
        {QUESTION}
      </Box>
      <Flex gap="2" wrap="wrap">
        {nearest.map(({ id, name }) => (
          <ChipButton key={id} size="touch" color="leaf" borderColor="leaf" onClick={() => onMark(id)}>
            {name}
          </ChipButton>
        ))}
        <ChipButton size="touch" color="leaf" borderColor="leaf" onClick={() => onMark(unknownMarkId)}>
          a stain, I do not know of what
        </ChipButton>
        <ChipButton size="touch" color="soft" onClick={onElse}>
          Something else
        </ChipButton>
      </Flex>
    </Box>
  );
}
