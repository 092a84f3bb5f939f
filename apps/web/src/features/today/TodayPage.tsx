import { Box, Flex, Grid, Stack } from '@chakra-ui/react';
import type { Today, TroubleSummary } from '@feverfew/contracts';
import { format } from 'date-fns';
import { lazy, Suspense } from 'react';
import { useLexicon } from '../../app/useLexicon';
import { useServerNow } from '../../clock/useServerNow';
import { PageHeading } from '../../components/layout/PageHeading';
import { ClashNotice } from '../../components/notices/ClashNotice';
import { Empty, Failed, Loading } from '../../components/notices/States';
import { TakenBack } from '../../components/notices/TakenBack';
import { useToday } from '../../queries/todayQueries';
import { SHORT } from '../../theme/media';
import { WhatHappened } from '../trouble/start/WhatHappened';
import { DueList } from './DueList';
import { FirstStart } from './FirstStart';
import { HouseNotices } from './HouseNotices';
import { Lanes } from './Lanes';
import { MadeUpLine } from './MadeUpLine';
import { NowSlate } from './NowSlate';
import { RunCurve } from './RunCurve';
import { RunningRow } from './RunningRow';
import { TrialCard } from './TrialCard';
import { TroubleRow } from './TroubleRow';

const RunningLoads = lazy(() =>
  import('../wash/RunningLoads').then((part) => ({ default: part.RunningLoads })),
);

/** What the hand does now, what runs, what there is to do, what is due. */
export function TodayPage() {
  const today = useToday();
  if (today.isPending) return <Loading what="today" />;
  if (today.isError) return <Failed error={today.error} onRetry={() => void today.refetch()} />;
  const { running, trials, waiting, settled, loads } = today.data;
  const isFirst = running.length + trials.length + waiting.length + settled.length + loads.length === 0;
  return isFirst ? (
    <>
      <TakenBack />
      <HouseNotices {...today.data} />
      <FirstStart householdTold={today.data.householdTold} />
    </>
  ) : (
    <Board today={today.data} receivedAt={today.dataUpdatedAt} />
  );
}

function Board({ today, receivedAt }: { today: Today; receivedAt: number }) {
  const nowMs = useServerNow(today.now, receivedAt);
  const { running, clashes, trials, waiting, settled, due, loads } = today;
  const curve = running.find(({ state }) => state.looks.some(({ leftPct }) => leftPct !== null));
  return (
    <Stack
      gap="3.5"
      padding={{ base: '0 1rem 5.625rem', md: '1.125rem 2rem 2rem' }}
      maxWidth="75rem"
      marginInline="auto"
    >
      <Flex gap="0.75rem 1.75rem" align="center" wrap="wrap">
        <PageHeading title="Today" flex={{ md: '1' }}>
          {format(nowMs, 'EEEE d MMMM')}
        </PageHeading>
        <Box display={{ base: 'none', md: 'block' }} flex="0 1 27.5rem">
          <WhatHappened />
        </Box>
      </Flex>
      <TakenBack />
      <HouseNotices {...today} />
      <NowSlate running={running} nowMs={nowMs} />
      {clashes.map((clash) => (
        <ClashNotice key={clash.kind + clash.fromAt + clash.runIds.join()} clash={clash} />
      ))}
      {loads.length > 0 && (
        <Suspense fallback={null}>
          <RunningLoads running={loads} now={today.now} receivedAt={receivedAt} />
        </Suspense>
      )}
      {running.length + trials.length > 0 && (
        <Box as="section" aria-label="Running">
          <Box as="h2" fontSize="heading" srOnly={{ base: false, md: true }}>
            Running
          </Box>
          <Box as="ul" listStyleType="none" display={{ base: 'block', md: 'none' }}>
            {running.map((run) => (
              <RunningRow key={run.id} run={run} nowMs={nowMs} />
            ))}
          </Box>
          <Lanes running={running} nowMs={nowMs} />
          {trials.map((trial) => (
            <TrialCard key={trial.id} trial={trial} nowMs={nowMs} />
          ))}
        </Box>
      )}
      <Grid
        templateColumns={{
          base: 'minmax(0, 1fr)',
          md: 'repeat(2, minmax(0, 1fr))',
          lg: 'repeat(3, minmax(0, 1fr))',
        }}
        gap="1.25rem 2rem"
      >
        <Troubles
          title="To do"
          empty="No open trouble. Tell a new one when it comes."
          troubles={waiting}
          to={(trouble) => `/trouble/${trouble.id}`}
          nowMs={nowMs}
        />
        <DueList due={due} now={today.now} />
        <Stack gap="5">
          {curve && <RunCurve run={curve} />}
          <Troubles
            title="Done lately"
            empty="Nothing yet. Finished treatments appear here."
            troubles={settled}
            to={(trouble) => `/pieces/${trouble.pieceId}`}
            nowMs={nowMs}
          />
        </Stack>
      </Grid>
      {today.madeUp && <MadeUpLine />}
      <Box
        display={{ base: 'block', md: 'none' }}
        position="fixed"
        insetInline="0"
        bottom="4rem"
        css={{ [SHORT]: { bottom: '0' } }}
        padding="0.625rem 1rem"
        bg="card"
        borderTop="1px solid"
        borderColor="line"
        zIndex={10}
      >
        <WhatHappened opensUp />
      </Box>
    </Stack>
  );
}

interface TroublesProps {
  readonly title: string;
  readonly empty: string;
  readonly troubles: readonly TroubleSummary[];
  readonly to: (trouble: TroubleSummary) => string;
  readonly nowMs: number;
}

function Troubles({ title, empty, troubles, to, nowMs }: TroublesProps) {
  const say = useLexicon();
  return (
    <Box as="section" aria-label={title}>
      <Box as="h2" fontSize="heading">
        {title}
      </Box>
      {troubles.length === 0 && <Empty>{empty}</Empty>}
      <Box as="ul" listStyleType="none">
        {troubles.map((trouble) => (
          <TroubleRow key={trouble.id} trouble={trouble} say={say} to={to(trouble)} nowMs={nowMs} />
        ))}
      </Box>
    </Box>
  );
}
