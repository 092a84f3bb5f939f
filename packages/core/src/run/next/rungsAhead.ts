import type { Action } from '../../treatment/plan/action.js';
import type { Plan } from '../../treatment/plan/plan.js';
import { goneMarks, markToRepeat } from '../look/markLooks.js';
import type { RunState } from '../runState.js';
import { passOfRung, roundOfRung } from './roundOfRung.js';

/** A step of a rung. */
export interface RungPlace {
  readonly rungIndex: number;
  readonly stepIndex: number;
}

const rungOfPass = (plan: Plan, passId: string | null): number =>
  passId === null ? -1 : plan.ladder.findIndex((pass) => pass.passId === passId);

/** The last rung of the round a rung belongs to; the rung itself where it is a treatment of its own. */
export function lastOfRound(plan: Plan, rungIndex: number): number {
  const round = roundOfRung(plan, rungIndex);
  const ids = round?.passes.map(({ id }) => id) ?? [];
  const last = plan.ladder.findLastIndex(({ passId }) => passId !== null && ids.includes(passId));
  return Math.max(rungIndex, last);
}

type Standing = Pick<RunState, 'rungIndex' | 'stepIndex' | 'times' | 'setAside' | 'looks'>;

/** The last pass of a rung's round that was worked on, up to it; -1 where none was. */
function lastWorked({ rungIndex, times, setAside }: Standing, plan: Plan): number {
  const round = roundOfRung(plan, rungIndex);
  return times.findLastIndex(
    (count, index) =>
      count > 0 && index <= rungIndex && !setAside.includes(index) && roundOfRung(plan, index) === round,
  );
}

/** The rung done again where a round has helped: the pass that does most for what still moves, or the last that was done. */
export function rungToRepeat(standing: Standing, plan: Plan): number {
  const { rungIndex, times, setAside, looks } = standing;
  const look = roundOfRung(plan, rungIndex)?.look;
  const markId = markToRepeat(looks, look?.byMark.map((one) => one.markId) ?? []);
  const own = look?.byMark.find((one) => one.markId === markId)?.ways ?? [];
  const ways = own.length > 0 && plan.facts.markIds.length > 1 ? own : look?.ways;
  const better = ways?.find(({ way }) => way === 'better')?.passId;
  const main = rungOfPass(plan, better ?? null);
  if (main >= 0 && !setAside.includes(main) && (times[main] ?? 0) > 0) return main;
  const worked = lastWorked(standing, plan);
  return worked < 0 ? rungIndex : worked;
}

/** The rung a look speaks of: the dry look at the end, of the one that does most in the round. */
export const rungLookedAt = (standing: Standing, plan: Plan, action: Action): number =>
  action.kind === 'finalLook' ? rungToRepeat(standing, plan) : standing.rungIndex;

/** Where the work begins again: nothing is lifted, tested or rinsed out twice. */
export const workStep = (steps: readonly Action[]): number =>
  Math.max(
    0,
    steps.findIndex(({ kind }) => kind === 'mix' || kind === 'apply'),
  );

/** The first rung from here to there that is not left out of this run, and is done for something that is left. */
function openRung({ setAside, looks }: Standing, plan: Plan, from: number, to: number): RungPlace | null {
  const gone = goneMarks(looks, plan);
  for (let rungIndex = from; rungIndex <= to; rungIndex += 1)
    if (!setAside.includes(rungIndex) && !isNeedless(plan, rungIndex, gone))
      return { rungIndex, stepIndex: 0 };
  return null;
}

/** All it is done for is gone. A wash is done all the same: it carries out what the others have left in the cloth. */
function isNeedless(plan: Plan, rungIndex: number, gone: readonly string[]): boolean {
  const pass = passOfRung(plan, rungIndex);
  return (
    pass !== undefined &&
    pass.phase !== 'wash' &&
    pass.helps.length > 0 &&
    pass.helps.every((markId) => gone.includes(markId))
  );
}

