import { Box, chakra } from '@chakra-ui/react';
import type { Today } from '@feverfew/contracts';
import { Link } from 'react-router';
import { useLexicon } from '../../app/useLexicon';
import { spanText } from '../../clock/timerView';
import { marksText } from '../../facts/sentenceView';
import { TRIAL_PHASES } from '../trial/trialWords';

const Card = chakra(Link, {
  base: {
    display: 'block',
    border: '1.5px solid',
    borderColor: 'leaf',
    borderRadius: 'md',
    bg: 'card',
    padding: '0.75rem 1rem',
    _hover: { bg: 'leafTint' },
  },
});

/** A trial under way, among what soaks. */
export function TrialCard({ trial, nowMs }: { trial: Today['trials'][number]; nowMs: number }) {
  const say = useLexicon();
  const leftMs = trial.readyAt ? Date.parse(trial.readyAt) - nowMs : 0;
  return (
    <Card to={`/trials/${trial.id}`}>
      <Box fontWeight={650} fontSize="large">
        Side by side: {trial.pieceName}
      </Box>
      <Box color="soft" fontSize="note">
        {marksText(trial.markIds, say)}
      </Box>
      <Box fontWeight={650}>
        {trial.phase === 'wait' && leftMs > 0
          ? `${spanText(leftMs)} to go`
          : TRIAL_PHASES[trial.phase as keyof typeof TRIAL_PHASES]}
      </Box>
    </Card>
  );
}
