import { describe, expect, it } from 'vitest';
import { household, knowledge, label } from '../test/fixtures.js';
import { line, sorted } from '../test/heapLines.js';
import { compartmentsOf } from './dose.js';
import type { HeapEntry } from './heapEntry.js';
import type { Load } from './sortHeap.js';

/** The one load of these lines. */
const loadOf = (...entries: HeapEntry[]): Load => sorted(entries).loads[0] ?? expect.unreachable('a load');
const doses = (load: Load, house = household) => compartmentsOf(load, house, knowledge);
const sheet = line('sheet', 'bedSheet', { cotton: 100 }, { label: label(60, 'any') }, { count: 4 });
const nappies = line(
  'nappies',
  'clothNappy',
  { cotton: 100 },
  { label: label(60, 'any') },
  { count: 12, soil: 'heavy' },
);

describe('what goes into a drum', () => {
  // A prewash takes half of the main dose: as labels of powders have it. Common practice, no source.
  it('half the dose goes into the prewash of a soiled load of its own', () => {
    const { before, main } = doses(loadOf(nappies));
    expect((before?.volumeML ?? 0) * 2).toBeGreaterThanOrEqual((main?.volumeML ?? 0) - 1);
    expect((before?.volumeML ?? 0) * 2).toBeLessThanOrEqual((main?.volumeML ?? 0) + 1);
    expect(doses(loadOf({ ...nappies, soil: 'usual' })).before).toBeNull();
    expect(doses(loadOf(sheet)).before).toBeNull();
  });

  // What is left of a detergent reddens a baby's skin. Common practice, no source.
  it('one rinse more for a baby in the house, and for a load of its own', () => {
    expect(doses(loadOf(sheet), { ...household, baby: false }).extraRinse).toBe(false);
    expect(doses(loadOf(sheet), { ...household, baby: true }).extraRinse).toBe(true);
    expect(doses(loadOf(nappies), { ...household, baby: false }).extraRinse).toBe(true);
  });

  // Percarbonate works from about 30 °C on without an activator. Common practice, no source.
  it.each([
    [20, false],
    [29, false],
    [30, true],
    [60, true],
  ])('oxygen at %i °C: %s', (tempC, isPoured) => {
    const load = loadOf(sheet);
    const { oxygen } = doses({ ...load, drum: { ...load.drum, tempC: tempC as 30 } });
    expect(oxygen !== null).toBe(isPoured);
  });
});
