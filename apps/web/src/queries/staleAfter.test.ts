import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { QueryClient } from '@tanstack/react-query';
import { describe, expect, it } from 'vitest';
import { PLANNED, STALE_AFTER } from './staleAfter';

/** Topics a query does not depend on, each with why; what is not here must be made stale. */
const INDEPENDENT: Readonly<Record<string, Readonly<Record<string, string>>>> = {
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
    run: 'useChanges has a line of its own for it',
  },
  whatWorks: { devices: 'no device is in it', wash: 'a heap proves nothing' },
  today: { devices: 'no device is in it' },
  wash: { devices: 'no device is in it' },
  line: { devices: 'no device is in it' },
  [PLANNED]: { devices: 'no device is in it', wash: 'a heap changes no plan' },
};

function everyTopic(why: string): Record<string, string> {
  return except([], why);
}
function except(topics: readonly string[], why: string): Record<string, string> {
  const all = ['run', 'book', 'household', 'devices', 'wash'].filter((topic) => !topics.includes(topic));
  return Object.fromEntries(all.map((topic) => [topic, why]));
}

/** First parts of all keys in the files of queries. */
function rootsInSource(): string[] {
  const dir = import.meta.dirname;
  const found = readdirSync(dir)
    .filter((name) => name.endsWith('Queries.ts'))
    .flatMap((name) => [...readFileSync(join(dir, name), 'utf8').matchAll(/queryKey: \[('(\w+)'|PLANNED)/g)])
    .map(([, , root]) => root ?? PLANNED);
  return [...new Set(found)].sort();
}

describe('what a change makes stale', () => {
  const roots = rootsInSource();
  it('is decided for every query there is', () => {
    expect(roots.length).toBeGreaterThan(15);
    expect(Object.keys(INDEPENDENT).sort()).toEqual(roots);
  });
  it.each(Object.entries(STALE_AFTER))('after news of %s is all that depends on it', (topic, stale) => {
    for (const root of roots)
      expect([root, stale.includes(root)]).toEqual([root, INDEPENDENT[root]?.[topic] === undefined]);
  });
  it('reaches every answer that was planned for the house as it was', async () => {
    const client = new QueryClient();
    const names = ['preview', 'firstThings', 'houseQuestion', 'otherCourse', 'compare', 'whatWouldChange'];
    for (const name of names) client.setQueryData([PLANNED, name, {}], 'old');
    for (const root of STALE_AFTER.household) await client.invalidateQueries({ queryKey: [root] });
    for (const name of names) expect(client.getQueryState([PLANNED, name, {}])?.isInvalidated).toBe(true);
  });
});
