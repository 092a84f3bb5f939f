import { Box } from '@chakra-ui/react';
import { useEffect, useState } from 'react';
import { Input } from './controls';

/** A number that may be half typed: it reports what reads as one, and null when emptied. */
export function NumberBox({
  label,
  value,
  width,
  placeholder,
  error,
  onChange,
}: {
  label: string;
  value: number | null;
  width?: string;
  placeholder?: string;
  error?: string | undefined;
  onChange: (value: number | null) => void;
}) {
  const [text, setText] = useState(value === null ? '' : String(value));
  // Follows what comes from elsewhere (a chip, a kept mix), not the person's own half-typed digits.
  useEffect(() => {
    setText((now) => (read(now) === value ? now : value === null ? '' : String(value)));
  }, [value]);
  return (
    <Box as="label" display="block" fontSize="small" color="soft" lineHeight="1.45" width={width}>
      {label}
      <Input
        inputMode="decimal"
        autoComplete="off"
        placeholder={placeholder}
        aria-invalid={error || (text.trim() !== '' && read(text) === null) ? true : undefined}
        value={text}
        onChange={(event) => {
          const next = event.currentTarget.value;
          setText(next);
          const number = read(next);
          if (number !== null || next.trim() === '') onChange(number);
        }}
      />
      {(error ?? (text.trim() !== '' && read(text) === null)) && (
        <Box as="span" color="brick" role="alert">
          ⚠ {error ?? 'Not a number.'}
        </Box>
      )}
    </Box>
  );
}

/** Takes a comma as well as a point, and nothing that is not a number. */
function read(text: string): number | null {
  const value = Number(text.trim().replace(',', '.'));
  return text.trim() === '' || !Number.isFinite(value) ? null : value;
}
