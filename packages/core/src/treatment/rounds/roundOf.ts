import type { Agent, Deed } from '@feverfew/knowledge';
import type { InRound } from '../actions/actionsInput.js';
import { recipeRemarks } from '../actions/recipeRemarks.js';
import { dampPasses, roundActions } from '../actions/roundActions.js';
import { limitReasons } from '../assess/judge/limitReasons.js';
import { riskOf } from '../assess/risk.js';
import { vesselsBeside } from '../assess/vesselHere.js';
import { deedsDone } from '../case/deedsDone.js';
import type { PlanContext } from '../case/planContext.js';
import { type Moment, sayable } from '../case/sayable.js';
import type { ArrangedRound, Placed } from '../course/arrangement.js';
import { openChecks } from '../course/openChecks.js';
import { drumNotes } from '../course/washFor.js';
import type { Action } from '../plan/action.js';
import type { Minutes, PassCheck, Round, RoundPass } from '../plan/round.js';
import { betweenOf } from './betweenOf.js';
import { dryingOf } from './dryingOf.js';
import { lookOf } from './lookOf.js';
import { handsOnOf, minutesOf, NO_MINUTES, plus } from './minutesOf.js';
import { tagCheck, triangleCheck, usualCheck } from './usualCheck.js';

/**
 * A round laid out: every pass with its amounts and actions, one drying, one look.
 * @param number from 1
 * @param earlier passes of the rounds before
 * @param contextOf the case of a pass: the surface opened by its test, or as entered
 * @param later passes of each round after it
 */
export function roundOf(
  { passes, courses }: ArrangedRound,
  number: number,
  earlier: readonly Placed[],
  contextOf: (placed: Placed) => PlanContext,
  later: readonly (readonly Placed[])[] = [],
): Round {
  const id = `r${number}`;
  let startMin: Minutes = NO_MINUTES;
  const wash = passes.findIndex(({ phase }) => phase === 'wash');
  const laid = passes.map((placed, at): RoundPass => {
    const pass = passOf(placed, at, passes, { id, number, wash, startMin, contextOf, earlier });
    startMin = plus(startMin, pass.minutes);
    return pass;
  });
  const last = passes.at(-1);
  const context = last && contextOf(last);
  const drying = last && context ? dryingOf(passes, courses, context, number) : null;
  const look = last && context ? lookOf(passes, courses, context, number, later) : null;
  const actions = [...laid.flatMap((pass) => pass.actions), ...(drying ? [drying.action] : [])];
  return {
    id,
    kind: number === 1 ? 'full' : 'outline',
    passes: laid,
    drying,
    look,
    handsOnMin: handsOnOf(actions),
    totalMin: startMin,
  };
}

interface At {
  readonly id: string;
  readonly number: number;
  readonly wash: number;
  readonly startMin: Minutes;
  readonly contextOf: (placed: Placed) => PlanContext;
  readonly earlier: readonly Placed[];
}

