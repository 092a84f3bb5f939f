import type { Plan } from '@feverfew/contracts';

type Laid = Pick<Plan, 'passes' | 'rounds' | 'facts'>;

/** The first steps of a plan: those of its first round. Plans from before there were rounds: all of them. */
const firstSteps = ({ passes, rounds }: Laid): string[] =>
  (rounds[0]?.passes ?? passes).map(({ methodId }) => methodId);

/**
 * What the first round of a plan has that a kept one had not, and the other way about; both empty where only the order
 * is another.
 * @returns null where they begin alike, or the facts are not the same any more
 */
export function planDifference(
  kept: Laid,
  plan: Laid,
): { readonly added: readonly string[]; readonly gone: readonly string[] } | null {
  const asTold = ({ facts: { done: _done, ...told } }: Laid) => JSON.stringify(sorted(told));
  if (asTold(kept) !== asTold(plan)) return null;
  const [before, after] = [firstSteps(kept), firstSteps(plan)];
  if (before.join() === after.join()) return null;
  return {
    added: after.filter((id) => !before.includes(id)),
    gone: before.filter((id) => !after.includes(id)),
  };
}

/** The same value with the keys of every record in one order: a database keeps none. */
function sorted(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(sorted);
  if (value === null || typeof value !== 'object') return value;
  return Object.fromEntries(
    Object.entries(value)
      .sort(([a], [b]) => (a < b ? -1 : 1))
      .map(([key, one]) => [key, sorted(one)]),
  );
}
