import { Box, Flex } from '@chakra-ui/react';
import type { Catalogue, Doubt, PieceSummary } from '@feverfew/contracts';
import { upperFirst } from '@feverfew/contracts';
import { ChipButton } from '../../../components/controls/controls';
import type { Draft } from '../../../facts/factsDraft';
import { answerDoubt } from './answerDoubt';

interface DoubtQuestionProps {
  readonly doubt: Doubt;
  readonly draft: Draft;
  readonly catalogue: Catalogue;
  readonly pieces: readonly PieceSummary[];
  /** `null`: it stays as it is. */
  readonly onAnswer: (draft: Draft | null) => void;
}

const ASKS = {
  mark: 'what is it?',
  item: 'which is it?',
  fibre: 'which is it?',
  piece: 'one of yours?',
} as const;

/** What was understood in two ways, as one question with one tap. */
export function DoubtQuestion({ doubt, draft, catalogue, pieces, onAnswer }: DoubtQuestionProps) {
  const nameOf = (id: string) =>
    [...catalogue.items, ...catalogue.fibres, ...catalogue.marks, ...pieces].find((one) => one.id === id)
      ?.name ?? id;
  const text = upperFirst(doubt.text);
  const question = `“${text}”: ${ASKS[doubt.kind]}`;
  return (
    <Box
      role="group"
      aria-label={question}
      border="2px solid"
      borderColor="disc"
      borderRadius="md"
      padding="0.625rem 0.75rem"
      marginTop="2.5"
      maxWidth="42.5rem"
    >
      <Box fontFamily="heading" fontWeight={650} fontSize="large" paddingBottom="2">
        {question}
      </Box>
      <Flex gap="2" wrap="wrap">
        {doubt.options.map((id) => (
          <ChipButton
            key={id}
            size="touch"
            color="leaf"
            borderColor="leaf"
            onClick={() => onAnswer(answerDoubt(draft, doubt, id, catalogue, pieces))}
          >
            {nameOf(id)}
          </ChipButton>
        ))}
        <ChipButton size="touch" color="soft" onClick={() => onAnswer(null)}>
          {doubt.kind === 'piece' ? 'No, another' : 'Not sure'}
        </ChipButton>
      </Flex>
    </Box>
  );
}
