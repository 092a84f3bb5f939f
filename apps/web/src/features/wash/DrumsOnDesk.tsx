import { Box, Flex, Grid } from '@chakra-ui/react';
import { useDroppable } from '@dnd-kit/core';
import type { LoadView } from '@feverfew/contracts';
import { useState } from 'react';
import { Button } from '../../components/controls/controls';
import { SHORT } from '../../theme/media';
import { AnswerCard } from './AnswerCard';
import { CompartmentDrawing } from './drawings/CompartmentDrawing';
import { Porthole } from './drawings/Porthole';
import { type DrumsProps, piecesOf } from './drumsProps';
import { ByHandFirst, FillButton, Wish } from './Foot';
import { HeapPieceRow } from './HeapPieceRow';
import { PrintLoad } from './LoadCard';
import { Holding, LoadCare, ProgrammeLine } from './LoadText';
import { StayingOnDesk } from './StayingOnDesk';
import { TwoSortings } from './TwoSortings';
import { drumsTitle, kilos, provenText, shownLoadOf } from './washView';

/** Heap, drum, programme, dose, answer: one band for each drum, so that the eye never has to match lists. */
const COLUMNS = '24.5rem 8.75rem minmax(11.875rem, 1fr) minmax(11.875rem, 14.375rem) 11.125rem';

export function DrumsOnDesk(props: DrumsProps) {
  const { wash, arranging, name, money, mayFill, isBusy, onFill } = props;
  const [open, setOpen] = useState<number | null>(null);
  return (
    <Box>
      {mayFill && (
        <Box padding="0 1.25rem 0.75rem">
          <TwoSortings wash={wash} arranging={arranging} />
        </Box>
      )}
      <Grid templateColumns={COLUMNS} columnGap="4" alignItems="baseline" paddingInlineEnd="5">
        <Box bg="paper" alignSelf="stretch" />
        <Box gridColumn="2 / 5" paddingBlock="1.5">
          <Box as="h2" display="inline" fontSize="title">
            {drumsTitle(wash.loads.length)}
          </Box>{' '}
          <Box as="span" color="soft">
            {provenText(wash)}
          </Box>
        </Box>
        <Box fontFamily="heading" fontWeight={700} fontSize="note">
          {arranging.lifted && `Lifted: ${arranging.lifted.name}`}
        </Box>
        {wash.loads.map((load, index) => (
          <DrumBand
            key={load.pieceIds.join()}
            {...props}
            load={load}
            index={index}
            isOpen={open === index}
            onOpen={() => setOpen(open === index ? null : index)}
          />
        ))}
        <StayingOnDesk {...props} />
      </Grid>
      <Grid
        position="sticky"
        css={{ [SHORT]: { position: 'static' } }}
        bottom="0"
        templateColumns="1fr 1fr auto"
        gap="6"
        alignItems="center"
        bg="card"
        borderTop="1px solid"
        borderColor="line"
        padding="0.75rem 1.25rem 0.75rem 25.5rem"
        zIndex={2}
      >
        <ByHandFirst wash={wash} name={name} />
        <Wish wash={wash} arranging={arranging} money={money} />
        {mayFill && (
          <FillButton
            load={wash.loads[0]}
            number={1}
            machineFreeAt={wash.machineFreeAt}
            isBusy={isBusy}
            onFill={onFill}
          />
        )}
      </Grid>
    </Box>
  );
}

function DrumBand({
  load,
  index,
  isOpen,
  onOpen,
  ...props
}: DrumsProps & { load: LoadView; index: number; isOpen: boolean; onOpen: () => void }) {
  const { wash, arranging, name, onEdit, onFill, mayFill, isBusy } = props;
  const { setNodeRef, isOver } = useDroppable({ id: String(index) });
  const pieces = piecesOf(wash, load.pieceIds);
  const lifted = arranging.lifted;
  const answer = lifted && wash.answers[lifted.id]?.[index];
  return (
    <Grid
      ref={setNodeRef}
      gridColumn="1 / -1"
      templateColumns="subgrid"
      alignItems="start"
      borderTop="1px solid"
      borderColor="line"
      outline={isOver ? '2px solid' : 'none'}
      outlineColor={answer?.may ? 'leaf' : 'brick'}
      outlineOffset="-2px"
      aria-label={`Drum ${index + 1}`}
      role="group"
    >
      <Box bg="paper" padding="0.5rem 0.625rem 0.625rem 1rem" minHeight="12.25rem" alignSelf="stretch">
        <Flex justify="space-between" fontFamily="heading" fontWeight={700} fontSize="note">
          <span>Into drum {index + 1}</span>
          <Box as="span" fontFamily="body" fontWeight={400} color="soft">
            {kilos(load.massG)} kg
          </Box>
        </Flex>
        {pieces.map((piece) => (
          <HeapPieceRow
            key={piece.id}
            piece={piece}
            isLifted={lifted?.id === piece.id}
            onLift={() => arranging.lift(piece.id)}
            onEdit={() => onEdit(piece)}
          />
        ))}
      </Box>
      <Box paddingTop="3" textAlign="center">
        <Porthole
          size={138}
          pieces={pieces}
          full={load.massG / load.programme.capacityG}
          number={index + 1}
          answer={answer ? (answer.may ? 'may' : 'mayNot') : null}
        />
        <Box fontSize="note" color="soft">
          {kilos(load.massG)} of {kilos(load.programme.capacityG)} kg
        </Box>
      </Box>
      <Box paddingBlock="3">
        <ProgrammeLine load={load} />
        <Box marginTop="1.5">
          <Holding load={load} name={name} />
        </Box>
        <Button
          variant="plain"
          minHeight={{ base: '2.75rem', md: '2rem' }}
          fontSize="note"
          paddingInline="0"
          aria-expanded={isOpen}
          onClick={onOpen}
        >
          Before, after and the dryer
        </Button>
      </Box>
      <Box paddingBlock="3">
        <CompartmentDrawing of={load.compartments} />
      </Box>
      <Box paddingBlock="3">
        {answer && lifted ? (
          <AnswerCard
            answer={answer}
            name={name}
            isHere={shownLoadOf(wash.loads, lifted.id) === index}
            label={`Into drum ${index + 1}`}
            onPut={() => arranging.put(lifted.id, index)}
          />
        ) : (
          mayFill &&
          index > 0 && (
            <Button variant="outline" size="small" disabled={isBusy} onClick={() => onFill(load)}>
              Fill drum {index + 1}
            </Button>
          )
        )}
      </Box>
      {isOpen && (
        <Box gridColumn="2 / -1" paddingBottom="3.5">
          <LoadCare load={load} name={name} />
          <PrintLoad load={load} pieces={pieces} name={name} />
        </Box>
      )}
    </Grid>
  );
}