/** The first rung of a later round that is not left out; null = there is none. */
export const openRungLater = (standing: Standing, plan: Plan): RungPlace | null =>
  openRung(standing, plan, lastOfRound(plan, standing.rungIndex) + 1, plan.ladder.length - 1);

/**
 * The place after the last step of this rung: the next pass that is still of use. Once all is gone, the wash; otherwise
 * its own rinse and the drying. null if the run is over.
 */
export function afterRung(standing: Standing, plan: Plan): RungPlace | null {
  const { rungIndex, stepIndex, looks } = standing;
  const last = lastOfRound(plan, rungIndex);
  if (rungIndex >= last) return null;
  const isGone = goneMarks(looks, plan).length === plan.facts.markIds.length;
  const wash = rungOfPass(plan, passOfRung(plan, rungIndex)?.whenGone ?? null);
  const next = isGone
    ? wash < 0
      ? null
      : openRung(standing, plan, wash, wash)
    : openRung(standing, plan, rungIndex + 1, last);
  if (next) return next;
  const { steps = [], rinseOut = null } = plan.ladder[rungIndex] ?? {};
  // What a later pass would have rinsed out is rinsed out here.
  return rinseOut && stepIndex < steps.length
    ? { rungIndex, stepIndex: steps.length }
    : endOfRound(plan, rungIndex);
}

/**
 * Where a rung leads that is left out: the next open pass of its round; the rinse of what it would have rinsed out; the
 * drying, where something was done in the round; the next round; else the end of this one.
 */
export function pastRung(standing: Standing, plan: Plan): RungPlace {
  const { rungIndex } = standing;
  const next = openRung(standing, plan, rungIndex + 1, lastOfRound(plan, rungIndex));
  if (next) return next;
  const worked = lastWorked(standing, plan);
  if (worked < 0) return openRungLater(standing, plan) ?? endOfRound(plan, rungIndex);
  const { steps = [], rinseOut = null } = plan.ladder[worked] ?? {};
  return rinseOut ? { rungIndex: worked, stepIndex: steps.length } : endOfRound(plan, rungIndex);
}

/** Rungs that bring one of a rung's products, itself among them: what its hidden test has spoken against. */
export function rungsWithItsProducts(plan: Plan, rungIndex: number): number[] {
  const products = (index: number) =>
    (plan.ladder[index]?.steps ?? []).flatMap(({ ingredients }) => ingredients.map(({ agentId }) => agentId));
  const own = products(rungIndex);
  return plan.ladder.flatMap((_, index) =>
    index === rungIndex || (index > rungIndex && products(index).some((id) => own.includes(id)))
      ? [index]
      : [],
  );
}

/** The drying of the round, or its dry look where nothing is dried. */
export function endOfRound(plan: Plan, rungIndex: number): RungPlace {
  const last = lastOfRound(plan, rungIndex);
  const steps = plan.ladder[last]?.steps ?? [];
  const end = steps.findIndex(({ kind }) => kind === 'dry' || kind === 'finalLook');
  return { rungIndex: last, stepIndex: Math.max(0, end) };
}

/**
 * Where stopping leads: the next rinse of the pass; else what rinses it out when one stops; else the drying. The place
 * after the last step is the rinsing out.
 */
export function wayOut(plan: Plan, { rungIndex, stepIndex }: RungPlace): RungPlace {
  const { steps = [], rinseOut = null } = plan.ladder[rungIndex] ?? {};
  const rinse = steps.findIndex(({ kind }, index) => index >= stepIndex && kind === 'rinse');
  if (rinse >= 0) return { rungIndex, stepIndex: rinse };
  const work = steps.findIndex(({ kind }) => kind === 'mix' || kind === 'apply');
  return rinseOut && stepIndex >= work ? { rungIndex, stepIndex: steps.length } : endOfRound(plan, rungIndex);
}
