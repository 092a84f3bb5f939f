import { Popover, Portal } from '@chakra-ui/react';
import { useState } from 'react';
import { Button } from './controls';
import { type OptionGroup, OptionPicker } from './OptionPicker';

/** A button that opens a searched list and closes on the choice. */
export function ButtonPicker({
  text,
  question,
  groups,
  disabled,
  onChoose,
}: {
  text: string;
  question: string;
  groups: readonly OptionGroup[];
  disabled?: boolean;
  onChoose: (id: string) => void;
}) {
  const [open, setOpen] = useState(false);
  return (
    <Popover.Root open={open} onOpenChange={(details) => setOpen(details.open)} lazyMount unmountOnExit>
      <Popover.Trigger asChild>
        <Button alignSelf="start" disabled={disabled}>
          {text}
        </Button>
      </Popover.Trigger>
      <Portal>
        <Popover.Positioner>
          <Popover.Content>
            <Popover.Body>
              <OptionPicker
                label={question}
                chosenId={null}
                groups={groups}
                onChoose={(id) => {
                  onChoose(id);
                  setOpen(false);
                }}
              />
            </Popover.Body>
          </Popover.Content>
        </Popover.Positioner>
      </Portal>
    </Popover.Root>
  );
}
