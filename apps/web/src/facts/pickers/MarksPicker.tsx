import { Box, Flex, Stack } from '@chakra-ui/react';
import { MAX_MARKS } from '@feverfew/contracts';
import { useState } from 'react';
import { ChipRow } from '../../components/controls/ChipRow';
import { Button } from '../../components/controls/controls';
import { type OptionGroup, OptionPicker } from '../../components/controls/OptionPicker';

interface MarksPickerProps {
  readonly markIds: readonly string[];
  readonly groups: readonly OptionGroup[];
  readonly nameOf: (id: string) => string;
  /** Words that name trouble and piece at once; null when they do not. */
  readonly readTold: (
    words: string,
  ) => { readonly name: string; readonly isOnly: boolean; readonly take: () => void } | null;
  readonly onChange: (markIds: string[]) => void;
  readonly onDone: () => void;
}

const TOLD = 'told ';

/** One trouble by one choice; more of them on the same piece by "and another". */
export function MarksPicker({ markIds, groups, nameOf, readTold, onChange, onDone }: MarksPickerProps) {
  // With one trouble entered, choosing another replaces it; with several, it is added.
  const [adding, setAdding] = useState(markIds.length > 1);
  const isFull = markIds.length >= MAX_MARKS;
  const choose = (id: string) => {
    if (id.startsWith(TOLD)) {
      readTold(id.slice(TOLD.length))?.take();
      return;
    }
    const others = adding ? markIds.filter((other) => other !== id) : [];
    onChange([...others, id]);
    onDone();
  };
  const free = groups.map((group) => ({
    ...group,
    options: group.options.filter((option) => !(adding && markIds.includes(option.id))),
  }));
  return (
    <Stack gap="2.5">
      {markIds.length > 0 && (
        <Box>
          {markIds.length > 1 && (
            <ChipRow
              label="All in one plan"
              chosen={null}
              options={markIds.map((id) => ({
                value: id,
                text: `✕ ${nameOf(id)}`,
                name: `take ${nameOf(id)} away`,
              }))}
              onChoose={(id) => onChange(markIds.filter((other) => other !== id))}
            />
          )}
          {!adding && !isFull && (
            <Flex gap="2" marginTop={markIds.length > 1 ? '2' : '0'}>
              <Button size="small" onClick={() => setAdding(true)}>
                And another on the same piece
              </Button>
            </Flex>
          )}
        </Box>
      )}
      {isFull ? (
        <Box role="status">{MAX_MARKS} in one plan at most: take one away first.</Box>
      ) : (
        <OptionPicker
          key={adding ? 'adding' : 'choosing'}
          label={adding ? `With ${markIds.map(nameOf).join(', ')}, also …` : 'What is the trouble?'}
          groups={free}
          chosenId={adding ? null : (markIds[0] ?? null)}
          leadFor={(query) => {
            const given = adding ? null : readTold(query);
            return given && { id: TOLD + query, name: given.name, aliases: [], isOnly: given.isOnly };
          }}
          onChoose={choose}
        />
      )}
    </Stack>
  );
}
