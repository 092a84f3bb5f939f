import type { Sign } from '../schema/hazard.js';

const cp = ['commonPractice'];
export const signs: readonly Sign[] = [
  { id: 'fizzOnBlood', kind: 'expected', text: 'Peroxide fizzes on blood: normal.', withAgentIds: ['peroxide', 'oxygenBleach'], sourceIds: ['chemHandbook'] },
  { id: 'brownRemainder', kind: 'expected', text: 'A brown remainder may be iron from the blood: no more bleach on it.', withAgentIds: [], sourceIds: cp },
  { id: 'blueTurn', kind: 'expected', text: 'Red fruit turning blue or green in an alkaline bath is normal and washes away.', withAgentIds: ['oxygenBleach', 'bakingSoda', 'washingSoda'], sourceIds: ['chemHandbook'] },
  { id: 'vinegarSmellGoes', kind: 'expected', text: 'The vinegar smell goes as it dries.', withAgentIds: ['vinegar'], sourceIds: cp },
  { id: 'strongerWhenWet', kind: 'expected', text: 'Old smells get stronger while wet.', withAgentIds: [], sourceIds: cp },
  { id: 'waterDarkens', kind: 'expected', text: 'The water darkens: old soil or dye. Press a white cloth on the piece to tell.', withAgentIds: [], sourceIds: cp },
  { id: 'sulphurSmell', kind: 'expected', text: 'A reducer bath smells of sulphur and may first turn dyes another colour.', withAgentIds: ['runRemover'], sourceIds: cp },
  { id: 'redCurcumin', kind: 'expected', text: 'Turmeric turning red-brown with anything alkaline: rinse, it fades again in light.', withAgentIds: [], sourceIds: ['chemHandbook'] },
  { id: 'foamStays', kind: 'expected', text: 'Dye-suspending detergent foams for long: rinse until none is left.', withAgentIds: ['dyeSuspender'], sourceIds: cp },
  { id: 'wineTurnsAtOnce', kind: 'expected', text: 'Peroxide changes red fruit within seconds to minutes: if nothing moves, more will not either.', withAgentIds: ['peroxide'], sourceIds: cp },
  { id: 'dyeOnCloth', kind: 'alarm', text: "The piece's own dye on the white cloth: stop, rinse cold.", withAgentIds: [], sourceIds: cp },
  { id: 'felting', kind: 'alarm', text: 'The cloth thickens or mats: stop, no more rubbing or warmth.', withAgentIds: [], sourceIds: cp },
  { id: 'sticky', kind: 'alarm', text: 'The surface turns sticky, stiff or glassy: stop, blot, air.', withAgentIds: [], sourceIds: cp },
  { id: 'holes', kind: 'alarm', text: 'Threads part or a hole opens: stop, lift it flat on a towel.', withAgentIds: [], sourceIds: cp },
  { id: 'groundChanges', kind: 'alarm', text: 'The colour around the mark changes: stop, rinse.', withAgentIds: [], sourceIds: cp },
  { id: 'fumes', kind: 'alarm', text: 'Stinging fumes or heat: leave it, open the window, go out.', withAgentIds: [], sourceIds: ['poisonCentre'] },
];
