import { describe, expect, it } from 'vitest';
import { DRAWN, type DrawnSentence, factsOfDrawn } from '../test/expert/drawnSentences.js';
import { toldBy } from '../test/expert/tokensOf.js';
import { knowledge } from '../test/fixtures.js';
import { openHouse } from '../test/loosestPieces.js';
import { planTreatment } from '../treatment/planTreatment.js';

/** Sentences whose first thing is another here, each with why. */
const OTHERWISE: Readonly<Record<string, string>> = {
  'hennaMark tableLinen hours: shake+coldFlush+water+rinse+letDry':
    'henna is let dry and crumbled: said so, beside the water that any other hair dye wants',
  'rubberScuffMark babyClothes weeks: doNotRub':
    'left dry first; the solvent or detergent comes as the first step',
};

/** What the hand does first: the verbs at once, else the first step of round one. */
function firstOf(sentence: DrawnSentence): string[] {
  const plan = planTreatment(factsOfDrawn(sentence), openHouse, knowledge);
  const told = toldBy(plan).filter(({ tokens }) => tokens.size > 0);
  const atOnce = told.filter(({ kind }) => kind === 'atOnce');
  const first = atOnce.length > 0 ? atOnce : told.slice(0, told[0]?.kind === 'test' ? 2 : 1);
  return [...new Set(first.flatMap(({ tokens }) => [...tokens]))];
}

describe('forty DRAWN drawn by a seed', () => {
  it('begin as an experienced hand would', () => {
    const others = DRAWN.map((one) => ({ one, first: firstOf(one) }))
      .filter(({ one, first }) => !first.some((token) => one.first.includes(token)))
      .map(({ one, first }) => `${one.markId} ${one.itemId} ${one.age}: ${first.join('+') || 'nothing'}`);
    expect(others).toEqual(Object.keys(OTHERWISE));
  });
});
