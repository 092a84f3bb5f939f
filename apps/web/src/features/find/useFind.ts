import { useEffect, useState } from 'react';
import type { findEverything } from './findView';

export type Find = typeof findEverything;

let loaded: Find | null = null;

/**
 * The search and the reader of sentences. They are fetched when a person begins to type: a first page does without.
 * @returns null until they are there
 */
export function useFind(isWanted: boolean): Find | null {
  const [find, setFind] = useState<Find | null>(() => loaded);
  useEffect(() => {
    if (!isWanted || find) return;
    void import('./findView').then((module) => {
      loaded = module.findEverything;
      setFind(() => module.findEverything);
    });
  }, [isWanted, find]);
  return find;
}
