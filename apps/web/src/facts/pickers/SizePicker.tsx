import { Box, Flex } from '@chakra-ui/react';
import type { TroubleFacts } from '@feverfew/contracts';
import { useState } from 'react';
import { Button, Input } from '../../components/controls';

type Size = TroubleFacts['sizeCm'];

/** Length and width in cm; the server says what is wrong with a number. */
export function SizePicker({
  size,
  onChange,
  onDone,
}: {
  size: Size;
  onChange: (size: Size) => void;
  onDone: () => void;
}) {
  const [length, setLength] = useState(size ? String(size.length) : '');
  const [width, setWidth] = useState(size ? String(size.width) : '');
  const send = (nextLength: string, nextWidth: string) => {
    setLength(nextLength);
    setWidth(nextWidth);
    if (nextLength.trim() !== '' && nextWidth.trim() !== '')
      onChange({ length: Number(nextLength), width: Number(nextWidth) });
  };
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        onDone();
      }}
    >
      <Flex gap="8px" alignItems="center">
        <Input
          type="number"
          inputMode="decimal"
          step="any"
          aria-label="Length in cm"
          value={length}
          autoFocus
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
      </Flex>
      <Flex gap="8px" marginTop="12px" wrap="wrap">
        <Button type="submit" variant="action">
          Done
        </Button>
        <Button
          onClick={() => {
            onChange(null);
            onDone();
          }}
        >
          The whole piece
        </Button>
      </Flex>
    </form>
  );
}
