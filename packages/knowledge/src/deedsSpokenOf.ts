import type { Deed } from './schema/vocabulary.js';

/** Words that speak of a deed. */
const WORDS: readonly (readonly [Deed, RegExp])[] = [
  ['sun', /\bsun\b/i],
  ['tumble', /tumbl|dryer\b/i],
  ['brush', /\bbrush/i],
  ['bleach', /bleach|\boxygen\b|peroxide/i],
  ['chlorine', /chlorine/i],
  ['steam', /\bsteam/i],
  ['wring', /\bwring|\bspin\b/i],
  ['spray', /spray/i],
  ['freezer', /\bfreezer\b/i],
  ['motor', /\bvacuum|\bfan\b/i],
  ['heat', /\bhot\b|\bheat\b|\biron\b|\bwarm/i],
  ['rub', /\brub(bing)?\b/i],
  ['soap', /\bsoap\b/i],
  ['soda', /\bsoda\b/i],
  ['acid', /vinegar|\bacid\b/i],
  ['ammonia', /ammonia/i],
  ['solvent', /\bsolvent|\balcohol\b|thinner/i],
  ['softener', /softener/i],
  ['water', /\bno water\b(?! above)|\bno liquid\b/i],
];

/** What a line speaks of; it must say of each whether it asks for it, forbids it or only names it. */
export const deedsSpokenOf = (text: string): Deed[] =>
  WORDS.filter(([, words]) => words.test(text)).map(([deed]) => deed);
