import MiniSearch from 'minisearch';

export interface Option {
  readonly id: string;
  readonly name: string;
  readonly aliases: readonly string[];
  readonly hint?: string;
}

const searches = new WeakMap<readonly Option[], MiniSearch>();

/** Finds options by any word people use, forgiving a slip; without a query all of them in their own order. */
export function searchOptions<T extends Option>(options: readonly T[], query: string): T[] {
  if (query.trim() === '') return [...options];
  const byId = new Map(options.map((option) => [option.id, option]));
  return searchOf(options)
    .search(query)
    .flatMap((hit) => byId.get(hit.id as string) ?? []);
}

/** Index of names and other words, built once for each list. */
export function searchOf(options: readonly Option[]): MiniSearch {
  const known = searches.get(options);
  if (known) return known;
  const search = new MiniSearch({
    fields: ['name', 'aliases'],
    searchOptions: { prefix: true, fuzzy: (term) => (term.length > 3 ? 0.25 : false), boost: { name: 2 } },
  });
  search.addAll(options.map(({ id, name, aliases }) => ({ id, name, aliases: aliases.join(' ') })));
  searches.set(options, search);
  return search;
}
