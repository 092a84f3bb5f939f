import { safeTable } from '../tables/safeTable.js';
import type { ReadLine } from './heap.service.js';
import type { LoadRow } from './wash.repository.js';

const COLUMNS = [
  ...(['filled', 'out', 'programme', 'tempC', 'spinRpm'] as const),
  ...(['minutes', 'kWh', 'waterL', 'pieces'] as const),
];

/**
 * Loads as a table, one line each. Times in UTC, ISO 8601; `out` is empty while the load is in the drum.
 * @param loads in their order, each as often as it has lines
 */
export function writeLoads(loads: readonly LoadRow[], lines: readonly ReadLine[]): string {
  const once = new Map(loads.map((load) => [load.id, load]));
  return safeTable(
    COLUMNS,
    [...once.values()].map(({ id, createdAt, doneAt, load }) => ({
      filled: createdAt.toISOString(),
      out: doneAt?.toISOString() ?? '',
      programme: load.name,
      tempC: String(load.tempC),
      spinRpm: String(load.spinRpm),
      minutes: String(load.minutes),
      kWh: String(load.kWh),
      waterL: String(load.waterL),
      pieces: lines
        .filter(({ row }) => row.loadId === id)
        .map(({ entry: { name, count } }) => (count === 1 ? name : `${name}, ${count}`))
        .join('; '),
    })),
  );
}
