import { Box, Flex, Stack, useBreakpointValue } from '@chakra-ui/react';
import { DndContext, type DragEndEvent, PointerSensor, useSensor, useSensors } from '@dnd-kit/core';
import type { HeapPiece, LoadView, WashView } from '@feverfew/contracts';
import { useState } from 'react';
import { v4 as newKey } from 'uuid';
import { useLexicon } from '../../app/useLexicon';
import { Button } from '../../components/controls/controls';
import { PageHeading } from '../../components/layout/PageHeading';
import { Notice } from '../../components/notices/Notice';
import { Failed, Loading } from '../../components/notices/States';
import { useMay } from '../../queries/deviceQueries';
import { useHousehold } from '../../queries/householdQueries';
import { useAddToHeap, useFillLoad, useWash } from '../../queries/washQueries';
import { AddToHeap } from './AddToHeap';
import { DrumsOnDesk } from './DrumsOnDesk';
import { DrumsOnPhone } from './DrumsOnPhone';
import { SignWords } from './drawings/Signs';
import { EditLine } from './EditLine';
import { RunningLoads } from './RunningLoads';
import { useArranging } from './useArranging';
import { useWashKeys } from './useWashKeys';
import { answersAloud } from './washView';

/** The heap into drums: what goes together, at what, with what, and what that costs. */
export function WashPage() {
  const wash = useWash();
  if (wash.isError) return <Failed error={wash.error} onRetry={() => void wash.refetch()} />;
  if (!wash.data) return <Loading what="the heap" />;
  return <Wash wash={wash.data} receivedAt={wash.dataUpdatedAt} />;
}

function Wash({ wash, receivedAt }: { wash: WashView; receivedAt: number }) {
  const arranging = useArranging(wash);
  const fill = useFillLoad();
  const may = useMay('tub');
  const say = useLexicon();
  const money = useHousehold().data?.prices.money ?? '';
  // Opened by an empty heap, it stays open while the heap grows.
  const [adding, setAdding] = useState(wash.pieces.length === 0);
  const [signs, setSigns] = useState(false);
  const [dropped, setDropped] = useState<HeapPiece | null>(null);
  const add = useAddToHeap();
  const [editing, setEditing] = useState<HeapPiece | null>(null);
  const onDesk = useBreakpointValue({ base: false, lg: true }, { ssr: false });
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 8 } }));
  useWashKeys(wash, arranging);
  const name = (id: string): string => {
    const piece = wash.pieces.find((one) => one.id === id);
    return piece?.name ?? id;
  };
  const onFill = (load: LoadView) => fill.mutate({ key: newKey(), pieceIds: load.pieceIds });
  const onDragEnd = ({ active, over }: DragEndEvent) => {
    if (!over) return;
    const to = over.id === 'own' || over.id === 'heap' ? over.id : Number(over.id);
    const answer = typeof to === 'number' ? wash.answers[String(active.id)]?.[to] : null;
    // What may not join springs back, still lifted: its drum says why.
    if (!answer || answer.may) arranging.put(String(active.id), to);
  };
  const isEmpty = wash.pieces.length === 0;
  const Drums = onDesk ? DrumsOnDesk : DrumsOnPhone;
  return (
    <Stack gap="3" padding={{ base: '0.5rem 1rem 5.625rem', lg: '0' }}>
      <Box padding={{ base: '0', lg: '0.75rem 1.25rem 0' }}>
        <Flex align="baseline" gap="3.5" wrap="wrap">
          <PageHeading title="Wash" unseen={!onDesk}>
            {onDesk ? 'The heap' : 'Wash'}
          </PageHeading>
          {may && !isEmpty && (
            <Button
              variant="plain"
              minHeight={{ base: '2.75rem', md: '2.25rem' }}
              aria-expanded={adding}
              onClick={() => setAdding(!adding)}
            >
              Add to the heap
            </Button>
          )}
          {!isEmpty && (
            <Button
              variant="plain"
              minHeight={{ base: '2.75rem', md: '2.25rem' }}
              aria-expanded={signs}
              onClick={() => setSigns(!signs)}
            >
              Signs
            </Button>
          )}
        </Flex>
        {signs && <SignWords />}
        {isEmpty && (
          <Box maxWidth="64ch" marginBottom="2">
            The heap is empty. Tap what you wore last, or type what you have.
          </Box>
        )}
        {may && (adding || isEmpty) && (
          <AddToHeap wash={wash} {...(isEmpty ? {} : { onDone: () => setAdding(false) })} />
        )}
        {editing && (
          <Box marginTop="2.5">
            <EditLine
              key={editing.id}
              piece={editing}
              onDone={() => setEditing(null)}
              onDropped={() => {
                setDropped(editing);
                setEditing(null);
              }}
            />
          </Box>
        )}
        {dropped && (
          <Flex role="status" align="center" gap="2">
            <Box>{dropped.name} is out of the heap.</Box>
            <Button
              variant="plain"
              minHeight={{ base: '2.75rem', md: '2.125rem' }}
              onClick={() =>
                add.mutate([{ id: newKey(), line: dropped.told }], { onSuccess: () => setDropped(null) })
              }
            >
              Undo
            </Button>
          </Flex>
        )}
        <Said arranging={arranging} error={fill.error ?? add.error} />
        <Box srOnly aria-live="polite">
          {arranging.lifted && answersAloud(wash, arranging.lifted, name, say)}
        </Box>
        <Box marginTop="2">
          <RunningLoads running={wash.running} now={wash.now} receivedAt={receivedAt} />
        </Box>
      </Box>
      {!isEmpty && (
        <DndContext
          sensors={sensors}
          onDragEnd={onDragEnd}
          onDragStart={({ active }) =>
            arranging.lifted?.id !== active.id && arranging.lift(String(active.id))
          }
        >
          <Drums
            wash={wash}
            arranging={arranging}
            money={money}
            name={name}
            mayFill={may}
            isBusy={fill.isPending}
            onFill={onFill}
            onEdit={setEditing}
          />
        </DndContext>
      )}
    </Stack>
  );
}

/** What was just moved, with its way back; and what could not be done. */
function Said({ arranging, error }: { arranging: ReturnType<typeof useArranging>; error: Error | null }) {
  const failed = error ?? arranging.error;
  return (
    <>
      <Flex role="status" align="center" gap="2" minHeight={arranging.said ? '2.25rem' : '0'}>
        {arranging.said && (
          <>
            <Box>{arranging.said}</Box>
            <Button variant="plain" minHeight={{ base: '2.75rem', md: '2.125rem' }} onClick={arranging.undo}>
              Undo
            </Button>
          </>
        )}
      </Flex>
      {failed && (
        <Notice kind="danger" word="Not done">
          {failed.message}
        </Notice>
      )}
    </>
  );
}
