import { Box, Flex, Stack } from '@chakra-ui/react';
import { BY_HAND, lengthWords, type RunningLoad } from '@feverfew/contracts';
import { useLexicon } from '../../app/useLexicon';
import { timeOfDay } from '../../clock/timeOfDay';
import { useServerNow } from '../../clock/useServerNow';
import { Button } from '../../components/controls/controls';
import { LinkButton } from '../../components/controls/LinkButton';
import { Notice } from '../../components/notices/Notice';
import { useMay } from '../../queries/deviceQueries';
import { useLoadDone, useLoadUndo } from '../../queries/washQueries';
import { Porthole } from './drawings/Porthole';
import { pieceTitle } from './washView';

const MINUTE_MS = 60_000;

/** Loads that were filled: how long they still run, and that what is wet gets out. */
export function RunningLoads({
  running,
  now,
  receivedAt,
}: {
  running: readonly RunningLoad[];
  now: string;
  receivedAt: number;
}) {
  const nowMs = useServerNow(now, receivedAt);
  if (running.length === 0) return null;
  return (
    <Stack as="section" aria-label="Filled" gap="2.5">
      {running.map((load, index) => (
        <Running key={load.id} load={load} nowMs={nowMs} number={running.length - index} />
      ))}
    </Stack>
  );
}

function Running({ load, nowMs, number }: { load: RunningLoad; nowMs: number; number: number }) {
  const say = useLexicon();
  const done = useLoadDone();
  const undo = useLoadUndo();
  const may = useMay('tub');
  const left = Date.parse(load.endsAt) - nowMs;
  const total = load.load.minutes * MINUTE_MS;
  const late = nowMs > Date.parse(load.hangBy);
  const marked = load.pieces.filter(({ openMarkIds }) => openMarkIds.length > 0);
  const state =
    load.doneAt !== null
      ? `${load.load.programmeId === BY_HAND ? 'wet' : 'out'} since ${timeOfDay(load.doneAt)}`
      : left > 0
        ? `${lengthWords(Math.ceil(left / MINUTE_MS))} to go, done at ${timeOfDay(load.endsAt)}`
        : late
          ? `wet in the drum since ${timeOfDay(load.endsAt)}: wash it again if it smells`
          : `done since ${timeOfDay(load.endsAt)}: hang it by ${timeOfDay(load.hangBy)}`;
  return (
    <Flex
      gap="3.5"
      align="center"
      wrap="wrap"
      bg={left <= 0 && load.doneAt === null ? 'discTint' : 'paper'}
      borderRadius="md"
      padding="0.5rem 0.875rem"
    >
      <Porthole
        size={64}
        number={number}
        pieces={load.pieces.map((piece) => ({ ...piece, id: piece.lineId }))}
        full={0.7}
        running={load.doneAt === null ? Math.max(0, left / total) : 0}
      />
      <Box flex="1" minWidth="12.5rem">
        <Box fontWeight={700}>
          {load.load.name}
          {load.load.programmeId === BY_HAND ? '' : ` ${say.temp(load.load.tempC)}`}: {state}
        </Box>
        <Box fontSize="note" color="soft">
          {load.pieces.map(pieceTitle).join(' · ')}
        </Box>
        {load.doneAt !== null && marked.length > 0 && (
          <Box fontSize="note">
            Look in daylight before any heat:{' '}
            {marked
              .map(({ name, openMarkIds }) => `${name} (${openMarkIds.map(say.name).join(', ')})`)
              .join(', ')}
            .
          </Box>
        )}
        {(done.error ?? undo.error) && (
          <Notice kind="danger" role="alert" word="Not done">
            {(done.error ?? undo.error)?.message}
          </Notice>
        )}
      </Box>
      {may && (
        <Flex gap="2" wrap="wrap">
          {load.doneAt === null ? (
            <Button
              variant={left > 0 ? 'outline' : 'action'}
              disabled={done.isPending}
              onClick={() => done.mutate(load.id)}
            >
              Unloaded
            </Button>
          ) : (
            <LinkButton to="/wash/line" variant="outline">
              To the line
            </LinkButton>
          )}
          <Button variant="plain" disabled={undo.isPending} onClick={() => undo.mutate(load.id)}>
            Undo
          </Button>
        </Flex>
      )}
    </Flex>
  );
}
