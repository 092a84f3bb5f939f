import type { Action } from '../../treatment/plan/action.js';
import type { Plan } from '../../treatment/plan/plan.js';
import { goneMarks, markToRepeat } from '../look/markLooks.js';
import type { RunState } from '../runState.js';
import { passInRound, roundOfPass } from './roundOfPass.js';

/** A step of a pass. */
export interface PassPlace {
  readonly passIndex: number;
  readonly actionIndex: number;
}

const indexOfPass = (plan: Plan, passId: string | null): number =>
  passId === null ? -1 : plan.passes.findIndex((pass) => pass.passId === passId);

/** The last pass of the round that a pass belongs to; itself where it is a treatment of its own. */
export function lastOfRound(plan: Plan, passIndex: number): number {
  const round = roundOfPass(plan, passIndex);
  const ids = round?.passes.map(({ id }) => id) ?? [];
  const last = plan.passes.findLastIndex(({ passId }) => passId !== null && ids.includes(passId));
  return Math.max(passIndex, last);
}

type Standing = Pick<RunState, 'passIndex' | 'actionIndex' | 'times' | 'setAside' | 'looks'>;

/** The last pass worked on in the round of this one, up to it; -1 where none was. */
function lastWorked({ passIndex, times, setAside }: Standing, plan: Plan): number {
  const round = roundOfPass(plan, passIndex);
  return times.findLastIndex(
    (count, index) =>
      count > 0 && index <= passIndex && !setAside.includes(index) && roundOfPass(plan, index) === round,
  );
}

/** The pass done again where a round has helped: the pass that does most for what still moves, or the last that was done. */
export function passToRepeat(standing: Standing, plan: Plan): number {
  const { passIndex, times, setAside, looks } = standing;
  const look = roundOfPass(plan, passIndex)?.look;
  const markId = markToRepeat(looks, look?.byMark.map((one) => one.markId) ?? []);
  const own = look?.byMark.find((one) => one.markId === markId)?.ways ?? [];
  const ways = own.length > 0 && plan.facts.markIds.length > 1 ? own : look?.ways;
  const better = ways?.find(({ way }) => way === 'better')?.passId;
  const main = indexOfPass(plan, better ?? null);
  if (main >= 0 && !setAside.includes(main) && (times[main] ?? 0) > 0) return main;
  const worked = lastWorked(standing, plan);
  return worked < 0 ? passIndex : worked;
}

/** The pass a look speaks of: the dry look at the end, of the one that does most in the round. */
export const passLookedAt = (standing: Standing, plan: Plan, action: Action): number =>
  action.kind === 'finalLook' ? passToRepeat(standing, plan) : standing.passIndex;

/** Where the work begins again: nothing is lifted, tested or rinsed out twice. */
export const workStep = (actions: readonly Action[]): number =>
  Math.max(
    0,
    actions.findIndex(({ kind }) => kind === 'mix' || kind === 'apply'),
  );

/** The first pass from here to there that is not left out of this run, and is done for something that is left. */
function openPass({ setAside, looks }: Standing, plan: Plan, from: number, to: number): PassPlace | null {
  const gone = goneMarks(looks, plan);
  for (let passIndex = from; passIndex <= to; passIndex += 1)
    if (!setAside.includes(passIndex) && !isNeedless(plan, passIndex, gone))
      return { passIndex, actionIndex: 0 };
  return null;
}

/** All it is done for is gone. A wash is done all the same: it carries out what the others have left in the cloth. */
function isNeedless(plan: Plan, passIndex: number, gone: readonly string[]): boolean {
  const pass = passInRound(plan, passIndex);
  return (
    pass !== undefined &&
    pass.phase !== 'wash' &&
    pass.helps.length > 0 &&
    pass.helps.every((markId) => gone.includes(markId))
  );
}

/** The first pass of a later round that is not left out; null = there is none. */
export const openPassLater = (standing: Standing, plan: Plan): PassPlace | null =>
  openPass(standing, plan, lastOfRound(plan, standing.passIndex) + 1, plan.passes.length - 1);

/**
 * The place after the last step of this pass: the next pass that is still of use. Once all is gone, the wash; otherwise
 * its own rinse and the drying. null if the run is over.
 */
export function afterPass(standing: Standing, plan: Plan): PassPlace | null {
  const { passIndex, actionIndex, looks } = standing;
  const last = lastOfRound(plan, passIndex);
  if (passIndex >= last) return null;
  const isGone = goneMarks(looks, plan).length === plan.facts.markIds.length;
  const wash = indexOfPass(plan, passInRound(plan, passIndex)?.whenGone ?? null);
  const next = isGone
    ? wash < 0
      ? null
      : openPass(standing, plan, wash, wash)
    : openPass(standing, plan, passIndex + 1, last);
  if (next) return next;
  const { actions = [], rinseOut = null } = plan.passes[passIndex] ?? {};
  // What a later pass would have rinsed out is rinsed out here.
  return rinseOut && actionIndex < actions.length
    ? { passIndex, actionIndex: actions.length }
    : endOfRound(plan, passIndex);
}

/**
 * Where a pass leads that is left out: the next open pass of its round; the rinse of what it would have rinsed out; the
 * drying, where something was done in the round; the next round; else the end of this one.
 */
export function pastPass(standing: Standing, plan: Plan): PassPlace {
  const { passIndex } = standing;
  const next = openPass(standing, plan, passIndex + 1, lastOfRound(plan, passIndex));
  if (next) return next;
  const worked = lastWorked(standing, plan);
  if (worked < 0) return openPassLater(standing, plan) ?? endOfRound(plan, passIndex);
  const { actions = [], rinseOut = null } = plan.passes[worked] ?? {};
  return rinseOut ? { passIndex: worked, actionIndex: actions.length } : endOfRound(plan, passIndex);
}

/** Passes that bring a product of this one, itself among them: what its hidden test has spoken against. */
export function passesWithItsProducts(plan: Plan, passIndex: number): number[] {
  const products = (index: number) =>
    (plan.passes[index]?.actions ?? []).flatMap(({ ingredients }) =>
      ingredients.map(({ agentId }) => agentId),
    );
  const own = products(passIndex);
  return plan.passes.flatMap((_, index) =>
    index === passIndex || (index > passIndex && products(index).some((id) => own.includes(id)))
      ? [index]
      : [],
  );
}

/** The drying of the round, or its dry look where nothing is dried. */
export function endOfRound(plan: Plan, passIndex: number): PassPlace {
  const last = lastOfRound(plan, passIndex);
  const actions = plan.passes[last]?.actions ?? [];
  const end = actions.findIndex(({ kind }) => kind === 'dry' || kind === 'finalLook');
  return { passIndex: last, actionIndex: Math.max(0, end) };
}

/**
 * Where stopping leads: the next rinse of the pass; else what rinses it out when one stops; else the drying. The place
 * after the last step is the rinsing out.
 */
export function wayOut(plan: Plan, { passIndex, actionIndex }: PassPlace): PassPlace {
  const { actions = [], rinseOut = null } = plan.passes[passIndex] ?? {};
  const rinse = actions.findIndex(({ kind }, index) => index >= actionIndex && kind === 'rinse');
  if (rinse >= 0) return { passIndex, actionIndex: rinse };
  const work = actions.findIndex(({ kind }) => kind === 'mix' || kind === 'apply');
  return rinseOut && actionIndex >= work
    ? { passIndex, actionIndex: actions.length }
    : endOfRound(plan, passIndex);
}