function passOf(
  placed: Placed,
  at: number,
  all: readonly Placed[],
  { id, number, wash, startMin, contextOf, earlier }: At,
): RoundPass {
  const { eligible, asked, words } = placed;
  const context = contextOf(placed);
  const before = [...earlier, ...all.slice(0, at)];
  const inRound: InRound = {
    isFirst: before.every((one) => one.opensAfterTest && !placed.opensAfterTest),
    wetted: before.some((one) => one.eligible.method.wetting !== 'dry'),
    wetGoes: wetGoesOf(all, contextOf),
    solvent: all.slice(0, at).some((one) => one.eligible.appliedAgents.some((agent) => agent.flammable)),
  };
  const between = betweenOf(placed, all.slice(at + 1), context);
  const actions = roundActions({ eligible, context, inRound }, between.way, placed.extra).map(
    (action, step) => ({ ...action, id: `${id}p${at + 1}s${step + 1}-${action.kind}` }),
  );
  return {
    id: `${id}p${at + 1}`,
    phase: placed.phase,
    methodId: eligible.method.id,
    purpose: asked?.purpose ?? null,
    helps: placed.helps,
    takes: placed.takes,
    gone: placed.gone,
    prepares: placed.prepares,
    origin: asked || placed.phase === 'wash' ? 'course' : 'workedOut',
    insteadOf: placed.insteadOf,
    checks: [
      ...usualCheck(placed, before, context, number, all.slice(at)),
      ...tagCheck(placed, before, context, number),
      ...triangleCheck(placed, before, context, number),
      ...checksOf(placed, before, actions, context, number),
    ],
    advice:
      placed.phase === 'wash'
        ? adviceOfWash(placed, [...earlier, ...all], context)
        : sayable(words?.advice ?? [], context, NO_MOMENT),
    stop: words?.stop ?? null,
    expect: words?.expect ?? null,
    opensAfterTest: placed.opensAfterTest,
    startMin,
    minutes: minutesOf(actions),
    whenGone: wash > at ? `${id}p${wash + 1}` : null,
    between,
    edges: limitReasons(eligible, context),
    risk: riskOf(eligible.harshness),
    handsOnMin: handsOnOf(actions),
    maxRounds: eligible.window.maxRounds,
    missingAgentIds: eligible.missingAgentIds,
    findings: [...eligible.remarks, ...recipeRemarks(eligible, actions, context)],
    cautionIds: [...new Set([...actions.flatMap((action) => action.cautionIds)])],
    vessels: vesselsBeside(eligible.method, context),
    machineFreeInMin: eligible.method.inMachine ? context.occupancy.machineFreeInMin : null,
    actions,
  };
}

/** A line that asks for one of these is said where the plan brings it anyway. */
const PRODUCT_DEEDS: readonly Deed[] = ['acid', 'bleach', 'chlorine', 'soda', 'ammonia', 'softener'];

/** The first line of the courses on the wash that may be said here; a position's line comes at the tub. */
function adviceOfWash(
  { eligible, extra }: Placed,
  all: readonly Placed[],
  context: PlanContext,
): readonly string[] {
  const ofPositions = drumNotes(eligible, context).map(({ note }) => note);
  const ofCourses = extra.filter((note) => !ofPositions.includes(note));
  const applied = all.flatMap((placed) => placed.eligible.appliedAgents);
  const done = deedsDone(applied, 'none');
  const inPlan = ofCourses.filter(
    ({ asks, text }) =>
      asks.every((deed) => !PRODUCT_DEEDS.includes(deed) || done.has(deed)) &&
      (!asks.some((deed) => PRODUCT_DEEDS.includes(deed)) || namesOnly(applied, text, context)),
  );
  return sayable(inPlan, context, NO_MOMENT).slice(0, 1);
}

/** A product that the line names is one of these, or it names none: citric acid makes no vinegar. */
function namesOnly(applied: readonly Agent[], text: string, { index }: PlanContext): boolean {
  const line = text.toLowerCase();
  const named = [...index.agents.values()].filter(({ name, aliases }) =>
    [name, ...aliases].some((known) => line.includes(known.toLowerCase())),
  );
  return named.length === 0 || named.some(({ id }) => applied.some((agent) => agent.id === id));
}

/** Wet goes of a round on what cannot be rinsed through, the plain passes between them counted. */
function wetGoesOf(all: readonly Placed[], contextOf: (placed: Placed) => PlanContext): number {
  const goes = all.map((placed, at) => {
    const { method } = placed.eligible;
    const context = contextOf(placed);
    if (context.rinsable || method.wetting === 'dry' || method.agents.length === 0) return 0;
    return 1 + dampPasses(betweenOf(placed, all.slice(at + 1), context).way);
  });
  return Math.max(
    1,
    goes.reduce((sum, one) => sum + one, 0),
  );
}

const NO_MOMENT: Moment = { unwetted: false, bars: new Set() };

/** What the facts leave open of the conditions of a pass. Where a hidden test is among its actions, that answers it. */
function checksOf(
  { words }: Placed,
  before: readonly Placed[],
  actions: readonly Action[],
  context: PlanContext,
  round: number,
): PassCheck[] {
  const hasTest = actions.some(({ kind }) => kind === 'hiddenTest');
  const eligibles = before.map(({ eligible }) => eligible);
  return openChecks(words, eligibles, context)
    .filter(({ isTest }) => !isTest || !hasTest)
    .map(({ id, text }) => ({ id, text, when: round > 1 ? 'atLook' : 'beforeStep' }));
}
