import { Box } from '@chakra-ui/react';
import { type Plan, type Round, roundWords } from '@feverfew/contracts';
import { useLexicon } from '../../app/useLexicon';
import type { OnTable } from '../../recipe/mixDraft';
import { PassCard } from './PassCard';

interface RoundSectionProps {
  readonly round: Round;
  readonly ladder: Plan['ladder'];
  /** Steps of the rounds before. */
  readonly before: number;
  readonly chosen: number;
  readonly open: string | null;
  readonly on: OnTable;
  readonly onChoose: (rungIndex: number) => void;
}

/** One go: its steps, its one drying, its look. */
export function RoundSection({ round, ladder, before, chosen, open, on, onChoose }: RoundSectionProps) {
  const say = useLexicon();
  const words = roundWords(round, say);
  return (
    <Box as="section" aria-label={`Round ${round.id.slice(1)}`} paddingTop="6px">
      <Box as="h2" fontSize="20px">
        {words.title}
      </Box>
      <Box as="ol" padding="0" aria-label={`Steps of round ${round.id.slice(1)}`}>
        {round.passes.map((laid, at) => {
          const rungIndex = ladder.findIndex(({ passId }) => passId === laid.id);
          return (
            <PassCard
              key={laid.id}
              laid={laid}
              pass={ladder[rungIndex]}
              lines={words.passes[at]?.lines ?? NO_LINES}
              number={before + at + 1}
              rungIndex={rungIndex}
              chosen={rungIndex === chosen}
              expanded={open === laid.id}
              on={on}
              onChoose={onChoose}
            />
          );
        })}
      </Box>
      {[words.drying, words.look].map(
        (line) =>
          line && (
            <Box key={line} paddingTop="6px">
              {line}
            </Box>
          ),
      )}
    </Box>
  );
}

const NO_LINES: readonly string[] = [];
