import { Box, Flex, Stack } from '@chakra-ui/react';
import { durationWords, type RunState, type Step } from '@feverfew/contracts';
import { useState } from 'react';
import { Button } from '../../components/controls';
import { Notice } from '../../components/Notice';
import { LookPanel } from './LookPanel';
import { clockText, timerView } from './timerView';
import type { Say } from './useSay';

const KEEP_LATE = {
  wet: 'It was to stay wet: wet it again now.',
  letDry: '',
  covered: 'Take it out and rinse.',
  none: '',
} as const;

/** The clock of a soak or wait, in absolute times. */
export function TimerPanel({
  step,
  state,
  nowMs,
  say,
}: {
  step: Step;
  state: RunState;
  nowMs: number;
  say: Say;
}) {
  // Belongs to one look: the answer makes it stale by itself.
  const [lookingAt, setLookingAt] = useState<number | null>(null);
  const looking = lookingAt === state.looks.length;
  if (!step.dwell) return null;
  const { timer } = state;
  if (!timer) {
    return (
      <Stack gap="10px">
        <Box fontSize="20px">
          {durationWords(step.dwell.minMin, step.dwell.maxMin)}, look in every{' '}
          {durationWords(step.dwell.lookEveryMin, step.dwell.lookEveryMin)}.
        </Box>
        <Button
          variant="action"
          size="tub"
          disabled={say.pending}
          onClick={() => say.send({ kind: 'timerStarted', stepId: step.id })}
        >
          Start the clock
        </Button>
      </Stack>
    );
  }
  const lastLook = state.looks.filter((look) => look.at >= timer.startedAt).at(-1)?.at ?? null;
  const view = timerView(timer, nowMs, lastLook);
  const headline = { working: 'to go', ready: 'long enough; at most another', over: 'over time' }[view.phase];
  return (
    <Stack gap="10px">
      <Box
        role="timer"
        aria-live="off"
        bg={view.phase === 'over' ? 'brickTint' : view.phase === 'ready' ? 'discTint' : 'waterTint'}
        borderRadius="md"
        padding="14px 18px"
      >
        <Flex alignItems="baseline" gap="12px" wrap="wrap">
          <Box fontFamily="heading" fontWeight={700} fontSize="46px" lineHeight="1.1" data-testid="clock">
            {view.phase === 'ready' ? 'Ready' : clockText(view.ms)}
          </Box>
          <Box fontSize="18px">{view.phase === 'ready' ? `${headline} ${clockText(view.ms)}` : headline}</Box>
        </Flex>
        <Box height="8px" borderRadius="full" bg="track" marginTop="8px" aria-hidden="true">
          <Box height="8px" borderRadius="full" bg="water" width={`${view.share * 100}%`} />
        </Box>
        <Box fontSize="16px" color="soft" marginTop="6px">
          Started {timeOfDay(timer.startedAt)}, ready {timeOfDay(timer.readyAt)}, out by{' '}
          {timeOfDay(timer.latestAt)}
          {view.nextLookMs !== null && view.phase !== 'over'
            ? ` · next look in ${clockText(view.nextLookMs)}`
            : ''}
        </Box>
      </Box>
      {view.phase === 'over' && (
        <Notice kind="warning">{`Over by ${clockText(view.ms)}. ${KEEP_LATE[step.dwell.keep]} Then look.`}</Notice>
      )}
      {view.lookDue && view.phase !== 'over' && !state.decision && (
        <Notice kind="note" word="Look-in due">
          Lift a corner and look.
        </Notice>
      )}
      <AlarmOffer />
      {!state.decision &&
        (looking || view.phase === 'over' ? (
          <LookPanel say={say} />
        ) : (
          <Flex gap="10px" direction="column">
            <Button
              variant={view.phase === 'working' ? 'outline' : 'action'}
              size="tub"
              onClick={() => setLookingAt(state.looks.length)}
            >
              Look in
            </Button>
            {view.phase === 'ready' && (
              <Button
                size="tub"
                disabled={say.pending}
                onClick={() => say.send({ kind: 'stepDone', stepId: step.id })}
              >
                Take it out
              </Button>
            )}
          </Flex>
        ))}
    </Stack>
  );
}

const timeOfDay = (iso: string): string =>
  new Date(iso).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' });

/** Asked only once a clock runs: then a person knows what the permission is for. */
function AlarmOffer() {
  const supported = 'Notification' in window;
  const [permission, setPermission] = useState(supported ? Notification.permission : 'denied');
  if (!supported || permission !== 'default') return null;
  return (
    <Button variant="plain" onClick={async () => setPermission(await Notification.requestPermission())}>
      Call me by notification when it is time
    </Button>
  );
}
