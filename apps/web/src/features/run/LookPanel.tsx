import { Box, chakra, Grid, Stack } from '@chakra-ui/react';
import type { LookAnswer } from '@feverfew/contracts';
import { CircleCheck, CircleDashed, CirclePause, OctagonAlert } from 'lucide-react';
import { useState } from 'react';
import { ChipRow } from '../trouble/pickers/ChipRow';
import { ANSWER_WORDS, LEFT_STEPS } from './runWords';
import type { Say } from './useSay';

const ANSWERS = [
  ['gone', CircleCheck],
  ['moving', CircleDashed],
  ['stalled', CirclePause],
  ['wrong', OctagonAlert],
] as const;

const Answer = chakra('button', {
  base: {
    display: 'flex',
    gap: '12px',
    alignItems: 'center',
    textAlign: 'start',
    minHeight: '76px',
    padding: '10px 16px',
    borderRadius: 'md',
    border: '2px solid',
    borderColor: 'leaf',
    bg: 'card',
    color: 'ink',
    fontSize: '20px',
    _hover: { bg: 'leafTint' },
    _disabled: { opacity: 0.5 },
  },
  variants: { grave: { true: { borderColor: 'brick', borderStyle: 'dashed', color: 'brick' }, false: {} } },
});

/** Four answers, big enough for a knuckle; how much is left only if wanted. */
export function LookPanel({ say }: { say: Say }) {
  const [leftPct, setLeftPct] = useState<number | null>(null);
  const answer = (value: LookAnswer) =>
    say.send({ kind: 'looked', answer: value, leftPct: value === 'gone' ? (leftPct ?? 0) : leftPct });
  return (
    <Stack gap="10px" role="group" aria-label="What do you see?">
      <Grid templateColumns={{ base: '1fr', md: '1fr 1fr' }} gap="10px">
        {ANSWERS.map(([value, Shape]) => (
          <Answer
            key={value}
            type="button"
            grave={value === 'wrong'}
            disabled={say.pending}
            onClick={() => answer(value)}
          >
            <Shape size={30} strokeWidth={1.8} aria-hidden="true" />
            <span>
              <strong>{ANSWER_WORDS[value].title}</strong>
              <Box as="span" display="block" fontSize="16px" opacity={0.85}>
                {ANSWER_WORDS[value].hint}
              </Box>
            </span>
          </Answer>
        ))}
      </Grid>
      <ChipRow
        label="How much is left, by eye? (if you like)"
        options={LEFT_STEPS}
        chosen={leftPct}
        onChoose={(value) => setLeftPct(leftPct === value ? null : value)}
      />
    </Stack>
  );
}
