import { Box, Grid, Stack } from '@chakra-ui/react';
import type { Today } from '@feverfew/contracts';
import { Link } from 'react-router';
import { useToday } from '../../app/queries';
import { useLexicon } from '../../app/useLexicon';
import { LinkButton } from '../../components/LinkButton';
import { Empty, Failed, Loading } from '../../components/States';
import { useServerNow } from '../run/useServerNow';
import { RunningCard } from './RunningCard';
import { TroubleRow } from './TroubleRow';

/** What is under way, what needs a hand next, what waits. */
export function TodayPage() {
  const today = useToday();
  if (today.isPending) return <Loading what="today" />;
  if (today.isError) return <Failed error={today.error} onRetry={() => void today.refetch()} />;
  return <Board today={today.data} receivedAt={today.dataUpdatedAt} />;
}

function Board({ today, receivedAt }: { today: Today; receivedAt: number }) {
  const say = useLexicon();
  const nowMs = useServerNow(today.now, receivedAt);
  const { running, waiting, settled } = today;
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
      <Grid templateColumns={{ base: 'minmax(0, 1fr)', lg: 'minmax(0, 1.15fr) minmax(0, 1fr)' }} gap="30px">
        <Stack as="section" gap="12px" aria-label="Under way">
          <Box as="h2" fontSize="20px">
            Under way
          </Box>
          {running.length === 0 && <Empty>Nothing soaks. Start a new trouble, or take one that waits.</Empty>}
          {running.map((run) => (
            <RunningCard key={run.id} run={run} nowMs={nowMs} />
          ))}
          <Box as="h2" fontSize="20px" marginTop="10px">
            Settled lately
          </Box>
          {settled.length === 0 && (
            <Empty>Nothing yet. What you finish is written into the linen book.</Empty>
          )}
          <Stack as="ul" gap="0" listStyleType="none">
            {settled.map((trouble) => (
              <TroubleRow
                key={trouble.id}
                trouble={trouble}
                say={say}
                to={`/pieces/${trouble.pieceId}`}
                nowMs={nowMs}
              />
            ))}
          </Stack>
        </Stack>
        <Stack as="section" gap="6px" aria-label="Waiting">
          <Box as="h2" fontSize="20px">
            Waiting for a hand
          </Box>
          {waiting.length === 0 && (
            <Empty>
              No open trouble. <Link to="/trouble">Tell a new one</Link> when it comes.
            </Empty>
          )}
          <Stack as="ul" gap="0" listStyleType="none">
            {waiting.map((trouble) => (
              <TroubleRow
                key={trouble.id}
                trouble={trouble}
                say={say}
                to={`/trouble/${trouble.id}`}
                nowMs={nowMs}
              />
            ))}
          </Stack>
        </Stack>
      </Grid>
    </Box>
  );
}
