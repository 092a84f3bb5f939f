import { Box } from '@chakra-ui/react';
import type { HouseholdSettings } from '@feverfew/contracts';
import {
  type FieldError,
  type FieldPath,
  type FieldPathByValue,
  get,
  useController,
  useFormContext,
} from 'react-hook-form';
import { ChipRow } from '../../components/controls/ChipRow';
import { Input, Select } from '../../components/controls/controls';
import { NumberBox } from '../../components/controls/NumberBox';

type Path = FieldPath<HouseholdSettings>;
type PathOf<Value> = FieldPathByValue<HouseholdSettings, Value>;

/** The form all editors of a household share. */
export const useSettingsForm = () => useFormContext<HouseholdSettings>();

/** What the server says of a field, by its path; undefined while nothing is wrong. */
export function useFaultAt(path: string): string | undefined {
  const fault = get(useSettingsForm().formState.errors, path) as FieldError | undefined;
  return fault?.message;
}

interface NumberFieldProps {
  readonly name: Path;
  readonly label: string;
  readonly width?: string;
  /** A figure that has to be given counts as none while it is emptied, and keeping is refused with its place. */
  readonly required?: boolean;
  readonly onTaken?: () => void;
}

/** A number of the household. */
export function NumberField({ name, label, width, required = false, onTaken }: NumberFieldProps) {
  const { field } = useController<HouseholdSettings>({ name });
  const value = field.value as number | null | undefined;
  return (
    <NumberBox
      label={label}
      {...(width ? { width } : {})}
      value={value === undefined || value === null || Number.isNaN(value) ? null : value}
      error={useFaultAt(name)}
      onChange={(next) => {
        field.onChange(next ?? (required ? Number.NaN : null));
        onTaken?.();
      }}
    />
  );
}

/** A line of text of the household. */
export function TextField({
  name,
  label,
  maxLength,
}: {
  name: PathOf<string>;
  label: string;
  maxLength?: number;
}) {
  const { field } = useController<HouseholdSettings>({ name });
  return (
    <Box as="label" fontSize="small" color="soft" flex="1">
      {label}
      <Input
        value={field.value as string}
        maxLength={maxLength}
        aria-invalid={useFaultAt(name) ? true : undefined}
        onChange={field.onChange}
      />
    </Box>
  );
}

/** One of a few words. */
export function ChoiceField({
  name,
  label,
  options,
  onTaken,
}: {
  name: Path;
  label: string;
  options: readonly string[];
  onTaken?: () => void;
}) {
  const { field } = useController<HouseholdSettings>({ name });
  return (
    <Select
      width="auto"
      aria-label={label}
      value={field.value as string}
      onChange={(event) => {
        field.onChange(event);
        onTaken?.();
      }}
    >
      {options.map((option) => (
        <option key={option}>{option}</option>
      ))}
    </Select>
  );
}

/** Yes or no, as two chips. */
export function YesNoField({ name, label }: { name: PathOf<boolean>; label: string }) {
  const { field } = useController<HouseholdSettings>({ name });
  return (
    <ChipRow
      label={label}
      chosen={field.value ? 'yes' : 'no'}
      options={[
        { value: 'yes', text: 'yes' },
        { value: 'no', text: 'no' },
      ]}
      onChoose={(chosen) => field.onChange(chosen === 'yes')}
    />
  );
}
