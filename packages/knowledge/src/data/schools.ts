import type { School } from '../schema/hazard.js';

const s = (id: string, dispute: string, view: string, isDefault: boolean, why: string): School => ({ id, dispute, view, isDefault, why, sourceIds: ['commonPractice'] });
export const schools: readonly School[] = [
  s('noSalt', 'salt', 'No salt', true, 'Salt is what dyers use to fix dye.'),
  s('saltAndSoda', 'salt', 'Salt and soda water', false, 'Salt takes up liquid while the spill is wet.'),
  s('vinegarOneToOne', 'vinegarStrength', 'Vinegar 1 to 1', true, 'Strong enough to see within minutes whether it works.'),
  s('vinegarWeak', 'vinegarStrength', '1 tbsp vinegar in 2 cups', false, 'Less smell, less acid.'),
  s('oilPowder', 'oil', 'Absorbent powder and detergent', true, 'No flammable solvent in the house.'),
  s('oilSolvent', 'oil', 'Solvent first', false, 'Dry side before wet side: stronger on old oil.'),
  s('clearDetergent', 'codeW', 'Clear dish detergent', true, 'Does not set tannin.'),
  s('whiteSoapOnW', 'codeW', 'White soap and cold water', false, 'Very little water; but soap sets tannin.'),
  s('lessAtFirst', 'dose', 'Less at first', true, 'Too much stays in the cloth.'),
  s('doseByLabel', 'dose', 'Dose by label', false, 'The maker tested it.'),
  s('vinegarNotSoftener', 'softener', 'Vinegar rinse', true, 'Softener film stops terry drinking.'),
  s('softener', 'softener', 'Softener', false, 'Softer hand on line-dried towels.'),
  s('dissolveFirst', 'bleachDose', 'Dissolve first', true, 'Undissolved grains bleach in spots.'),
  s('sprinkle', 'bleachDose', 'Sprinkle over', false, 'Gives bad zones more.'),
  s('dyeSuspendingFirst', 'dyeRun', 'Dye-suspending soak', true, "Leaves the piece's own dye alone."),
  s('reducerFirst', 'dyeRun', 'Reducer', false, 'Quicker on white cotton.'),
  s('deepStripB', 'deepStrip', 'Soda and detergent strip', true, 'For build-up on sturdy, hot-washable pieces.'),
  s('noStrip', 'deepStrip', 'Not needed when washed hot', false, 'Pieces always washed hot have little to give up.'),
  s('oxygenWhites', 'whites', 'Oxygen', true, 'Works without the risks of chlorine.'),
  s('chlorineWhites', 'whites', 'Chlorine', false, 'Quick on sturdy white cotton.'),
];
