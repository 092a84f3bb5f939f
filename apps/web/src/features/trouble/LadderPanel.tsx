import { Box, Stack } from '@chakra-ui/react';
import type { Catalogue, Plan, TroubleFacts } from '@feverfew/contracts';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { CautionDigest } from '../../components/CautionDigest';
import { onTableOf } from '../../recipe/mixDraft';
import { StartTrial } from '../trial/StartTrial';
import { CupboardLine } from './CupboardLine';
import { PassCard } from './PassCard';
import { CupboardWarning, PlanFindings } from './PlanFindings';
import { PositionsPanel } from './PositionsPanel';
import { emptyTitle } from './passView';
import { RuledOut } from './RuledOut';
import { TakeAlong } from './TakeAlong';

const COUNT_WORDS = ['No rung', 'One rung', 'Two rungs', 'Three rungs', 'Four rungs', 'Five rungs'];

interface LadderPanelProps {
  readonly plan: Plan;
  readonly chosen: number;
  readonly pieceId: string | null;
  readonly troubleId: string | undefined;
  readonly catalogue: Catalogue;
  readonly onChoose: (index: number) => void;
  readonly onFacts: (change: Partial<TroubleFacts>) => void;
}

/** The ladder, gentlest first, with the losers below it. */
export function LadderPanel({
  plan,
  chosen,
  pieceId,
  troubleId,
  catalogue,
  onChoose,
  onFacts,
}: LadderPanelProps) {
  const [open, setOpen] = useState<string | null>(null);
  const { ladder } = plan;
  const { piece } = plan.facts;
  const on = useMemo(() => onTableOf(pieceId, piece), [pieceId, piece]);
  const pass = ladder[chosen];
  const openStillThere = ladder.some((candidate) => candidate.methodId === open);
  useEffect(() => {
    if (!openStillThere) setOpen(null);
  }, [openStillThere]);
  const choose = useCallback(
    (number: number) => {
      const id = ladder[number - 1]?.methodId ?? null;
      setOpen((now) => (now === id ? null : id));
      onChoose(number - 1);
    },
    [ladder, onChoose],
  );
  const needs = plan.findings.some(({ code }) => code === 'markNeeded' || code === 'itemNeeded');
  if (needs) {
    return (
      <Box color="soft" paddingTop="24px" maxWidth="46ch">
        <Box as="h2" fontSize="22px" color="ink" marginBottom="8px">
          The ladder forms here
        </Box>
        Tap an underlined blank on the left. As soon as there is a trouble and a piece, methods appear from
        gentlest to strongest, each with its recipe. Blanks you leave open are taken on the careful side.
      </Box>
    );
  }
  return (
    <Stack gap="0">
      <Box as="h2" fontSize="22px" paddingBottom="4px">
        {ladder.length === 0
          ? emptyTitle(plan)
          : `${COUNT_WORDS[ladder.length]}${ladder.length > 1 ? ', gentlest first' : ''}`}
      </Box>
      <CupboardLine plan={plan} onReach={(reach) => onFacts({ reach })} />
      <PlanFindings plan={plan} />
      <Box as="ol" padding="0" aria-label="Ladder">
        {ladder.map((candidate, index) => (
          <PassCard
            key={candidate.methodId}
            pass={candidate}
            number={index + 1}
            chosen={index === chosen}
            expanded={open === candidate.methodId}
            on={on}
            onChoose={choose}
          />
        ))}
      </Box>
      {pass && (
        <Box paddingTop="12px">
          <CautionDigest ids={pass.cautionIds} lead={`Rung ${chosen + 1}`} />
        </Box>
      )}
      <RuledOut candidates={plan.candidates} facts={plan.facts} />
      <PositionsPanel
        schools={plan.schools}
        facts={plan.facts}
        catalogue={catalogue}
        onChoose={(schools) => onFacts({ schools })}
      />
      {troubleId && (
        <Box paddingTop="12px">
          <StartTrial plan={plan} troubleId={troubleId} />
        </Box>
      )}
      <TakeAlong plan={plan} catalogue={catalogue} />
      <Box paddingTop="10px">
        <CupboardWarning plan={plan} />
      </Box>
    </Stack>
  );
}
