import { Box, Grid, Stack } from '@chakra-ui/react';
import { type Action, armPass, LEVELS, levelOf, type TrialView } from '@feverfew/contracts';
import { Link, useParams } from 'react-router';
import { v4 as newKey } from 'uuid';
import { useLexicon } from '../../app/useLexicon';
import { clockText } from '../../clock/timerView';
import { useServerNow } from '../../clock/useServerNow';
import { Button } from '../../components/controls/controls';
import { LevelPicture } from '../../components/drawings/LevelPicture';
import { PageHeading } from '../../components/layout/PageHeading';
import { CautionDigest } from '../../components/notices/CautionDigest';
import { Notice } from '../../components/notices/Notice';
import { Failed, Loading } from '../../components/notices/States';
import { LEVEL_WORDS } from '../../components/text/runWords';
import { marksText } from '../../facts/sentenceView';
import { useKeptPlan } from '../../queries/planQueries';
import { useSayToTrial, useTrial } from '../../queries/trialQueries';
import { ActionRecipe } from '../../recipe/ActionRecipe';
import { FAIR_RULES, TRIAL_PHASES, verdictText } from './trialWords';

type Told = Parameters<ReturnType<typeof useSayToTrial>['mutate']>[0]['event'];

/** Two or three ways side by side, one step at a time. */
export function TrialPage() {
  const { trialId = '' } = useParams();
  const trial = useTrial(trialId);
  if (trial.isPending) return <Loading what="the trial" />;
  if (trial.isError) return <Failed error={trial.error} onRetry={() => void trial.refetch()} />;
  return <Bench trial={trial.data} receivedAt={trial.dataUpdatedAt} />;
}

function Bench({ trial, receivedAt }: { trial: TrialView; receivedAt: number }) {
  const words = useLexicon();
  const say = useSayToTrial(trial.id);
  const nowMs = useServerNow(trial.now, receivedAt);
  const send = (event: Told) => say.mutate({ key: newKey(), event });
  const { phase } = trial.state;
  return (
    <Box maxWidth="53.75rem" marginInline="auto" padding={{ base: '0.875rem 1rem 2.5rem', md: '5.5' }}>
      <Box color="soft" fontSize="note">
        <Link to={`/pieces/${trial.pieceId}`} style={{ textDecoration: 'underline' }}>
          {marksText(trial.markIds, words)} on the {trial.pieceName}
        </Link>
        , side by side
      </Box>
      <PageHeading
        title={TRIAL_PHASES[phase]}
        at={phase}
        fontSize={{ base: 'display.medium', md: 'display.large' }}
        lineHeight="1.15"
        data-phase={phase}
        marginBottom="3"
      />
      {say.error && (
        <Notice kind="danger" role="alert" word="Not taken">
          {say.error.message}
        </Notice>
      )}
      {phase === 'apply' && trial.isOwn && <Apply trial={trial} pending={say.isPending} send={send} />}
      {phase === 'apply' && !trial.isOwn && (
        <Notice kind="danger" word="Do not go on">
          Its plan came in with a file, and is not one that was made here. Open the trouble, and begin there.
        </Notice>
      )}
      {phase === 'wait' && <Wait trial={trial} nowMs={nowMs} pending={say.isPending} send={send} />}
      {phase === 'look' && <LookBlind trial={trial} pending={say.isPending} send={send} />}
      {phase === 'told' && <Verdict trial={trial} />}
      {trial.mayUndo && (
        <Button marginTop="5.5" disabled={say.isPending} onClick={() => send({ kind: 'undone' })}>
          Undo last tap
        </Button>
      )}
    </Box>
  );
}

interface PhaseProps {
  readonly trial: TrialView;
  readonly pending: boolean;
  readonly send: (event: Told) => void;
}

/** Actions before the wait, by the place where each method happens. */
const BEFORE: readonly Action['kind'][] = ['hiddenTest', 'mix', 'apply'];

