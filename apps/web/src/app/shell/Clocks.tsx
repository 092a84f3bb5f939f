import { Box, chakra, Flex } from '@chakra-ui/react';
import type { RunningEntry } from '@feverfew/contracts';
import { Link } from 'react-router';
import { useServerNow } from '../../clock/useServerNow';
import { VesselGlyph } from '../../components/drawings/VesselGlyph';
import { nextActionView } from '../../features/today/nextActionView';
import { useWorkplace } from '../../features/today/useWorkplace';
import { useToday } from '../../queries/todayQueries';

/** Clocks shown at the foot of the column. */
const SHOWN = 3;

const NO_RUNS: readonly RunningEntry[] = [];

function useRunning(): { running: readonly RunningEntry[]; nowMs: number } {
  const today = useToday();
  const nowMs = useServerNow(today.data?.now, today.dataUpdatedAt);
  return { running: today.data?.running ?? NO_RUNS, nowMs };
}

const ClockLink = chakra(Link, {
  base: {
    display: 'flex',
    alignItems: 'center',
    gap: '2.5',
    minHeight: '3rem',
    fontSize: 'small',
    lineHeight: '1.25rem',
  },
});

/** What runs, soonest hand first, at the foot of the column. */
export function ColumnClocks() {
  const { running, nowMs } = useRunning();
  if (running.length === 0) return null;
  return (
    <Box
      as="section"
      aria-label="Clocks"
      display={{ base: 'none', lg: 'block' }}
      borderTop="1px solid"
      borderColor="line"
      paddingTop="2"
      marginTop="auto"
    >
      {running.slice(0, SHOWN).map((run) => (
        <ColumnClock key={run.id} run={run} nowMs={nowMs} />
      ))}
    </Box>
  );
}

function ColumnClock({ run, nowMs }: { run: RunningEntry; nowMs: number }) {
  const place = useWorkplace(run);
  const { isNow, short } = nextActionView(run, nowMs);
  return (
    <ClockLink to={`/runs/${run.id}`}>
      <VesselGlyph of={place.form} full={place.full} width={40} />
      <Box minWidth="0">
        <Box fontWeight={650} overflow="hidden" textOverflow="ellipsis" whiteSpace="nowrap">
          {run.pieceName}
        </Box>
        <Box {...(isNow ? WANTED : { color: 'soft' })}>{short}</Box>
      </Box>
    </ClockLink>
  );
}

const WANTED = {
  fontWeight: 700,
  borderBottom: '3px solid',
  borderColor: 'disc',
  display: 'inline-block',
} as const;

/** On the phone: the one clock that needs a hand, if any does. */
export function WantedClock() {
  const { running, nowMs } = useRunning();
  const wanted = running.find((run) => nextActionView(run, nowMs).isNow);
  return wanted ? <Wanted run={wanted} nowMs={nowMs} /> : null;
}

function Wanted({ run, nowMs }: { run: RunningEntry; nowMs: number }) {
  const place = useWorkplace(run);
  return (
    <Link to={`/runs/${run.id}`} aria-label={`${run.pieceName}: ${nextActionView(run, nowMs).short}`}>
      <Flex alignItems="center" gap="2" minHeight="2.75rem" fontSize="note">
        <VesselGlyph of={place.form} full={place.full} width={36} />
        <Box {...WANTED}>{nextActionView(run, nowMs).short}</Box>
      </Flex>
    </Link>
  );
}
