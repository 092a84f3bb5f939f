import { Box, Grid, Stack } from '@chakra-ui/react';
import type { Today, TroubleSummary } from '@feverfew/contracts';
import { useState } from 'react';
import { useLexicon } from '../../app/useLexicon';
import { useServerNow } from '../../clock/useServerNow';
import { ClashNotice } from '../../components/ClashNotice';
import { Button } from '../../components/controls';
import { LinkButton } from '../../components/LinkButton';
import { Notice } from '../../components/Notice';
import { Empty, Failed, Loading } from '../../components/States';
import { useToday } from '../../queries/todayQueries';
import { DueList } from './DueList';
import { nextHandAt } from './nextActionView';
import { RunningCard } from './RunningCard';
import { TrialCard } from './TrialCard';
import { TroubleRow } from './TroubleRow';

/** What is under way, what needs a hand next, what waits. */
export function TodayPage() {
  const today = useToday();
  if (today.isPending) return <Loading what="today" />;
  if (today.isError) return <Failed error={today.error} onRetry={() => void today.refetch()} />;
  return <Board today={today.data} receivedAt={today.dataUpdatedAt} />;
}

/** Said once, until told or put off on this device. */
function Guessed() {
  const [later, setLater] = useState(() => localStorage.getItem(LATER) !== null);
  if (later) return null;
  return (
    <Box marginBottom="18px">
      <Notice kind="note" word="Your water and vessels are guessed">
        A 10 L bucket, a hot tap of 50 °C, fairly hard water: tell your own in six short steps, and every bath
        fits them.
        <Box display="flex" gap="10px" marginTop="8px">
          <LinkButton to="/setup">Tell them</LinkButton>
          <Button
            variant="plain"
            onClick={() => {
              localStorage.setItem(LATER, 'yes');
              setLater(true);
            }}
          >
            Later
          </Button>
        </Box>
      </Notice>
    </Box>
  );
}

const LATER = 'feverfew.setupLater';

function Board({ today, receivedAt }: { today: Today; receivedAt: number }) {
  const nowMs = useServerNow(today.now, receivedAt);
  const { running, clashes, trials, waiting, settled, due } = today;
  const nextAt = nextHandAt(running);
  return (
    <Box maxWidth="1180px" marginInline="auto" padding={{ base: '16px', md: '24px 28px' }}>
      <Box
        display="flex"
        justifyContent="space-between"
        alignItems="center"
        gap="14px"
        flexWrap="wrap"
        marginBottom="14px"
      >
        <Box as="h1" fontSize="28px">
          {new Date(nowMs).toLocaleDateString('en-GB', { weekday: 'long', day: 'numeric', month: 'long' })}
        </Box>
        <LinkButton to="/trouble" variant="action" size="large">
          New trouble
        </LinkButton>
      </Box>
      {!today.householdTold && <Guessed />}
      <Grid
        templateColumns={{ base: 'minmax(0, 1fr)', lg: 'minmax(0, 1.15fr) minmax(0, 1fr)' }}
        templateRows={{ lg: 'auto auto 1fr' }}
        templateAreas={{
          base: '"running" "due" "waiting" "settled"',
          lg: '"running waiting" "due waiting" "settled waiting"',
        }}
        gap="22px 30px"
      >
        <Stack as="section" gridArea="running" gap="12px" aria-label="Under way">
          <Box as="h2" fontSize="20px">
            Under way
          </Box>
          {running.length + trials.length === 0 && (
            <Empty>Nothing soaks. Start a new trouble, or take one that waits.</Empty>
          )}
          {nextAt && (
            <Box color="soft">
              Nobody is wanted before{' '}
              {new Date(nextAt).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' })}.
            </Box>
          )}
          {clashes.map((clash) => (
            <ClashNotice key={clash.kind + clash.fromAt + clash.runIds.join()} clash={clash} />
          ))}
          {running.map((run) => (
            <RunningCard key={run.id} run={run} nowMs={nowMs} />
          ))}
          {trials.map((trial) => (
            <TrialCard key={trial.id} trial={trial} nowMs={nowMs} />
          ))}
        </Stack>
        <DueList due={due} now={today.now} />
        <Section
          area="waiting"
          title="Waiting for a hand"
          empty="No open trouble. Tell a new one when it comes."
          troubles={waiting}
          to={(trouble) => `/trouble/${trouble.id}`}
          nowMs={nowMs}
        />
        <Section
          area="settled"
          title="Settled lately"
          empty="Nothing yet. What you finish is written into the linen book."
          troubles={settled}
          to={(trouble) => `/pieces/${trouble.pieceId}`}
          nowMs={nowMs}
        />
      </Grid>
    </Box>
  );
}

interface SectionProps {
  readonly area: string;
  readonly title: string;
  readonly empty: string;
  readonly troubles: readonly TroubleSummary[];
  readonly to: (trouble: TroubleSummary) => string;
  readonly nowMs: number;
}

function Section({ area, title, empty, troubles, to, nowMs }: SectionProps) {
  const say = useLexicon();
  return (
    <Stack as="section" gridArea={area} gap="6px" aria-label={title}>
      <Box as="h2" fontSize="20px">
        {title}
      </Box>
      {troubles.length === 0 && <Empty>{empty}</Empty>}
      <Stack as="ul" gap="0" listStyleType="none">
        {troubles.map((trouble) => (
          <TroubleRow key={trouble.id} trouble={trouble} say={say} to={to(trouble)} nowMs={nowMs} />
        ))}
      </Stack>
    </Stack>
  );
}
