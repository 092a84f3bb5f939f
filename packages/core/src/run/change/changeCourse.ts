import type { Knowledge, Method } from '@feverfew/knowledge';
import type { ExpectedEffect } from '../../effect/effectRange.js';
import { indexKnowledge } from '../../lookup/knowledgeIndex.js';
import type { Action } from '../../treatment/plan/action.js';
import type { Plan } from '../../treatment/plan/plan.js';
import type { Minutes, RoundPass } from '../../treatment/plan/round.js';
import { type Choices, NO_CHOICES } from '../../trouble/choices.js';
import { passInRound, roundOfPass } from '../next/roundOfPass.js';
import { replayRun } from '../replayRun.js';
import type { RunState } from '../runState.js';

/** Another method for the current pass, or another vessel for the same method. */
export type CourseChange = { readonly instead: string } | { readonly vesselId: string };

/** The alternatives to the current pass. */
export interface OtherCourse {
  readonly ways: readonly {
    readonly methodId: string;
    /** After it, from the start. */
    readonly gone: ExpectedEffect;
    readonly handsOnMin: number;
    readonly minutes: Minutes;
    readonly missingAgentIds: readonly string[];
  }[];
  readonly vessels: readonly { readonly vesselId: string; readonly name: string }[];
}

/** Nothing of a pass is mixed, tested or on the piece after these. */
const BEFORE_IT: readonly Action['kind'][] = ['firstAid', 'lift', 'rinseBefore'];
const MAX_TRIED = 12;
const MAX_OFFERED = 4;

/** The current pass while it may still be exchanged; undefined once any of it is done. */
function passToChange(state: RunState, plan: Plan): RoundPass | undefined {
  const { status, decision, stopping, timer, passIndex, actionIndex } = state;
  const actions = plan.passes[passIndex]?.actions ?? [];
  const untouched =
    actionIndex < actions.length &&
    actions.slice(0, actionIndex).every(({ kind }) => BEFORE_IT.includes(kind));
  const isAtWork = status === 'active' && !decision && !stopping && !timer;
  return isAtWork && untouched ? passInRound(plan, passIndex) : undefined;
}

export const mayChangeCourse = (state: RunState, plan: Plan): boolean =>
  passToChange(state, plan) !== undefined;

/** The choices of a plan with this change; null if the current pass may not be changed any more. */
export function choicesWith(change: CourseChange, state: RunState, plan: Plan): Choices | null {
  const pass = passToChange(state, plan);
  if (!pass) return null;
  const choices = plan.facts.choices ?? NO_CHOICES;
  if ('vesselId' in change)
    return { ...choices, vessels: { ...choices.vessels, [pass.methodId]: change.vesselId } };
  // A stand-in is asked for by the name of the product it replaces.
  const named = pass.insteadOf?.methodId ?? pass.methodId;
  const { [named]: _was, ...others } = choices.instead;
  return { ...choices, instead: named === change.instead ? others : { ...others, [named]: change.instead } };
}

/**
 * The plan of a run continued with a fresh one: started passes stay as they were done, later ones are as in `fresh`
 * has it.
 * @param fresh the same facts with other choices
 * @returns null if the fresh plan differs before the current pass, or would have it rinsed otherwise
 */
export function graftPlan(state: RunState, plan: Plan, fresh: Plan): Plan | null {
  const { passIndex, actionIndex } = state;
  const done = plan.passes.slice(0, passIndex);
  const agrees = done.every(({ methodId, passId, actions }, index) => {
    const other = fresh.passes[index];
    return (
      other?.methodId === methodId && other.passId === passId && kindsOf(other.actions) === kindsOf(actions)
    );
  });
  const here = plan.passes[passIndex];
  const next = fresh.passes[passIndex];
  if (!agrees || !here || !next || next.passId !== here.passId) return null;
  if (here.actions.slice(0, actionIndex).some(({ id }, index) => next.actions[index]?.id !== id)) return null;
  const kept = new Map(
    done.flatMap((_, index) => {
      const pass = passInRound(plan, index);
      return pass ? [[pass.id, pass] as const] : [];
    }),
  );
  return {
    ...fresh,
    atOnce: plan.atOnce,
    rounds: fresh.rounds.map((round) => ({
      ...round,
      passes: round.passes.map((pass) => kept.get(pass.id) ?? pass),
    })),
    passes: [...done, ...fresh.passes.slice(passIndex)],
  };
}

const kindsOf = (actions: readonly Action[]): string =>
  actions.map(({ kind, rinses, rinseWay }) => `${kind} ${rinses} ${rinseWay}`).join();

/**
 * What else the pass could be: ways that the piece and the house allow and that follow on what has been done. What
 * takes most comes first. A dry way does for a dry one, a wet way for a wet one. And vessels that hold it and are free.
 * @param planWith the same facts planned with other choices
 */
export function otherCourse(
  state: RunState,
  plan: Plan,
  planWith: (choices: Choices) => Plan,
  knowledge: Knowledge,
): OtherCourse {
  const pass = passToChange(state, plan);
  if (!pass) return { ways: [], vessels: [] };
  const { methods } = indexKnowledge(knowledge);
  const isDry = (method: Method | undefined) => method?.wetting === 'dry';
  const own = methods.get(pass.methodId);
  const inRound = (roundOfPass(plan, state.passIndex)?.passes ?? []).map(({ methodId }) => methodId);
  const alike = plan.candidates
    .filter(({ verdict }) => verdict === 'spare' || verdict === 'inPlan')
    .map(({ methodId }) => methodId)
    .filter((id) => {
      const method = methods.get(id);
      return !inRound.includes(id) && isDry(method) === isDry(own) && method?.inMachine === own?.inMachine;
    });
  const before = pass.insteadOf?.findings.some(({ code }) => code === 'chosenInstead')
    ? [pass.insteadOf.methodId]
    : [];
  const ways = [...new Set([...before, ...alike])].slice(0, MAX_TRIED).flatMap((methodId) => {
    const choices = choicesWith({ instead: methodId }, state, plan);
    const grafted = choices && graftPlan(state, plan, planWith(choices));
    const other = grafted ? passInRound(grafted, state.passIndex) : undefined;
    return other?.methodId === methodId ? [other] : [];
  });
  return {
    ways: ways
      .sort((a, b) => middle(b.gone.all) - middle(a.gone.all))
      .slice(0, MAX_OFFERED)
      .map(({ methodId, gone, handsOnMin, minutes, missingAgentIds }) => ({
        methodId,
        gone: gone.all,
        handsOnMin,
        minutes,
        missingAgentIds,
      })),
    vessels: pass.vessels
      .filter((one) => one.state === 'fits')
      .map(({ vesselId, name }) => ({ vesselId, name })),
  };
}

/** The same for a plan without a run: the alternatives to one of its passes. Empty if the plan lacks the pass. */
export function otherCourseOf(
  passIndex: number,
  plan: Plan,
  planWith: (choices: Choices) => Plan,
  knowledge: Knowledge,
): OtherCourse {
  const begun = replayRun([{ kind: 'started', at: BEFORE_ANY_RUN, passIndex }], plan);
  return begun.ok ? otherCourse(begun.state, plan, planWith, knowledge) : { ways: [], vessels: [] };
}

/** A run needs a time to begin at; which one changes nothing before anything is done. */
const BEFORE_ANY_RUN = '2000-01-01T00:00:00.000Z';

const middle = ({ low, high }: ExpectedEffect): number => (low + high) / 2;
