import { Box, Popover, Portal } from '@chakra-ui/react';
import { type ReactNode, useRef } from 'react';
import type { BlankView } from './sentenceView';
import { BlankButton } from '../../components/controls';

/** One underlined blank; its picker opens right under it. */
export function Blank({ view, error, open, onOpen, children }: { view: BlankView; error: string | null; open: boolean; onOpen: (open: boolean) => void; children: ReactNode }) {
  const trigger = useRef<HTMLButtonElement>(null);
  return (
    <>
      <Popover.Root open={open} onOpenChange={(details) => onOpen(details.open)} lazyMount unmountOnExit positioning={{ placement: 'bottom-start' }} finalFocusEl={() => trigger.current} autoFocus>
        <Popover.Trigger asChild>
          <BlankButton ref={trigger} type="button" state={error ? 'wrong' : view.told ? 'told' : 'open'} data-blank={view.id} aria-invalid={error ? true : undefined} aria-describedby={error ? `blank-${view.id}-error` : undefined}>
            {view.text}
          </BlankButton>
        </Popover.Trigger>
        <Portal>
          <Popover.Positioner>
            <Popover.Content aria-label={view.id}>
              <Popover.Body>{children}</Popover.Body>
            </Popover.Content>
          </Popover.Positioner>
        </Portal>
      </Popover.Root>
      {error && (
        <Box as="span" id={`blank-${view.id}-error`} role="alert" display="block" fontFamily="body" fontSize="15px" color="brick" lineHeight="1.4">
          ⚠ {error}
        </Box>
      )}
    </>
  );
}
