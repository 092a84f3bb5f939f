import type { Plan } from '../../treatment/plan/plan.js';
import type { Round, RoundPass } from '../../treatment/plan/round.js';

/** The round of a pass; undefined in plans from before there were rounds. */
export const roundOfPass = (plan: Plan, passIndex: number): Round | undefined => {
  const passId = plan.passes[passIndex]?.passId ?? null;
  return passId === null
    ? undefined
    : plan.rounds.find(({ passes }) => passes.some(({ id }) => id === passId));
};

/** The same pass in its round; undefined in plans from before there were rounds. */
export const passInRound = (plan: Plan, passIndex: number): RoundPass | undefined =>
  roundOfPass(plan, passIndex)?.passes.find(({ id }) => id === plan.passes[passIndex]?.passId);
