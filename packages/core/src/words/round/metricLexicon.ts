import type { Knowledge } from '@feverfew/knowledge';
import type { Lexicon } from './lexicon.js';

const known = new WeakMap<Knowledge, Lexicon>();

/** Names of the knowledge, in °C and metric measures. */
export function metricLexicon(knowledge: Knowledge): Lexicon {
  const before = known.get(knowledge);
  if (before) return before;
  const names = new Map<string, string>([
    ...[
      knowledge.agents,
      knowledge.methods,
      knowledge.marks,
      knowledge.components,
      knowledge.fibres,
      knowledge.items,
      knowledge.clothKinds,
      knowledge.hygienes,
    ].flatMap((records) => records.map(({ id, name }) => [id, name] as const)),
    ...knowledge.forbiddenPairs.map(({ id, happens }) => [id, happens] as const),
  ]);
  const made: Lexicon = {
    name: (id) => names.get(id) ?? id,
    temp: (tempC) => `${Math.round(tempC)} °C`,
    volume: (volumeML) =>
      volumeML >= 1000 ? `${Math.round(volumeML / 100) / 10} L` : `${Math.round(volumeML)} mL`,
  };
  known.set(knowledge, made);
  return made;
}
