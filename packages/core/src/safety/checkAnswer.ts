import type { Deed, Knowledge } from '@feverfew/knowledge';
import type { Household } from '../household/household.js';
import type { Plan } from '../treatment/plan/plan.js';
import type { AtOnce } from '../treatment/plan/round.js';
import type { TroubleFacts } from '../trouble/troubleFacts.js';
import { checkPlan } from './checkPlan.js';
import { firstActFaults } from './firstActs.js';
import { wordsOf } from './knownWords.js';
import { readCase } from './readCase.js';

/** What keeps a person from harm, among the first acts. */
const KEEPS_FROM_HARM: readonly Deed[] = ['handsOff', 'leaveRoom', 'airOutdoors', 'flood'];

const keptFromHarm = ({ actions }: AtOnce, knowledge: Knowledge): boolean => {
  const { noteOf } = wordsOf(knowledge);
  return actions.some(({ text }) => noteOf(text)?.asks.some((deed) => KEEPS_FROM_HARM.includes(deed)));
};

/**
 * The first seconds, read as work on one piece they may be followed on.
 * @returns codes of what would hurt there
 */
export function checkFirstThings(
  atOnce: AtOnce,
  facts: TroubleFacts,
  household: Household,
  knowledge: Knowledge,
): string[] {
  const read = readCase(facts, household, knowledge);
  const list = { work: [], advice: [], atTub: [], atOnce: atOnce.actions.map(({ text }) => text) };
  return firstActFaults(list, read).map(({ code }) => code);
}

/**
 * A plan under other facts: safe by itself, and what kept people from harm is still said. A danger on the cloth does
 * not go away by other facts.
 */
export function checkChange(before: Plan, after: Plan, household: Household, knowledge: Knowledge): string[] {
  const lost = keptFromHarm(before.atOnce, knowledge) && !keptFromHarm(after.atOnce, knowledge);
  return [
    ...checkPlan(after, household, knowledge).map(({ code }) => code),
    ...(lost ? ['dangerDropped'] : []),
  ];
}
