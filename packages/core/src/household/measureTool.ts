/**
 * Measures a household may own. Volumes in mL, exact US customary and imperial values (NIST SP 811) and metric
 * kitchen sizes.
 */
export const MEASURE_TOOLS = {
  usTeaspoon: { volumeML: 4.92892159375, fractions: [1, 0.5, 0.25] },
  usTablespoon: { volumeML: 14.78676478125, fractions: [1, 0.5] },
  usCup: { volumeML: 236.5882365, fractions: [1, 0.5, 0.25] },
  metricTeaspoon: { volumeML: 5, fractions: [1, 0.5, 0.25] },
  metricTablespoon: { volumeML: 15, fractions: [1, 0.5] },
  metricCup: { volumeML: 250, fractions: [1, 0.5, 0.25] },
  imperialCup: { volumeML: 284.130625, fractions: [1, 0.5, 0.25] },
  jug: { volumeML: 10, fractions: [1] },
} as const;

export type MeasureToolId = keyof typeof MEASURE_TOOLS;
export const MEASURE_TOOL_IDS = Object.keys(MEASURE_TOOLS) as MeasureToolId[];

/** A measure of the house itself: a mug, a scoop. Only whole and half fills are asked of it. */
export interface OwnMeasure {
  readonly id: string;
  readonly name: string;
  /** 0.5–5000 mL */
  readonly volumeML: number;
}

/** What an own measure may hold, mL; the form and the contract use the same range. */
export const OWN_MEASURE_ML = { min: 0.5, max: 5000 } as const;

/** A measure that amounts are snapped to; `name` is the household's name of it. */
export interface MeasureTool {
  readonly id: string;
  readonly volumeML: number;
  readonly fractions: readonly number[];
  readonly name: string | null;
}

/** Measures for one product: the household's, its own, and the product's cap. */
export function toolsFor(
  toolIds: readonly MeasureToolId[],
  own: readonly OwnMeasure[],
  capML: number | null,
): MeasureTool[] {
  // The product's own cap first: of two amounts that fit alike it wins.
  return [
    ...(capML === null ? [] : [{ id: 'cap', name: 'cap', volumeML: capML, fractions: [1, 0.5] }]),
    ...toolIds.map((id) => ({ id, name: null, ...MEASURE_TOOLS[id] })),
    ...own.map(({ id, name, volumeML }) => ({ id, name, volumeML, fractions: [1, 0.5] })),
  ];
}
