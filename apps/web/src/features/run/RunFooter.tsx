import { Box, Dialog, Flex, Portal, Stack } from '@chakra-ui/react';
import type { RunView } from '@feverfew/contracts';
import { useState } from 'react';
import { Button, TextArea } from '../../components/controls';
import { Notice } from '../../components/Notice';
import type { Say } from './useSay';

/** Undo, note, break off; and what went wrong with the last tap. */
export function RunFooter({ run, say }: { run: RunView; say: Say }) {
  const active = run.state.status === 'active';
  const undone = run.events.filter((event) => event.kind === 'undone').length;
  const mayUndo = run.events.length - 2 * undone > 1;
  return (
    <Stack gap="10px" marginTop="26px" borderTop="1px solid" borderColor="line" paddingTop="12px">
      {say.error && (
        <Notice kind="danger" word="Not taken">
          {say.error}
        </Notice>
      )}
      {say.waiting > 0 && (
        <Notice kind="warning" word="No line to the server">
          {say.waiting} {say.waiting === 1 ? 'tap waits' : 'taps wait'} on this device, with the time of each.
          Go on: they are sent as soon as it answers.
        </Notice>
      )}
      <Flex gap="10px" wrap="wrap">
        {mayUndo && (
          <Button disabled={say.pending} onClick={() => say.send({ kind: 'undone' })}>
            Undo last tap
          </Button>
        )}
        <NoteDialog say={say} />
        {active && (
          <Button
            variant="danger"
            disabled={say.pending}
            onClick={() => say.send({ kind: 'finished', outcome: 'abandoned', note: '' })}
          >
            Break off
          </Button>
        )}
      </Flex>
      {active && (
        <Box fontSize="14px" color="soft">
          Broken off with product in the cloth: rinse it out first. Everything here can be undone.
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
              paddingBlock="8px"
              fontSize="18px"
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
                Write it down
              </Button>
            </Dialog.Footer>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}
