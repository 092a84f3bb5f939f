import type { NewCare } from '@feverfew/contracts';
import type { DemoPieceKey } from './demoPieces.js';

interface DemoCare extends Pick<NewCare, 'what' | 'upkeepId' | 'times'> {
  readonly on: DemoPieceKey;
  readonly daysAgo: number;
}

/** Plain care the cottage has noted. */
export const demoCare: readonly DemoCare[] = [
  { on: 'sofaCovers', what: 'upkeep', upkeepId: 'coversWash', times: 1, daysAgo: 130 },
  { on: 'parlourCurtains', what: 'upkeep', upkeepId: 'curtainWash', times: 1, daysAgo: 205 },
  { on: 'bigMattress', what: 'upkeep', upkeepId: 'mattressTurn', times: 1, daysAgo: 60 },
  { on: 'bathTowels', what: 'upkeep', upkeepId: 'deepStripSheets', times: 1, daysAgo: 45 },
  { on: 'canalShorts', what: 'machineWash', upkeepId: null, times: 54, daysAgo: 12 },
  { on: 'sofaCovers', what: 'machineWash', upkeepId: null, times: 19, daysAgo: 70 },
  { on: 'kitchenTowels', what: 'hotWash', upkeepId: null, times: 120, daysAgo: 6 },
  { on: 'schoolPolo', what: 'machineWash', upkeepId: null, times: 31, daysAgo: 4 },
];
