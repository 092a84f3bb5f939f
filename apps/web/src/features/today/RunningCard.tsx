import { Box, chakra, Flex } from '@chakra-ui/react';
import type { RunSummary } from '@feverfew/contracts';
import { Link } from 'react-router';
import { useLexicon } from '../../app/useLexicon';
import { clockText, timerView } from '../run/timerView';
import { marksText } from '../trouble/sentenceView';
import { STEP_NAMES } from './stepNames';

const Card = chakra(Link, {
  base: {
    display: 'block',
    border: '1.5px solid',
    borderColor: 'water',
    borderRadius: 'md',
    bg: 'card',
    padding: '14px 16px',
    _hover: { bg: 'waterTint' },
  },
});

/** One run under way: the vessel, the time left, and what needs a hand. */
export function RunningCard({ run, nowMs }: { run: RunSummary; nowMs: number }) {
  const say = useLexicon();
  const { timer } = run.state;
  const view = timer ? timerView(timer, nowMs, run.state.looks.at(-1)?.at ?? null) : null;
  const headline =
    view === null
      ? `${STEP_NAMES[run.stepKind] ?? 'Next step'} now`
      : view.phase === 'working'
        ? clockText(view.ms)
        : view.phase === 'ready'
          ? 'Ready'
          : `Over by ${clockText(view.ms)}`;
  const hand =
    view === null
      ? 'waits for your hand'
      : view.phase !== 'working'
        ? 'look now'
        : view.lookDue
          ? 'look-in due now'
          : view.nextLookMs !== null
            ? `next look in ${clockText(view.nextLookMs)}`
            : '';
  return (
    <Card to={`/runs/${run.id}`}>
      <Flex justifyContent="space-between" alignItems="baseline" gap="10px" wrap="wrap">
        <Box fontWeight={650} fontSize="18px">
          {run.pieceName}
        </Box>
        <Box color="water" fontWeight={650}>
          {run.vesselName ?? 'in place'}
        </Box>
      </Flex>
      <Box color="soft">
        {marksText(run.markIds, say)} · {say.name(run.methodId)}
      </Box>
      <Flex alignItems="baseline" gap="12px" marginTop="6px" wrap="wrap">
        <Box fontFamily="heading" fontSize="32px" fontWeight={700} lineHeight="1.2">
          {headline}
        </Box>
        <Box fontWeight={view?.lookDue || view?.phase !== 'working' ? 700 : 400}>{hand}</Box>
      </Flex>
      {view && (
        <Box height="8px" borderRadius="full" bg="track" marginTop="8px" aria-hidden="true">
          <Box height="8px" borderRadius="full" bg="water" width={`${view.share * 100}%`} />
        </Box>
      )}
    </Card>
  );
}
