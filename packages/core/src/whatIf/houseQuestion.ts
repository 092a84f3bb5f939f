import type { Knowledge } from '@feverfew/knowledge';
import {
  answered,
  guessOf,
  HOUSE_ANSWERS,
  HOUSE_FACTS,
  type HouseAnswer,
  type HouseFact,
} from '../household/houseFacts.js';
import type { CupboardEntry, Household } from '../household/household.js';
import { indexKnowledge } from '../lookup/knowledgeIndex.js';
import type { Plan } from '../treatment/plan/plan.js';

/** One thing of the household that nobody told, and on which this plan hangs. */
export interface HouseQuestion {
  readonly fact: HouseFact;
  /** The product a question about the cupboard is about, with the strength it is usually sold in. */
  readonly entry: CupboardEntry | null;
  /** What is assumed until it is answered. */
  readonly guess: HouseAnswer;
  readonly answers: readonly HouseAnswer[];
}

/** How a fact is named in the list of what was told; a product each by itself. */
export const toldKey = ({ fact, entry }: Pick<HouseQuestion, 'fact' | 'entry'>): string =>
  entry ? `${fact}.${entry.agentId}` : fact;

/** Whether it was told: by itself, all bottles in one go, or the whole house (null). */
export const isToldOfHouse = (
  told: readonly string[] | null,
  one: Pick<HouseQuestion, 'fact' | 'entry'>,
): boolean => told === null || told.includes(one.fact) || told.includes(toldKey(one));

/**
 * The first untold fact of the household by which the rounds of this plan would be others, or null where there is
 * none. `planFor` plans the same trouble in another household.
 */
export function houseQuestion(
  plan: Plan,
  household: Household,
  told: readonly string[],
  planFor: (household: Household) => Plan,
  knowledge: Knowledge,
): HouseQuestion | null {
  const asItIs = JSON.stringify(plan.rounds);
  for (const fact of HOUSE_FACTS)
    for (const entry of fact === 'agent' ? wantedBottles(plan, household, knowledge) : [null]) {
      const question = { fact, entry, guess: guessOf(household, fact), answers: HOUSE_ANSWERS[fact] };
      if (isToldOfHouse(told, question)) continue;
      const turns = question.answers
        .filter((answer) => answer !== question.guess)
        .some(
          (answer) => JSON.stringify(planFor(answered(household, fact, answer, entry)).rounds) !== asItIs,
        );
      if (turns) return question;
    }
  return null;
}

/** What the plan would use and the house is not known to have, in the order it is met. */
function wantedBottles(plan: Plan, { cupboard }: Household, knowledge: Knowledge): CupboardEntry[] {
  const { agents } = indexKnowledge(knowledge);
  const ids = [
    ...plan.ladder.flatMap((pass) => pass.missingAgentIds),
    ...(plan.cupboard.ifBought?.agentIds ?? []),
  ];
  return [...new Set(ids)]
    .filter((id) => cupboard.every(({ agentId }) => agentId !== id))
    .map((agentId) => ({ agentId, strengthPct: agents.get(agentId)?.strength?.recipe ?? null }));
}
