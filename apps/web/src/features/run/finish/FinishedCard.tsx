import { Stack } from '@chakra-ui/react';
import type { RunView } from '@feverfew/contracts';
import { Link } from 'react-router';
import { PageHeading } from '../../../components/layout/PageHeading';
import { Notice } from '../../../components/notices/Notice';
import { OUTCOME_WORDS } from '../../../components/text/runWords';
import { PhotoPanel } from '../photos/PhotoPanel';
import { RunLog } from '../RunLog';
import type { Say } from '../useSay';
import { HeatGatePanel } from './HeatGatePanel';
import { RunReport } from './RunReport';

/** A run that has ended: how, and what was written down. */
export function FinishedCard({ run, title, say }: { run: RunView; title: string; say: Say }) {
  const { state } = run;
  return (
    <Stack gap="3.5">
      <PageHeading
        title={state.outcome ? OUTCOME_WORDS[state.outcome] : 'Finished'}
        at="finished"
        fontSize="display.medium"
        data-step="finished"
      />
      <Notice kind={state.outcome === 'gone' ? 'good' : 'note'} word="Written down">
        It is under{' '}
        <Link to={`/pieces/${run.pieceId}`} style={{ textDecoration: 'underline' }}>
          the {run.pieceName}
        </Link>
        .
      </Notice>
      <HeatGatePanel run={run} say={say} />
      <RunLog state={state} />
      <PhotoPanel run={run} />
      <RunReport title={title} run={run} />
    </Stack>
  );
}
