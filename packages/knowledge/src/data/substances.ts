import type { AcidSystem, Substance } from '../schema/substance.js';

const goldberg = ['goldberg2002', 'memory'];

/**
 * log K, heats and heat capacities of ionisation at 25 °C, I = 0: Goldberg, Kishore and Lennen 2002 (recalled, not
 * opened).
 * Carbonic acid is CO₂(aq) and H₂CO₃ together. Hydrogen peroxide and oxalic acid: handbook values, heats from memory.
 */
export const acidSystems: readonly AcidSystem[] = [
  {
    id: 'acetic',
    name: 'acetic acid',
    topCharge: 0,
    steps: [{ pKa: 4.756, enthalpyKJ: -0.41, heatCapacityJ: -142 }],
    sourceIds: goldberg,
  },
  {
    id: 'carbonic',
    name: 'carbonic acid',
    topCharge: 0,
    steps: [
      { pKa: 6.352, enthalpyKJ: 9.15, heatCapacityJ: -371 },
      { pKa: 10.329, enthalpyKJ: 14.7, heatCapacityJ: -249 },
    ],
    sourceIds: goldberg,
  },
  {
    id: 'boric',
    name: 'boric acid',
    topCharge: 0,
    steps: [{ pKa: 9.237, enthalpyKJ: 13.8, heatCapacityJ: -240 }],
    sourceIds: goldberg,
  },
  {
    id: 'ammonium',
    name: 'ammonium',
    topCharge: 1,
    steps: [{ pKa: 9.245, enthalpyKJ: 51.95, heatCapacityJ: 8 }],
    sourceIds: goldberg,
  },
  {
    id: 'citric',
    name: 'citric acid',
    topCharge: 0,
    steps: [
      { pKa: 3.128, enthalpyKJ: 4.07, heatCapacityJ: -131 },
      { pKa: 4.761, enthalpyKJ: 2.23, heatCapacityJ: -178 },
      { pKa: 6.396, enthalpyKJ: -3.38, heatCapacityJ: -254 },
    ],
    sourceIds: goldberg,
  },
  {
    id: 'phosphoric',
    name: 'phosphoric acid',
    topCharge: 0,
    steps: [
      { pKa: 2.148, enthalpyKJ: -8, heatCapacityJ: -141 },
      { pKa: 7.198, enthalpyKJ: 3.6, heatCapacityJ: -230 },
      { pKa: 12.35, enthalpyKJ: 16, heatCapacityJ: -242 },
    ],
    sourceIds: goldberg,
  },
  {
    id: 'hydroperoxide',
    name: 'hydrogen peroxide',
    topCharge: 0,
    steps: [{ pKa: 11.6, enthalpyKJ: 31, heatCapacityJ: 0 }],
    sourceIds: ['chemHandbook', 'memory'],
  },
  {
    id: 'oxalic',
    name: 'oxalic acid',
    topCharge: 0,
    steps: [
      { pKa: 1.27, enthalpyKJ: -3.9, heatCapacityJ: -231 },
      { pKa: 4.266, enthalpyKJ: -7, heatCapacityJ: -231 },
    ],
    sourceIds: goldberg,
  },
];

const plain = {
  sodiumMol: 0,
  acidMol: 0,
  peroxideMol: 0,
  solubilityGPerL: null,
  sourceIds: ['chemHandbook'],
};

/** Molar masses from standard atomic weights; solubilities at 20 °C recalled from a chemistry handbook. */
export const substances: readonly Substance[] = [
  {
    ...plain,
    id: 'aceticAcid',
    name: 'acetic acid',
    formula: 'CH₃COOH',
    molarMassG: 60.052,
    gives: [{ systemId: 'acetic', mol: 1 }],
    acidMol: 1,
  },
  {
    ...plain,
    id: 'citricAcidAnhydrous',
    name: 'citric acid, anhydrous',
    formula: 'C₆H₈O₇',
    molarMassG: 192.124,
    gives: [{ systemId: 'citric', mol: 1 }],
    acidMol: 3,
    solubilityGPerL: 1300,
  },
  {
    ...plain,
    id: 'trisodiumCitrate',
    name: 'trisodium citrate dihydrate',
    formula: 'Na₃C₆H₅O₇·2H₂O',
    molarMassG: 294.101,
    gives: [{ systemId: 'citric', mol: 1 }],
    sodiumMol: 3,
    solubilityGPerL: 720,
  },
  {
    ...plain,
    id: 'oxalicAcidDihydrate',
    name: 'oxalic acid dihydrate',
    formula: 'C₂H₂O₄·2H₂O',
    molarMassG: 126.065,
    gives: [{ systemId: 'oxalic', mol: 1 }],
    acidMol: 2,
    solubilityGPerL: 95,
  },
  {
    ...plain,
    id: 'sodiumBicarbonate',
    name: 'sodium bicarbonate',
    formula: 'NaHCO₃',
    molarMassG: 84.0066,
    gives: [{ systemId: 'carbonic', mol: 1 }],
    sodiumMol: 1,
    solubilityGPerL: 96,
  },
  {
    ...plain,
    id: 'sodiumCarbonate',
    name: 'sodium carbonate, anhydrous',
    formula: 'Na₂CO₃',
    molarMassG: 105.9884,
    gives: [{ systemId: 'carbonic', mol: 1 }],
    sodiumMol: 2,
    solubilityGPerL: 215,
  },
  {
    ...plain,
    id: 'sodiumPercarbonate',
    name: 'sodium percarbonate',
    formula: '2Na₂CO₃·3H₂O₂',
    molarMassG: 314.0209,
    gives: [
      { systemId: 'carbonic', mol: 2 },
      { systemId: 'hydroperoxide', mol: 3 },
    ],
    sodiumMol: 4,
    peroxideMol: 3,
    solubilityGPerL: 140,
  },
  {
    ...plain,
    id: 'boraxDecahydrate',
    name: 'sodium tetraborate decahydrate',
    formula: 'Na₂B₄O₇·10H₂O',
    molarMassG: 381.372,
    gives: [{ systemId: 'boric', mol: 4 }],
    sodiumMol: 2,
    solubilityGPerL: 47,
  },
  {
    ...plain,
    id: 'hydrogenPeroxide',
    name: 'hydrogen peroxide',
    formula: 'H₂O₂',
    molarMassG: 34.0147,
    gives: [{ systemId: 'hydroperoxide', mol: 1 }],
    peroxideMol: 1,
  },
  {
    ...plain,
    id: 'ammoniaGas',
    name: 'ammonia',
    formula: 'NH₃',
    molarMassG: 17.0305,
    gives: [{ systemId: 'ammonium', mol: 1 }],
  },
];
