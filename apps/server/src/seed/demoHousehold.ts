import type { HouseholdSettings } from '@feverfew/contracts';

/** The lock-keeper's cottage: invented, like everything in the demo. */
export const demoHousehold: HouseholdSettings = {
  measures: { temperature: 'C', system: 'metric' },
  household: {
    taps: { coldC: 11, hotC: 52, kettleL: 1.7 },
    hardnessMgL: 290,
    vessels: [
      { id: 'basin', name: '9 L basin', volumeL: 9, material: 'plastic', lid: false },
      { id: 'bucket', name: 'lidded 14 L bucket', volumeL: 14, material: 'plastic', lid: true },
      { id: 'sink', name: 'stone sink', volumeL: 22, material: 'stone', lid: false },
      { id: 'bath', name: 'enamel bath', volumeL: 140, material: 'enamel', lid: false },
    ],
    tools: ['metricTeaspoon', 'metricTablespoon', 'metricCup', 'jug'],
    hasScale: false,
    hasMachine: true,
    hasDryer: true,
    cupboard: [
      { agentId: 'dishDetergent', strengthPct: null },
      { agentId: 'delicateDetergent', strengthPct: null },
      { agentId: 'liquidDetergent', strengthPct: null },
      { agentId: 'bioDetergent', strengthPct: null },
      { agentId: 'enzymePretreater', strengthPct: null },
      { agentId: 'oxygenBleach', strengthPct: null },
      { agentId: 'peroxide', strengthPct: 3 },
      { agentId: 'vinegar', strengthPct: 5 },
      { agentId: 'citricAcid', strengthPct: null },
      { agentId: 'bakingSoda', strengthPct: null },
      { agentId: 'washingSoda', strengthPct: null },
      { agentId: 'isopropanol', strengthPct: 70 },
      { agentId: 'absorbentPowder', strengthPct: null },
      { agentId: 'whiteSoap', strengthPct: null },
      { agentId: 'chlorineBleach', strengthPct: 4.5 },
    ],
    asthma: false,
    boraxSold: false,
    allowChlorine: false,
    allowAmmonia: false,
    allowOxalic: false,
    schools: {},
  },
};
