import { Box, chakra, Dialog, Flex, Portal } from '@chakra-ui/react';
import type { Catalogue, ComparedPosition, TroubleFacts } from '@feverfew/contracts';
import { useState } from 'react';
import { useLexicon } from '../../../app/useLexicon';
import { Button } from '../../../components/controls/controls';
import { Failed, Loading } from '../../../components/notices/States';
import { useHousehold } from '../../../queries/householdQueries';
import { useComparePositions } from '../../../queries/planQueries';
import { ComparedLoop } from './ComparedLoop';
import { ComparedRows } from './ComparedRows';
import { comparedRows } from './comparedView';

interface PositionComparisonProps {
  readonly dispute: string;
  readonly facts: TroubleFacts;
  readonly catalogue: Catalogue;
  readonly onChoose: (positionId: string) => void;
  readonly onClose: () => void;
}

/** Two views of a dispute followed to the end on this trouble: only what differs, each on one line. */
export function PositionComparison({
  dispute,
  facts,
  catalogue,
  onChoose,
  onClose,
}: PositionComparisonProps) {
  const compared = useComparePositions(facts, dispute);
  const question = catalogue.disputes.find((candidate) => candidate.id === dispute)?.question;
  return (
    <Dialog.Root open onOpenChange={(details) => !details.open && onClose()}>
      <Portal>
        <Dialog.Backdrop />
        <Dialog.Positioner>
          <Dialog.Content width="min(100%, 72rem)">
            <Dialog.Title>{question}</Dialog.Title>
            {compared.isPending && <Loading what="both plans" />}
            {compared.isError && <Failed error={compared.error} onRetry={() => void compared.refetch()} />}
            {compared.data && (
              <Pair all={compared.data} catalogue={catalogue} onChoose={onChoose} onClose={onClose} />
            )}
            {!compared.data && (
              <Dialog.Footer>
                <Button onClick={onClose}>Close</Button>
              </Dialog.Footer>
            )}
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}

const Other = chakra('button', {
  base: {
    minHeight: '2.25rem',
    paddingInline: '3',
    borderRadius: 'full',
    border: '1.5px solid',
    borderColor: 'edge',
    color: 'leaf',
    fontWeight: 650,
    fontSize: 'note',
    _pressed: { bg: 'leafTint', color: 'ink' },
  },
});

interface PairProps extends Pick<PositionComparisonProps, 'catalogue' | 'onChoose' | 'onClose'> {
  readonly all: readonly ComparedPosition[];
}

/** The way that is followed, and one other. */
function Pair({ all, catalogue, onChoose, onClose }: PairProps) {
  const say = useLexicon();
  const money = useHousehold().data?.prices.money ?? '';
  const a = all.find(({ isFollowed }) => isFollowed) ?? all[0];
  const others = all.filter((one) => one !== a);
  const [otherId, setOtherId] = useState(others[0]?.positionId);
  const b = others.find(({ positionId }) => positionId === otherId);
  if (!a || !b) return null;
  const nameOf = (id: string) => catalogue.positions.find((one) => one.id === id)?.name ?? id;
  const { rows, same } = comparedRows(a, b, money);
  return (
    <>
      {others.length > 1 && (
        <Flex gap="2" wrap="wrap" align="center" role="group" aria-label="Held against">
          <Box color="soft">Held against:</Box>
          {others.map(({ positionId }) => (
            <Other
              key={positionId}
              type="button"
              aria-pressed={positionId === otherId}
              onClick={() => setOtherId(positionId)}
            >
              {nameOf(positionId)}
            </Other>
          ))}
        </Flex>
      )}
      <ComparedLoop
        a={{ name: nameOf(a.positionId), of: a }}
        b={{ name: nameOf(b.positionId), of: b }}
        say={say}
      />
      {rows.length > 0 ? (
        <ComparedRows rows={rows} />
      ) : (
        <Box fontFamily="heading" fontSize="large" textAlign="center" paddingTop="2">
          On this trouble both come to the same.
        </Box>
      )}
      <Dialog.Footer>
        <Box flex="1" color="soft" fontSize="note">
          {same.length > 0 && (
            <>
              <strong>The same in both:</strong> {same.join('; ')}.
            </>
          )}
        </Box>
        <Button onClick={() => onChoose(b.positionId)}>Take B</Button>
        <Button variant="action" onClick={onClose}>
          Keep A
        </Button>
      </Dialog.Footer>
    </>
  );
}
