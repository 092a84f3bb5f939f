import type { Knowledge } from './knowledge.js';

type Family = 'marks' | 'items' | 'fibres' | 'agents';
/** Family a field of the reading rules points into, by how its name ends. */
const FAMILY_BY_ENDING: readonly (readonly [RegExp, Family])[] = [
  [/markIds?$/i, 'marks'],
  [/itemIds?$/i, 'items'],
  [/fibreIds?$/i, 'fibres'],
  [/(agent|tried)Ids?$/i, 'agents'],
];
/** Fields that point to a trouble, though their name does not end so. */
const MARK_FIELDS = ['unknownSmellId'];

/** Ids in the rules of the reader of sentences that do not exist: such a rule would silently do nothing. */
export function readingFaults(knowledge: Knowledge): string[] {
  const { readingRules, typedWords } = knowledge;
  const has = (family: Family, id: unknown): boolean => knowledge[family].some((record) => record.id === id);
  const familyOf = (key: string): Family | undefined =>
    MARK_FIELDS.includes(key) ? 'marks' : FAMILY_BY_ENDING.find(([ending]) => ending.test(key))?.[1];
  const walk = (value: unknown, path: string): string[] => {
    if (value === null || typeof value !== 'object') return [];
    return Object.entries(value).flatMap(([key, child]) => {
      const family = familyOf(key);
      if (!family) return walk(child, `${path}.${key}`);
      return [child]
        .flat()
        .flatMap((id) => (has(family, id) ? [] : [`${path}.${key}: no ${family} "${id}"`]));
    });
  };
  const then = [
    ...readingRules.markRules.map(({ isThen }) => ['marks', isThen] as const),
    ...readingRules.kindRules.map(({ isThen }) => ['items', isThen] as const),
  ].flatMap(([family, id]) => (has(family, id) ? [] : [`readingRules.isThen: no ${family} "${id}"`]));
  const words = typedWords.flatMap(({ id, kind, value }) => {
    const family = { mark: 'marks', item: 'items', fibre: 'fibres', agent: 'agents' } as const;
    const own = family[kind as keyof typeof family];
    return own && !value.split('+').every((one) => has(own, one))
      ? [`typedWords.${id}: no ${own} "${value}"`]
      : [];
  });
  return [...walk(readingRules, 'readingRules'), ...then, ...words];
}
