import type { BottleLevel, HouseholdSettings, NewSavedMix } from '@feverfew/contracts';

/** Days since each product was opened, and how much of it is left. */
const BOTTLES: Readonly<Record<string, readonly [openedDaysAgo: number, left: BottleLevel]>> = {
  dishDetergent: [40, 'little'],
  delicateDetergent: [60, 'most'],
  liquidDetergent: [120, 'half'],
  bioDetergent: [65, 'half'],
  enzymePretreater: [110, 'half'],
  oxygenBleach: [95, 'little'],
  peroxide: [150, 'half'],
  vinegar: [60, 'most'],
  citricAcid: [210, 'most'],
  bakingSoda: [50, 'most'],
  washingSoda: [280, 'little'],
  isopropanol: [90, 'half'],
  chlorineBleach: [165, 'half'],
};

/** The cupboard of the demo at a moment. */
export const demoBottles = (now: Date): HouseholdSettings['bottles'] =>
  Object.fromEntries(
    Object.entries(BOTTLES).map(([agentId, [daysAgo, left]]) => [
      agentId,
      { left, openedOn: new Date(now.getTime() - daysAgo * 86_400_000).toISOString().slice(0, 10) },
    ]),
  );

/** The lock-keeper's cottage: invented, like everything in the demo. */
export const demoHousehold: HouseholdSettings = {
  bottles: {},
  told: null,
  measures: { temperature: 'C', system: 'metric' },
  prices: {
    money: '€',
    agents: {
      oxygenBleach: 7.5,
      vinegar: 0.9,
      bakingSoda: 3.2,
      washingSoda: 2.4,
      citricAcid: 6,
      peroxide: 9,
      liquidDetergent: 4.5,
      bioDetergent: 5.5,
      dishDetergent: 3,
      enzymePretreater: 8,
    },
    kWh: 0.32,
    waterM3: 4.1,
    hour: null,
    professional: 28,
  },
  household: {
    taps: { coldC: 11, hotC: 52, kettleL: 1.7 },
    hardnessMgL: 290,
    roomC: 18,
    vessels: [
      {
        id: 'basin',
        name: '9 L basin',
        volumeL: 9,
        material: 'plastic',
        lid: false,
        form: 'basin',
        shape: null,
      },
      {
        id: 'bucket',
        name: 'lidded 14 L bucket',
        volumeL: 14,
        material: 'plastic',
        lid: true,
        form: 'bucket',
        shape: { kind: 'round', topCm: 29, bottomCm: 23, depthCm: 26.3 },
      },
      {
        id: 'sink',
        name: 'stone sink',
        volumeL: 22,
        material: 'stone',
        lid: false,
        form: 'sink',
        shape: null,
      },
      {
        id: 'bath',
        name: 'enamel bath',
        volumeL: 140,
        material: 'enamel',
        lid: false,
        form: 'bathtub',
        shape: null,
      },
    ],
    tools: ['metricTeaspoon', 'metricTablespoon', 'metricCup', 'jug'],
    ownMeasures: [{ id: 'beeMug', name: 'bee mug', volumeML: 310 }],
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
    products: [
      { agentId: 'liquidDetergent', capML: 35, labelDose: { amount: 70, unit: 'mL', perL: null } },
      { agentId: 'delicateDetergent', capML: 20, labelDose: { amount: 10, unit: 'mL', perL: 5 } },
      { agentId: 'oxygenBleach', capML: 30, labelDose: null },
    ],
    asthma: false,
    pregnancy: false,
    baby: false,
    pets: true,
    septicTank: false,
    boraxSold: false,
    allowChlorine: false,
    allowAmmonia: false,
    allowOxalic: false,
    positions: {},
  },
};

const pour = (agentId: string, amount: number, unit: string) => ({
  agentId,
  amount,
  unit,
  strengthPct: null,
});

/** Mixes the cottage keeps coming back to. */
export const demoMixes: readonly NewSavedMix[] = [
  {
    name: 'White soak for the bucket',
    mix: {
      container: { kind: 'vessel', vesselId: 'bucket' },
      waterML: 10_000,
      waterC: 40,
      pours: [pour('oxygenBleach', 2.5, 'cap')],
      on: null,
    },
  },
  {
    name: 'Vinegar for the dog corner',
    mix: {
      container: { kind: 'sprayer' },
      waterML: 250,
      waterC: null,
      pours: [pour('vinegar', 250, 'mL')],
      on: null,
    },
  },
  {
    name: 'Honey cloths, greasy',
    mix: {
      container: { kind: 'vessel', vesselId: 'basin' },
      waterML: 6000,
      waterC: 50,
      pours: [pour('washingSoda', 2, 'metricTablespoon'), pour('liquidDetergent', 1, 'cap')],
      on: null,
    },
  },
];
