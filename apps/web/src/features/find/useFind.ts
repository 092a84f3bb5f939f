import type { Catalogue } from '@feverfew/contracts';
import { useEffect, useState } from 'react';
import type { findEverything } from './findView';

export type Find = typeof findEverything;

/** So long after the catalogue came the page has what it needs, over a slow line too. */
const WARM_AFTER_MS = 9000;

let loaded: Find | null = null;

/**
 * The search and the reader of sentences. They are fetched when a person begins to type: a first page does without.
 * On a page that stays open, what the first letter would have to wait for is made while nothing else is done.
 * @returns null until they are there
 */
export function useFind(isWanted: boolean, catalogue: Catalogue | undefined): Find | null {
  const [find, setFind] = useState<Find | null>(() => loaded);
  useEffect(() => {
    if (!catalogue) return;
    const timer = setTimeout(
      () => void import('./findView').then((module) => module.warmSearch(catalogue)),
      WARM_AFTER_MS,
    );
    return () => clearTimeout(timer);
  }, [catalogue]);
  useEffect(() => {
    if (!isWanted || find) return;
    void import('./findView').then((module) => {
      loaded = module.findEverything;
      setFind(() => module.findEverything);
    });
  }, [isWanted, find]);
  return find;
}
