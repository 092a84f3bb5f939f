import { Box, Flex, Stack } from '@chakra-ui/react';
import type { Catalogue, Plan } from '@feverfew/contracts';
import { useLexicon } from '../../app/useLexicon';
import { ChipRow } from '../../components/ChipRow';

interface DiagnosisPanelProps {
  readonly diagnoses: Plan['diagnoses'];
  readonly catalogue: Catalogue;
  readonly answers: Plan['facts']['answers'];
  readonly onAnswer: (answers: Plan['facts']['answers']) => void;
}

const SHOWN_SHARE = 0.04;

/** Where the cause decides: a few quick questions, and how likely each cause is with the answers given so far. */
export function DiagnosisPanel({ diagnoses, catalogue, answers, onAnswer }: DiagnosisPanelProps) {
  return diagnoses.map((view) => {
    const diagnosis = catalogue.diagnoses.find((candidate) => candidate.id === view.diagnosisId);
    return diagnosis ? (
      <Stack
        key={diagnosis.id}
        as="section"
        aria-label="What is the cause?"
        gap="10px"
        paddingTop="14px"
        marginTop="10px"
        borderTop="1px solid"
        borderColor="line"
      >
        {diagnosis.questions.map((question) => (
          <ChipRow
            key={question.id}
            label={question.text}
            size="small"
            chosen={answers[question.id] ?? null}
            options={question.answers.map((answer) => ({ value: answer.id, text: answer.text }))}
            onChoose={(answerId) => {
              const { [question.id]: before, ...others } = answers;
              onAnswer(before === answerId ? others : { ...others, [question.id]: answerId });
            }}
          />
        ))}
        <Causes causes={view.causes} />
      </Stack>
    ) : null;
  });
}

function Causes({ causes }: { causes: Plan['diagnoses'][number]['causes'] }) {
  const say = useLexicon();
  return (
    <Box>
      <Box fontSize="14px" color="soft">
        Then it is (weights are estimates)
      </Box>
      <Stack as="ul" gap="3px" listStyleType="none" aria-label="Likely causes">
        {causes
          .filter((cause) => cause.share >= SHOWN_SHARE)
          .map(({ markId, share }, index) => (
            <Flex as="li" key={markId} gap="10px" alignItems="center" fontSize="14.5px">
              <Box flex="0 0 46%" fontWeight={index === 0 ? 700 : 400}>
                {say.name(markId)}
              </Box>
              <Box flex="1" height="8px" bg="track" borderRadius="full" aria-hidden="true">
                <Box height="8px" bg="water" borderRadius="full" width={`${Math.round(share * 100)}%`} />
              </Box>
              <Box flex="0 0 44px" textAlign="end">
                {Math.round(share * 100)} %
              </Box>
            </Flex>
          ))}
      </Stack>
    </Box>
  );
}
