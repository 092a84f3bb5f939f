import { Stack } from '@chakra-ui/react';
import type { Action } from '@feverfew/contracts';
import { Button } from '../../components/controls/controls';
import type { Say } from './useSay';

/** The two ways a hidden test can go: on with the step, or past all that brings its products. */
export function HiddenTest({ action, say }: { action: Action; say: Say }) {
  const tell = (passed: boolean) => () => say.send({ kind: 'tested', actionId: action.id, passed });
  return (
    <Stack
      gap="2"
      role="group"
      aria-label="How did the test go?"
      position="sticky"
      bottom="0"
      paddingBlock="2.5"
      bg="card"
    >
      <Button variant="action" size="tub" disabled={say.pending} onClick={tell(true)}>
        It held
      </Button>
      <Button size="tub" disabled={say.pending} onClick={tell(false)}>
        Colour came off, or it changed
      </Button>
    </Stack>
  );
}
