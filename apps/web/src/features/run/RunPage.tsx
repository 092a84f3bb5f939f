import { Box, Flex } from '@chakra-ui/react';
import type { RunView } from '@feverfew/contracts';
import { useEffect } from 'react';
import { Link, useParams } from 'react-router';
import { useRun } from '../../app/queries';
import { useLexicon } from '../../app/useLexicon';
import { Failed, Loading } from '../../components/States';
import { marksText } from '../trouble/sentenceView';
import { FinishedCard } from './FinishedCard';
import { RunFooter } from './RunFooter';
import { StepCard } from './StepCard';
import { useAlarms } from './useAlarms';
import { useSay } from './useSay';
import { useServerNow } from './useServerNow';

/** At the tub: one step at a time, large. */
export function RunPage() {
  const { runId = '' } = useParams();
  const run = useRun(runId);
  if (run.isPending) return <Loading what="the run" />;
  if (run.isError) return <Failed error={run.error} onRetry={() => void run.refetch()} />;
  return <Tub run={run.data} receivedAt={run.dataUpdatedAt} />;
}

function Tub({ run, receivedAt }: { run: RunView; receivedAt: number }) {
  const words = useLexicon();
  const say = useSay(run.id);
  const nowMs = useServerNow(run.now, receivedAt);
  const { state, plan } = run;
  const rung = plan.ladder[state.rungIndex];
  const step = rung?.steps[state.stepIndex];
  const what = `${marksText(run.markIds, words)} on the ${run.pieceName}`;
  useAlarms(state.timer, Date.parse(run.now) - receivedAt, what);
  useEffect(() => {
    document.title = `${step ? what : 'Run'} — Feverfew`;
    return () => {
      document.title = 'Feverfew';
    };
  }, [what, step]);

  return (
    <Box maxWidth="760px" marginInline="auto" padding={{ base: '14px 16px 40px', md: '22px' }}>
      <Flex justifyContent="space-between" gap="12px" color="soft" fontSize="15px" wrap="wrap">
        <Box>
          <Link to={`/pieces/${run.pieceId}`} style={{ textDecoration: 'underline' }}>
            {what}
          </Link>
        </Box>
        <Box>
          Rung {state.rungIndex + 1} of {plan.ladder.length}
          {state.round > 1 ? `, round ${state.round}` : ''}
        </Box>
      </Flex>
      <Box fontFamily="heading" fontWeight={650} marginBottom="6px">
        {rung ? words.name(rung.methodId) : ''}
      </Box>
      {state.status === 'finished' ? (
        <FinishedCard run={run} />
      ) : (
        step &&
        rung && (
          <StepCard
            key={`${step.id}-${state.round}`}
            run={run}
            rung={rung}
            step={step}
            nowMs={nowMs}
            say={say}
          />
        )
      )}
      <RunFooter run={run} say={say} />
    </Box>
  );
}
