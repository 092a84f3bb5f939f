import { Box } from '@chakra-ui/react';
import { Input } from '../../components/controls';

export function NumberField({
  label,
  value,
  error,
  onChange,
}: {
  label: string;
  value: number;
  error: string | undefined;
  onChange: (value: number) => void;
}) {
  return (
    <Box as="label" display="block" fontSize="14px" color="soft">
      {label}
      <Input
        type="number"
        inputMode="decimal"
        step="any"
        aria-invalid={error ? true : undefined}
        defaultValue={value}
        onChange={(event) => onChange(event.currentTarget.valueAsNumber)}
      />
      {error && (
        <Box as="span" color="brick" role="alert">
          ⚠ {error}
        </Box>
      )}
    </Box>
  );
}
