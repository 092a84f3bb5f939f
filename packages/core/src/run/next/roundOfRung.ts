import type { Plan } from '../../treatment/plan/plan.js';
import type { Round, RoundPass } from '../../treatment/plan/round.js';

/** The round of a rung; undefined in plans from before there were rounds. */
export const roundOfRung = (plan: Plan, rungIndex: number): Round | undefined => {
  const passId = plan.ladder[rungIndex]?.passId ?? null;
  return passId === null
    ? undefined
    : plan.rounds.find(({ passes }) => passes.some(({ id }) => id === passId));
};

/** The pass of a rung; undefined in plans from before there were rounds. */
export const passOfRung = (plan: Plan, rungIndex: number): RoundPass | undefined =>
  roundOfRung(plan, rungIndex)?.passes.find(({ id }) => id === plan.ladder[rungIndex]?.passId);
