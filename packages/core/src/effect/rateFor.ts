import type { Mechanism, Rate, Wetting } from '@feverfew/knowledge';

/** The rate that speaks of this component by name, else the one for any; wetted in this way. */
export function rateFor(
  rates: readonly Rate[],
  mechanism: Mechanism,
  componentId: string,
  wetting: Wetting,
): Rate | undefined {
  const fitting = rates.filter(
    (rate) => rate.mechanism === mechanism && (rate.wettings.length === 0 || rate.wettings.includes(wetting)),
  );
  return (
    fitting.find((rate) => rate.componentIds.includes(componentId)) ??
    fitting.find((rate) => rate.componentIds.length === 0)
  );
}
