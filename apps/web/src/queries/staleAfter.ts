import type { ChangeNews, Resource } from '@feverfew/contracts';

type Topic = ChangeNews['topic'];

/** What a device has fetched that a change of each topic makes stale. */
export const STALE_AFTER: Readonly<Record<Topic, readonly Resource[]>> = {
  // A clash may begin or end on a run that did not itself change, so all runs are stale.
  run: ['runs', 'wash', 'line', 'today', 'pieces', 'troubles', 'whatWorks', 'clashes', 'planned'],
  book: ['wash', 'line', 'today', 'pieces', 'troubles', 'trials', 'whatWorks', 'planned'],
  household: [
    ...([
      'wash',
      'line',
      'household',
      'mix',
      'tableAnswer',
      'savedMixes',
      'today',
      'whatWorks',
      'runs',
    ] as const),
    'planned',
  ],
  devices: ['devices', 'me'],
  wash: ['wash', 'line', 'today'],
};

const isFirst = <T>(one: T, at: number, all: readonly T[]): boolean => all.indexOf(one) === at;

/** What changes of several topics make stale together. */
export const staleAfter = (topics: readonly Topic[]): readonly Resource[] =>
  topics.flatMap((topic) => STALE_AFTER[topic]).filter(isFirst);

/** Everything that any change makes stale. */
export const STALE_AFTER_ANY: readonly Resource[] = Object.values(STALE_AFTER).flat().filter(isFirst);
