import { NumberBox } from '../../components/controls/NumberBox';

/** A required number: empty or half typed it is invalid, and saving is refused with its place. */
export function RequiredNumberBox({
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
    <NumberBox
      label={label}
      value={Number.isFinite(value) ? value : null}
      error={error}
      onChange={(next) => onChange(next ?? Number.NaN)}
    />
  );
}
