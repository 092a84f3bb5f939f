import { Box, chakra } from '@chakra-ui/react';
import type { RunningEntry } from '@feverfew/contracts';
import { Link } from 'react-router';
import { useLexicon } from '../../app/useLexicon';
import { VesselGlyph } from '../../components/drawings/VesselGlyph';
import { marksText } from '../../facts/sentenceView';
import { nextActionView } from './nextActionView';
import { useWorkplace } from './useWorkplace';

const Row = chakra(Link, {
  base: {
    display: 'flex',
    alignItems: 'center',
    gap: '3.5',
    minHeight: '3.875rem',
    paddingBlock: '1.5',
    borderBottom: '1px solid',
    borderColor: 'line',
  },
});

/** One run on a phone: its vessel with its level, the piece, the time left, and what is wanted when. */
export function RunningRow({ run, nowMs }: { run: RunningEntry; nowMs: number }) {
  const place = useWorkplace(run);
  const { headline, next, isNow, short } = nextActionView(run, nowMs);
  return (
    <li>
      <Row to={`/runs/${run.id}`} data-run={run.id} data-hand={run.hand.what}>
        <VesselGlyph of={place.form} full={place.full} width={52} />
        <Box flex="1" minWidth="0">
          <Box fontWeight={650} _firstLetter={{ textTransform: 'uppercase' }}>
            {run.pieceName}
          </Box>
          <Box color="soft" fontSize="note" _firstLetter={{ textTransform: 'uppercase' }}>
            <RunPlace run={run} next={next} />
          </Box>
        </Box>
        <Box textAlign="end" flexShrink={0}>
          <Box fontFamily="heading" fontWeight={650} fontSize="heading" lineHeight="1.25">
            {headline}
          </Box>
          <Box fontSize="note" color={isNow ? 'ink' : 'soft'} fontWeight={isNow ? 700 : 400}>
            {isNow ? short : next}
          </Box>
        </Box>
      </Row>
    </li>
  );
}

/** The current place. If a bath ran over its time, what to do with it. */
export function RunPlace({ run, next }: { run: RunningEntry; next: string }) {
  const say = useLexicon();
  if (run.hand.what === 'over') return <>{next}</>;
  const again = run.state.round > 1 ? `, time ${run.state.round}` : '';
  return <>{(run.vesselName ?? marksText(run.markIds, say)) + again}</>;
}
