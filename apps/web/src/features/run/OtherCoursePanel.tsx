import { Box, Dialog, Portal, Stack } from '@chakra-ui/react';
import type { ChangeCourse, RunView } from '@feverfew/contracts';
import { useState } from 'react';
import { useLexicon } from '../../app/useLexicon';
import { Button } from '../../components/controls/controls';
import { WayButton } from '../../components/controls/WayButton';
import { Notice } from '../../components/notices/Notice';
import { Loading } from '../../components/notices/States';
import { useChangeCourse, useOtherCourse } from '../../queries/runQueries';

/** The current step with another product or in another vessel, before any of it is on the piece. */
export function OtherCoursePanel({ run }: { run: RunView }) {
  const [open, setOpen] = useState(false);
  const words = useLexicon();
  const now = words.name(run.plan.passes[run.state.passIndex]?.methodId ?? '');
  return (
    <Dialog.Root open={open} onOpenChange={(details) => setOpen(details.open)} lazyMount unmountOnExit>
      <Dialog.Trigger asChild>
        <Button>Use something else</Button>
      </Dialog.Trigger>
      <Portal>
        <Dialog.Backdrop />
        <Dialog.Positioner>
          <Dialog.Content>
            <Dialog.Title>Instead of “{now}”</Dialog.Title>
            <Ways run={run} onDone={() => setOpen(false)} />
            <Dialog.Footer>
              <Dialog.CloseTrigger asChild>
                <Button>Cancel</Button>
              </Dialog.CloseTrigger>
            </Dialog.Footer>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}

function Ways({ run, onDone }: { run: RunView; onDone: () => void }) {
  const other = useOtherCourse(run.id, run.planId);
  const change = useChangeCourse(run.id);
  if (other.isPending) return <Loading what="what else would do" />;
  const { ways, vessels } = other.data ?? { ways: [], vessels: [] };
  const problem = change.error ?? other.error;
  const take = (asked: ChangeCourse) => change.mutate(asked, { onSuccess: onDone });
  return (
    <Stack gap="2.5">
      {problem && (
        <Notice kind="warning" word="Not like that">
          {problem.message}
        </Notice>
      )}
      {!other.error && ways.length + vessels.length === 0 && (
        <Box fontSize="large">Nothing else does here what this step does. Leave it out, or go on.</Box>
      )}
      {ways.map((way) => (
        <WayButton
          key={way.methodId}
          way={way}
          disabled={change.isPending}
          onTake={() => take({ instead: way.methodId })}
        />
      ))}
      {vessels.map(({ vesselId, name }) => (
        <Button key={vesselId} size="tub" disabled={change.isPending} onClick={() => take({ vesselId })}>
          The same in the {name}
        </Button>
      ))}
    </Stack>
  );
}
