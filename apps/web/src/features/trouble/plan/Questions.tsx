import { Box, chakra, Stack } from '@chakra-ui/react';
import { answerWords, type OpenAnswer, QUESTION_WORDS, type Question } from '@feverfew/contracts';
import { useLexicon } from '../../../app/useLexicon';

const Answer = chakra('button', {
  base: {
    minHeight: '52px',
    paddingInline: '8px',
    borderRadius: 'md',
    border: '1.5px solid',
    borderColor: 'leaf',
    color: 'leaf',
    bg: 'card',
    fontWeight: 650,
    fontSize: '17px',
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
    <Stack gap="14px" paddingBlock="14px 4px">
      {questions.map(({ fact, answers }) => (
        <Box key={fact} role="group" aria-label={QUESTION_WORDS[fact]}>
          <Box as="h2" fontSize="19px" marginBottom="6px">
            {QUESTION_WORDS[fact]}
          </Box>
          <Box
            display="grid"
            gap="8px"
            gridTemplateColumns={{
              base: answers.length === 2 ? 'repeat(3, minmax(0, 1fr))' : 'repeat(2, minmax(0, 1fr))',
              md: 'repeat(auto-fit, minmax(130px, 1fr))',
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
