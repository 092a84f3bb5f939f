import type { Knowledge } from '@feverfew/knowledge';
import type { SentenceCatalogue } from '../../sentence/phraseBook.js';

/** The names and typed words of the knowledge, as the catalogue hands them to the reader. */
export const sentenceCatalogue = (knowledge: Knowledge): SentenceCatalogue => ({
  ...knowledge,
  items: knowledge.items.map((item) => ({ ...item, usualFibres: item.defaultFibres })),
});
