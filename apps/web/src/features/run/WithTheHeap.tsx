import { Box, Flex } from '@chakra-ui/react';
import { type JoinView, joiningWords, PLAIN_LINE, type RunView, rowOf, stayWords } from '@feverfew/contracts';
import { v4 as newKey } from 'uuid';
import { useLexicon } from '../../app/useLexicon';
import { timeOfDay } from '../../clock/timeOfDay';
import { Button } from '../../components/controls/controls';
import { LinkButton } from '../../components/controls/LinkButton';
import { Notice } from '../../components/notices/Notice';
import { useMay } from '../../queries/deviceQueries';
import { useAddToHeap, useDropLine, useJoin } from '../../queries/washQueries';

/** The wash a treatment ends in may be done with what lies in the heap: which drum it falls to, and what it costs there. */
export function WithTheHeap({ run: { id, pieceId } }: { run: RunView }) {
  const join = useJoin(id).data;
  const add = useAddToHeap();
  const drop = useDropLine();
  const may = useMay('tub');
  if (!join) return null;
  const { wash, inDrum, lineId } = join;
  if (inDrum)
    return (
      <Box data-join="drum">
        In the drum with a load till {timeOfDay(inDrum.endsAt)}. Once that is out, this goes on by itself.{' '}
        <ToTheWash />
      </Box>
    );
  if (!wash) return null;
  const error = add.error ?? drop.error;
  return (
    <Box data-join={lineId ? 'heap' : 'offered'} borderTop="1px solid" borderColor="line" paddingTop="2">
      <b>{lineId ? 'In the heap.' : 'Or with the heap.'}</b> <Where join={join} />
      <Flex gap="3.5" align="center" wrap="wrap" marginTop="1.5">
        {may && !lineId && join.load && (
          <Button
            variant="outline"
            disabled={add.isPending}
            onClick={() => add.mutate([{ id: newKey(), line: { ...PLAIN_LINE, pieceId } }])}
          >
            Into the heap
          </Button>
        )}
        {may && lineId && (
          <Button variant="plain" disabled={drop.isPending} onClick={() => drop.mutate(lineId)}>
            Out of the heap
          </Button>
        )}
        <ToTheWash />
      </Flex>
      {error && (
        <Notice kind="danger" role="alert" word="Not done">
          {error.message}
        </Notice>
      )}
    </Box>
  );
}

const ToTheWash = () => (
  <LinkButton to="/wash" variant="plain">
    See the loads
  </LinkButton>
);

function Where({ join: { load, stays, wash } }: { join: JoinView }) {
  const say = useLexicon();
  if (stays) return <>{stayWords(stays, say)}</>;
  if (!load || !wash) return null;
  const name = (id: string) => load.pieces.find((piece) => piece.id === id)?.name ?? '';
  const others = load.pieces.filter(({ isOwn }) => !isOwn).map((piece) => piece.name);
  const words = load.joining && joiningWords(load.joining, name, say);
  const { detergentId } = load;
  const wants = rowOf(wash.agentIds.map((id) => say.name(id)));
  const barred = wash.wantsOxygen && load.oxygen === 'never';
  return (
    <>
      Drum {load.number}: {load.programme.toLowerCase()} {say.temp(load.tempC)},{' '}
      {others.length > 0 ? `with ${rowOf(others)}` : 'by itself'}. {words && `${words.holds} ${words.apart} `}
      {load.tempC < wash.tempC.min && `Its own wash needs ${say.temp(wash.tempC.min)}. `}
      {barred &&
        `Its own wash needs ${wants}, and something in that drum bears no bleach. Washed there, this still waits for its own. `}
      {!barred &&
        detergentId &&
        !wash.agentIds.includes(detergentId) &&
        `Its own wash needs ${wants}; that drum takes ${say.name(detergentId)}, which all in it bear. `}
    </>
  );
}
