import type { Knowledge } from '@feverfew/knowledge';
import {
  answered,
  guessOf,
  HOUSE_ANSWERS,
  HOUSE_FACTS,
  type HouseAnswer,
  type HouseFact,
  PEOPLE_FACTS,
  type PeopleFact,
} from '../household/houseFacts.js';
import type { CupboardEntry, Household } from '../household/household.js';
import { withMentioned } from '../household/mentioned.js';
import { indexKnowledge } from '../lookup/knowledgeIndex.js';
import type { Plan } from '../treatment/plan/plan.js';

/** A household fact that was not entered, and that affects this plan. */
export interface HouseQuestion {
  readonly fact: HouseFact;
  /** The product a question about the cupboard is about, with the strength it is usually sold in. */
  readonly entry: CupboardEntry | null;
  /** What is assumed until it is answered. */
  readonly guess: HouseAnswer;
  readonly answers: readonly HouseAnswer[];
  /** Of a question about people: those that are not answered yet. */
  readonly people: readonly PeopleFact[];
}

/** The names of a fact in the list of answers: people and products each by themselves. */
export const toldKeys = ({ fact, entry }: Pick<HouseQuestion, 'fact' | 'entry'>): readonly string[] =>
  fact === 'people' ? PEOPLE_FACTS : [entry ? `${fact}.${entry.agentId}` : fact];

/** Whether it was entered: by itself, all bottles in one go, or the whole house (null). */
export const isToldOfHouse = (
  told: readonly string[] | null,
  one: Pick<HouseQuestion, 'fact' | 'entry'>,
): boolean => told === null || told.includes(one.fact) || toldKeys(one).every((key) => told.includes(key));

/**
 * The first untold fact of the household by which this plan would be another, or null where there is none. Who lives
 * there counts in the first acts too. `planFor` plans the same trouble in another household.
 */
export function houseQuestion(
  plan: Plan,
  house: Household,
  told: readonly string[],
  planFor: (household: Household) => Plan,
  knowledge: Knowledge,
): HouseQuestion | null {
  const household = withMentioned(house, plan.facts, indexKnowledge(knowledge));
  const rounds = JSON.stringify(plan.rounds);
  const acts = JSON.stringify(plan.atOnce);
  const untold = PEOPLE_FACTS.filter((one) => !told.includes(one) && !household[one]);
  for (const fact of HOUSE_FACTS)
    for (const entry of fact === 'agent' ? wantedBottles(plan, household, knowledge) : [null]) {
      const people = fact === 'people' ? untold : [];
      const question = { fact, entry, guess: guessOf(household, fact), answers: HOUSE_ANSWERS[fact], people };
      if (isToldOfHouse(told, question)) continue;
      const others =
        people.length > 0
          ? people.map((one) => answered(household, fact, 'some', null, [one]))
          : question.answers
              .filter((answer) => answer !== question.guess)
              .map((answer) => answered(household, fact, answer, entry));
      const turns = others.some((other) => {
        const otherPlan = planFor(other);
        return (
          JSON.stringify(otherPlan.rounds) !== rounds ||
          (fact === 'people' && JSON.stringify(otherPlan.atOnce) !== acts)
        );
      });
      if (turns) return question;
    }
  return null;
}

/** What the plan would use and the house is not known to have, in the order it is met. */
function wantedBottles(plan: Plan, { cupboard }: Household, knowledge: Knowledge): CupboardEntry[] {
  const { agents } = indexKnowledge(knowledge);
  const ids = [
    ...plan.passes.flatMap((pass) => pass.missingAgentIds),
    ...(plan.cupboard.ifBought?.agentIds ?? []),
  ];
  return [...new Set(ids)]
    .filter((id) => cupboard.every(({ agentId }) => agentId !== id))
    .map((agentId) => ({ agentId, strengthPct: agents.get(agentId)?.strength?.recipe ?? null }));
}
