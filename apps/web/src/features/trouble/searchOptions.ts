import MiniSearch from 'minisearch';

export interface Option {
  readonly id: string;
  readonly name: string;
  readonly aliases: readonly string[];
  readonly hint?: string;
}

/** Finds options by any word people use, forgiving a slip; without a query all of them in their own order. */
export function searchOptions<T extends Option>(options: readonly T[], query: string): T[] {
  if (query.trim() === '') return [...options];
  const search = new MiniSearch<{ id: string; name: string; aliases: string }>({
    fields: ['name', 'aliases'],
    searchOptions: { prefix: true, fuzzy: (term) => (term.length > 3 ? 0.25 : false), boost: { name: 2 } },
  });
  search.addAll(options.map(({ id, name, aliases }) => ({ id, name, aliases: aliases.join(' ') })));
  return search.search(query).flatMap((hit) => options.filter((option) => option.id === hit.id));
}
