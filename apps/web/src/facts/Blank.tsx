import { Box, Popover, Portal } from '@chakra-ui/react';
import { type KeyboardEvent, type ReactNode, useRef } from 'react';
import { BlankText } from '../components/controls/controls';
import type { BlankView } from './sentenceView';

interface BlankProps {
  readonly view: BlankView;
  readonly error: string | null;
  readonly open: boolean;
  /** A word of a sentence; in the line of facts on a desk its title, or a tag of it. */
  readonly look?: 'word' | 'title' | 'tag';
  readonly onOpen: (open: boolean) => void;
  readonly children: ReactNode;
}

/** One underlined blank; its picker opens right under it and exists only while it is open. */
export function Blank({ view, error, open, look = 'word', onOpen, children }: BlankProps) {
  const trigger = useRef<HTMLSpanElement>(null);
  return (
    <>
      <BlankText
        ref={trigger}
        role="button"
        tabIndex={0}
        onClick={() => onOpen(!open)}
        onKeyDown={clickOnKey}
        state={error ? 'wrong' : view.given ? 'told' : 'open'}
        look={look}
        data-blank={view.id}
        aria-label={`${view.name}: ${view.full ?? view.text}`}
        aria-haspopup="dialog"
        aria-expanded={open}
        aria-invalid={error ? true : undefined}
        aria-describedby={error ? `blank-${view.id}-error` : undefined}
      >
        {view.text}
      </BlankText>
      {open && (
        <Popover.Root
          open
          onOpenChange={(details) => onOpen(details.open)}
          positioning={{
            placement: 'bottom-start',
            getAnchorRect: () => trigger.current?.getBoundingClientRect() ?? null,
          }}
          persistentElements={[() => trigger.current]}
          finalFocusEl={() => trigger.current}
          autoFocus
        >
          <Portal>
            <Popover.Positioner>
              <Popover.Content aria-label={view.name}>
                <Popover.Body>{children}</Popover.Body>
              </Popover.Content>
            </Popover.Positioner>
          </Portal>
        </Popover.Root>
      )}
      {error && (
        <Box
          as="span"
          id={`blank-${view.id}-error`}
          role="alert"
          display="block"
          fontFamily="body"
          fontSize="note"
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
