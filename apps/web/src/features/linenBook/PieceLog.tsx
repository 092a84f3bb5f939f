import { Box, Flex, Stack } from '@chakra-ui/react';
import type { PieceHistory } from '@feverfew/contracts';
import { format } from 'date-fns';
import { Link } from 'react-router';
import { useLexicon } from '../../app/useLexicon';
import { OUTCOME_WORDS } from '../../components/text/runWords';
import { marksText } from '../../facts/sentenceView';
import { RunLog } from '../run/RunLog';

type Trouble = PieceHistory['troubles'][number];

/** Every trouble of a piece, with what was done about it and seen. */
export function PieceLog({ troubles }: { readonly troubles: readonly Trouble[] }) {
  return (
    <Stack gap="0">
      {troubles.map((trouble) => (
        <OneTrouble key={trouble.id} trouble={trouble} />
      ))}
    </Stack>
  );
}

const WAYS: Readonly<Record<Trouble['status'], string>> = {
  running: 'to the tub',
  open: 'to the plan',
  settled: 'plan again',
};

function OneTrouble({ trouble }: { readonly trouble: Trouble }) {
  const say = useLexicon();
  const { status, runId, runs } = trouble;
  return (
    <Box paddingBlock="3" borderBottom="1px solid" borderColor="line">
      <Flex justifyContent="space-between" gap="3" wrap="wrap">
        <Box fontWeight={650}>
          {marksText(trouble.markIds, say)}{' '}
          <Box as="span" fontWeight={400} color="soft">
            · {format(new Date(trouble.createdAt), 'd MMMM yyyy')}
          </Box>
        </Box>
        <Link
          to={status === 'running' && runId ? `/runs/${runId}` : `/trouble/${trouble.id}`}
          style={{ textDecoration: 'underline' }}
        >
          {WAYS[status]}
        </Link>
      </Flex>
      {runs.length === 0 && <Box color="soft">nothing done yet</Box>}
      {runs.map((run) => (
        <Box key={run.id} paddingTop="1.5">
          <Link to={`/runs/${run.id}`}>
            {say.name(run.methodId)}:{' '}
            <strong>{run.state.outcome ? OUTCOME_WORDS[run.state.outcome] : 'under way'}</strong>
          </Link>
          <RunLog state={run.state} />
        </Box>
      ))}
    </Box>
  );
}
