import { Box, chakra, Flex, Stack } from '@chakra-ui/react';
import { type TouchEvent, useEffect, useRef, useState } from 'react';
import { Button } from '../../components/controls/controls';
import { Fold } from '../../components/layout/Fold';
import { SHORT } from '../../theme/media';
import { AnswerCard } from './AnswerCard';
import { CompartmentDrawing } from './drawings/CompartmentDrawing';
import { Porthole } from './drawings/Porthole';
import { FoldedPiece } from './drawings/Weave';
import { type DrumsProps, piecesOf } from './drumsProps';
import { ByHandFirst, FillButton, Wish } from './Foot';
import { HeapPieceRow } from './HeapPieceRow';
import { PrintLoad } from './LoadCard';
import { choresText, Holding, LoadCare, ProgrammeLine } from './LoadText';
import { StayingPieces } from './StayingPieces';
import { TwoSortings } from './TwoSortings';
import { kilos, pieceTitle, provenText, shownLoadOf } from './washView';

/** So far a finger goes for the next drum, px. */
const SWIPE_PX = 60;

const Target = chakra('button', {
  base: {
    flex: '1 0 4.75rem',
    display: 'flex',
    alignItems: 'center',
    justifyContent: 'center',
    gap: '1',
    minHeight: '3.25rem',
    border: '1.5px solid',
    borderColor: 'line',
    borderRadius: 'md',
    bg: 'card',
    lineHeight: '1.15',
    fontSize: 'note',
    '&[aria-pressed=true]': { borderColor: 'leaf', bg: 'leafTint', fontWeight: 700 },
  },
});

/** One drum at a time; the others and the heap are targets, and a finger swipes between them. */
export function DrumsOnPhone(props: DrumsProps) {
  const { wash, arranging, money, name } = props;
  const [chosen, setChosen] = useState(0);
  const heapAt = wash.loads.length;
  const at = Math.min(chosen, heapAt);
  const from = useRef<number | null>(null);
  const onTouchStart = ({ touches }: TouchEvent) => {
    from.current = touches[0]?.clientX ?? null;
  };
  const onTouchEnd = ({ changedTouches }: TouchEvent) => {
    const dx = (changedTouches[0]?.clientX ?? 0) - (from.current ?? 0);
    if (from.current !== null && Math.abs(dx) > SWIPE_PX && !arranging.lifted)
      setChosen(Math.min(heapAt, Math.max(0, at + (dx < 0 ? 1 : -1))));
    from.current = null;
  };
  return (
    <Stack gap="3" onTouchStart={onTouchStart} onTouchEnd={onTouchEnd}>
      <Box color="soft" fontSize="note">
        {provenText(wash)}
      </Box>
      <Flex gap="1.5" overflowX="auto" role="group" aria-label="Drums">
        {wash.loads.map((load, index) => (
          <Target
            key={load.pieceIds.join()}
            type="button"
            aria-pressed={at === index}
            aria-label={`Drum ${index + 1}`}
            onClick={() => setChosen(index)}
          >
            <Porthole
              size={44}
              pieces={piecesOf(wash, load.pieceIds)}
              full={load.massG / load.programme.capacityG}
              number={index + 1}
            />
            {load.tempC}°
          </Target>
        ))}
        <Target
          type="button"
          flexBasis="6.5rem"
          aria-pressed={at === heapAt}
          onClick={() => setChosen(heapAt)}
        >
          {wash.pieces[0] && <FoldedPiece piece={wash.pieces[0]} />}
          {wash.stays.length} stay
        </Target>
      </Flex>
      {arranging.lifted ? (
        <Answers {...props} />
      ) : at === heapAt ? (
        <Heap {...props} />
      ) : (
        <Drum key={at} {...props} at={at} />
      )}
      <ByHandFirst wash={wash} name={name} />
      {props.mayFill && <TwoSortings wash={wash} arranging={arranging} />}
      <Wish wash={wash} arranging={arranging} money={money} />
    </Stack>
  );
}

