import {
  CHANGE_TOPICS,
  type ChangeNews,
  RESOURCES,
  type Resource,
  ROUTES,
  type Route,
} from '@feverfew/contracts';
import { QueryClient } from '@tanstack/react-query';
import { describe, expect, it } from 'vitest';
import { keyOf } from './routeQuery';
import { STALE_AFTER, staleAfter } from './staleAfter';

type Topic = ChangeNews['topic'];

/** Topics that a kind of data does not depend on, each with why. What is not here must be made stale. */
const INDEPENDENT: Readonly<Record<Resource, Readonly<Partial<Record<Topic, string>>>>> = {
  catalogue: everyTopic('ships with the version'),
  reference: everyTopic('ships with the version'),
  plans: everyTopic('a kept plan never changes'),
  network: everyTopic('the door is opened and shut on the page that shows it'),
  me: except(['devices'], 'who this device is'),
  devices: except(['devices'], 'which devices there are'),
  household: except(['household'], 'the settings'),
  mix: except(['household'], 'products and vessels of the house, no linen'),
  tableAnswer: except(['household'], 'products and vessels of the house, no linen'),
  savedMixes: except(['household'], 'kept with the settings'),
  clashes: except(['run'], 'runs under way'),
  trials: { ...except(['book'], 'its own spots and looks') },
  troubles: except(['run', 'book'], 'facts and runs, no settings'),
  pieces: except(['run', 'book'], 'linen and what was done to it, no settings'),
  runs: {
    book: 'a plan under way is kept',
    devices: 'no device is in it',
    wash: 'no heap is in it',
  },
  whatWorks: { devices: 'no device is in it', wash: 'a heap proves nothing' },
  today: { devices: 'no device is in it' },
  wash: { devices: 'no device is in it' },
  line: { devices: 'no device is in it' },
  planned: { devices: 'no device is in it', wash: 'a heap changes no plan' },
};

type Reasons = Readonly<Partial<Record<Topic, string>>>;
function everyTopic(why: string): Reasons {
  return except([], why);
}
function except(topics: readonly Topic[], why: string): Reasons {
  return Object.fromEntries(
    CHANGE_TOPICS.filter((topic) => !topics.includes(topic)).map((topic) => [topic, why]),
  );
}

const ALL: readonly Route[] = Object.values(ROUTES);

describe('what a change makes stale', () => {
  it.each(CHANGE_TOPICS)('after news of %s is all that depends on it', (topic) => {
    for (const resource of RESOURCES)
      expect([resource, STALE_AFTER[topic].includes(resource)]).toEqual([
        resource,
        INDEPENDENT[resource][topic] === undefined,
      ]);
  });
  it('is said by every route that writes, or it does not concern what pages keep', () => {
    const silent = Object.entries<Route>(ROUTES)
      .filter(([, { method, reads, changes }]) => method !== 'GET' && !reads && !changes)
      .map(([name]) => name);
    expect(silent.sort()).toEqual([
      // All is fetched again after it.
      ...['confirmClock', 'createDemoHousehold', 'deleteDemoHousehold'],
      // The answer is shown where it was asked, and no other page shows it.
      ...['inviteDevice', 'updateNetwork', 'withdrawInvitation'],
    ]);
  });
  it('names each kind of data that some route reads', () => {
    const read = new Set(ALL.flatMap(({ reads }) => reads ?? []));
    expect([...read].sort()).toEqual([...RESOURCES].sort());
  });
  it('reaches every answer that was planned for the house as it was', async () => {
    const client = new QueryClient();
    const names = ['previewPlan', 'findFirstThings', 'findHouseQuestion', 'findPlanAlternatives'] as const;
    const more = ['comparePositions', 'findChanges'] as const;
    const keys = [...names, ...more].map((name) => keyOf(name, null));
    for (const key of keys) client.setQueryData(key, 'old');
    for (const resource of staleAfter(ROUTES.updateHousehold.changes))
      await client.invalidateQueries({ queryKey: [resource] });
    for (const key of keys) expect(client.getQueryState(key)?.isInvalidated).toBe(true);
  });
});
