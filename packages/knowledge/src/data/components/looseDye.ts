import type { SoilComponent } from '../../schema/soil.js';

/** Dye that has left its own cloth. */
export const looseDye: readonly SoilComponent[] = [
  {
    id: 'looseDye',
    cautionIds: [],
    proteinaceous: false,
    name: 'loose textile dye',
    maxTempC: null,
    heatSets: true,
    chemistry: [],
    removal: [
      { mechanism: 'flush', low: 0.1, high: 0.3 },
      { mechanism: 'surfactant', low: 0.1, high: 0.3 },
      { mechanism: 'dyeSuspension', low: 0.3, high: 0.75 },
      { mechanism: 'oxidation', low: 0.2, high: 0.6 },
      { mechanism: 'reduction', low: 0.6, high: 0.95 },
      { mechanism: 'chlorineOxidation', low: 0.4, high: 0.8 },
    ],
    note: 'Works while the dye is loose: never tumble it first.',
    sourceIds: ['memory', 'commonPractice'],
  },
  {
    id: 'ownDyeRun',
    cautionIds: [],
    proteinaceous: false,
    name: 'dye of the piece\u2019s own trim',
    maxTempC: null,
    heatSets: true,
    chemistry: [{ chemistry: 'reducer', verdict: 'never', protects: 'piece', sourceIds: ['commonPractice'] }],
    removal: [
      { mechanism: 'flush', low: 0.15, high: 0.4 },
      { mechanism: 'surfactant', low: 0.1, high: 0.3 },
      { mechanism: 'dyeSuspension', low: 0.3, high: 0.7 },
      { mechanism: 'oxidation', low: 0.1, high: 0.4 },
    ],
    note: 'A reducer would take the trim too. Cold and wet at once, a dye-catching sheet, or dye-suspending detergent.',
    sourceIds: ['memory', 'commonPractice'],
  },
  {
    id: 'disperseDye',
    cautionIds: [],
    proteinaceous: false,
    name: 'disperse dye from polyester',
    maxTempC: null,
    heatSets: true,
    chemistry: [],
    removal: [
      { mechanism: 'surfactant', low: 0.05, high: 0.2 },
      { mechanism: 'dyeSuspension', low: 0.1, high: 0.35 },
      { mechanism: 'polarSolvent', low: 0.1, high: 0.3 },
      { mechanism: 'reduction', low: 0.2, high: 0.5 },
    ],
    note: 'Sits inside synthetic fibre: peroxygen hardly touches it.',
    sourceIds: ['memory'],
  },
];
