import { Box } from '@chakra-ui/react';
import { type RunningEntry, stallView } from '@feverfew/contracts';
import { useLexicon } from '../../app/useLexicon';
import { marksText } from '../../facts/sentenceView';
import { StallCurve } from '../run/look/StallCurve';

/** How what is in a further round has gone so far. With several troubles each has its own, at the tub. */
export function RunCurve({ run }: { run: RunningEntry }) {
  const say = useLexicon();
  if (run.markIds.length > 1) return null;
  const view = stallView(run.state, run.state.passIndex);
  if (view.points.length < 2) return null;
  return (
    <Box as="section" aria-label="How it goes">
      <Box as="h2" fontSize="heading" _firstLetter={{ textTransform: 'uppercase' }}>
        {run.pieceName}, {marksText(run.markIds, say)} left
      </Box>
      <StallCurve view={view} />
    </Box>
  );
}
