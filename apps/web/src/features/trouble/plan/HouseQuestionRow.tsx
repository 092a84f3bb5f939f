import { Box, Flex } from '@chakra-ui/react';
import { houseQuestionWords, type TroubleFacts } from '@feverfew/contracts';
import { useState } from 'react';
import { useLexicon } from '../../../app/useLexicon';
import { Button } from '../../../components/controls';
import { LinkButton } from '../../../components/LinkButton';
import { useAnswerOfHouse, useHouseQuestion } from '../../../queries/householdQueries';

/** One thing about the house, asked only where this plan hangs on it, and no second one for the same trouble. */
export function HouseQuestionRow({ facts }: { facts: TroubleFacts }) {
  const say = useLexicon();
  const trouble = facts.markIds.join();
  const [saidOf, setSaidOf] = useState<string | null>(null);
  const isSaid = saidOf === trouble;
  const question = useHouseQuestion(facts, !isSaid).data?.question;
  const saving = useAnswerOfHouse();
  if (isSaid)
    return (
      <Flex role="status" align="center" gap="4px 12px" wrap="wrap" paddingTop="6px" color="soft">
        Noted: this plan reckons with it.
        <LinkButton to="/household" variant="plain" size="small">
          Your house
        </LinkButton>
      </Flex>
    );
  if (!question) return null;
  const { ask, answers, guess } = houseQuestionWords(question, say);
  const { fact, entry } = question;
  return (
    <Box role="group" aria-label={ask} paddingBlock="10px 4px">
      <Box>
        <Box as="strong" fontFamily="heading">
          {ask}
        </Box>{' '}
        <Box as="span" color="soft">
          Guessed: {guess.charAt(0).toLowerCase() + guess.slice(1)}.
        </Box>
      </Box>
      <Flex gap="8px" wrap="wrap" paddingTop="6px">
        {answers.map(({ id, text }) => (
          <Button
            key={id}
            disabled={saving.isPending}
            onClick={() =>
              saving.mutate({ fact, entry, answer: id }, { onSuccess: () => setSaidOf(trouble) })
            }
          >
            {text}
          </Button>
        ))}
      </Flex>
      {saving.error && (
        <Box role="alert" color="brick">
          {saving.error.message}
        </Box>
      )}
    </Box>
  );
}
