import { Box, Popover, Portal } from '@chakra-ui/react';
import { type KeyboardEvent, type ReactNode, useRef } from 'react';
import { BlankText } from '../../components/controls';
import type { BlankView } from './sentenceView';

/** One underlined blank; its picker opens right under it. */
export function Blank({
  view,
  error,
  open,
  onOpen,
  children,
}: {
  view: BlankView;
  error: string | null;
  open: boolean;
  onOpen: (open: boolean) => void;
  children: ReactNode;
}) {
  const trigger = useRef<HTMLSpanElement>(null);
  return (
    <>
      <Popover.Root
        open={open}
        onOpenChange={(details) => onOpen(details.open)}
        lazyMount
        unmountOnExit
        positioning={{ placement: 'bottom-start' }}
        finalFocusEl={() => trigger.current}
        autoFocus
      >
        <Popover.Trigger asChild>
          <BlankText
            ref={trigger}
            role="button"
            tabIndex={0}
            onKeyDown={clickOnKey}
            state={error ? 'wrong' : view.told ? 'told' : 'open'}
            data-blank={view.id}
            aria-invalid={error ? true : undefined}
            aria-describedby={error ? `blank-${view.id}-error` : undefined}
          >
            {view.text}
          </BlankText>
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
        <Box
          as="span"
          id={`blank-${view.id}-error`}
          role="alert"
          display="block"
          fontFamily="body"
          fontSize="15px"
          color="brick"
          lineHeight="1.4"
        >
          ⚠ {error}
        </Box>
      )}
    </>
  );
}

/** The blank is running text that wraps, which a native button does not; so Enter and Space are given to it here. */
function clickOnKey(event: KeyboardEvent<HTMLElement>): void {
  if (event.key !== 'Enter' && event.key !== ' ') return;
  event.preventDefault();
  event.currentTarget.click();
}
