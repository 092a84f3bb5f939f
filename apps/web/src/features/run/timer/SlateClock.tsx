import { Box, Flex } from '@chakra-ui/react';
import { type Action, overrunOf, type RunView } from '@feverfew/contracts';
import { timeOfDay } from '../../../clock/timeOfDay';
import { clockText, spanText, timerView } from '../../../clock/timerView';

const HEADLINES = { working: 'to go', ready: 'long enough; at most another', over: 'over time' } as const;

interface SlateClockProps {
  readonly run: RunView;
  readonly action: Action;
  readonly nowMs: number;
}

/** The clock on the slate, in absolute times: how long yet, when it is ready, and out by when. */
export function SlateClock({ run, action, nowMs }: SlateClockProps) {
  const { timer, looks } = run.state;
  if (!timer) return null;
  const lastLook = looks.filter((look) => look.at >= timer.startedAt).at(-1)?.at ?? null;
  const view = timerView(timer, nowMs, lastLook);
  const isPaused = timer.pausedAt !== null && overrunOf(action, timer, nowMs) === null;
  const isReady = !isPaused && view.phase === 'ready';
  const headline = isPaused ? 'taken out for now' : HEADLINES[view.phase];
  return (
    <Box role="timer" aria-live="off" paddingTop="1">
      <Flex alignItems="baseline" gap="3" wrap="wrap">
        <Box
          fontFamily="heading"
          fontWeight={700}
          fontSize="display.huge"
          lineHeight="1.1"
          color={view.phase === 'working' && !isPaused ? 'ink' : 'slateLabel'}
          data-testid="clock"
        >
          {isPaused ? 'Waiting' : isReady ? 'Ready' : clockText(view.ms)}
        </Box>
        <Box fontSize="large">{isReady ? `${headline} ${spanText(view.ms)}` : headline}</Box>
      </Flex>
      <Box height="0.5rem" borderRadius="full" bg="track" marginTop="2" aria-hidden="true">
        <Box height="0.5rem" borderRadius="full" bg="water" width={`${view.share * 100}%`} />
      </Box>
      <Box fontSize="body" color="soft" marginTop="1.5">
        Started {timeOfDay(timer.startedAt)}, ready {timeOfDay(timer.readyAt)}, out by{' '}
        {timeOfDay(timer.latestAt)}
        {view.nextLookMs !== null && !view.lookDue && view.phase !== 'over' && !isPaused
          ? ` · next check in ${spanText(view.nextLookMs)}`
          : ''}
      </Box>
    </Box>
  );
}
