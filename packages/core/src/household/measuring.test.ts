import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { celsiusToFahrenheit } from '../quantity/celsiusToFahrenheit.js';
import { MEASURE_TOOL_IDS, MEASURE_TOOLS, type MeasureToolId, toolsFor } from './measureTool.js';
import { snapToTools } from './snapToTools.js';

describe('degrees', () => {
  /** NIST SP 811: t/°F = 9/5 t/°C + 32, exact. */
  it.each([
    [-40, -40],
    [0, 32],
    [40, 104],
    [60, 140],
    [95, 203],
    [100, 212],
  ])('%d °C is %d °F', (celsius, fahrenheit) => {
    expect(celsiusToFahrenheit(celsius)).toBeCloseTo(fahrenheit, 10);
  });
});

describe('kitchen measures', () => {
  /** NIST SP 811, exact US customary volumes. */
  it.each([
    ['usTeaspoon', 4.92892159375],
    ['usTablespoon', 14.78676478125],
    ['usCup', 236.5882365],
    ['metricCup', 250],
  ] as const)('%s holds %d mL', (tool, volumeML) => {
    expect(MEASURE_TOOLS[tool].volumeML).toBe(volumeML);
  });
});

describe('snapping to tools', () => {
  const owned = (...ids: MeasureToolId[]) => toolsFor(ids, [], null);
  const metric = owned('metricTeaspoon', 'metricTablespoon', 'metricCup', 'jug');
  it('takes one tool where one is close enough', () => {
    expect(snapToTools(52.5, metric)).toEqual({
      counts: [{ toolId: 'metricTablespoon', name: null, count: 3.5 }],
      volumeML: 52.5,
      errorPct: 0,
    });
  });
  it('adds a second tool where one would miss', () => {
    expect(snapToTools(35, owned('metricTeaspoon', 'metricTablespoon'))?.counts).toEqual([
      { toolId: 'metricTablespoon', name: null, count: 2 },
      { toolId: 'metricTeaspoon', name: null, count: 1 },
    ]);
  });
  it('counts in what the household calls its own, and in the cap of the product', () => {
    const mug = { id: 'mug', name: 'blue mug', volumeML: 310 };
    expect(snapToTools(620, toolsFor([], [mug], null))?.counts).toEqual([
      { toolId: 'mug', name: 'blue mug', count: 2 },
    ]);
    expect(snapToTools(70, toolsFor(['metricTeaspoon'], [], 35))?.counts).toEqual([
      { toolId: 'cap', name: 'cap', count: 2 },
    ]);
  });
  it('reports the error with its sign', () => {
    expect(snapToTools(1.2, owned('metricTeaspoon'))).toMatchObject({
      volumeML: 1.25,
      errorPct: expect.closeTo(4.17, 1),
    });
  });
  it('says null when no owned tool comes near', () => {
    expect(snapToTools(1000, owned('metricTeaspoon'))).toBeNull();
  });
  it.each([0, -1, Number.NaN, Number.POSITIVE_INFINITY, 200_000])('refuses %d mL', (volumeML) => {
    expect(() => snapToTools(volumeML, metric)).toThrow(/outOfRange/);
  });
  it('never misses by more than it says, and by no more than a quarter', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.5, max: 2000, noNaN: true }),
        fc.subarray(MEASURE_TOOL_IDS, { minLength: 1 }),
        (volumeML, tools) => {
          const snapped = snapToTools(volumeML, owned(...tools));
          if (!snapped) return;
          const sum = snapped.counts.reduce(
            (total, { toolId, count }) => total + count * MEASURE_TOOLS[toolId as MeasureToolId].volumeML,
            0,
          );
          expect(sum).toBeCloseTo(snapped.volumeML, 6);
          expect((100 * (sum - volumeML)) / volumeML).toBeCloseTo(snapped.errorPct, 6);
          expect(Math.abs(snapped.errorPct)).toBeLessThanOrEqual(25);
          expect(snapped.counts.every(({ toolId }) => tools.includes(toolId as MeasureToolId))).toBe(true);
        },
      ),
    );
  });
});
