import type { Action } from '../treatment/plan/action.js';
import type { Plan } from '../treatment/plan/plan.js';
import type { Round } from '../treatment/plan/round.js';
import type { RunState } from './runState.js';

/** A step of a rung. */
export interface Place {
  readonly rungIndex: number;
  readonly stepIndex: number;
}

/** The round a rung belongs to; undefined in plans of before there were rounds. */
export const roundOfRung = (plan: Plan, rungIndex: number): Round | undefined => {
  const passId = plan.ladder[rungIndex]?.passId ?? null;
  return passId === null
    ? undefined
    : plan.rounds.find(({ passes }) => passes.some(({ id }) => id === passId));
};

const rungOfPass = (plan: Plan, passId: string | null): number =>
  passId === null ? -1 : plan.ladder.findIndex((pass) => pass.passId === passId);

/** The last rung of the round a rung belongs to; the rung itself where it is a treatment of its own. */
export function lastOfRound(plan: Plan, rungIndex: number): number {
  const round = roundOfRung(plan, rungIndex);
  const ids = round?.passes.map(({ id }) => id) ?? [];
  const last = plan.ladder.findLastIndex(({ passId }) => passId !== null && ids.includes(passId));
  return Math.max(rungIndex, last);
}

/** The rung done again where a round has helped: the pass that does most in it; else the rung itself. */
export function rungToRepeat(plan: Plan, rungIndex: number): number {
  const better = roundOfRung(plan, rungIndex)?.look?.ways.find(({ way }) => way === 'better')?.passId;
  const again = rungOfPass(plan, better ?? null);
  return again < 0 ? rungIndex : again;
}

/** The rung a look speaks of: the dry look at the end, of the one that does most in the round, where it was begun. */
export function rungLookedAt(
  { rungIndex, times }: Pick<RunState, 'rungIndex' | 'times'>,
  plan: Plan,
  action: Action,
): number {
  const main = action.kind === 'finalLook' ? rungToRepeat(plan, rungIndex) : rungIndex;
  return (times[main] ?? 0) > 0 ? main : rungIndex;
}

/** Where the work begins again: nothing is lifted, tested or rinsed out twice. */
export const workStep = (steps: readonly Action[]): number =>
  Math.max(
    0,
    steps.findIndex(({ kind }) => kind === 'mix' || kind === 'apply'),
  );

/**
 * Where a rung leads when its last step is done: the next pass; once a look in it said gone, what washes it out, or
 * the drying. null = nowhere.
 */
export function afterRung(plan: Plan, rungIndex: number, isGone: boolean): Place | null {
  const last = lastOfRound(plan, rungIndex);
  if (rungIndex >= last) return null;
  if (!isGone) return { rungIndex: rungIndex + 1, stepIndex: 0 };
  const pass = roundOfRung(plan, rungIndex)?.passes.find(({ id }) => id === plan.ladder[rungIndex]?.passId);
  const wash = rungOfPass(plan, pass?.whenGone ?? null);
  return wash < 0 ? endOfRound(plan, rungIndex) : { rungIndex: wash, stepIndex: 0 };
}

/** The drying of the round, or its dry look where nothing is dried. */
export function endOfRound(plan: Plan, rungIndex: number): Place {
  const last = lastOfRound(plan, rungIndex);
  const steps = plan.ladder[last]?.steps ?? [];
  const end = steps.findIndex(({ kind }) => kind === 'dry' || kind === 'finalLook');
  return { rungIndex: last, stepIndex: Math.max(0, end) };
}

/**
 * Where stopping leads: the next rinse of the pass; else what rinses it out when one stops; else the drying. The place
 * after the last step is the rinsing out.
 */
export function wayOut(plan: Plan, { rungIndex, stepIndex }: Place): Place {
  const { steps = [], rinseOut = null } = plan.ladder[rungIndex] ?? {};
  const rinse = steps.findIndex(({ kind }, index) => index >= stepIndex && kind === 'rinse');
  if (rinse >= 0) return { rungIndex, stepIndex: rinse };
  const work = steps.findIndex(({ kind }) => kind === 'mix' || kind === 'apply');
  return rinseOut && stepIndex >= work ? { rungIndex, stepIndex: steps.length } : endOfRound(plan, rungIndex);
}
