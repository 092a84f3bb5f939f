import { Box, Flex } from '@chakra-ui/react';
import { checkWords, type Plan, type Round } from '@feverfew/contracts';
import { useLexicon } from '../../../app/useLexicon';
import { BelowRow } from './BelowRow';
import type { ClockTime } from './planTimes';

type Look = NonNullable<Round['look']>;
type Ways = Look['ways'];

/** More of them are asked at the tub, when it is looked at. */
const MAX_CHECKS = 2;

/** What is gone is done: that needs no saying. */
const SEEN = { gone: null, better: 'Fainter', noChange: 'No change', worse: 'Worse' } as const;

/** The look that ends a round, each answer with where it leads; several troubles are looked at one by one. */
export function LookRow({
  look,
  plan,
  number,
  at,
}: {
  look: Look;
  plan: Plan;
  number: number;
  at: ClockTime;
}) {
  const say = useLexicon();
  const checks = [...new Set(look.byMark.flatMap(({ checks: of }) => of))];
  const byLight = checks.includes('daylight');
  const others = checks.filter((check) => check !== 'daylight' && check !== 'wetAndDry').slice(0, MAX_CHECKS);
  const apart = look.byMark.length > 1 && look.byMark.some(({ ways }) => !alike(ways, look.ways));
  return (
    <BelowRow number={number} at={at}>
      <Box as="h3" fontSize={{ base: 'subhead', md: 'large' }} display="inline">
        Check, dry{byLight && ', in daylight'}
      </Box>
      {others.length > 0 && `; ${checkWords(others)}`}
      {apart ? (
        look.byMark.map(({ markId, ways }) => (
          <Box key={markId}>
            <Box fontWeight={650}>{say.name(markId)}</Box>
            <WaysOn ways={ways} plan={plan} />
          </Box>
        ))
      ) : (
        <WaysOn ways={look.ways} plan={plan} />
      )}
    </BelowRow>
  );
}

const alike = (a: Ways, b: Ways): boolean => JSON.stringify(a) === JSON.stringify(b);

function WaysOn({ ways, plan }: { ways: Ways; plan: Plan }) {
  const { numbers, roundOf } = numbersOf(plan);
  const to = (way: Ways[number]): string => {
    if (way.way === 'worse') return 'stop';
    if (way.passId === null) return 'stop';
    const round = roundOf.get(way.passId);
    return round === plan.rounds[0]?.id
      ? `step ${numbers.get(way.passId)} again`
      : `round ${round?.slice(1)}`;
  };
  return (
    <Flex as="ul" gap={{ base: '2px 0.75rem', md: '2px 1.25rem' }} wrap="wrap" listStyleType="none">
      {ways
        .filter(({ way }) => way !== 'gone')
        .map((way) => (
          <Box as="li" key={way.way} color="soft">
            {SEEN[way.way]}:{' '}
            <Box as="strong" color={way.way === 'worse' ? 'brick' : 'leaf'}>
              {to(way)}
            </Box>
          </Box>
        ))}
      {ways.every(({ way }) => way !== 'worse') && (
        <Box as="li" color="soft">
          Worse:{' '}
          <Box as="strong" color="brick">
            stop
          </Box>
        </Box>
      )}
    </Flex>
  );
}

/** Numbers of the steps as the page has them, and the round each belongs to. */
function numbersOf({ rounds }: Plan) {
  const numbers = new Map<string, number>();
  const roundOf = new Map<string, string>();
  let next = 1;
  for (const { id, passes, drying, look } of rounds) {
    for (const pass of passes) {
      numbers.set(pass.id, next);
      roundOf.set(pass.id, id);
      next += 1;
    }
    next += (drying ? 1 : 0) + (look ? 1 : 0);
  }
  return { numbers, roundOf };
}
