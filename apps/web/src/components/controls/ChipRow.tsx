import { Flex } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import { ChipButton } from './controls';

/** A row of exclusive choices as large chips. */
export function ChipRow<T extends string | number>({
  label,
  options,
  chosen,
  size = 'touch',
  onChoose,
}: {
  label: string;
  options: readonly { value: T; text: ReactNode; name?: string }[];
  chosen: T | null;
  size?: 'small' | 'touch';
  onChoose: (value: T) => void;
}) {
  return (
    <fieldset style={{ border: 0, padding: 0, margin: 0 }}>
      <legend style={{ fontSize: '0.875rem', color: 'var(--ff-colors-soft)', marginBottom: '0.25rem' }}>
        {label}
      </legend>
      <Flex gap="1.5" wrap="wrap">
        {options.map(({ value, text, name }) => (
          <ChipButton
            key={String(value)}
            type="button"
            size={size}
            state={chosen === value ? 'chosen' : 'plain'}
            aria-pressed={chosen === value}
            aria-label={name}
            onClick={() => onChoose(value)}
          >
            {text}
          </ChipButton>
        ))}
      </Flex>
    </fieldset>
  );
}
