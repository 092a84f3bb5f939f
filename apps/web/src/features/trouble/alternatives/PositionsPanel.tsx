import { Box, Flex, Stack } from '@chakra-ui/react';
import type { Catalogue, Plan, TroubleFacts } from '@feverfew/contracts';
import { lazy, Suspense, useState } from 'react';
import { Button, Select } from '../../../components/controls/controls';
import { Loading } from '../../../components/notices/States';

const PositionComparison = lazy(() =>
  import('./PositionComparison').then((module) => ({ default: module.PositionComparison })),
);

const CHOSEN_BY = {
  plan: 'chosen for this plan',
  household: 'the way of this house',
  default: 'as usual',
} as const;

interface PositionsPanelProps {
  readonly positions: Plan['positions'];
  readonly facts: TroubleFacts;
  readonly catalogue: Catalogue;
  readonly onChoose: (positions: TroubleFacts['positions']) => void;
}

/** Where practitioners differ and it matters here: which view this plan follows, why, and what the other says. */
export function PositionsPanel({ positions, facts, catalogue, onChoose }: PositionsPanelProps) {
  const [comparing, setComparing] = useState<string | null>(null);
  if (positions.length === 0) return null;
  return (
    <Box as="section" aria-label="Ways followed" paddingTop="3.5">
      <Box as="h3" fontSize="note" color="soft" marginBottom="1">
        Where experts disagree
      </Box>
      <Stack gap="2">
        {positions.map(({ dispute, positionId, chosenBy }) => {
          const question = catalogue.disputes.find((candidate) => candidate.id === dispute)?.question;
          const positionsHere = catalogue.positions.filter((position) => position.dispute === dispute);
          const followed = positionsHere.find((position) => position.id === positionId);
          return (
            <Box key={dispute} fontSize="small" data-dispute={dispute}>
              <Flex gap="2.5" wrap="wrap" alignItems="center">
                <Box flex="1 1 12.5rem" fontWeight={600}>
                  {question}
                </Box>
                <Select
                  width="auto"
                  flex="0 1 14.375rem"
                  aria-label={question}
                  value={positionId}
                  onChange={(event) => onChoose({ ...facts.positions, [dispute]: event.currentTarget.value })}
                >
                  {positionsHere.map((position) => (
                    <option key={position.id} value={position.id}>
                      {position.name}
                    </option>
                  ))}
                </Select>
                <Button size="small" onClick={() => setComparing(dispute)}>
                  Side by side
                </Button>
              </Flex>
              <Box color="soft">
                {followed?.why} <em>({CHOSEN_BY[chosenBy]})</em>{' '}
                {positionsHere
                  .filter((position) => position.id !== positionId)
                  .map((position) => `“${position.name}” says: ${position.why}`)
                  .join(' ')}
              </Box>
            </Box>
          );
        })}
      </Stack>
      {comparing && (
        <Suspense fallback={<Loading what="the comparison" />}>
          <PositionComparison
            dispute={comparing}
            facts={facts}
            catalogue={catalogue}
            onChoose={(positionId) => {
              onChoose({ ...facts.positions, [comparing]: positionId });
              setComparing(null);
            }}
            onClose={() => setComparing(null)}
          />
        </Suspense>
      )}
    </Box>
  );
}
