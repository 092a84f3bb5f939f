import { Box, Stack } from '@chakra-ui/react';
import { dangerWords, type RunView } from '@feverfew/contracts';
import { Link } from 'react-router';
import { PageHeading } from '../../components/layout/PageHeading';
import { Notice } from '../../components/notices/Notice';
import { wayOutOf } from '../../components/text/runWords';

const OUT = {
  change: 'Rinse it out with plenty of cold water',
  damp: 'Blot it out with a cold damp cloth',
  vacuum: 'Take off dry what is on it',
  none: 'Leave it as it is',
} as const;

/** A run that today's knowledge calls dangerous: it is paused, and says why and where to go on. */
export function NotSafe({ run, danger }: { run: RunView; danger: NonNullable<RunView['danger']> }) {
  const pass = run.plan.passes[run.state.passIndex];
  return (
    <Stack as="section" aria-label="Not safe to go on" gap="3">
      <PageHeading
        title="Do not go on"
        at="notSafe"
        fontSize={{ base: 'display.medium', md: 'display.large' }}
        lineHeight="1.15"
        data-step="notSafe"
      />
      <Notice kind="danger" word={danger === 'planNotOurs' ? 'Not made here' : 'Not safe any more'}>
        {dangerWords(danger)}
      </Notice>
      <Box fontSize="heading">
        {pass ? OUT[wayOutOf(pass)] : OUT.none}, windows open. Then stop this run, and plan it again by what
        is known now.
      </Box>
      <Link to={`/trouble/${run.troubleId}`} style={{ textDecoration: 'underline', fontSize: '1.25rem' }}>
        The plan of today
      </Link>
    </Stack>
  );
}
