import { Box, Flex } from '@chakra-ui/react';
import {
  dryingWords,
  PLAIN_WATER,
  type Plan,
  type Round,
  type RunView,
  type TroubleFacts,
  USUAL_CHECK_ID,
} from '@feverfew/contracts';
import { Fragment } from 'react';
import { useLexicon } from '../../../app/useLexicon';
import type { OnTable } from '../../../recipe/mixDraft';
import { BelowRow } from './BelowRow';
import { LookRow } from './LookRow';
import { type ClockTime, type RoundTimes, roundTimes } from './planTimes';
import { NOT_BEGUN, progressOf } from './progress';
import { StepRow } from './StepRow';
import { cautionsByStep, limitOf, triesHiddenSpot } from './stepView';
import { TestRow } from './TestRow';

interface RoundStepsProps {
  readonly round: Round;
  readonly plan: Plan;
  /** The run that carries it out, where one does. */
  readonly run: RunView | undefined;
  readonly nowMs: number;
  readonly on: OnTable;
  readonly onFacts: (change: Partial<TroubleFacts>) => void;
}

/** One go: its three times, its steps on the ladder, drying and the look below its feet. */
export function RoundSteps({ round, plan, run, nowMs, on, onFacts }: RoundStepsProps) {
  const say = useLexicon();
  const times = roundTimes(round, nowMs);
  const before = stepsBefore(plan, round);
  const number = round.id.slice(1);
  const cautions = cautionsByStep(round.passes);
  const progress = round.passes.map((laid) => progressOf(laid, run));
  const waits = round.passes.map((laid, at) => triesHiddenSpot(laid) && !progress[at]?.isDone);
  const assumed = plan.findings.find((one) => one.code === 'sizeAssumed');
  const measured = round.passes.findIndex(isMeasured);
  const after = before + round.passes.length;
  return (
    <Box as="section" aria-label={`Round ${number}`}>
      {round.kind === 'full' && <RoundHead number={number} times={times} />}
      <Box as="ol" padding="0" aria-label={`Steps of round ${number}`}>
        {round.passes.map((laid, at) => (
          <Fragment key={keyOf(round, at)}>
            {waits[at] && <TestRow number={before + at + 1} isAgain={waits.slice(0, at).includes(true)} />}
            <StepRow
              laid={laid}
              pass={plan.passes.find(({ passId }) => passId === laid.id)}
              passIndex={plan.passes.findIndex(({ passId }) => passId === laid.id)}
              number={before + at + 1}
              earlier={{ passes: round.passes.slice(0, at), offset: before }}
              isLast={at === round.passes.length - 1}
              at={times.steps[at] ?? NO_TIME}
              progress={progress[at] ?? NOT_BEGUN}
              waitsForTest={waits[at] ?? false}
              isUsualAsked={run === undefined && plan.facts.seen?.[USUAL_CHECK_ID] === undefined}
              assumed={at === measured ? assumed : undefined}
              cautionIds={cautions[at] ?? []}
              facts={plan.facts}
              limit={limitOf(laid, plan.envelope, say)}
              on={on}
              onFacts={onFacts}
            />
          </Fragment>
        ))}
      </Box>
      {round.drying && (
        <DryingRow drying={round.drying} donts={plan.atOnce.donts} number={after + 1} at={times.dryAt} />
      )}
      {round.look && (
        <LookRow look={round.look} plan={plan} number={after + (round.drying ? 2 : 1)} at={times.lookAt} />
      )}
    </Box>
  );
}

/** What was opened at a step stays at it while the plan changes around it: its place in the round is no name. */
const keyOf = ({ passes }: Round, at: number): string => {
  const methodId = passes[at]?.methodId ?? '';
  const earlier = passes.slice(0, at).filter((other) => other.methodId === methodId).length;
  return `${methodId} ${earlier}`;
};

/** Something is poured for it, by the size of the mark. */
const isMeasured = ({ actions }: Round['passes'][number]): boolean =>
  actions.some(({ ingredients }) =>
    ingredients.some(({ agentId, basis }) => basis !== 'label' && agentId !== PLAIN_WATER),
  );

/** Steps, dryings and looks of the rounds before: the numbers run on. */
function stepsBefore({ rounds }: Plan, round: Round): number {
  return rounds
    .slice(0, rounds.indexOf(round))
    .reduce((sum, { passes, drying, look }) => sum + passes.length + (drying ? 1 : 0) + (look ? 1 : 0), 0);
}

const NO_TIME: ClockTime = { time: '', day: null };

function RoundHead({ number, times }: { number: string; times: RoundTimes }) {
  return (
    <Flex columnGap={{ base: '3.5', md: '7' }} wrap="wrap" align="baseline" paddingBlock="0.75rem 0.5rem">
      <Box as="h2" fontSize="title" flex="1 0 auto">
        Round {number}
      </Box>
      <Time value={times.hands} after="yours" />
      <Time value={times.ready} before="ready" />
    </Flex>
  );
}

function Time({ value, before, after }: { value: string; before?: string; after?: string }) {
  return (
    <Box color="soft" fontSize="body" whiteSpace="nowrap">
      {before}{' '}
      <Box
        as="strong"
        fontFamily="heading"
        fontSize={{ base: 'subhead', md: 'title' }}
        color="ink"
        fontWeight={650}
      >
        {value}
      </Box>{' '}
      {after}
    </Box>
  );
}

function DryingRow({
  drying,
  donts,
  number,
  at,
}: {
  drying: NonNullable<Round['drying']>;
  donts: readonly string[];
  number: number;
  at: ClockTime;
}) {
  const [head = '', ...lines] = dryingWords(drying, donts);
  return (
    <BelowRow number={number} at={at}>
      <Box as="h3" display="inline" fontSize={{ base: 'subhead', md: 'large' }}>
        {head}
      </Box>{' '}
      {lines.join(' ')}
    </BelowRow>
  );
}
