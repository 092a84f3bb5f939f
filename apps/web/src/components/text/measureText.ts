import {
  celsiusToFahrenheit,
  gToMass,
  type Ingredient,
  type Measures,
  mLToVolume,
  toolWords,
} from '@feverfew/contracts';

/** "40 °C" or "104 °F". */
export function tempText(tempC: number, { temperature }: Measures): string {
  return temperature === 'F'
    ? `${Math.round(celsiusToFahrenheit(tempC))}\u00a0°F`
    : `${Math.round(tempC)}\u00a0°C`;
}

/** "350 mL", "7 L"; "12 fl oz", "7.4 qt". */
export function volumeText(volumeML: number, { system }: Measures): string {
  if (system === 'us') {
    return volumeML >= 900
      ? `${oneDecimal(mLToVolume(volumeML, 'usQuart'))}\u00a0US\u00a0qt`
      : `${oneDecimal(mLToVolume(volumeML, 'usFluidOunce'))}\u00a0US\u00a0fl\u00a0oz`;
  }
  return volumeML >= 1000 ? `${oneDecimal(volumeML / 1000)}\u00a0L` : `${oneDecimal(volumeML)}\u00a0mL`;
}

export function massText(massG: number, { system }: Measures): string {
  if (system === 'us') return `${oneDecimal(gToMass(massG, 'oz'))}\u00a0oz`;
  return massG >= 1000 ? `${oneDecimal(massG / 1000)}\u00a0kg` : `${oneDecimal(massG)}\u00a0g`;
}

/** What the household's own tools measure. */
export const toolText = ({ snapped }: Pick<Ingredient, 'snapped'>): string | null =>
  snapped && toolWords(snapped);

/** The exact amount next to the kitchen measure: grams for powders, millilitres for liquids. */
export function exactText(
  { massG, volumeML }: Pick<Ingredient, 'massG' | 'volumeML'>,
  measures: Measures,
): string | null {
  if (massG !== null) return massText(massG, measures);
  return volumeML === null ? null : volumeText(volumeML, measures);
}

function oneDecimal(value: number): string {
  return (value >= 20 ? Math.round(value) : Math.round(value * 10) / 10).toString();
}
