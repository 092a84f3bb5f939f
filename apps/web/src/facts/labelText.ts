import type { CareLabel } from '@feverfew/contracts';

const BAR_WORDS = ['', ' mild', ' very mild'] as const;

/** A label in short: "60°, oxygen only, tumble low". @param most words of it, those that decide most first */
export const labelText = (label: CareLabel | null, most = Number.POSITIVE_INFINITY): string =>
  label ? labelWords(label).slice(0, most).join(', ') || 'nothing readable' : 'not entered';

/** What a label says, a few words each, those that decide most first. */
export function labelWords(label: CareLabel): string[] {
  const { wash, bleach, tumble, natural, shade, iron, dryClean, dryCleanBars, wetClean, wetCleanBars } =
    label;
  const washWords =
    wash === null
      ? []
      : wash.kind === 'machine'
        ? [`${wash.maxC}°${BAR_WORDS[wash.bars]}`]
        : [wash.kind === 'never' ? 'no washing' : wash.maxC === undefined ? 'hand wash' : 'hand wash, cold'];
  return [
    ...washWords,
    ...(bleach === null
      ? []
      : [{ any: 'any bleach', oxygenOnly: 'oxygen only', never: 'no bleach' }[bleach]]),
    ...(tumble === null ? [] : [{ normal: 'tumble', low: 'tumble low', never: 'no tumble' }[tumble]]),
    ...(natural === null
      ? []
      : [{ line: 'line dry', drip: 'drip dry', flat: 'dry flat', dripFlat: 'drip dry, flat' }[natural]]),
    ...(shade ? ['in shade'] : []),
    ...(iron === null
      ? []
      : [{ high: 'iron hot', medium: 'iron medium', low: 'iron cool', never: 'no iron' }[iron]]),
    ...(dryClean === null
      ? []
      : [dryClean === 'never' ? 'no dry cleaning' : `dry clean ${dryClean}${BAR_WORDS[dryCleanBars]}`]),
    ...(wetClean === null
      ? []
      : [wetClean === 'never' ? 'no wet cleaning' : `wet clean W${BAR_WORDS[wetCleanBars]}`]),
  ];
}
