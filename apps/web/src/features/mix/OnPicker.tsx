import { Box, Flex, Popover, Portal } from '@chakra-ui/react';
import type { Catalogue, PieceSummary } from '@feverfew/contracts';
import { useState } from 'react';
import { Button, ChipButton } from '../../components/controls';
import { OptionPicker } from '../trouble/pickers/OptionPicker';
import type { OnTable } from './mixDraft';

/** What is to go into the mix, so that it is held against what the cloth can stand. */
export function OnPicker({
  on,
  catalogue,
  pieces,
  onChange,
}: {
  on: OnTable;
  catalogue: Catalogue;
  pieces: readonly PieceSummary[];
  onChange: (on: OnTable) => void;
}) {
  const [open, setOpen] = useState(false);
  const names =
    on.kind === 'piece'
      ? [pieces.find((piece) => piece.id === on.pieceId)?.name ?? 'a piece that is gone']
      : on.kind === 'fibres'
        ? on.fibreIds.map((id) => catalogue.fibres.find((fibre) => fibre.id === id)?.name ?? id)
        : [];
  return (
    <Box as="section" aria-label="What goes in">
      <Box fontSize="14px" color="soft" marginBottom="4px">
        What goes in or gets it
      </Box>
      <Flex gap="8px" wrap="wrap" alignItems="center">
        {names.map((name) => (
          <ChipButton
            key={name}
            size="touch"
            state="chosen"
            aria-label={`Take out ${name}`}
            onClick={() => onChange({ kind: 'nothing' })}
          >
            {name} ✕
          </ChipButton>
        ))}
        <Popover.Root open={open} onOpenChange={(details) => setOpen(details.open)} lazyMount unmountOnExit>
          <Popover.Trigger asChild>
            <Button>{names.length === 0 ? 'Hold it against a piece or fibre' : 'Another'}</Button>
          </Popover.Trigger>
          <Portal>
            <Popover.Positioner>
              <Popover.Content>
                <Popover.Body>
                  <OptionPicker
                    label="What goes in?"
                    chosenId={null}
                    groups={[
                      {
                        title: 'Fibres',
                        options: catalogue.fibres.map((fibre) => ({ ...fibre, id: `fibre*${fibre.id}` })),
                      },
                      {
                        title: 'Your pieces',
                        options: pieces.map((piece) => ({
                          id: `piece*${piece.id}`,
                          name: piece.name,
                          aliases: [],
                        })),
                      },
                    ]}
                    onChoose={(choice) => {
                      const [kind, id = ''] = choice.split('*');
                      onChange(
                        kind === 'piece'
                          ? { kind: 'piece', pieceId: id }
                          : { kind: 'fibres', fibreIds: [id] },
                      );
                      setOpen(false);
                    }}
                  />
                </Popover.Body>
              </Popover.Content>
            </Popover.Positioner>
          </Portal>
        </Popover.Root>
      </Flex>
    </Box>
  );
}
