import { Box, Flex, Grid } from '@chakra-ui/react';
import type { NewCare, PieceHistory } from '@feverfew/contracts';
import { format } from 'date-fns';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { v4 as newKey } from 'uuid';
import { useLexicon } from '../../app/useLexicon';
import { dueText } from '../../clock/dueText';
import { Button } from '../../components/controls/controls';
import { marksText } from '../../facts/sentenceView';
import { useMay } from '../../queries/deviceQueries';
import { useNoteCare } from '../../queries/pieceQueries';
import { isThere } from './threadView';

type Trouble = PieceHistory['troubles'][number];

/** What is to be done next on a piece, and what keeps its last trouble away. */
export function PieceCare({ history }: { readonly history: PieceHistory }) {
  const left = leftOf(history.troubles);
  return (
    <Grid
      templateColumns={{ base: '1fr', md: history.prevent.length > 0 ? '1fr 1fr' : '1fr' }}
      gap="1rem 2.5rem"
    >
      <Beside title="Next care" isFirst>
        <TroublesLeft troubles={left} />
        {(history.upkeep.length > 0 || left.length === 0) && <Upkeep history={history} />}
      </Beside>
      {history.prevent.length > 0 && (
        <Beside title="So that it does not come back">
          {history.prevent.map((text) => (
            <Box key={text}>{text}</Box>
          ))}
        </Beside>
      )}
    </Grid>
  );
}

interface BesideProps {
  readonly title: string;
  readonly isFirst?: boolean;
  readonly children: ReactNode;
}

const Beside = ({ title, isFirst = false, children }: BesideProps) => (
  <Box
    as="section"
    aria-label={title}
    borderInlineStart="4px solid"
    borderColor={isFirst ? 'ink' : 'line'}
    paddingInlineStart="3.5"
  >
    <Box as="h2" fontSize="subhead">
      {title}
    </Box>
    {children}
  </Box>
);

/** Troubles that are still on it, the last of each kind, each with its way to the work. */
function TroublesLeft({ troubles }: { readonly troubles: readonly Trouble[] }) {
  const say = useLexicon();
  return troubles.map(({ id, markIds, status, runId, handsOnMin }) => {
    const isRunning = status === 'running' && runId;
    const more =
      status === 'settled'
        ? ', still there'
        : handsOnMin !== null && !isRunning
          ? `, ${Math.round(handsOnMin)} min of a hand`
          : '';
    return (
      <Box key={id}>
        <strong>{marksText(markIds, say)}</strong>
        {more}:{' '}
        <Link to={isRunning ? `/runs/${runId}` : `/trouble/${id}`} style={{ textDecoration: 'underline' }}>
          {isRunning ? 'to the tub' : status === 'settled' ? 'plan again' : 'to the plan'}
        </Link>
      </Box>
    );
  });
}

/** The newest of each kind of trouble, if it is still there. */
function leftOf(troubles: readonly Trouble[]): Trouble[] {
  const seen = new Set<string>();
  return troubles.filter((trouble) => {
    const kind = [...trouble.markIds].sort().join();
    const isNewest = !seen.has(kind);
    seen.add(kind);
    return isNewest && isThere(trouble);
  });
}

function Upkeep({ history }: { readonly history: PieceHistory }) {
  const note = useNoteCare(history.piece.id);
  const may = useMay('all');
  const isDone = (upkeepId: NewCare['upkeepId']) =>
    note.mutate({ key: newKey(), times: 1, what: 'upkeep', upkeepId });
  const { upkeep, now } = history;
  if (upkeep.length === 0) return <Box color="soft">This kind of piece has no rhythm of its own.</Box>;
  return upkeep.map((one) => (
    <Flex key={one.upkeepId} gap="3" alignItems="center" paddingBlock="1">
      <Box flex="1">
        <Box fontWeight={one.isDue && !one.atMost ? 700 : 400}>{one.name}</Box>
        <Box fontSize="note" color="soft">
          {one.atMost
            ? one.isDue
              ? 'may be done again'
              : `not again before ${format(new Date(one.dueAt), 'd MMMM')}`
            : dueText(one.dueAt, now)}
          {one.lastAt ? `, last ${format(new Date(one.lastAt), 'd MMM yyyy')}` : ''}
        </Box>
        {one.note && <Box fontSize="note">{one.note}</Box>}
      </Box>
      {may && (
        <Button disabled={note.isPending} onClick={() => isDone(one.upkeepId)}>
          Done
        </Button>
      )}
    </Flex>
  ));
}
