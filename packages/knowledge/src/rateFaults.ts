import type { Knowledge } from './knowledge.js';
import { WETTINGS } from './vocabulary.js';

/** What moves a component must have a rate, however it is wetted; a rate must speak of something that moves. */
export function rateFaults({ rates, components }: Knowledge): string[] {
  const without = components.flatMap((component) =>
    component.removal.flatMap(({ mechanism }) =>
      WETTINGS.filter(
        (wetting) =>
          !rates.some(
            (rate) =>
              rate.mechanism === mechanism &&
              (rate.componentIds.length === 0 || rate.componentIds.includes(component.id)) &&
              (rate.wettings.length === 0 || rate.wettings.includes(wetting)),
          ),
      ).map((wetting) => `components.${component.id}: no rate for ${mechanism}, ${wetting}`),
    ),
  );
  const idle = rates.flatMap((rate) =>
    rate.componentIds
      .filter((id) => {
        const removal = components.find((component) => component.id === id)?.removal ?? [];
        return removal.every((entry) => entry.mechanism !== rate.mechanism);
      })
      .map((id) => `rates.${rate.id}: ${rate.mechanism} does not move ${id}`),
  );
  const unordered = rates.flatMap(({ id, warmth, halfMin }) => [
    ...(warmth.by === 'points' &&
    warmth.points.some((point, place) => point.c <= (warmth.points[place - 1]?.c ?? -1))
      ? [`rates.${id}: points are not in order`]
      : []),
    ...(halfMin.low <= halfMin.likely && halfMin.likely <= halfMin.high
      ? []
      : [`rates.${id}: halves are not in order`]),
  ]);
  return [...without, ...idle, ...unordered];
}
