import { Box, Flex } from '@chakra-ui/react';
import type { Today } from '@feverfew/contracts';
import { Link } from 'react-router';
import { v4 as newKey } from 'uuid';
import { dueText } from '../../clock/dueText';
import { Button } from '../../components/controls/controls';
import { useMay } from '../../queries/deviceQueries';
import { useNoteCare } from '../../queries/pieceQueries';

/** Upkeep shown at most: the rest is in the linen book. */
const SHOWN = 4;

/** Upkeep that has fallen due, with one tap to say it is done. */
export function DueList({ due, now }: Pick<Today, 'due' | 'now'>) {
  if (due.length === 0) return null;
  return (
    <Box as="section" aria-label="Due">
      <Box as="h2" fontSize="heading">
        Due
      </Box>
      <Box as="ul" listStyleType="none">
        {due.slice(0, SHOWN).map((one) => (
          <Due key={one.pieceId + one.upkeepId} one={one} now={now} />
        ))}
      </Box>
      {due.length > SHOWN && (
        <Link to="/pieces?show=due" style={{ textDecoration: 'underline' }}>
          {due.length - SHOWN} more under Linen
        </Link>
      )}
    </Box>
  );
}

function Due({ one, now }: { one: Today['due'][number]; now: string }) {
  const note = useNoteCare(one.pieceId);
  const may = useMay('all');
  return (
    <Flex
      as="li"
      alignItems="center"
      gap="3"
      minHeight="3.25rem"
      borderBottom="1px solid"
      borderColor="line"
      paddingBlock="1.5"
    >
      <Box flex="1" minWidth="0">
        <Box fontWeight={650} _firstLetter={{ textTransform: 'uppercase' }}>
          <Link to={`/pieces/${one.pieceId}`}>{one.pieceName}</Link>
        </Box>
        <Box fontSize="note" color="soft">
          {one.name}, {dueText(one.dueAt, now)}
        </Box>
      </Box>
      {may && (
        <Button
          disabled={note.isPending}
          onClick={() => note.mutate({ key: newKey(), what: 'upkeep', upkeepId: one.upkeepId, times: 1 })}
        >
          Done
        </Button>
      )}
    </Flex>
  );
}
