import type { Lexicon } from '@feverfew/core';
import type { Knowledge } from '@feverfew/knowledge';

/** Names for words the server has to say itself: reasons of a refusal. In °C and metric. */
export function lexiconOf(knowledge: Knowledge): Lexicon {
  const names = new Map<string, string>([
    ...[
      ...knowledge.agents,
      ...knowledge.fibres,
      ...knowledge.items,
      ...knowledge.clothKinds,
      ...knowledge.hygienes,
    ].map((record) => [record.id, record.name] as const),
    ...knowledge.forbiddenPairs.map((pair) => [pair.id, pair.happens] as const),
  ]);
  return {
    name: (id) => names.get(id) ?? id,
    temp: (tempC) => `${Math.round(tempC)} °C`,
    volume: (volumeML) =>
      volumeML >= 1000 ? `${Math.round(volumeML / 100) / 10} L` : `${Math.round(volumeML)} mL`,
  };
}
