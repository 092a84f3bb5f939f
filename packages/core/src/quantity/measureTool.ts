/** Measures a household may own. Volumes in mL, exact US customary values (NIST SP 811) and metric kitchen sizes. */
export const MEASURE_TOOLS = {
  usTeaspoon: { volumeML: 4.92892159375, fractions: [1, 0.5, 0.25] },
  usTablespoon: { volumeML: 14.78676478125, fractions: [1, 0.5] },
  usCup: { volumeML: 236.5882365, fractions: [1, 0.5, 0.25] },
  metricTeaspoon: { volumeML: 5, fractions: [1, 0.5, 0.25] },
  metricTablespoon: { volumeML: 15, fractions: [1, 0.5] },
  metricCup: { volumeML: 250, fractions: [1, 0.5, 0.25] },
  jug: { volumeML: 10, fractions: [1] },
} as const;

export type MeasureToolId = keyof typeof MEASURE_TOOLS;
export const MEASURE_TOOL_IDS = Object.keys(MEASURE_TOOLS) as MeasureToolId[];
