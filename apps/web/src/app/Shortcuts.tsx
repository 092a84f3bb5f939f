import { Box, Dialog, Portal } from '@chakra-ui/react';
import { useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { useNavigate } from 'react-router';
import { Button } from '../components/controls';

const KEYS = [
  ['n', 'New trouble', '/trouble'],
  ['t', 'Today', '/'],
  ['m', 'Mixing', '/mix'],
  ['b', 'Linen book', '/pieces'],
  ['c', 'Cupboard', '/cupboard'],
  ['w', 'What works', '/what-works'],
  ['r', 'Look up', '/reference'],
  ['h', 'Your house', '/household'],
] as const;

/** A short list of keys on "?". */
export function Shortcuts() {
  const [open, setOpen] = useState(false);
  const navigate = useNavigate();
  useHotkeys('shift+slash, ?', () => setOpen(true), { useKey: true });
  useHotkeys(
    KEYS.map(([key]) => key),
    (event) => {
      const target = KEYS.find(([key]) => key === event.key);
      if (target) void navigate(target[2]);
    },
  );
  return (
    <Dialog.Root open={open} onOpenChange={(details) => setOpen(details.open)} lazyMount unmountOnExit>
      <Dialog.Trigger asChild>
        <Button
          variant="plain"
          minHeight="34px"
          fontSize="14px"
          fontWeight={400}
          color="soft"
          aria-label="Keys"
        >
          ?
          <Box as="span" display={{ base: 'none', lg: 'inline' }}>
            Keys
          </Box>
        </Button>
      </Dialog.Trigger>
      <Portal>
        <Dialog.Backdrop />
        <Dialog.Positioner>
          <Dialog.Content>
            <Dialog.Title>Keys</Dialog.Title>
            <Box as="dl" display="grid" gridTemplateColumns="60px 1fr" gap="8px">
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
