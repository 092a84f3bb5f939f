import { Box, Flex } from '@chakra-ui/react';
import { DRYING_WORDS, type Plan, type Round, type TroubleFacts } from '@feverfew/contracts';
import type { OnTable } from '../../../recipe/mixDraft';
import { LookRow } from './LookRow';
import { minutesText, type RoundTimes, roundTimes } from './planTimes';
import { Disc, ROW, StepRow } from './StepRow';
import { cautionsByStep } from './stepView';

interface RoundLadderProps {
  readonly round: Round;
  readonly plan: Plan;
  readonly nowMs: number;
  readonly on: OnTable;
  readonly onFacts: (change: Partial<TroubleFacts>) => void;
}

/** One go: its three times, its steps on the ladder, drying and the look below its feet. */
export function RoundLadder({ round, plan, nowMs, on, onFacts }: RoundLadderProps) {
  const times = roundTimes(round, nowMs);
  const before = stepsBefore(plan, round);
  const number = round.id.slice(1);
  const cautions = cautionsByStep(round.passes);
  const after = before + round.passes.length;
  return (
    <Box as="section" aria-label={`Round ${number}`}>
      {round.kind === 'full' && <RoundHead number={number} times={times} />}
      <Box as="ol" padding="0" aria-label={`Steps of round ${number}`}>
        {round.passes.map((laid, at) => (
          <StepRow
            key={laid.id}
            laid={laid}
            pass={plan.ladder.find(({ passId }) => passId === laid.id)}
            number={before + at + 1}
            at={times.steps[at] ?? ''}
            cautionIds={cautions[at] ?? []}
            facts={plan.facts}
            on={on}
            onFacts={onFacts}
          />
        ))}
      </Box>
      {round.drying && <DryingRow drying={round.drying} number={after + 1} at={times.dryAt} />}
      {round.look && (
        <LookRow look={round.look} plan={plan} number={after + (round.drying ? 2 : 1)} at={times.lookAt} />
      )}
    </Box>
  );
}

/** Steps, dryings and looks of the rounds before: the numbers run on. */
function stepsBefore({ rounds }: Plan, round: Round): number {
  return rounds
    .slice(0, rounds.indexOf(round))
    .reduce((sum, { passes, drying, look }) => sum + passes.length + (drying ? 1 : 0) + (look ? 1 : 0), 0);
}

function RoundHead({ number, times }: { number: string; times: RoundTimes }) {
  return (
    <Flex gap="2px 28px" wrap="wrap" align="baseline" paddingBlock={{ base: '12px 8px', md: '12px 8px' }}>
      <Box as="h2" fontSize="22px" flex={{ base: '1 1 100%', md: '1' }}>
        Round {number}{' '}
        <Box as="span" color="soft" fontFamily="body" fontWeight={400} fontSize="16px">
          one go, one wash
        </Box>
      </Box>
      <Time value={times.hands} after="yours" />
      <Time value={times.inAll} after="in all" />
      <Time value={times.ready} before="ready about" />
    </Flex>
  );
}

function Time({ value, before, after }: { value: string; before?: string; after?: string }) {
  return (
    <Box color="soft" fontSize="16px" whiteSpace="nowrap">
      {before}{' '}
      <Box
        as="strong"
        fontFamily="heading"
        fontSize={{ base: '20px', md: '22px' }}
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
  number,
  at,
}: {
  drying: NonNullable<Round['drying']>;
  number: number;
  at: string;
}) {
  const { dryingWays } = drying.action;
  const { low, high } = drying.minutes;
  const heated = dryingWays.some((way) => way.startsWith('tumble'));
  const where =
    dryingWays.length > 0 ? dryingWays.map((way) => DRYING_WORDS[way]).join(' or ') : 'where it is';
  return (
    <BelowRow number={number} at={at}>
      <Box as="h3" display="inline" fontSize={{ base: '19px', md: '18px' }}>
        Dry: {where}
      </Box>{' '}
      about{' '}
      <strong>
        {minutesText(low)} to {minutesText(high)}
      </strong>
      .{!heated && ' No dryer, no iron yet.'}
      {drying.notes.length > 0 && ` ${drying.notes.join(' ')}`}
    </BelowRow>
  );
}

/** A row below the ladder’s feet: no rung, no rails. */
export function BelowRow({
  number,
  at,
  children,
}: {
  number: number;
  at: string;
  children: React.ReactNode;
}) {
  return (
    <Box display="grid" gridTemplateColumns={ROW}>
      <Box as="time" display={{ base: 'none', md: 'block' }} color="soft" paddingTop="9px" fontSize="15px">
        {at}
      </Box>
      <Box display={{ base: 'none', md: 'block' }} />
      <Flex
        gap="10px"
        align="flex-start"
        padding={{ base: '10px 18px 4px', md: '7px 0 7px 24px' }}
        borderBottom={{ md: '1px solid' }}
        borderColor={{ md: 'line' }}
        fontSize={{ base: '17px', md: '16px' }}
        lineHeight="1.5"
      >
        <Disc aria-hidden="true">{number}</Disc>
        <Box flex="1" minWidth="0">
          {children}
        </Box>
        <Box as="time" display={{ base: 'block', md: 'none' }} color="soft" fontSize="16px">
          {at}
        </Box>
      </Flex>
    </Box>
  );
}
