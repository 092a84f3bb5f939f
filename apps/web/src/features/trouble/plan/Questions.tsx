import { Box, chakra, Stack } from '@chakra-ui/react';
import { answerWords, type OpenAnswer, QUESTION_WORDS, type Question } from '@feverfew/contracts';
import { useLexicon } from '../../../app/useLexicon';

const Answer = chakra('button', {
  base: {
    minHeight: { base: '3.25rem', md: '2.5rem' },
    paddingInline: '2',
    borderRadius: 'md',
    border: '1.5px solid',
    borderColor: 'leaf',
    color: 'leaf',
    bg: 'card',
    fontWeight: 650,
    fontSize: { base: 'lead', md: 'body' },
    lineHeight: 1.2,
    _hover: { bg: 'leafTint' },
  },
  variants: {
    open: { true: { borderStyle: 'dotted', borderWidth: '2px', borderColor: 'soft', color: 'soft' } },
  },
});

interface QuestionsProps {
  readonly questions: readonly Question[];
  /** `answer` null: not sure. */
  readonly onAnswer: (fact: Question['fact'], answer: OpenAnswer | null) => void;
}

/** At most two questions, each with one tap; an answer is replaced by what follows from it. */
export function Questions({ questions, onAnswer }: QuestionsProps) {
  const say = useLexicon();
  return (
    <Stack gap={{ base: '3.5', md: '2' }} paddingBlock={{ base: '0.875rem 0.25rem', md: '0.5rem 0' }}>
      {questions.map(({ fact, answers }) => (
        <Box
          key={fact}
          role="group"
          aria-label={QUESTION_WORDS[fact]}
          display={{ md: 'grid' }}
          gridTemplateColumns="14rem minmax(0, 1fr)"
          alignItems="center"
        >
          <Box as="h2" fontSize="subhead" marginBottom={{ base: '1.5', md: '0' }}>
            {QUESTION_WORDS[fact]}
          </Box>
          <Box
            display="grid"
            gap="2"
            gridTemplateColumns={{
              base: answers.length === 2 ? 'repeat(3, minmax(0, 1fr))' : 'repeat(2, minmax(0, 1fr))',
              md: 'repeat(auto-fit, minmax(6.25rem, 1fr))',
            }}
          >
            {answers.map((answer) => (
              <Answer key={answer.id} type="button" onClick={() => onAnswer(fact, answer)}>
                {answerWords(answer.id, say.name)}
              </Answer>
            ))}
            <Answer type="button" open onClick={() => onAnswer(fact, null)}>
              Not sure
            </Answer>
          </Box>
        </Box>
      ))}
    </Stack>
  );
}
