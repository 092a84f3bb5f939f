import { Box, Flex, Stack } from '@chakra-ui/react';
import {
  type Catalogue,
  type Plan,
  pieceAsTaken,
  type RunView,
  type TroubleFacts,
} from '@feverfew/contracts';
import { useMemo } from 'react';
import { useLexicon } from '../../app/useLexicon';
import { Fold } from '../../components/layout/Fold';
import { onTableOf } from '../../recipe/mixDraft';
import { OtherWays } from './alternatives/OtherWays';
import { losers } from './alternatives/passView';
import { RuledOut } from './alternatives/RuledOut';
import { KeepInMind, NeverLine } from './KeepInMind';
import { isForNobody, NotAtHome } from './NotAtHome';
import { CupboardWarning, PlanFindings } from './PlanFindings';
import { AssumedUsual } from './plan/AssumedUsual';
import { LABEL_FIRST } from './plan/Foot';
import { LeftOutLine } from './plan/LeftOutLine';
import { LoadKinds } from './plan/LoadKinds';
import { NextRound } from './plan/NextRound';
import { RoundSteps } from './plan/RoundSteps';
import { TakeAlong } from './TakeAlong';

interface PlanViewProps {
  readonly plan: Plan;
  /** The run that carries it out, where one does. */
  readonly run: RunView | undefined;
  readonly nowMs: number;
  readonly pieceId: string | null;
  readonly troubleId: string | undefined;
  readonly catalogue: Catalogue;
  readonly onFacts: (change: Partial<TroubleFacts>) => void;
}

/** The rounds, and below them what one may ask for. */
export function PlanView({ plan, run, nowMs, pieceId, troubleId, catalogue, onFacts }: PlanViewProps) {
  const say = useLexicon();
  const on = useMemo(
    () => onTableOf(pieceId, pieceAsTaken(plan.facts.piece, plan.findings)),
    [pieceId, plan.facts.piece, plan.findings],
  );
  // What explodes or burns is not worked on: no other way is shown either.
  const nobody = isForNobody(plan);
  const lost = nobody ? [] : losers(plan.candidates);
  const ladder = { plan, run, nowMs, on, onFacts };
  return (
    <Box>
      <PlanFindings plan={plan} />
      {plan.rounds.length === 0 && !nobody && <NotAtHome facts={plan.facts} catalogue={catalogue} />}
      {run === undefined && <LoadKinds plan={plan} onFacts={onFacts} />}
      {plan.rounds.length > 0 && run === undefined && <AssumedUsual plan={plan} onFacts={onFacts} />}
      <LeftOutLine facts={plan.facts} onFacts={onFacts} />
      {plan.rounds.map((round) =>
        round.kind === 'full' ? (
          <RoundSteps key={round.id} round={round} {...ladder} />
        ) : (
          <NextRound key={round.id} round={round} {...ladder} />
        ),
      )}
      {[...new Set(plan.ends.map(({ text }) => text))].map((text) => (
        <Box
          key={text}
          color="soft"
          paddingTop="1.5"
          paddingInlineStart={
            plan.rounds.length > 0
              ? { md: 'calc(3.25rem + clamp(9.375rem, 19vw, 13.75rem) + 1.5rem)' }
              : undefined
          }
        >
          If it stays: {text}
        </Box>
      ))}
      <Stack gap="0" paddingTop="4">
        <NeverLine never={plan.keep.never} />
        {!nobody && (
          <Fold title="Keep in mind" summary="">
            <KeepInMind plan={plan} />
          </Fold>
        )}
        {lost.length > 0 && (
          <Fold
            title="Not used here"
            summary={lost
              .slice(0, 3)
              .map(({ methodId }) => say.name(methodId))
              .join(', ')}
          >
            <RuledOut candidates={plan.candidates} facts={plan.facts} />
          </Fold>
        )}
        {!nobody && (
          <Fold title="Other ways" summary="to buy, sooner, where opinions differ">
            <OtherWays plan={plan} troubleId={troubleId} catalogue={catalogue} onFacts={onFacts} />
          </Fold>
        )}
        <CupboardWarning plan={plan} />
        <TakeAlong plan={plan} catalogue={catalogue} />
        <Flex display={{ md: 'none' }} color="soft" fontSize="note" paddingBlock="2">
          {LABEL_FIRST}
        </Flex>
      </Stack>
    </Box>
  );
}
