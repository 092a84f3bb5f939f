import { celsiusToFahrenheit, fahrenheitToCelsius } from '@feverfew/contracts';
import { useMeasures } from '../../app/useLexicon';
import { NumberBox } from './NumberBox';

/** A temperature in the household's own degrees; it takes and gives °C. `label` holds a ° for the unit. */
export function TempBox({
  label,
  value,
  width,
  placeholderC,
  error,
  onChange,
}: {
  label: string;
  value: number | null;
  width: string;
  placeholderC?: number;
  error?: string | undefined;
  onChange: (tempC: number | null) => void;
}) {
  const inF = useMeasures().temperature === 'F';
  const shown = (tempC: number) => (inF ? Math.round(celsiusToFahrenheit(tempC) * 10) / 10 : tempC);
  return (
    <NumberBox
      label={label.replace('°', inF ? '°F' : '°C')}
      width={width}
      value={value === null ? null : shown(value)}
      {...(placeholderC === undefined ? {} : { placeholder: String(shown(placeholderC)) })}
      error={error}
      onChange={(next) => onChange(next === null || !inF ? next : fahrenheitToCelsius(next))}
    />
  );
}
