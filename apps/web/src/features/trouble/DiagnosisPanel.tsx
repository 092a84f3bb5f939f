import { Box, Flex, Stack } from '@chakra-ui/react';
import type { Catalogue, Plan } from '@feverfew/contracts';
import { useLexicon } from '../../app/useLexicon';
import { ChipRow } from '../../components/controls/ChipRow';
import { Button } from '../../components/controls/controls';

interface DiagnosisPanelProps {
  readonly diagnoses: Plan['diagnoses'];
  readonly catalogue: Catalogue;
  readonly answers: Plan['facts']['answers'];
  readonly onAnswer: (answers: Plan['facts']['answers']) => void;
  /** One of the causes is taken for what it is. */
  readonly onAdopt: (unknownId: string, markId: string) => void;
}

const SHOWN_SHARE = 0.04;

/** Where the cause decides: a few quick questions, and how likely each cause is with the answers given so far. */
export function DiagnosisPanel({ diagnoses, catalogue, answers, onAnswer, onAdopt }: DiagnosisPanelProps) {
  return diagnoses.map((view) => {
    const diagnosis = catalogue.diagnoses.find((candidate) => candidate.id === view.diagnosisId);
    return diagnosis ? (
      <Stack
        key={diagnosis.id}
        as="section"
        aria-label="What is the cause?"
        gap="2.5"
        paddingTop="3.5"
        marginTop="2.5"
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
        <Causes causes={view.causes} onAdopt={(markId) => onAdopt(diagnosis.markId, markId)} />
      </Stack>
    ) : null;
  });
}

interface CausesProps {
  readonly causes: Plan['diagnoses'][number]['causes'];
  readonly onAdopt: (markId: string) => void;
}

function Causes({ causes, onAdopt }: CausesProps) {
  const say = useLexicon();
  return (
    <Box>
      <Box fontSize="small" color="soft">
        Most likely (weights are estimates). Tap the one you are sure of.
      </Box>
      <Stack as="ul" gap="3px" listStyleType="none" aria-label="Likely causes">
        {causes
          .filter((cause) => cause.share >= SHOWN_SHARE)
          .map(({ markId, share }, index) => (
            <Flex as="li" key={markId} gap="2.5" alignItems="center" fontSize="small">
              <Button
                variant="plain"
                flex="0 0 46%"
                justifyContent="flex-start"
                textAlign="start"
                paddingInline="0"
                fontWeight={index === 0 ? 700 : 400}
                onClick={() => onAdopt(markId)}
              >
                {say.name(markId)}
              </Button>
              <Box flex="1" height="0.5rem" bg="track" borderRadius="full" aria-hidden="true">
                <Box height="0.5rem" bg="water" borderRadius="full" width={`${Math.round(share * 100)}%`} />
              </Box>
              <Box flex="0 0 2.75rem" textAlign="end">
                {Math.round(share * 100)} %
              </Box>
            </Flex>
          ))}
      </Stack>
    </Box>
  );
}
