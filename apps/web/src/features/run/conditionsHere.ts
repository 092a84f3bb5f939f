import { conditionWords, type Pass, type RunView } from '@feverfew/contracts';

/** The checks before a step of the plan starts: shown at its first action. */
export function conditionsHere({ plan, state }: Pick<RunView, 'plan' | 'state'>, { passId }: Pass): string[] {
  if (state.actionIndex > 0 || passId === null) return [];
  const laid = plan.rounds.flatMap(({ passes }) => passes).find(({ id }) => id === passId);
  return laid ? conditionWords(laid) : [];
}