function Drum({ wash, arranging, name, onEdit, onFill, mayFill, isBusy, at }: DrumsProps & { at: number }) {
  const load = wash.loads[at];
  if (!load) return null;
  const pieces = piecesOf(wash, load.pieceIds);
  const chores = choresText(load, name, load.pieceIds.length);
  return (
    <Stack gap="3">
      <Flex gap="3.5" align="center">
        <Porthole size={116} pieces={pieces} full={load.massG / load.programme.capacityG} number={at + 1} />
        <Box>
          <ProgrammeLine load={load} />
          <Box fontSize="note">
            {kilos(load.massG)} of {kilos(load.programme.capacityG)} kg
          </Box>
        </Box>
      </Flex>
      <Holding load={load} name={name} />
      <CompartmentDrawing of={load.compartments} />
      <Box>
        <Flex justify="space-between" align="baseline">
          <Box as="h2" fontSize="large">
            In this drum
          </Box>
          <Box color="soft" fontSize="small">
            tap a piece to move it
          </Box>
        </Flex>
        {pieces.map((piece) => (
          <Box key={piece.id} borderTop="1px solid" borderColor="line">
            <HeapPieceRow
              piece={piece}
              isLifted={false}
              onLift={() => arranging.lift(piece.id)}
              onEdit={() => onEdit(piece)}
            />
          </Box>
        ))}
      </Box>
      {chores && (
        <Box fontSize="note">
          <b>Before:</b> {chores}.
        </Box>
      )}
      <Fold title="Before, after and the dryer" summary="what to look to">
        <LoadCare load={load} name={name} />
        <PrintLoad load={load} pieces={pieces} name={name} />
      </Fold>
      {mayFill && (
        <Box
          position="sticky"
          bottom="4rem"
          css={{ [SHORT]: { bottom: '0' } }}
          paddingBlock="2"
          bg="card"
          zIndex={1}
        >
          <FillButton
            load={load}
            number={at + 1}
            machineFreeAt={wash.machineFreeAt}
            isBusy={isBusy}
            onFill={onFill}
          />
        </Box>
      )}
    </Stack>
  );
}

/** The piece that is lifted: what every drum says, with a button each. */
function Answers({ wash, arranging, name }: DrumsProps) {
  const { lifted } = arranging;
  const head = useRef<HTMLHeadingElement>(null);
  // The list made room for the answers: the question is at the top of the page.
  useEffect(() => {
    head.current?.scrollIntoView({ block: 'center' });
  }, []);
  if (!lifted) return null;
  return (
    <Stack gap="2.5" as="section" aria-label="What the drums say">
      <Box as="h2" ref={head} fontSize="large">
        Where to put {pieceTitle(lifted)}
      </Box>
      {(wash.answers[lifted.id] ?? []).map((answer, index) => (
        <Box key={wash.loads[index]?.pieceIds.join() ?? index}>
          <Box fontWeight={700} fontSize="note">
            Drum {index + 1}
          </Box>
          <AnswerCard
            answer={answer}
            name={name}
            isHere={shownLoadOf(wash.loads, lifted.id) === index}
            label={`Into drum ${index + 1}`}
            onPut={() => arranging.put(lifted.id, index)}
          />
        </Box>
      ))}
      {lifted.maxC && (
        <>
          <Button minHeight="3.25rem" onClick={() => arranging.put(lifted.id, 'own')}>
            A drum of its own
          </Button>
          <Button minHeight="3.25rem" onClick={() => arranging.put(lifted.id, 'heap')}>
            Leave it in the heap
          </Button>
        </>
      )}
      <Button variant="plain" minHeight="3.25rem" onClick={() => arranging.lift(null)}>
        Put it back
      </Button>
    </Stack>
  );
}

function Heap(props: DrumsProps) {
  return (
    <Box>
      <Box as="h2" fontSize="large">
        Stays in the heap
      </Box>
      <StayingPieces {...props} ruled />
    </Box>
  );
}
