import { Box, Flex, Stack } from '@chakra-ui/react';
import type { Size } from '@feverfew/contracts';
import { useState } from 'react';
import { ChipRow } from '../../components/controls/ChipRow';
import { Button, Input } from '../../components/controls/controls';

/** Large enough to tell without a ruler; one tap each. */
const WORDS = [
  { value: 'coin', text: 'a coin' },
  { value: 'palm', text: 'a palm' },
  { value: 'hand', text: 'a hand' },
  { value: 'plate', text: 'a plate' },
  { value: 'larger', text: 'larger' },
  { value: 'allOver', text: 'all over' },
] as const;

/** A word with one tap, or length and width in cm; the server says what is wrong with a number. */
export function SizePicker({
  size,
  onChange,
  onDone,
}: {
  size: Size;
  onChange: (size: Size) => void;
  onDone: () => void;
}) {
  const measured = typeof size === 'string' ? null : size;
  const [length, setLength] = useState(measured ? String(measured.length) : '');
  const [width, setWidth] = useState(measured ? String(measured.width) : '');
  const send = (nextLength: string, nextWidth: string) => {
    setLength(nextLength);
    setWidth(nextWidth);
    if (nextLength.trim() !== '' && nextWidth.trim() !== '')
      onChange({ length: Number(nextLength), width: Number(nextWidth) });
  };
  return (
    <Stack
      as="form"
      gap="3"
      onSubmit={(event) => {
        event.preventDefault();
        onDone();
      }}
    >
      <ChipRow
        label="About as large as"
        chosen={typeof size === 'string' && size !== 'unknown' ? size : null}
        options={WORDS}
        onChoose={(word) => {
          onChange(word);
          onDone();
        }}
      />
      <Box fontSize="small" color="soft">
        or measured
      </Box>
      <Flex gap="2" alignItems="center">
        <Input
          type="number"
          inputMode="decimal"
          step="any"
          aria-label="Length in cm"
          value={length}
          onChange={(event) => send(event.currentTarget.value, width)}
        />
        <Box>×</Box>
        <Input
          type="number"
          inputMode="decimal"
          step="any"
          aria-label="Width in cm"
          value={width}
          onChange={(event) => send(length, event.currentTarget.value)}
        />
        <Box>cm</Box>
        <Button type="submit" variant="action">
          Done
        </Button>
      </Flex>
    </Stack>
  );
}
