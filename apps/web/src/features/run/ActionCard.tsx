import { Box, Flex, Stack } from '@chakra-ui/react';
import { type Action, actionWords, type Pass, type RunView, turnsOf } from '@feverfew/contracts';
import { useLexicon } from '../../app/useLexicon';
import { CautionDigest } from '../../components/CautionDigest';
import { Button } from '../../components/controls';
import { Notice } from '../../components/Notice';
import { FinishForm } from './finish/FinishForm';
import { HeatGate, heatSetsIt } from './finish/HeatGate';
import { HiddenTest } from './HiddenTest';
import { DecisionPanel } from './look/DecisionPanel';
import { LookPanel } from './look/LookPanel';
import { OtherWays } from './look/OtherWays';
import { SignList } from './look/SignList';
import { StepBody } from './StepBody';
import { TimerPanel } from './timer/TimerPanel';
import type { Say } from './useSay';

interface ActionCardProps {
  readonly run: RunView;
  readonly pass: Pass;
  readonly action: Action;
  readonly nowMs: number;
  readonly say: Say;
}

/** The step at hand: what to do, with what, how long, what to mind. */
export function ActionCard({ run, pass, action, nowMs, say }: ActionCardProps) {
  const words = useLexicon();
  const { title } = actionWords(action, words);
  const { state } = run;
  const looking = action.kind === 'look' || action.kind === 'finalLook';
  return (
    <Stack gap="14px" as="section" aria-label={`Step: ${title}`}>
      <Progress pass={pass} stepIndex={state.stepIndex} />
      <Box as="h1" fontSize={{ base: '32px', md: '38px' }} lineHeight="1.15" data-step={action.kind}>
        {title}
      </Box>
      {justFailed(run) && (
        <Notice kind="note" word="Left out">
          The hidden test spoke against that step, and against all that brings the same product.
        </Notice>
      )}
      {action.dwell && state.timer && (
        <TimerPanel run={run} pass={pass} action={action} nowMs={nowMs} say={say} />
      )}
      {state.decision && (
        // What was just asked stands where the eye is: above the recipe.
        <>
          <DecisionPanel run={run} pass={pass} action={action} say={say} />
          {action.kind === 'finalLook' && state.decision.choices.includes('finish') && (
            <>
              {state.decision.answer !== 'gone' && <OtherWays run={run} say={say} />}
              <FinishForm run={run} answer={state.decision.answer} say={say} />
            </>
          )}
        </>
      )}
      {state.stopping && heatSetsIt(run) && <CautionDigest ids={['noHeatBeforeGone']} lead="Stopping" />}
      <StepBody run={run} pass={pass} action={action} say={say} />
      {action.dwell && !state.timer && (
        <TimerPanel run={run} pass={pass} action={action} nowMs={nowMs} say={say} />
      )}
      <CautionDigest ids={action.cautionIds} lead={title} />
      <SignList expectedIds={action.expectedSignIds} alarmIds={action.alarmSignIds} />
      {(action.kind === 'dry' || action.kind === 'finalLook') && <HeatGate run={run} say={say} />}
      {!state.decision && (
        <>
          {looking && <LookPanel run={run} pass={pass} action={action} say={say} />}
          {action.kind === 'hiddenTest' && <HiddenTest action={action} say={say} />}
          {!looking && !action.dwell && action.kind !== 'hiddenTest' && (
            <Box position="sticky" bottom="0" paddingBlock="10px" bg="card">
              <Button
                variant="action"
                size="tub"
                disabled={say.pending}
                onClick={() => say.send({ kind: 'stepDone', stepId: action.id })}
              >
                Done
              </Button>
            </Box>
          )}
        </>
      )}
    </Stack>
  );
}

/** The last thing told was a hidden test that did not hold. */
function justFailed({ events }: RunView): boolean {
  const last = turnsOf(events).events.at(-1);
  return last?.kind === 'tested' && !last.passed;
}

function Progress({ pass, stepIndex }: { pass: Pass; stepIndex: number }) {
  return (
    <Flex
      gap="4px"
      role="progressbar"
      aria-label="Actions of this step"
      aria-valuemin={1}
      aria-valuemax={pass.steps.length}
      aria-valuenow={stepIndex + 1}
      aria-valuetext={`Step ${stepIndex + 1} of ${pass.steps.length}`}
    >
      {pass.steps.map((action, index) => (
        <Box
          key={action.id}
          flex="1"
          height="6px"
          borderRadius="full"
          bg={index < stepIndex ? 'leaf' : index === stepIndex ? 'disc' : 'track'}
        />
      ))}
    </Flex>
  );
}
