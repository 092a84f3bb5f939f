import type { Mechanism, Rate, Wetting } from '@feverfew/knowledge';

/** Asked for every component, mechanism and method of a plan: each answer is found once. */
const found = new WeakMap<readonly Rate[], Map<string, Rate | null>>();

/** The rate that speaks of this component by name, else the one for any; wetted in this way. */
export function rateFor(
  rates: readonly Rate[],
  mechanism: Mechanism,
  componentId: string,
  wetting: Wetting,
): Rate | null {
  const known = found.get(rates) ?? new Map<string, Rate | null>();
  found.set(rates, known);
  const key = `${mechanism} ${componentId} ${wetting}`;
  const before = known.get(key);
  if (before !== undefined) return before;
  const rate = search(rates, mechanism, componentId, wetting) ?? null;
  known.set(key, rate);
  return rate;
}

function search(
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
