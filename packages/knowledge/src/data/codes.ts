import type { CareSignFact, CodeFact } from '../schema/code.js';

/** Signs as ISO 3758 structures them, with what comes nearest in the dotted system of ASTM D5489. Both recalled. */
export const careSignFacts: readonly CareSignFact[] = [
  { id: 'signWash30', group: 'washing', name: 'tub, 30', means: 'Wash at most 30 °C.', forbids: 'Hotter water, by machine or by hand.', dotted: 'one dot (cold, 30 °C)', sourceIds: ['iso3758', 'astmD5489'] },
  { id: 'signWash40', group: 'washing', name: 'tub, 40', means: 'Wash at most 40 °C.', forbids: 'Hotter water, by machine or by hand.', dotted: 'two dots (warm, 40 °C)', sourceIds: ['iso3758', 'astmD5489'] },
  { id: 'signWash50', group: 'washing', name: 'tub, 50', means: 'Wash at most 50 °C.', forbids: 'Hotter water, by machine or by hand.', dotted: 'three dots (hot, 50 °C)', sourceIds: ['iso3758', 'astmD5489'] },
  { id: 'signWash60', group: 'washing', name: 'tub, 60', means: 'Wash at most 60 °C.', forbids: 'Hotter water, by machine or by hand.', dotted: 'four dots (60 °C)', sourceIds: ['iso3758', 'astmD5489'] },
  { id: 'signWash70', group: 'washing', name: 'tub, 70', means: 'Wash at most 70 °C.', forbids: 'Hotter water, by machine or by hand.', dotted: 'five dots (70 °C)', sourceIds: ['iso3758', 'astmD5489'] },
  { id: 'signWash95', group: 'washing', name: 'tub, 95', means: 'Wash at most 95 °C.', forbids: 'Hotter water, by machine or by hand.', dotted: 'six dots (95 °C)', sourceIds: ['iso3758', 'astmD5489'] },
  { id: 'signBar', group: 'washing', name: 'one bar under the tub', means: 'Mild: less movement, less spin, less load.', forbids: 'A normal programme.', dotted: 'one bar (permanent press)', sourceIds: ['iso3758', 'astmD5489'] },
  { id: 'signBars', group: 'washing', name: 'two bars under the tub', means: 'Very mild.', forbids: 'A normal or mild programme.', dotted: 'two bars (delicate)', sourceIds: ['iso3758', 'astmD5489'] },
  { id: 'signHand', group: 'washing', name: 'tub with a hand', means: 'Hand wash, at most 40 °C, barely moved.', forbids: 'The machine, unless it has a hand-wash programme the label names.', dotted: 'tub with a hand', sourceIds: ['iso3758', 'astmD5489'] },
  { id: 'signNoWash', group: 'washing', name: 'crossed tub', means: 'Do not wash.', forbids: 'Immersion and machine. Spot work stays small.', dotted: 'crossed tub', sourceIds: ['iso3758', 'astmD5489'] },
  { id: 'signAnyBleach', group: 'bleaching', name: 'empty triangle', means: 'Any bleach.', forbids: 'Nothing; the fibre still may.', dotted: 'empty triangle', sourceIds: ['iso3758', 'astmD5489'] },
  { id: 'signOxygen', group: 'bleaching', name: 'triangle with two lines', means: 'Oxygen bleach only.', forbids: 'Chlorine.', dotted: 'triangle with two lines (non-chlorine)', sourceIds: ['iso3758', 'astmD5489'] },
  { id: 'signNoBleach', group: 'bleaching', name: 'crossed triangle', means: 'Do not bleach.', forbids: 'Chlorine and peroxygen alike.', dotted: 'crossed triangle', sourceIds: ['iso3758', 'astmD5489'] },
  { id: 'signTumble', group: 'tumbleDrying', name: 'circle in square, two dots', means: 'Tumble normal, exhaust at most 80 °C.', forbids: 'Hotter.', dotted: 'circle in square: two dots medium, three dots high', sourceIds: ['iso3758', 'astmD5489'] },
  { id: 'signTumbleLow', group: 'tumbleDrying', name: 'circle in square, one dot', means: 'Tumble low, exhaust at most 60 °C.', forbids: 'Normal heat.', dotted: 'circle in square, one dot', sourceIds: ['iso3758', 'astmD5489'] },
  { id: 'signNoTumble', group: 'tumbleDrying', name: 'crossed circle in square', means: 'Do not tumble.', forbids: 'The dryer.', dotted: 'crossed circle in square', sourceIds: ['iso3758', 'astmD5489'] },
  { id: 'signLine', group: 'naturalDrying', name: 'square, one upright line', means: 'Line dry.', forbids: '—', dotted: 'square with a curve at the top', sourceIds: ['iso3758', 'astmD5489'] },
  { id: 'signDrip', group: 'naturalDrying', name: 'square, two upright lines', means: 'Drip dry, no spin.', forbids: 'Spinning and wringing.', dotted: 'square with three upright lines', sourceIds: ['iso3758', 'astmD5489'] },
  { id: 'signFlat', group: 'naturalDrying', name: 'square, one level line', means: 'Dry flat.', forbids: 'Hanging.', dotted: 'square with a level line', sourceIds: ['iso3758', 'astmD5489'] },
  { id: 'signShade', group: 'naturalDrying', name: 'slanted lines in the corner', means: 'Dry in the shade.', forbids: 'Sun.', dotted: 'slanted lines in the corner', sourceIds: ['iso3758', 'astmD5489'] },
  { id: 'signIron3', group: 'ironing', name: 'iron, three dots', means: 'Iron hot: 200 °C in the 2012 edition (older tags 200, newer 210).', forbids: '—', dotted: 'three dots, high', sourceIds: ['iso3758', 'astmD5489'] },
  { id: 'signIron2', group: 'ironing', name: 'iron, two dots', means: 'Iron medium: 150 °C (newer 160).', forbids: 'Hotter.', dotted: 'two dots, medium', sourceIds: ['iso3758', 'astmD5489'] },
  { id: 'signIron1', group: 'ironing', name: 'iron, one dot', means: 'Iron cool: 110 °C (newer 120), no steam.', forbids: 'Steam and hotter.', dotted: 'one dot, low', sourceIds: ['iso3758', 'astmD5489'] },
  { id: 'signNoIron', group: 'ironing', name: 'crossed iron', means: 'Do not iron.', forbids: 'Iron and steam.', dotted: 'crossed iron', sourceIds: ['iso3758', 'astmD5489'] },
  { id: 'signP', group: 'professionalCare', name: 'circle, P', means: 'Professional dry cleaning, usual solvents.', forbids: 'No permission for solvents at home.', dotted: 'circle (P)', sourceIds: ['iso3758', 'astmD5489'] },
  { id: 'signF', group: 'professionalCare', name: 'circle, F', means: 'Professional dry cleaning, hydrocarbons only.', forbids: 'No permission for solvents at home.', dotted: 'circle (F)', sourceIds: ['iso3758', 'astmD5489'] },
  { id: 'signNoDryClean', group: 'professionalCare', name: 'crossed circle', means: 'Do not dry clean.', forbids: 'Dry-cleaning solvents, petroleum solvents at home too.', dotted: 'crossed circle', sourceIds: ['iso3758', 'astmD5489'] },
  { id: 'signW', group: 'professionalCare', name: 'circle, W', means: 'Professional wet cleaning.', forbids: '—', dotted: 'circle (W)', sourceIds: ['iso3758', 'astmD5489'] },
  { id: 'signNoWet', group: 'professionalCare', name: 'crossed circle, W', means: 'Do not wet clean.', forbids: 'Professional wet cleaning.', dotted: '—', sourceIds: ['iso3758', 'astmD5489'] },
  { id: 'signProBar', group: 'professionalCare', name: 'bar under the circle', means: 'Mild process; two bars very mild.', forbids: 'The normal process.', dotted: 'bar under the circle', sourceIds: ['iso3758', 'astmD5489'] },
];

/** Codes of upholstery and carpets, for cleaning in place; removable covers go by their sewn-in label. */
export const codes: readonly CodeFact[] = [
  { id: 'codeW', code: 'W', means: 'Water-based agents.', atHome: 'Damp, blotted, little water.', sourceIds: ['commonPractice'] },
  { id: 'codeS', code: 'S', means: 'Solvent only, no water.', atHome: 'Lift, blot dry, absorbent powder; the rest is for a professional: solvent vapour stays in foam.', sourceIds: ['commonPractice'] },
  { id: 'codeWS', code: 'WS or SW', means: 'Either.', atHome: 'Damp, blotted; no solvent on foam at home.', sourceIds: ['commonPractice'] },
  { id: 'codeX', code: 'X', means: 'Vacuum or brush only.', atHome: 'Vacuum and a soft brush; the rest is for a professional.', sourceIds: ['commonPractice'] },
  { id: 'codeUnknown', code: 'no code', means: 'Not known.', atHome: 'Treated as X until a hidden spot has taken a drop of water without a ring.', sourceIds: ['commonPractice'] },
];