function Apply({ trial, pending, send }: PhaseProps) {
  const words = useLexicon();
  const plan = useKeptPlan(trial.planId);
  const all = trial.state.treated.length === trial.setup.arms.length;
  const passOf = (arm: TrialView['setup']['arms'][number]) => armPass(plan.data?.passes ?? [], arm);
  const cautionIds = [...new Set(trial.setup.arms.flatMap((arm) => passOf(arm)?.cautionIds ?? []))];
  return (
    <Stack gap="3.5">
      <Notice kind="note" word="To be fair">
        <Box as="ul" paddingInlineStart="4.5" listStyleType="disc">
          {FAIR_RULES.map((rule) => (
            <li key={rule}>{rule}</li>
          ))}
        </Box>
      </Notice>
      <CautionDigest ids={cautionIds} lead="All of them" />
      {trial.setup.arms.map((arm, index) => {
        const pass = passOf(arm);
        const done = trial.state.treated.includes(index);
        return (
          <Box key={arm.methodId} borderBottom="1px solid" borderColor="line" paddingBottom="3">
            <Box as="h2" fontSize="title">
              On {arm.where}: {words.name(arm.methodId)}
            </Box>
            {pass && !done && (
              <Box as="ol" paddingInlineStart="5" listStyleType="decimal" fontSize="lead">
                {pass.actions
                  .filter((action) => BEFORE.includes(action.kind))
                  .map((action) => (
                    <li key={action.id}>
                      <ActionRecipe
                        action={action}
                        on={{ kind: 'piece', pieceId: trial.pieceId }}
                        name={words.name(arm.methodId)}
                      />
                    </li>
                  ))}
              </Box>
            )}
            <Button
              size="tub"
              variant={done ? 'outline' : 'action'}
              disabled={pending || done}
              onClick={() => send({ kind: 'treated', arm: index })}
            >
              {done ? 'It is on' : `It is on ${arm.where}`}
            </Button>
          </Box>
        );
      })}
      <Button
        size="tub"
        variant="action"
        disabled={!all || pending}
        onClick={() => send({ kind: 'clockStarted' })}
      >
        Start the one clock: {trial.setup.dwellMin} min
      </Button>
    </Stack>
  );
}

function Wait({ trial, nowMs, pending, send }: PhaseProps & { nowMs: number }) {
  const leftMs = Date.parse(trial.state.readyAt ?? '') - nowMs;
  const over = leftMs <= 0;
  return (
    <Stack gap="3.5">
      <Box role="timer" bg={over ? 'discTint' : 'waterTint'} borderRadius="md" padding="0.875rem 1.125rem">
        <Box
          fontFamily="heading"
          fontWeight={700}
          fontSize="display.huge"
          lineHeight="1.1"
          data-testid="clock"
        >
          {over ? 'Ready' : clockText(leftMs)}
        </Box>
        <Box fontSize="large">
          {over ? 'rinse each alone, then wash all together' : 'to go, for all of them'}
        </Box>
      </Box>
      <Box fontSize="large">
        Rinse each on its own, so that nothing meets. Then one wash for all, at most 40 °C, and dry without
        heat.
      </Box>
      <Button
        size="tub"
        variant="action"
        disabled={!over || pending}
        onClick={() => send({ kind: 'washed' })}
      >
        Washed and dry: look
      </Button>
    </Stack>
  );
}

function LookBlind({ trial, pending, send }: PhaseProps) {
  const arm = trial.nextToLook;
  if (arm === null) return null;
  const where = trial.setup.arms[arm]?.where ?? '';
  return (
    <Stack gap="3">
      <Box fontSize="heading">
        Look at <strong>{where}</strong>, next to a clean part. The product that was put there is not shown
        now.
      </Box>
      <Grid templateColumns={{ base: '1fr 1fr', md: '1fr 1fr 1fr' }} gap="2.5">
        {LEVELS.map((level) => (
          <Button
            key={level.id}
            minHeight="4.5rem"
            fontSize="large"
            disabled={pending}
            onClick={() => send({ kind: 'looked', arm, leftPct: level.leftPct })}
          >
            <LevelPicture leftPct={level.leftPct} size={60} />
            {LEVEL_WORDS[level.id].title}
          </Button>
        ))}
      </Grid>
    </Stack>
  );
}

function Verdict({ trial }: { trial: TrialView }) {
  const words = useLexicon();
  return (
    <Stack gap="3.5">
      <Notice kind={trial.verdict?.says === 'tooLittle' ? 'note' : 'good'} word="What it says">
        <Box as="span" fontSize="subhead">
          {verdictText(trial, words.name)}
        </Box>
      </Notice>
      {trial.setup.arms.map((arm, index) => {
        const left = trial.state.leftPct[index] ?? 100;
        const chance = trial.verdict?.chanceBest[index] ?? 0;
        return (
          <Grid key={arm.methodId} templateColumns="5rem 1fr" gap="3.5" alignItems="center">
            <LevelPicture leftPct={left} />
            <Box>
              <Box fontWeight={650} fontSize="large">
                {words.name(arm.methodId)}
              </Box>
              <Box color="soft">
                {arm.where}: {LEVEL_WORDS[levelOf(left).id].title.toLowerCase()}
              </Box>
              <Box height="0.625rem" borderRadius="full" bg="track" aria-hidden="true">
                <Box height="0.625rem" borderRadius="full" bg="leaf" width={`${chance * 100}%`} />
              </Box>
              <Box fontSize="note">best with odds of {Math.round(chance * 100)} in 100</Box>
            </Box>
          </Grid>
        );
      })}
      <Link to={`/trouble/${trial.troubleId}`} style={{ textDecoration: 'underline' }}>
        Back to the plan
      </Link>
    </Stack>
  );
}
