import Papa from 'papaparse';
import { expect, it } from 'vitest';
import { writeLoads } from './loadsTable.js';
import type { LoadRow } from './wash.repository.js';

it('each figure of a load is in the column of its name', () => {
  const load = { name: 'Cottons', tempC: 60, spinRpm: 1200, minutes: 130, kWh: 1.1, waterL: 62 };
  const row = {
    id: 'one',
    createdAt: new Date('2026-06-15T09:00:00.000Z'),
    doneAt: null,
    load,
  } as unknown as LoadRow;
  const { data } = Papa.parse<Record<string, string>>(writeLoads([row], []), { header: true });
  expect(data[0]).toMatchObject({
    ...{ filled: '2026-06-15T09:00:00.000Z', out: '', programme: 'Cottons' },
    ...{ tempC: '60', spinRpm: '1200', minutes: '130', kWh: '1.1', waterL: '62', pieces: '' },
  });
});
