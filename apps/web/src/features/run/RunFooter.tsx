import { Box, Dialog, Flex, Portal, Stack } from '@chakra-ui/react';
import { currentAction, mayChangeCourse, maySkip, type RunView, turnsOf } from '@feverfew/contracts';
import { useState } from 'react';
import { Button, TextArea } from '../../components/controls/controls';
import { Notice } from '../../components/notices/Notice';
import { TAP_WORDS } from '../../components/text/runWords';
import { OtherCoursePanel } from './OtherCoursePanel';
import type { Say } from './useSay';

/** Undo, redo, leave out, note, break off; and what went wrong with the last tap. */
export function RunFooter({ run, say }: { run: RunView; say: Say }) {
  const active = run.state.status === 'active';
  const { events, undone } = turnsOf(run.events);
  const last = events.length > 1 ? events.at(-1) : undefined;
  const again = undone.at(-1);
  const action = currentAction(run.state, run.plan);
  return (
    <Stack gap="2.5" marginTop="6.5" borderTop="1px solid" borderColor="line" paddingTop="3">
      {say.error && (
        <Notice kind="danger" role="alert" word="Not taken">
          {say.error}
        </Notice>
      )}
      {say.onlyLooks && <Box color="soft">This device only looks. What is done is tapped on another.</Box>}
      {say.waiting > 0 && (
        <Notice kind="warning" word="No line to the server">
          {say.waiting} {say.waiting === 1 ? 'tap waits' : 'taps wait'} on this device, with the time of each.
          Go on: they are sent as soon as it answers.
          {say.isUnkept && ' This device has no room for them: leave this page open until then.'}
        </Notice>
      )}
      <Flex gap="2.5" wrap="wrap">
        {last && (
          <Button disabled={say.pending} onClick={() => say.send({ kind: 'undone' })}>
            Undo: {TAP_WORDS[last.kind]}
          </Button>
        )}
        {again && (
          <Button disabled={say.pending} onClick={() => say.send({ kind: 'redone' })}>
            Redo: {TAP_WORDS[again.kind]}
          </Button>
        )}
        {action && maySkip(run.state, run.plan) && (
          <Button disabled={say.pending} onClick={() => say.send({ kind: 'skipped', actionId: action.id })}>
            Leave this step out
          </Button>
        )}
        {say.waiting === 0 && mayChangeCourse(run.state, run.plan) && <OtherCoursePanel run={run} />}
        {!say.onlyLooks && <NoteDialog say={say} />}
        {active && (
          <Button
            variant="danger"
            disabled={say.pending}
            onClick={() => say.send({ kind: 'finished', outcome: 'abandoned', note: '' })}
          >
            Stop here
          </Button>
        )}
      </Flex>
      {active && (
        <Box fontSize="small" color="soft">
          Stopped with product in the cloth: rinse it out first. Everything here can be undone.
        </Box>
      )}
    </Stack>
  );
}

function NoteDialog({ say }: { say: Say }) {
  const [open, setOpen] = useState(false);
  const [text, setText] = useState('');
  return (
    <Dialog.Root open={open} onOpenChange={(details) => setOpen(details.open)} lazyMount unmountOnExit>
      <Dialog.Trigger asChild>
        <Button>Note</Button>
      </Dialog.Trigger>
      <Portal>
        <Dialog.Backdrop />
        <Dialog.Positioner>
          <Dialog.Content>
            <Dialog.Title>Note</Dialog.Title>
            <TextArea
              aria-label="Note"
              rows={4}
              paddingBlock="2"
              fontSize="large"
              maxLength={2000}
              value={text}
              onChange={(event) => setText(event.currentTarget.value)}
            />
            <Dialog.Footer>
              <Dialog.CloseTrigger asChild>
                <Button>Leave it</Button>
              </Dialog.CloseTrigger>
              <Button
                variant="action"
                disabled={text.trim() === '' || say.pending}
                onClick={() => {
                  say.send({ kind: 'noted', text: text.trim() });
                  setText('');
                  setOpen(false);
                }}
              >
                Save
              </Button>
            </Dialog.Footer>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}
