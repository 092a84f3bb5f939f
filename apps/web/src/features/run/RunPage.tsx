import { Box } from '@chakra-ui/react';
import { currentAction, type RunView } from '@feverfew/contracts';
import { Link, useParams } from 'react-router';
import { useLexicon } from '../../app/useLexicon';
import { useServerNow } from '../../clock/useServerNow';
import { ClashNotice } from '../../components/notices/ClashNotice';
import { Failed, Loading } from '../../components/notices/States';
import { marksText } from '../../facts/sentenceView';
import { ActionCard } from './ActionCard';
import { FinishedCard } from './finish/FinishedCard';
import { NotSafe } from './NotSafe';
import { PhotoPanel } from './photos/PhotoPanel';
import { RunFooter } from './RunFooter';
import { useRunInHand } from './useRunInHand';
import { useSay } from './useSay';
import { useWakeLock } from './useWakeLock';

/** At the tub: one step at a time, large. */
export function RunPage() {
  const { runId = '' } = useParams();
  const { query, run } = useRunInHand(runId);
  if (run) return <Tub run={run} receivedAt={query.dataUpdatedAt} />;
  if (query.isError) return <Failed error={query.error} onRetry={() => void query.refetch()} />;
  return <Loading what="the run" />;
}

function Tub({ run, receivedAt }: { run: RunView; receivedAt: number }) {
  const words = useLexicon();
  const say = useSay(run.id);
  const nowMs = useServerNow(run.now, receivedAt);
  const { state, plan } = run;
  const pass = plan.passes[state.passIndex];
  const action = currentAction(state, plan);
  useWakeLock(isAtHand(state, nowMs));
  const what = `${marksText(run.markIds, words)} on the ${run.pieceName}`;
  return (
    <Box
      maxWidth="47.5rem"
      marginInline="auto"
      padding={{ base: '0 1rem 2.5rem', md: '1rem 1.375rem 2.5rem' }}
    >
      <Box fontSize="note" color="soft" paddingBottom="2">
        <Link
          to={`/pieces/${run.pieceId}`}
          style={{ textDecoration: 'underline', display: 'inline-flex', minHeight: 44, alignItems: 'center' }}
        >
          {what}
        </Link>
      </Box>
      {run.danger && state.status === 'active' && !state.stopping ? (
        <NotSafe run={run} danger={run.danger} />
      ) : state.status === 'finished' ? (
        <FinishedCard run={run} title={what} say={say} />
      ) : (
        action &&
        pass && (
          <ActionCard
            key={`${action.id}-${state.round}`}
            run={run}
            what={what}
            pass={pass}
            action={action}
            nowMs={nowMs}
            say={say}
          />
        )
      )}
      {run.clashes.map((clash) => (
        <Box key={clash.kind + clash.fromAt + clash.runIds.join()} marginTop="3">
          <ClashNotice clash={clash} />
        </Box>
      ))}
      {state.status === 'active' && !say.onlyLooks && (
        <Box marginTop="3.5">
          <PhotoPanel run={run} />
        </Box>
      )}
      <RunFooter run={run} say={say} />
    </Box>
  );
}

/** A soak that ends later than this lets the screen rest. */
const SOON_MS = 15 * 60_000;

/** The step is worked on, or will want a hand soon. */
const isAtHand = ({ status, timer }: RunView['state'], nowMs: number): boolean =>
  status === 'active' && (timer === null || Date.parse(timer.readyAt) - nowMs < SOON_MS);
