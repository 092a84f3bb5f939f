import { readFileSync } from 'node:fs';
import type { Age } from '@feverfew/knowledge';
import type { TroubleFacts } from '../../trouble/troubleFacts.js';
import { knowledge, piece, trouble } from '../fixtures.js';

/** A sentence drawn by lot, with the first thing a hand would do, written before planning. */
export interface DrawnSentence {
  readonly markId: string;
  readonly itemId: string;
  readonly age: Age;
  readonly first: readonly string[];
}

export const { sentences: DRAWN } = JSON.parse(
  readFileSync(new URL('../../../../../fixtures/expert/drawn-sentences.json', import.meta.url), 'utf8'),
) as { readonly sentences: readonly DrawnSentence[] };

export function factsOfDrawn({ markId, itemId, age }: DrawnSentence): TroubleFacts {
  const item = knowledge.items.find(({ id }) => id === itemId);
  if (!item) throw new Error(`no item ${itemId}`);
  const parts = item.partNames.map((name) => ({ name, fibres: item.defaultFibres }));
  const on = { ...piece(itemId, {}, { colour: 'pale' }), parts };
  const wetness = age === 'minutes' ? 'wet' : 'dry';
  const isMark = knowledge.marks.find(({ id }) => id === markId)?.kind === 'mark';
  return trouble(markId, on, { age, wetness, size: isMark ? 'unknown' : 'allOver' });
}
