import type { Plan } from '../../treatment/plan/plan.js';
import { findingWords } from '../../words/findings/findingWords.js';
import { planText } from '../../words/planLines.js';
import type { Lexicon } from '../../words/round/lexicon.js';
import { knowledge } from '../fixtures.js';

const named = [
  ...knowledge.agents,
  ...knowledge.fibres,
  ...knowledge.items,
  ...knowledge.marks,
  ...knowledge.methods,
  ...knowledge.components,
];
const names = new Map(named.map(({ id, name }) => [id, name]));
/** Names of the knowledge, figures as they are. */
export const sayNames: Lexicon = {
  name: (id) => names.get(id) ?? id,
  temp: (tempC) => `${tempC} °C`,
  volume: (volumeML) => `${volumeML} mL`,
};

const textOf = (family: readonly { readonly id: string; readonly text: string }[]) =>
  new Map(family.map(({ id, text }) => [id, text]));
const cautions = textOf(knowledge.cautions);
const signs = textOf(knowledge.signs);

/** Every line a plan tells: rounds, what to keep in mind, notes, cautions, signs, and findings on passes, ways and the whole. */
export function wordsOfPlan(plan: Plan): string[] {
  const passes = plan.rounds.flatMap((round) => round.passes);
  const actions = [
    ...passes.flatMap((pass) => pass.actions),
    ...plan.rounds.flatMap(({ drying, look }) => [drying?.action ?? [], look?.action ?? []].flat()),
    ...plan.passes.flatMap(({ actions }) => actions),
  ];
  const findings = [
    // Products side by side in the cupboard are mentioned in any plan.
    ...plan.findings.filter(({ code }) => code !== 'cupboardHoldsPair'),
    ...passes.flatMap(({ findings: own, edges, insteadOf }) => [
      ...own,
      ...edges,
      ...(insteadOf?.findings ?? []),
    ]),
    ...plan.notUsed.flatMap((one) => one.findings),
    ...plan.candidates.flatMap((one) => one.findings),
  ];
  const lines = [
    ...planText(plan, sayNames),
    ...plan.verdict.flatMap(({ tells }) => tells.map(({ see, means }) => `${see} ${means}`)),
    ...actions.flatMap((action) => [
      ...action.notes,
      ...action.cautionIds.map((id) => cautions.get(id) ?? id),
      ...[...action.expectedSignIds, ...action.alarmSignIds].map((id) => signs.get(id) ?? id),
    ]),
    ...findings.map((one) => findingWords(one, sayNames)),
  ];
  return [...new Set(lines)];
}
