import type { HouseholdSettings } from '@feverfew/contracts';
import { NO_PRICES } from '@feverfew/core';

/** What is assumed of a household with nothing entered yet. */
export const PLAIN_HOUSEHOLD: HouseholdSettings = {
  prices: NO_PRICES,
  bottles: {},
  told: [],
  measures: { temperature: 'C', system: 'metric' },
  household: {
    taps: { coldC: 12, hotC: 50, kettleL: 1.5 },
    hardnessMgL: 200,
    roomC: 20,
    vessels: [
      {
        id: 'bucket',
        name: 'bucket',
        volumeL: 10,
        material: 'plastic',
        lid: false,
        form: 'bucket',
        shape: null,
      },
      {
        id: 'basin',
        name: 'wash basin',
        volumeL: 8,
        material: 'plastic',
        lid: false,
        form: 'basin',
        shape: null,
      },
    ],
    tools: ['metricTeaspoon', 'metricTablespoon', 'metricCup', 'jug'],
    ownMeasures: [],
    hasScale: false,
    hasMachine: true,
    hasDryer: false,
    cupboard: [
      { agentId: 'water', strengthPct: null },
      { agentId: 'dishDetergent', strengthPct: null },
      { agentId: 'liquidDetergent', strengthPct: null },
    ],
    products: [],
    asthma: false,
    pregnancy: false,
    baby: false,
    pets: false,
    septicTank: false,
    boraxSold: false,
    allowChlorine: false,
    allowAmmonia: false,
    allowOxalic: false,
    positions: {},
  },
};
