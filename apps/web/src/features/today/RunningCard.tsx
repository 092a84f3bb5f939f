import { Box, chakra, Flex } from '@chakra-ui/react';
import type { RunningEntry } from '@feverfew/contracts';
import { Link } from 'react-router';
import { useLexicon } from '../../app/useLexicon';
import { timerView } from '../../clock/timerView';
import { marksText } from '../../facts/sentenceView';
import { nextActionView } from './nextActionView';

const Card = chakra(Link, {
  base: {
    display: 'block',
    border: '1.5px solid',
    borderRadius: 'md',
    bg: 'card',
    padding: '12px 16px',
    _hover: { bg: 'waterTint' },
  },
  variants: {
    wanted: { true: { borderColor: 'ink', borderInlineStartWidth: '7px' }, false: { borderColor: 'water' } },
  },
});

/** One run under way: the vessel, what is in it, the time left, and what needs a hand. */
export function RunningCard({ run, nowMs }: { run: RunningEntry; nowMs: number }) {
  const say = useLexicon();
  const { timer } = run.state;
  const bar = timer ? timerView(timer, nowMs, null) : null;
  const view = nextActionView(run, nowMs);
  return (
    <Card to={`/runs/${run.id}`} wanted={view.isNow} data-run={run.id} data-hand={run.hand.what}>
      <Flex justifyContent="space-between" alignItems="baseline" gap="10px" wrap="wrap">
        <Box color="water" fontWeight={650} fontSize="18px">
          {run.vesselName ?? 'in place'}
        </Box>
        <Box fontWeight={650} fontSize="18px">
          {run.pieceName}
        </Box>
      </Flex>
      <Box color="soft" fontSize="15px">
        {marksText(run.markIds, say)} · {say.name(run.methodId)}
        {run.state.round > 1 ? ` · round ${run.state.round}` : ''}
      </Box>
      <Flex alignItems="baseline" gap="12px" marginTop="4px" wrap="wrap">
        <Box fontFamily="heading" fontSize="30px" fontWeight={700} lineHeight="1.2">
          {view.headline}
        </Box>
        <Box fontWeight={view.isNow ? 700 : 400}>{view.next}</Box>
      </Flex>
      {bar && (
        <Box height="8px" borderRadius="full" bg="track" marginTop="8px" aria-hidden="true">
          <Box
            height="8px"
            borderRadius="full"
            bg={bar.phase === 'over' ? 'brick' : 'water'}
            width={`${bar.share * 100}%`}
          />
        </Box>
      )}
    </Card>
  );
}
