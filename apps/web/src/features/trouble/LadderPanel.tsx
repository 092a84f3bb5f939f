import { Box, Stack } from '@chakra-ui/react';
import type { Catalogue, Plan, TroubleFacts } from '@feverfew/contracts';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { CautionDigest } from '../../components/CautionDigest';
import { onTableOf } from '../../recipe/mixDraft';
import { StartTrial } from '../trial/StartTrial';
import { CupboardLine } from './CupboardLine';
import { KeepInMind } from './KeepInMind';
import { CupboardWarning, PlanFindings } from './PlanFindings';
import { PlanHead } from './PlanHead';
import { PositionsPanel } from './PositionsPanel';
import { emptyTitle } from './passView';
import { RoundSection } from './RoundSection';
import { RuledOut } from './RuledOut';
import { TakeAlong } from './TakeAlong';

interface LadderPanelProps {
  readonly plan: Plan;
  readonly chosen: number;
  readonly pieceId: string | null;
  readonly troubleId: string | undefined;
  readonly catalogue: Catalogue;
  readonly onChoose: (index: number) => void;
  readonly onFacts: (change: Partial<TroubleFacts>) => void;
}

/** What it is, what to do at once, the rounds step by step, and what is not used. */
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
  const openStillThere = ladder.some(({ passId }) => passId === open);
  useEffect(() => {
    if (!openStillThere) setOpen(null);
  }, [openStillThere]);
  const choose = useCallback(
    (rungIndex: number) => {
      const id = ladder[rungIndex]?.passId ?? null;
      setOpen((now) => (now === id ? null : id));
      onChoose(rungIndex);
    },
    [ladder, onChoose],
  );
  const needs = plan.findings.some(({ code }) => code === 'markNeeded' || code === 'itemNeeded');
  if (needs) {
    return (
      <Box color="soft" paddingTop="24px" maxWidth="46ch">
        <Box as="h2" fontSize="22px" color="ink" marginBottom="8px">
          The plan forms here
        </Box>
        Tap an underlined blank on the left. As soon as there is a trouble and a piece, it says what to do at
        once and then step by step, each with its recipe. Blanks you leave open are taken on the careful side.
      </Box>
    );
  }
  return (
    <Stack gap="0">
      {plan.rounds.length === 0 && (
        <Box as="h2" fontSize="22px" paddingBottom="4px">
          {emptyTitle(plan)}
        </Box>
      )}
      <PlanHead plan={plan} />
      <CupboardLine plan={plan} onReach={(reach) => onFacts({ reach })} />
      <PlanFindings plan={plan} />
      {plan.rounds.map((round, at) => (
        <RoundSection
          key={round.id}
          round={round}
          ladder={ladder}
          before={plan.rounds.slice(0, at).reduce((sum, { passes }) => sum + passes.length, 0)}
          chosen={chosen}
          open={open}
          on={on}
          onChoose={choose}
        />
      ))}
      {plan.ends.map(({ markId, text }) => (
        <Box key={markId} paddingTop="6px" color="soft">
          What then stays: {text}
        </Box>
      ))}
      <KeepInMind keep={plan.keep} />
      {ladder[chosen] && (
        <Box paddingTop="12px">
          <CautionDigest ids={ladder[chosen].cautionIds} lead="Careful" />
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
