import { Box, chakra } from '@chakra-ui/react';
import type { Lexicon, TroubleSummary } from '@feverfew/contracts';
import { ChevronRight } from 'lucide-react';
import { Link } from 'react-router';
import { dayText } from '../../clock/dayText';
import { OUTCOME_WORDS } from '../../components/text/runWords';
import { marksText } from '../../facts/sentenceView';

const Row = chakra(Link, {
  base: {
    display: 'flex',
    alignItems: 'center',
    gap: '3',
    minHeight: '3.25rem',
    paddingBlock: '0.4375rem',
    borderBottom: '1px solid',
    borderColor: 'line',
    _hover: { bg: 'leafTint' },
  },
});

export function TroubleRow({
  trouble,
  say,
  to,
  nowMs,
}: {
  trouble: TroubleSummary;
  say: Lexicon;
  to: string;
  nowMs: number;
}) {
  const outcome = trouble.outcome ? OUTCOME_WORDS[trouble.outcome as keyof typeof OUTCOME_WORDS] : null;
  return (
    <li>
      <Row to={to}>
        <Box flex="1" minWidth="0">
          <Box fontWeight={650} _firstLetter={{ textTransform: 'uppercase' }}>
            {trouble.pieceName}
          </Box>
          <Box color="soft" fontSize="note">
            {marksText(trouble.markIds, say)}, {dayText(trouble.createdAt, nowMs)}
          </Box>
        </Box>
        {outcome && <Box fontSize="note">{outcome}</Box>}
        {!outcome && trouble.handsOnMin !== null && (
          <Box color="soft" whiteSpace="nowrap">
            {Math.round(trouble.handsOnMin)} min
          </Box>
        )}
        <ChevronRight size={18} aria-hidden="true" />
      </Row>
    </li>
  );
}
