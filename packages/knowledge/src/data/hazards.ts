import type { ForbiddenPair } from '../schema/hazard.js';

const both = { protects: 'both' as const, blocksSurface: true };

/** Each pair stands on its own ground and has its own test. */
export const forbiddenPairs: readonly ForbiddenPair[] = [
  { ...both, id: 'chlorineAcid', a: 'chlorine', b: 'weakAcid', apart: 'plan', happens: 'gives off chlorine gas', sourceIds: ['poisonCentre', 'chemHandbook'] },
  { ...both, id: 'chlorineOxalic', a: 'chlorine', b: 'oxalicAcid', apart: 'plan', happens: 'gives off chlorine gas', sourceIds: ['poisonCentre', 'chemHandbook'] },
  { ...both, id: 'chlorineAmmonia', a: 'chlorine', b: 'ammonia', apart: 'plan', happens: 'gives off chloramines', sourceIds: ['poisonCentre', 'chemHandbook'] },
  { ...both, id: 'chlorinePeroxide', a: 'chlorine', b: 'peroxide', apart: 'plan', happens: 'releases oxygen violently and cancels both', sourceIds: ['chemHandbook'] },
  { ...both, id: 'chlorinePercarbonate', a: 'chlorine', b: 'percarbonate', apart: 'plan', happens: 'releases oxygen violently and cancels both', sourceIds: ['chemHandbook'] },
  { ...both, id: 'chlorineAlcohol', a: 'chlorine', b: 'alcohol', apart: 'plan', happens: 'makes chlorinated organics', sourceIds: ['chemHandbook'] },
  { ...both, id: 'chlorineKetone', a: 'chlorine', b: 'ketone', apart: 'plan', happens: 'makes chlorinated organics', sourceIds: ['chemHandbook'] },
  { ...both, id: 'chlorineReducer', a: 'chlorine', b: 'reducer', apart: 'plan', happens: 'heats up and fumes', sourceIds: ['chemHandbook'] },
  { id: 'peroxideAcid', a: 'peroxide', b: 'weakAcid', apart: 'rinse', blocksSurface: false, protects: 'both', happens: 'kept together makes peracetic acid', sourceIds: ['poisonCentre', 'chemHandbook'] },
  { id: 'percarbonateAcid', a: 'percarbonate', b: 'weakAcid', apart: 'rinse', blocksSurface: false, protects: 'both', happens: 'foams over and kept together makes peracetic acid', sourceIds: ['chemHandbook'] },
  { ...both, id: 'percarbonateOxalic', a: 'percarbonate', b: 'oxalicAcid', apart: 'rinse', happens: 'foams and heats', sourceIds: ['chemHandbook'] },
  { ...both, id: 'peroxideKetone', a: 'peroxide', b: 'ketone', apart: 'rinseAndDry', happens: 'can make explosive peroxides', sourceIds: ['chemHandbook', 'poisonCentre'] },
  { ...both, id: 'percarbonateKetone', a: 'percarbonate', b: 'ketone', apart: 'rinseAndDry', happens: 'can make explosive peroxides', sourceIds: ['chemHandbook'] },
  { ...both, id: 'reducerAcid', a: 'reducer', b: 'weakAcid', apart: 'rinse', happens: 'gives off sulphur dioxide', sourceIds: ['chemHandbook', 'clp'] },
  { ...both, id: 'reducerOxalic', a: 'reducer', b: 'oxalicAcid', apart: 'rinse', happens: 'gives off sulphur dioxide', sourceIds: ['chemHandbook', 'clp'] },
  { ...both, id: 'reducerPeroxide', a: 'reducer', b: 'peroxide', apart: 'rinse', happens: 'heats violently and cancels both', sourceIds: ['chemHandbook'] },
  { ...both, id: 'reducerPercarbonate', a: 'reducer', b: 'percarbonate', apart: 'rinse', happens: 'heats violently and cancels both', sourceIds: ['chemHandbook'] },
  { ...both, id: 'alcoholHydrocarbon', a: 'alcohol', b: 'hydrocarbon', apart: 'rinseAndDry', happens: 'builds up more flammable vapour than one solvent alone', sourceIds: ['commonPractice'] },
  { ...both, id: 'ketoneHydrocarbon', a: 'ketone', b: 'hydrocarbon', apart: 'rinseAndDry', happens: 'builds up more flammable vapour than one solvent alone', sourceIds: ['commonPractice'] },
  { ...both, id: 'alcoholKetone', a: 'alcohol', b: 'ketone', apart: 'rinseAndDry', happens: 'builds up more flammable vapour than one solvent alone', sourceIds: ['commonPractice'] },
  { ...both, id: 'ketoneEster', a: 'ketone', b: 'ester', apart: 'rinseAndDry', happens: 'builds up more flammable vapour than one solvent alone', sourceIds: ['commonPractice'] },
  { ...both, id: 'esterAlcohol', a: 'ester', b: 'alcohol', apart: 'rinseAndDry', happens: 'builds up more flammable vapour than one solvent alone', sourceIds: ['commonPractice'] },
  { ...both, id: 'esterHydrocarbon', a: 'ester', b: 'hydrocarbon', apart: 'rinseAndDry', happens: 'builds up more flammable vapour than one solvent alone', sourceIds: ['commonPractice'] },
  { id: 'ammoniaAcid', a: 'ammonia', b: 'weakAcid', apart: 'rinse', blocksSurface: false, protects: 'both', happens: 'cancels both and can spatter', sourceIds: ['chemHandbook'] },
];
