import { readFileSync } from 'node:fs';
import type { Age } from '@feverfew/knowledge';
import { describe, expect, it } from 'vitest';
import { toldBy } from '../test/expert/tokensOf.js';
import { knowledge, piece, trouble } from '../test/fixtures.js';
import { openHouse } from '../test/loosestPieces.js';
import { planTreatment } from '../treatment/planTreatment.js';

interface Sentence {
  readonly markId: string;
  readonly itemId: string;
  readonly age: Age;
  readonly first: readonly string[];
}
const { sentences } = JSON.parse(
  readFileSync(new URL('../../../../fixtures/expert/drawn-sentences.json', import.meta.url), 'utf8'),
) as { readonly sentences: readonly Sentence[] };

/** Sentences whose first thing is another here, each with why. */
const OTHERWISE: Readonly<Record<string, string>> = {
  'newStiff carpet hours: waterTest+dishDetergent':
    'nobody calls a carpet stiff from new; foam after a test is harmless',
  'hennaMark tableLinen hours: shake+coldFlush+water+rinse+letDry':
    'henna is let dry and crumbled: said so, beside the water that any other hair dye wants',
  'rubberScuffMark babyClothes weeks: doNotRub':
    'left dry first; the solvent or detergent comes as the first step',
};

/** What the hand does first: the verbs at once, else the first step of round one. */
function firstOf({ markId, itemId, age }: Sentence): string[] {
  const item = knowledge.items.find(({ id }) => id === itemId) ?? expect.unreachable();
  const parts = item.partNames.map((name) => ({ name, fibres: item.defaultFibres }));
  const on = { ...piece(itemId, {}, { colour: 'pale' }), parts };
  const wetness = age === 'minutes' ? 'wet' : 'dry';
  const isMark = knowledge.marks.find(({ id }) => id === markId)?.kind === 'mark';
  const size = isMark ? 'unknown' : 'allOver';
  const plan = planTreatment(trouble(markId, on, { age, wetness, size }), openHouse, knowledge);
  const told = toldBy(plan).filter(({ tokens }) => tokens.size > 0);
  const atOnce = told.filter(({ kind }) => kind === 'atOnce');
  const first = atOnce.length > 0 ? atOnce : told.slice(0, told[0]?.kind === 'test' ? 2 : 1);
  return [...new Set(first.flatMap(({ tokens }) => [...tokens]))];
}

describe('forty sentences drawn by a seed', () => {
  it('begin as an experienced hand would', () => {
    const others = sentences
      .map((one) => ({ one, first: firstOf(one) }))
      .filter(({ one, first }) => !first.some((token) => one.first.includes(token)))
      .map(({ one, first }) => `${one.markId} ${one.itemId} ${one.age}: ${first.join('+') || 'nothing'}`);
    expect(others).toEqual(Object.keys(OTHERWISE));
  });
});
