import { Box, Flex } from '@chakra-ui/react';
import type { RunningEntry } from '@feverfew/contracts';
import { upperFirst } from '@feverfew/contracts';
import { Link } from 'react-router';
import { timeOfDay } from '../../clock/timeOfDay';
import { VesselGlyph } from '../../components/drawings/VesselGlyph';
import { Slate, SlateButton, SlateVerb } from '../../components/layout/Slate';
import { nextActionView } from './nextActionView';
import { useWorkplace } from './useWorkplace';

interface NowSlateProps {
  readonly running: readonly RunningEntry[];
  readonly nowMs: number;
}

/** One hand, one button: what is wanted now, or what is wanted next and when; the two after it in small. */
export function NowSlate({ running, nowMs }: NowSlateProps) {
  const [first, ...others] = running;
  if (!first) return null;
  return <Hand run={first} others={others.slice(0, 2)} nowMs={nowMs} />;
}

function Hand({ run, others, nowMs }: { run: RunningEntry; others: readonly RunningEntry[]; nowMs: number }) {
  const place = useWorkplace(run);
  const { verb, isNow, act, next } = nextActionView(run, nowMs);
  const waitsSince = isNow && run.hand.what !== 'step' && run.hand.what !== 'decide';
  return (
    <Slate
      name="Now"
      label={isNow ? 'Now' : `At ${timeOfDay(run.hand.at)}`}
      aside={waitsSince ? `since ${timeOfDay(run.hand.at)}` : isNow ? '' : 'nothing to do before'}
      verb={<SlateVerb>{verb}</SlateVerb>}
      lines={run.hand.what === 'over' ? [next] : run.vesselName ? [upperFirst(run.vesselName)] : []}
      drawing={<VesselGlyph of={place.form} full={place.full} width={88} />}
    >
      <Flex
        gap="0.625rem 1.5rem"
        align="center"
        justify="flex-end"
        direction={{ base: 'column', md: 'row' }}
        marginTop={{ base: '2.5', md: '-3.125rem' }}
      >
        {others.length > 0 && (
          <Box
            as="ul"
            listStyleType="none"
            display={{ base: 'none', md: 'block' }}
            color="slateSoft"
            textAlign="end"
          >
            {others.map((other) => (
              <li key={other.id}>
                then <strong>{nextActionView(other, nowMs).isNow ? 'now' : timeOfDay(other.hand.at)}</strong>{' '}
                {other.pieceName}
              </li>
            ))}
          </Box>
        )}
        <SlateButton asChild filled={isNow}>
          <Link to={`/runs/${run.id}`}>{act}</Link>
        </SlateButton>
      </Flex>
    </Slate>
  );
}
