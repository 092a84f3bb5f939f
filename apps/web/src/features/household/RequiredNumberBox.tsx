import { NumberBox } from '../../components/NumberBox';

/** A figure that has to be told: emptied or half typed it counts as none, and keeping is refused with its place. */
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
