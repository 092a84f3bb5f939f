import { Box, Flex } from '@chakra-ui/react';
import { type HouseQuestionView, PEOPLE_WORDS, type PeopleFact } from '@feverfew/contracts';
import { useState } from 'react';
import { Button } from '../../../components/controls/controls';

interface PeopleQuestionProps {
  readonly people: NonNullable<HouseQuestionView['question']>['people'];
  readonly isSaving: boolean;
  readonly onAnswer: (people: readonly PeopleFact[]) => void;
}

/** Who lives there, in one question: the work waits for it, because what could hurt hangs on it. */
export function PeopleQuestion({ people, isSaving, onAnswer }: PeopleQuestionProps) {
  const [chosen, setChosen] = useState<readonly PeopleFact[]>([]);
  const turn = (one: PeopleFact) =>
    setChosen(chosen.includes(one) ? chosen.filter((other) => other !== one) : [...chosen, one]);
  return (
    <>
      <Flex gap="2" wrap="wrap" paddingTop="1.5">
        {people.map((one) => (
          <Button key={one} aria-pressed={chosen.includes(one)} disabled={isSaving} onClick={() => turn(one)}>
            {chosen.includes(one) && (
              <Box as="span" aria-hidden>
                ✓{' '}
              </Box>
            )}
            {PEOPLE_WORDS[one]}
          </Button>
        ))}
      </Flex>
      <Flex gap="2" wrap="wrap" paddingTop="2">
        {chosen.length > 0 ? (
          <Button variant="action" disabled={isSaving} onClick={() => onAnswer(chosen)}>
            Keep that in mind
          </Button>
        ) : (
          <Button disabled={isSaving} onClick={() => onAnswer([])}>
            None of these
          </Button>
        )}
      </Flex>
    </>
  );
}
