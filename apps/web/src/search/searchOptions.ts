import { FLOOR, type Match, type Named, NameSearch } from './nameSearch';

export interface Option extends Named {
  readonly hint?: string;
}

const searches = new WeakMap<readonly Named[], NameSearch<Named>>();

/** The search over a list of records, built once for each list. */
export function searchOver<T extends Named>(records: readonly T[]): NameSearch<T> {
  const known = searches.get(records) ?? new NameSearch<Named>(records);
  searches.set(records, known);
  return known as NameSearch<T>;
}

/** What was found: answers, or, where none is good enough, what comes nearest. */
export interface Found<T extends Named> {
  readonly answers: readonly T[];
  readonly nearest: readonly T[];
}

const MAX_NEAREST = 3;

/** Answers to a question over one list, and the nearest where there is none. */
export function findOptions<T extends Named>(options: readonly T[], query: string): Found<T> {
  return split(searchOver(options).find(query));
}

export function split<T extends Named>(matches: readonly Match<T>[]): Found<T> {
  const answers = matches.filter(({ score }) => score >= FLOOR).map(({ record }) => record);
  const nearest = answers.length > 0 ? [] : matches.slice(0, MAX_NEAREST).map(({ record }) => record);
  return { answers, nearest };
}

/** Options by any word people use, forgiving a slip; without a query all of them in their own order. */
export function searchOptions<T extends Option>(options: readonly T[], query: string): readonly T[] {
  if (query.trim() === '') return options;
  const { answers, nearest } = findOptions(options, query);
  return answers.length > 0 ? answers : nearest;
}
