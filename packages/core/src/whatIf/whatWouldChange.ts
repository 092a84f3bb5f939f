import type { Knowledge } from '@feverfew/knowledge';
import type { Household } from '../household/household.js';
import type { Plan } from '../treatment/plan/plan.js';
import { planTreatment } from '../treatment/planTreatment.js';
import { standsAgainst } from '../treatment/standsAgainst.js';
import type { TroubleFacts } from '../trouble/troubleFacts.js';
import { type Change, changesToTry } from './changesToTry.js';
import { KEEPS_FROM_HARM } from './firstThings.js';

/** Single changes that are worth pairing when none does it alone; more would take seconds. */
const MAX_TO_PAIR = 24;
const MAX_ANSWERS = 4;
/** Maximum number of pairs that are planned in full, where only the whole plan decides. */
const MAX_PAIRS_PLANNED = 8;

/**
 * The smallest changes of the facts under which a method that is not in the plan would be allowed: each answer is
 * one change,
 * or two together where no single one is enough. Empty when nothing a person could be mistaken about would help.
 */
export function whatWouldChange(
  methodId: string,
  facts: TroubleFacts,
  household: Household,
  knowledge: Knowledge,
): Change[][] {
  const after = (changes: readonly Change[]) =>
    changes.reduce((state, change) => change.apply(state), { facts, household });
  const against = (changes: readonly Change[]): string => {
    const given = after(changes);
    return JSON.stringify(standsAgainst(methodId, given.facts, given.household, knowledge));
  };
  const keepsFromHarm = ({ atOnce }: Plan): boolean =>
    atOnce.actions.some(({ verbs }) => verbs.some((verb) => KEEPS_FROM_HARM.has(verb)));
  const isDangerous = keepsFromHarm(planTreatment(facts, household, knowledge));
  const planned = (changes: readonly Change[]): boolean => {
    const given = after(changes);
    const plan = planTreatment(given.facts, given.household, knowledge);
    // A danger on the cloth does not go away by other facts.
    if (isDangerous && !keepsFromHarm(plan)) return false;
    return plan.candidates.some(
      ({ methodId: id, verdict }) => id === methodId && (verdict === 'inPlan' || verdict === 'spare'),
    );
  };
  const asItIs = against([]);
  const found: Change[][] = [];
  const singles = [];
  for (const change of changesToTry(methodId, facts, household, knowledge)) {
    const left = against([change]);
    singles.push({ change, moves: left !== asItIs });
    // A whole plan is needed only if nothing is against the method by itself.
    if (left === NOTHING && planned([change])) found.push([change]);
    if (found.length >= MAX_ANSWERS) break;
  }
  if (found.length > 0) return found;
  let plans = 0;
  const toPair = singles.slice(0, MAX_TO_PAIR);
  for (const [at, one] of toPair.entries())
    for (const other of toPair.slice(at + 1)) {
      // Two that each change nothing about the method change nothing together.
      if (one.change.topic === other.change.topic || !(one.moves || other.moves)) continue;
      const pair = [one.change, other.change];
      if (against(pair) !== NOTHING) continue;
      if (planned(pair)) found.push(pair);
      plans += 1;
      if (found.length >= MAX_ANSWERS || plans >= MAX_PAIRS_PLANNED) return found;
    }
  return found;
}

const NOTHING = JSON.stringify([]);
