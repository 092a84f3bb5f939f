import { Box, Flex } from '@chakra-ui/react';
import {
  type HouseAnswer,
  type HouseQuestionView,
  houseQuestionWords,
  lowerFirst,
  type PeopleFact,
  type TroubleFacts,
} from '@feverfew/contracts';
import { useState } from 'react';
import { useLexicon } from '../../../app/useLexicon';
import { Button } from '../../../components/controls/controls';
import { LinkButton } from '../../../components/controls/LinkButton';
import { useAnswerOfHouse } from '../../../queries/householdQueries';
import { PeopleQuestion } from './PeopleQuestion';

const PEOPLE_QUESTION_ID = 'who-lives-here';

/** Where the start leads while the question about people is open. */
export function showPeopleQuestion(): void {
  const question = document.getElementById(PEOPLE_QUESTION_ID);
  question?.scrollIntoView({ block: 'center' });
  question?.querySelector('button')?.focus();
}

interface HouseQuestionRowProps {
  readonly facts: TroubleFacts;
  readonly question: HouseQuestionView['question'] | undefined;
  readonly onAnswer: () => void;
}

/**
 * One thing about the house, asked only where this plan hangs on it, and no second one for the same trouble. Who lives
 * there is always asked where it matters.
 */
export function HouseQuestionRow({ facts, question, onAnswer }: HouseQuestionRowProps) {
  const say = useLexicon();
  const trouble = facts.markIds.join();
  const [saidOf, setSaidOf] = useState<string | null>(null);
  const isSaid = saidOf === trouble;
  const saving = useAnswerOfHouse();
  if (isSaid && question?.fact !== 'people')
    return (
      <Flex role="status" align="center" gap="0.25rem 0.75rem" wrap="wrap" paddingTop="1.5" color="soft">
        Noted: this plan uses it.
        <LinkButton to="/household" variant="plain" size="small">
          Your house
        </LinkButton>
      </Flex>
    );
  if (!question) return null;
  const { ask, answers, guess } = houseQuestionWords(question, say);
  const { fact, entry } = question;
  const give = (answer: HouseAnswer, people: readonly PeopleFact[] = []) =>
    saving.mutate(
      { fact, entry, answer, people: [...people] },
      {
        onSuccess: () => {
          onAnswer();
          setSaidOf(trouble);
        },
      },
    );
  const isOfPeople = fact === 'people';
  return (
    <Box
      role="group"
      aria-label={ask}
      id={isOfPeople ? PEOPLE_QUESTION_ID : undefined}
      paddingBlock="0.625rem 0.25rem"
    >
      <Box>
        <Box as="strong" fontFamily="heading">
          {ask}
        </Box>{' '}
        <Box as="span" color="soft">
          {isOfPeople
            ? 'Some of this plan could hurt them. One answer, then it starts.'
            : `Guessed: ${lowerFirst(guess)}.`}
        </Box>
      </Box>
      {isOfPeople ? (
        <PeopleQuestion
          people={question.people}
          isSaving={saving.isPending}
          onAnswer={(people) => give(people.length > 0 ? 'some' : 'none', people)}
        />
      ) : (
        <Flex gap="2" wrap="wrap" paddingTop="1.5">
          {answers.map(({ id, text }) => (
            <Button key={id} disabled={saving.isPending} onClick={() => give(id)}>
              {text}
            </Button>
          ))}
        </Flex>
      )}
      {saving.error && (
        <Box role="alert" color="brick">
          {saving.error.message}
        </Box>
      )}
    </Box>
  );
}
