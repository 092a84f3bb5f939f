import { Box, Dialog, Portal } from '@chakra-ui/react';
import { Button } from '../../components/controls/controls';
import { KEYS } from './keys';

interface KeysDialogProps {
  readonly open: boolean;
  readonly onOpen: (open: boolean) => void;
}

/** Which key does what. */
export function KeysDialog({ open, onOpen }: KeysDialogProps) {
  return (
    <Dialog.Root open={open} onOpenChange={(details) => onOpen(details.open)} lazyMount unmountOnExit>
      <Portal>
        <Dialog.Backdrop />
        <Dialog.Positioner>
          <Dialog.Content>
            <Dialog.Title>Keys</Dialog.Title>
            <Box as="dl" display="grid" gridTemplateColumns="3.75rem 1fr" gap="2">
              {[
                ...KEYS.map(([key, name]) => [key, name] as const),
                ['s', 'start what is planned'] as const,
                ['/', 'find anything'] as const,
                ['Tab', 'next blank or button'] as const,
                ['Enter', 'open a blank, choose'] as const,
                ['Esc', 'close'] as const,
              ].map(([key, name]) => (
                <Box key={key} display="contents">
                  <Box as="dt" fontWeight={700}>
                    {key}
                  </Box>
                  <Box as="dd">{name}</Box>
                </Box>
              ))}
            </Box>
            <Dialog.Footer>
              <Dialog.CloseTrigger asChild>
                <Button variant="action">Close</Button>
              </Dialog.CloseTrigger>
            </Dialog.Footer>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}
