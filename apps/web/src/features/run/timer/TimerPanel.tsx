import { Box, Grid, Stack } from '@chakra-ui/react';
import {
  type Action,
  durationWords,
  overrunOf,
  overrunWords,
  type Pass,
  type RunView,
  runsInDrum,
} from '@feverfew/contracts';
import { useState } from 'react';
import { timeOfDay } from '../../../clock/timeOfDay';
import { spanText, type TimerView, timerView } from '../../../clock/timerView';
import { Button } from '../../../components/controls/controls';
import { Notice } from '../../../components/notices/Notice';
import { LookPanel } from '../look/LookPanel';
import type { Say } from '../useSay';

type Timer = NonNullable<RunView['state']['timer']>;
type Dwell = NonNullable<Action['dwell']>;

/** How much longer a tap asks for, min. */
const LONGER_MIN = 30;

interface TimerPanelProps {
  readonly run: RunView;
  readonly pass: Pass;
  readonly action: Action;
  readonly nowMs: number;
  readonly say: Say;
}

/** Actions while a clock runs, or starting it. The clock itself is on the slate. */
export function TimerPanel({ run, pass, action, nowMs, say }: TimerPanelProps) {
  const { state } = run;
  // Belongs to one look: the answer makes it stale by itself.
  const [lookingAt, setLookingAt] = useState<number | null>(null);
  const looking = lookingAt === state.looks.length;
  const { timer } = state;
  if (!action.dwell) return null;
  const inDrum = pass.actions.some(runsInDrum);
  if (!timer) return <StartClock action={action} dwell={action.dwell} inDrum={inDrum} say={say} />;
  const lastLook = state.looks.filter((look) => look.at >= timer.startedAt).at(-1)?.at ?? null;
  const view = timerView(timer, nowMs, lastLook);
  const over = overrunOf(action, timer, nowMs);
  const isPaused = timer.pausedAt !== null && !over;
  return (
    <Stack gap="2.5">
      {over && (
        <Notice kind="warning" word="Over time">
          {`By ${spanText(view.ms)}. ${inDrum ? LEFT_IN_THE_DRUM : overrunWords(over.rule)}`}
        </Notice>
      )}
      {isPaused && <Paused latestAt={timer.latestAt} say={say} />}
      {!inDrum && view.lookDue && view.phase !== 'over' && !state.decision && !isPaused && (
        <Notice kind="note" word="Check due">
          Lift a corner and look.
        </Notice>
      )}
      {!state.decision &&
        !isPaused &&
        (inDrum ? (
          <MachineDone action={action} phase={view.phase} say={say} />
        ) : looking || view.phase === 'over' ? (
          <LookPanel run={run} pass={pass} action={action} say={say} />
        ) : (
          <WhileItWaits
            action={action}
            timer={timer}
            phase={view.phase}
            say={say}
            onLook={() => setLookingAt(state.looks.length)}
          />
        ))}
      {!state.decision && <AlarmOffer />}
    </Stack>
  );
}

interface StartClockProps {
  readonly action: Action;
  readonly dwell: Dwell;
  readonly inDrum: boolean;
  readonly say: Say;
}

function StartClock({ action, dwell, inDrum, say }: StartClockProps) {
  return (
    <Stack gap="2.5">
      <Box fontSize="heading">
        {durationWords(dwell.minMin, dwell.maxMin)}
        {inDrum
          ? ', by the programme of your machine.'
          : `, check every ${durationWords(dwell.lookEveryMin, dwell.lookEveryMin)}.`}
      </Box>
      <Button
        variant="action"
        size="tub"
        disabled={say.pending}
        onClick={() => say.send({ kind: 'timerStarted', actionId: action.id })}
      >
        Start the clock
      </Button>
    </Stack>
  );
}

const LEFT_IN_THE_DRUM = 'Take it out now: wet wash that is left lying turns sour.';

/** A running drum cannot be opened: it ends by itself. */
function MachineDone({ action, phase, say }: Pick<WhileItWaitsProps, 'action' | 'phase' | 'say'>) {
  return (
    <Button
      variant={phase === 'working' ? 'outline' : 'action'}
      size="tub"
      disabled={say.pending}
      onClick={() => say.send({ kind: 'actionDone', actionId: action.id })}
    >
      The machine is done
    </Button>
  );
}

function Paused({ latestAt, say }: { latestAt: string; say: Say }) {
  return (
    <>
      <Notice kind="note" word="Out of the bath">
        What is in the cloth works on: it stays “out by {timeOfDay(latestAt)}”.
      </Notice>
      <Button
        variant="action"
        size="tub"
        disabled={say.pending}
        onClick={() => say.send({ kind: 'resumed' })}
      >
        Put it back
      </Button>
    </>
  );
}

interface WhileItWaitsProps {
  readonly action: Action;
  readonly timer: Timer;
  readonly phase: TimerView['phase'];
  readonly say: Say;
  readonly onLook: () => void;
}

/** What a hand may do while the clock runs. */
function WhileItWaits({ action, timer, phase, say, onLook }: WhileItWaitsProps) {
  return (
    <Stack gap="2.5">
      <Button variant={phase === 'working' ? 'outline' : 'action'} size="tub" onClick={onLook}>
        Check
      </Button>
      {phase === 'ready' && (
        <Button
          size="tub"
          disabled={say.pending}
          onClick={() => say.send({ kind: 'actionDone', actionId: action.id })}
        >
          Take it out
        </Button>
      )}
      <Grid templateColumns="1fr 1fr" gap="2.5">
        {action.dwell?.keep !== 'wet' && (
          <Button disabled={say.pending} onClick={() => say.send({ kind: 'paused' })}>
            Pause
          </Button>
        )}
        {timer.readyAt < timer.latestAt && (
          <Button disabled={say.pending} onClick={() => say.send({ kind: 'extended', minutes: LONGER_MIN })}>
            {LONGER_MIN} min longer
          </Button>
        )}
      </Grid>
    </Stack>
  );
}

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
