import {
  EMPTY_FACTS,
  EMPTY_PIECE,
  type HouseholdSettings,
  type Plan,
  type TroubleFacts,
} from '@feverfew/contracts';
import { planTreatment } from '@feverfew/core';
import { type Knowledge, loadKnowledge } from '@feverfew/knowledge';

export const KNOWLEDGE: Knowledge = loadKnowledge();

/** A house with a little of everything; no one in it has to be spared. */
export const HOUSE: HouseholdSettings = {
  prices: { money: '', agents: {}, kWh: null, waterM3: null, hour: null, professional: null },
  bottles: {},
  told: [],
  measures: { temperature: 'C', system: 'metric' },
  household: {
    taps: { coldC: 12, hotC: 50, kettleL: 1.7 },
    hardnessMgL: 250,
    roomC: 20,
    vessels: [
      { id: 'basin', name: 'basin', volumeL: 9, material: 'enamel', lid: false, form: 'basin', shape: null },
      {
        id: 'bucket',
        name: 'bucket',
        volumeL: 14,
        material: 'plastic',
        lid: true,
        form: 'bucket',
        shape: null,
      },
    ],
    tools: ['metricTeaspoon', 'metricTablespoon', 'metricCup', 'jug'],
    ownMeasures: [],
    hasScale: false,
    hasMachine: true,
    hasDryer: false,
    cupboard: ['dishDetergent', 'liquidDetergent', 'oxygenBleach', 'vinegar'].map((agentId) => ({
      agentId,
      strengthPct: agentId === 'vinegar' ? 5 : null,
    })),
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

/** A trouble on a white cotton tablecloth. */
export const onTablecloth = (markId: string, more: Partial<TroubleFacts> = {}): TroubleFacts => ({
  ...EMPTY_FACTS,
  markIds: [markId],
  age: 'hours',
  wetness: 'dry',
  piece: {
    ...EMPTY_PIECE,
    itemId: 'tableLinen',
    colour: 'white',
    parts: [{ name: 'whole piece', fibres: [{ fibreId: 'cotton', sharePct: 100 }] }],
  },
  ...more,
});

/** The plan of that house for these facts. */
export const planFor = (facts: TroubleFacts): Plan => planTreatment(facts, HOUSE.household, KNOWLEDGE);
