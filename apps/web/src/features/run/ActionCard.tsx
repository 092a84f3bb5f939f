import { Box, Flex, Stack } from '@chakra-ui/react';
import { type Action, actionWords, type Pass, type RunView, runsInDrum, turnsOf } from '@feverfew/contracts';
import { useLexicon } from '../../app/useLexicon';
import { Button } from '../../components/controls/controls';
import { verbDrawing } from '../../components/drawings/VerbDrawing';
import { PageHeading } from '../../components/layout/PageHeading';
import { Slate } from '../../components/layout/Slate';
import { CautionDigest } from '../../components/notices/CautionDigest';
import { Notice } from '../../components/notices/Notice';
import { conditionsHere } from './conditionsHere';
import { FinishForm } from './finish/FinishForm';
import { HeatGatePanel, heatSetsIt } from './finish/HeatGatePanel';
import { HiddenTest } from './HiddenTest';
import { DecisionPanel } from './look/DecisionPanel';
import { LookPanel } from './look/LookPanel';
import { LookWays } from './look/LookWays';
import { SignList } from './look/SignList';
import { MixTools, StepBody } from './StepBody';
import { SlateClock } from './timer/SlateClock';
import { TimerPanel } from './timer/TimerPanel';
import type { Say } from './useSay';
import { WithTheHeap } from './WithTheHeap';
import { whereWords } from './whereWords';

interface ActionCardProps {
  readonly run: RunView;
  /** The trouble and the piece, for the name of the window. */
  readonly what: string;
  readonly pass: Pass;
  readonly action: Action;
  readonly nowMs: number;
  readonly say: Say;
}

/** The current step: what to do, with what, how long, what to mind. */
export function ActionCard({ run, what, pass, action, nowMs, say }: ActionCardProps) {
  const words = useLexicon();
  const { title } = actionWords(action, words);
  const { state } = run;
  const looking = action.kind === 'look' || action.kind === 'finalLook';
  const passName = state.setAside.includes(state.passIndex) ? '' : words.name(pass.methodId);
  return (
    <Stack gap="3.5">
      <Slate
        name={`Step: ${title}`}
        label={whereWords(run.plan, state)}
        aside={passName}
        verb={
          <PageHeading
            title={what}
            at={[action.id, state.round, state.timer ? 'clock' : '', state.decision ? 'decide' : ''].join()}
            fontSize={{ base: 'display.medium', md: 'display.large' }}
            lineHeight="1.15"
            data-step={action.kind}
          >
            {title}
          </PageHeading>
        }
        drawing={state.timer || state.decision ? undefined : actionDrawing(action)}
      >
        <Stack gap="2" paddingTop="2">
          <Progress pass={pass} actionIndex={state.actionIndex} />
          {action.dwell && state.timer && <SlateClock run={run} action={action} nowMs={nowMs} />}
          {!state.timer &&
            !state.decision &&
            conditionsHere(run, pass).map((condition) => (
              <Box key={condition} fontSize="1.2em" fontWeight={600}>
                {condition} If not, leave this step out.
              </Box>
            ))}
          {!state.timer && !state.decision && <StepBody pass={pass} action={action} />}
        </Stack>
      </Slate>
      {justFailed(run) && (
        <Notice kind="note" word="Left out">
          The hidden test spoke against that step, and against all that brings the same product.
        </Notice>
      )}
      {action.dwell && state.timer && (
        <TimerPanel run={run} pass={pass} action={action} nowMs={nowMs} say={say} />
      )}
      {state.decision && (
        // The last question is directly under the slate, where the eye is.
        <>
          <DecisionPanel run={run} pass={pass} action={action} say={say} />
          {action.kind === 'finalLook' && state.decision.choices.includes('finish') && (
            <>
              {state.decision.answer !== 'gone' && <LookWays run={run} say={say} />}
              <FinishForm run={run} answer={state.decision.answer} say={say} />
            </>
          )}
        </>
      )}
      {state.stopping && heatSetsIt(run) && <CautionDigest ids={['noHeatBeforeGone']} lead="Stopping" />}
      <CautionDigest
        ids={action.cautionIds}
        said={saidBefore(pass, state.actionIndex)}
        inBrief={action.kind === 'hiddenTest'}
      />
      {action.kind === 'mix' && <MixTools run={run} pass={pass} action={action} say={say} />}
      {action.dwell && !state.timer && (
        <TimerPanel run={run} pass={pass} action={action} nowMs={nowMs} say={say} />
      )}
      {(state.timer || state.decision) && (
        <Box fontSize="lead" color="soft">
          <StepBody pass={pass} action={action} />
        </Box>
      )}
      {/* Of a hidden test the slate says what speaks against going on. */}
      {action.kind !== 'hiddenTest' && (
        <SignList expectedIds={action.expectedSignIds} alarmIds={action.alarmSignIds} />
      )}
      {(action.kind === 'dry' || action.kind === 'finalLook') && <HeatGatePanel run={run} say={say} />}
      {!state.decision && (
        <>
          {looking && <LookPanel run={run} pass={pass} action={action} say={say} />}
          {action.kind === 'hiddenTest' && <HiddenTest action={action} say={say} />}
          {!looking && !action.dwell && action.kind !== 'hiddenTest' && (
            <Box position="sticky" bottom="0" paddingBlock="2.5" bg="card">
              <Button
                variant="action"
                size="tub"
                disabled={say.pending}
                onClick={() => say.send({ kind: 'actionDone', actionId: action.id })}
              >
                Done
              </Button>
            </Box>
          )}
        </>
      )}
      {/* Next to what is done here: it comes a moment later, and moves nothing that is about to be tapped. */}
      {pass.actions.some(runsInDrum) && !state.decision && action.kind !== 'finalLook' && (
        <WithTheHeap run={run} />
      )}
    </Stack>
  );
}

/** Cautions said whole by the steps of this pass that are done. */
const saidBefore = (pass: Pass, actionIndex: number): readonly string[] =>
  pass.actions
    .slice(0, actionIndex)
    .filter(({ kind }) => kind !== 'hiddenTest')
    .flatMap(({ cautionIds }) => cautionIds);

/** A picture of the hand’s move, where there is one of it. */
function actionDrawing({ kind, action, rinseWay }: Action) {
  const verb =
    kind === 'lift'
      ? 'lift'
      : kind === 'rinse' || kind === 'rinseBefore'
        ? rinseWay === 'vacuum'
          ? 'vacuum'
          : 'coldFlush'
        : kind === 'airOut' || kind === 'dry'
          ? 'hangToAir'
          : action === 'blot'
            ? 'blot'
            : '';
  return verb === '' ? undefined : verbDrawing([verb]);
}

/** The last event was a failed hidden test. */
function justFailed({ events }: RunView): boolean {
  const last = turnsOf(events).events.at(-1);
  return last?.kind === 'tested' && !last.passed;
}

function Progress({ pass, actionIndex }: { pass: Pass; actionIndex: number }) {
  return (
    <Flex
      gap="1"
      role="progressbar"
      aria-label="Actions of this step"
      aria-valuemin={1}
      aria-valuemax={pass.actions.length}
      aria-valuenow={actionIndex + 1}
      aria-valuetext={`Step ${actionIndex + 1} of ${pass.actions.length}`}
    >
      {pass.actions.map((action, index) => (
        <Box
          key={action.id}
          flex="1"
          height="0.375rem"
          borderRadius="full"
          bg={index < actionIndex ? 'leaf' : index === actionIndex ? 'disc' : 'track'}
        />
      ))}
    </Flex>
  );
}
