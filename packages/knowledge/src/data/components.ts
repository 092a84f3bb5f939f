import type { ChemistryRule } from '../schema/limitRule.js';
import type { SoilComponent } from '../schema/soil.js';

const noChlorineOnProtein: ChemistryRule = { chemistry: 'chlorine', verdict: 'never', protects: 'both', sourceIds: ['poisonCentre'] };
const noSoapOnTannin: ChemistryRule = { chemistry: 'soap', verdict: 'never', protects: 'piece', sourceIds: ['commonPractice'] };
const noBleachOnIron: ChemistryRule[] = (['chlorine', 'percarbonate', 'peroxide'] as const).map((chemistry) => ({
  chemistry,
  verdict: 'never',
  protects: 'piece',
  sourceIds: ['commonPractice', 'chemHandbook'],
}));

/** Shares removed per round are estimates from memory, kept here and nowhere else. */
export const components: readonly SoilComponent[] = [
  {
    id: 'haem', name: 'blood protein and iron', maxTempC: 30, heatSets: true, chemistry: [noChlorineOnProtein],
    removal: [
      { mechanism: 'flush', low: 0.3, high: 0.7 }, { mechanism: 'surfactant', low: 0.2, high: 0.5 },
      { mechanism: 'proteolysis', low: 0.5, high: 0.85 }, { mechanism: 'oxidation', low: 0.4, high: 0.8 },
    ],
    note: 'Cold until no more lifts. Peroxide fizzes on it: that is catalase, not damage.', sourceIds: ['memory', 'commonPractice'],
  },
  {
    id: 'protein', name: 'egg, milk or food protein', maxTempC: 40, heatSets: true, chemistry: [noChlorineOnProtein],
    removal: [
      { mechanism: 'lift', low: 0.1, high: 0.3 }, { mechanism: 'flush', low: 0.2, high: 0.5 }, { mechanism: 'surfactant', low: 0.2, high: 0.5 },
      { mechanism: 'proteolysis', low: 0.6, high: 0.9 }, { mechanism: 'oxidation', low: 0.1, high: 0.3 },
    ],
    note: 'Heat sets it like an egg in a pan.', sourceIds: ['memory', 'commonPractice'],
  },
  {
    id: 'sugar', name: 'sugar', maxTempC: null, heatSets: true, chemistry: [],
    removal: [{ mechanism: 'flush', low: 0.7, high: 0.95 }, { mechanism: 'surfactant', low: 0.5, high: 0.8 }],
    note: 'Dissolves in water; browns under dry heat.', sourceIds: ['memory'],
  },
  {
    id: 'starch', name: 'starch', maxTempC: null, heatSets: false, chemistry: [],
    removal: [{ mechanism: 'lift', low: 0.2, high: 0.4 }, { mechanism: 'flush', low: 0.2, high: 0.5 }, { mechanism: 'surfactant', low: 0.3, high: 0.6 }, { mechanism: 'alkalinity', low: 0.1, high: 0.3 }],
    note: '', sourceIds: ['memory'],
  },
  {
    id: 'freshOil', name: 'fat or oil', maxTempC: null, heatSets: true, chemistry: [],
    removal: [
      { mechanism: 'absorption', low: 0.3, high: 0.6 }, { mechanism: 'surfactant', low: 0.4, high: 0.75 }, { mechanism: 'hydrocarbonSolvent', low: 0.6, high: 0.9 },
      { mechanism: 'polarSolvent', low: 0.1, high: 0.3 }, { mechanism: 'alkalinity', low: 0.2, high: 0.4 },
    ],
    note: 'Water alone first locks it in.', sourceIds: ['memory', 'commonPractice'],
  },
  {
    id: 'oxidisedOil', name: 'old body oil or oxidised fat', maxTempC: null, heatSets: true, chemistry: [],
    removal: [
      { mechanism: 'surfactant', low: 0.15, high: 0.4 }, { mechanism: 'oxidation', low: 0.3, high: 0.6 }, { mechanism: 'alkalinity', low: 0.25, high: 0.5 },
      { mechanism: 'hydrocarbonSolvent', low: 0.2, high: 0.5 },
    ],
    note: 'Turned yellow and gummy with age.', sourceIds: ['memory'],
  },
  {
    id: 'tannin', name: 'tannin', maxTempC: null, heatSets: true, chemistry: [noSoapOnTannin],
    removal: [
      { mechanism: 'flush', low: 0.2, high: 0.5 }, { mechanism: 'surfactant', low: 0.2, high: 0.45 }, { mechanism: 'acidity', low: 0.2, high: 0.5 },
      { mechanism: 'oxidation', low: 0.5, high: 0.85 }, { mechanism: 'chlorineOxidation', low: 0.5, high: 0.85 },
    ],
    note: 'Natural soap sets it; detergent does not.', sourceIds: ['memory', 'commonPractice'],
  },
  {
    id: 'anthocyanin', name: 'red fruit colour', maxTempC: null, heatSets: false, chemistry: [noSoapOnTannin],
    removal: [
      { mechanism: 'flush', low: 0.3, high: 0.6 }, { mechanism: 'surfactant', low: 0.2, high: 0.4 }, { mechanism: 'acidity', low: 0.2, high: 0.5 }, { mechanism: 'absorption', low: 0.1, high: 0.3 },
      { mechanism: 'oxidation', low: 0.6, high: 0.95 }, { mechanism: 'reduction', low: 0.4, high: 0.8 }, { mechanism: 'chlorineOxidation', low: 0.6, high: 0.9 },
    ],
    note: 'An indicator: turns blue or green in an alkaline bath, and then washes away.', sourceIds: ['memory', 'chemHandbook'],
  },
  {
    id: 'betalain', name: 'beetroot red', maxTempC: null, heatSets: false, chemistry: [],
    removal: [
      { mechanism: 'flush', low: 0.25, high: 0.55 }, { mechanism: 'surfactant', low: 0.15, high: 0.4 }, { mechanism: 'acidity', low: 0.05, high: 0.2 },
      { mechanism: 'oxidation', low: 0.6, high: 0.94 }, { mechanism: 'reduction', low: 0.4, high: 0.8 }, { mechanism: 'chlorineOxidation', low: 0.6, high: 0.9 },
    ],
    note: 'A loose natural dye, quickly bleached by peroxygen.', sourceIds: ['memory'],
  },
  {
    id: 'chlorophyll', name: 'leaf green', maxTempC: 40, heatSets: true, chemistry: [],
    removal: [{ mechanism: 'surfactant', low: 0.15, high: 0.4 }, { mechanism: 'proteolysis', low: 0.2, high: 0.5 }, { mechanism: 'polarSolvent', low: 0.3, high: 0.7 }, { mechanism: 'oxidation', low: 0.4, high: 0.75 }],
    note: '', sourceIds: ['memory'],
  },
  {
    id: 'quinoneDye', name: 'walnut-hull or bark dye', maxTempC: null, heatSets: true, chemistry: [noSoapOnTannin],
    removal: [{ mechanism: 'flush', low: 0.05, high: 0.3 }, { mechanism: 'surfactant', low: 0.1, high: 0.3 }, { mechanism: 'acidity', low: 0.05, high: 0.25 }, { mechanism: 'oxidation', low: 0.2, high: 0.5 }, { mechanism: 'reduction', low: 0.1, high: 0.4 }],
    note: 'A true dye: expect a shadow to stay.', sourceIds: ['memory'],
  },
  {
    id: 'looseDye', name: 'loose textile dye', maxTempC: null, heatSets: true, chemistry: [],
    removal: [
      { mechanism: 'flush', low: 0.1, high: 0.3 }, { mechanism: 'surfactant', low: 0.1, high: 0.3 }, { mechanism: 'dyeSuspension', low: 0.3, high: 0.75 },
      { mechanism: 'oxidation', low: 0.2, high: 0.6 }, { mechanism: 'reduction', low: 0.6, high: 0.95 }, { mechanism: 'chlorineOxidation', low: 0.4, high: 0.8 },
    ],
    note: 'Works while the dye is loose: never tumble it first.', sourceIds: ['memory', 'commonPractice'],
  },
  {
    id: 'ballpointInk', name: 'ballpoint ink', maxTempC: null, heatSets: true, chemistry: [],
    removal: [{ mechanism: 'polarSolvent', low: 0.5, high: 0.9 }, { mechanism: 'surfactant', low: 0.1, high: 0.3 }, { mechanism: 'oxidation', low: 0.05, high: 0.2 }, { mechanism: 'ketoneSolvent', low: 0.5, high: 0.9 }],
    note: '', sourceIds: ['memory', 'commonPractice'],
  },
  {
    id: 'lacquer', name: 'varnish film', maxTempC: null, heatSets: false, chemistry: [],
    removal: [{ mechanism: 'ketoneSolvent', low: 0.6, high: 0.95 }, { mechanism: 'lift', low: 0.02, high: 0.08 }, { mechanism: 'polarSolvent', low: 0.01, high: 0.08 }],
    note: 'Only ketones and esters dissolve it.', sourceIds: ['memory', 'commonPractice'],
  },
  {
    id: 'resinWax', name: 'resin and wax', maxTempC: null, heatSets: true, chemistry: [],
    removal: [{ mechanism: 'lift', low: 0.3, high: 0.6 }, { mechanism: 'polarSolvent', low: 0.4, high: 0.8 }, { mechanism: 'hydrocarbonSolvent', low: 0.4, high: 0.8 }, { mechanism: 'surfactant', low: 0.05, high: 0.2 }],
    note: 'Chill and chip before any solvent.', sourceIds: ['memory', 'commonPractice'],
  },
  {
    id: 'ironOxide', name: 'rust', maxTempC: null, heatSets: true, chemistry: noBleachOnIron,
    removal: [{ mechanism: 'chelation', low: 0.4, high: 0.85 }, { mechanism: 'acidity', low: 0.05, high: 0.25 }, { mechanism: 'reduction', low: 0.4, high: 0.8 }],
    note: 'Chlorine and peroxygen make it worse; an acid that binds iron takes it out.', sourceIds: ['memory', 'chemHandbook'],
  },
  {
    id: 'mouldPigment', name: 'mildew spots', maxTempC: null, heatSets: false, chemistry: [],
    removal: [{ mechanism: 'lift', low: 0.05, high: 0.2 }, { mechanism: 'surfactant', low: 0.1, high: 0.3 }, { mechanism: 'oxidation', low: 0.35, high: 0.75 }, { mechanism: 'acidity', low: 0.05, high: 0.25 }, { mechanism: 'chlorineOxidation', low: 0.5, high: 0.9 }],
    note: 'Old spots are often in the fibre for good.', sourceIds: ['memory', 'commonPractice'],
  },
  {
    id: 'storageYellowing', name: 'storage yellowing', maxTempC: null, heatSets: true, chemistry: [],
    removal: [{ mechanism: 'flush', low: 0.05, high: 0.2 }, { mechanism: 'surfactant', low: 0.1, high: 0.3 }, { mechanism: 'oxidation', low: 0.35, high: 0.75 }, { mechanism: 'chlorineOxidation', low: 0.2, high: 0.6 }],
    note: 'Fumes and acids of the loft; often two or three rounds.', sourceIds: ['memory', 'commonPractice'],
  },
  {
    id: 'aluminiumSebum', name: 'sweat and deodorant complex', maxTempC: 40, heatSets: true,
    chemistry: [{ chemistry: 'chlorine', verdict: 'never', protects: 'piece', sourceIds: ['commonPractice'] }],
    removal: [{ mechanism: 'acidity', low: 0.3, high: 0.6 }, { mechanism: 'surfactant', low: 0.15, high: 0.4 }, { mechanism: 'proteolysis', low: 0.1, high: 0.3 }, { mechanism: 'oxidation', low: 0.3, high: 0.65 }],
    note: 'Chlorine yellows it further. Acid first, then detergent, then peroxygen.', sourceIds: ['memory', 'commonPractice'],
  },
  {
    id: 'greyFilm', name: 'greying soil and hardness film', maxTempC: null, heatSets: false, chemistry: [],
    removal: [{ mechanism: 'surfactant', low: 0.15, high: 0.35 }, { mechanism: 'alkalinity', low: 0.3, high: 0.6 }, { mechanism: 'oxidation', low: 0.3, high: 0.6 }, { mechanism: 'chelation', low: 0.2, high: 0.5 }, { mechanism: 'acidity', low: 0.15, high: 0.4 }],
    note: '', sourceIds: ['memory'],
  },
  {
    id: 'hardnessScale', name: 'hard-water scale', maxTempC: null, heatSets: false, chemistry: [],
    removal: [{ mechanism: 'acidity', low: 0.4, high: 0.8 }, { mechanism: 'chelation', low: 0.5, high: 0.85 }],
    note: '', sourceIds: ['memory', 'chemHandbook'],
  },
  {
    id: 'softenerFilm', name: 'softener and detergent residue', maxTempC: null, heatSets: false, chemistry: [],
    removal: [{ mechanism: 'flush', low: 0.1, high: 0.3 }, { mechanism: 'alkalinity', low: 0.35, high: 0.7 }, { mechanism: 'surfactant', low: 0.25, high: 0.5 }, { mechanism: 'acidity', low: 0.15, high: 0.4 }],
    note: '', sourceIds: ['memory'],
  },
  {
    id: 'amineOdour', name: 'fishy (amine) smell', maxTempC: 40, heatSets: true, chemistry: [noChlorineOnProtein],
    removal: [{ mechanism: 'flush', low: 0.2, high: 0.4 }, { mechanism: 'acidity', low: 0.5, high: 0.85 }, { mechanism: 'surfactant', low: 0.2, high: 0.4 }],
    note: 'A base: acid binds it. Cold first, hot air sets it.', sourceIds: ['memory', 'chemHandbook'],
  },
  {
    id: 'urineSalts', name: 'urine salts and smell', maxTempC: 40, heatSets: true, chemistry: [noChlorineOnProtein],
    removal: [{ mechanism: 'flush', low: 0.3, high: 0.6 }, { mechanism: 'surfactant', low: 0.15, high: 0.4 }, { mechanism: 'acidity', low: 0.3, high: 0.6 }, { mechanism: 'proteolysis', low: 0.3, high: 0.6 }, { mechanism: 'oxidation', low: 0.3, high: 0.6 }],
    note: 'Never chlorine: urine makes chloramines with it.', sourceIds: ['memory', 'poisonCentre'],
  },
  {
    id: 'fattyAcidOdour', name: 'sweat smell', maxTempC: null, heatSets: true, chemistry: [],
    removal: [{ mechanism: 'airing', low: 0.15, high: 0.4 }, { mechanism: 'acidity', low: 0.3, high: 0.6 }, { mechanism: 'surfactant', low: 0.25, high: 0.5 }, { mechanism: 'alkalinity', low: 0.35, high: 0.65 }, { mechanism: 'oxidation', low: 0.4, high: 0.75 }],
    note: 'Airing right after use is half the cure.', sourceIds: ['memory', 'commonPractice'],
  },
  {
    id: 'smokeOdour', name: 'smoke smell', maxTempC: null, heatSets: true, chemistry: [],
    removal: [{ mechanism: 'airing', low: 0.25, high: 0.55 }, { mechanism: 'acidity', low: 0.25, high: 0.5 }, { mechanism: 'surfactant', low: 0.3, high: 0.6 }, { mechanism: 'alkalinity', low: 0.2, high: 0.4 }, { mechanism: 'absorption', low: 0.1, high: 0.3 }],
    note: '', sourceIds: ['memory', 'commonPractice'],
  },
  {
    id: 'mustyOdour', name: 'musty smell', maxTempC: null, heatSets: false, chemistry: [],
    removal: [{ mechanism: 'airing', low: 0.2, high: 0.5 }, { mechanism: 'acidity', low: 0.25, high: 0.5 }, { mechanism: 'surfactant', low: 0.2, high: 0.45 }, { mechanism: 'oxidation', low: 0.4, high: 0.75 }, { mechanism: 'absorption', low: 0.1, high: 0.25 }],
    note: 'Old smells get stronger when wet: expected.', sourceIds: ['memory', 'commonPractice'],
  },
];
