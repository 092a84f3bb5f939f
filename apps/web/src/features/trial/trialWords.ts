import type { TrialView } from '@feverfew/contracts';

export const TRIAL_PHASES: Readonly<Record<TrialView['state']['phase'], string>> = {
  apply: 'Put each on its place',
  wait: 'All of them wait the same time',
  wash: 'Wash them together',
  look: 'Check, in the order drawn',
  told: 'Told',
};

/** How a trial stays fair; the app keeps what it can. */
export const FAIR_RULES: readonly string[] = [
  'Same size, same soil, same brushing: count the strokes.',
  'One clock for all. It starts when the last one is on.',
  'On one piece: a towel or foil between, so that nothing creeps across.',
  'One wash and one drying for all, no heat.',
  'Check dry, in daylight. Best let another person check, who does not know which is which.',
];

/** "A is better with odds of 81 in 100: likely." Said plainly, and “too little to tell” when it is. */
export function verdictText(
  { setup, verdict }: Pick<TrialView, 'setup' | 'verdict'>,
  name: (methodId: string) => string,
): string {
  if (!verdict) return '';
  const top = verdict.chanceBest.indexOf(Math.max(...verdict.chanceBest));
  const arm = setup.arms[top];
  const odds = `${Math.round((verdict.chanceBest[top] ?? 0) * 100)} in 100`;
  const from = verdict.trials === 1 ? 'one trial' : `${verdict.trials} trials`;
  if (verdict.says === 'tooLittle')
    return (
      `Too little to tell, from ${from}: the odds that “${name(arm?.methodId ?? '')}” is better are ${odds}. ` +
      `Try them again on the next trouble like it.`
    );
  return (
    `“${name(arm?.methodId ?? '')}” is better with odds of ${odds}, from ${from}: ` +
    `${verdict.says === 'clear' ? 'that is clear' : 'likely, not sure'}.`
  );
}
