import type { ChangeNews } from '@feverfew/contracts';

/** First part of the key of everything that is worked out from the house and facts: plans, questions, comparisons. */
export const PLANNED = 'planned';

/** What a device has fetched, by the first part of its key, that a change of each topic makes stale. */
export const STALE_AFTER: Readonly<Record<ChangeNews['topic'], readonly string[]>> = {
  run: ['wash', 'line', 'today', 'pieces', 'troubles', 'whatWorks', 'clashes', PLANNED],
  book: ['wash', 'line', 'today', 'pieces', 'troubles', 'trials', 'whatWorks', PLANNED],
  household: [
    ...['wash', 'line', 'household', 'mix', 'tableAnswer', 'savedMixes', 'today', 'whatWorks', 'runs'],
    PLANNED,
  ],
  devices: ['devices', 'me'],
  wash: ['wash', 'line', 'today'],
};

/** Everything that any change makes stale. */
export const CHANGING: readonly string[] = [...new Set([...Object.values(STALE_AFTER).flat(), 'runs'])];
