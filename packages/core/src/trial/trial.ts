import type { Knowledge } from '@feverfew/knowledge';
import { chanceAbove } from '../evidence/beta.js';
import { betaOfRange } from '../evidence/posterior.js';
import { indexKnowledge } from '../lookup/knowledgeIndex.js';
import { neverHappens } from '../quantity/neverHappens.js';
import { MINUTE_MS } from '../quantity/timeUnits.js';
import type { Pass } from '../treatment/plan/pass.js';
import type { Plan } from '../treatment/plan/plan.js';

export const TRIAL_PLACES = ['zones', 'pieces'] as const;
export type TrialPlace = (typeof TRIAL_PLACES)[number];

/** Two or three methods side by side, alike in everything else. */
export interface TrialSetup {
  readonly place: TrialPlace;
  /** One per method: the method and where it goes. */
  readonly arms: readonly { readonly methodId: string; readonly where: string }[];
  /** Same for all, min. */
  readonly dwellMin: number;
  /** Order in which the arms are looked at, by their index; the looker is told places only. */
  readonly lookOrder: readonly number[];
}

export type TrialEvent =
  | { readonly kind: 'treated'; readonly at: string; readonly arm: number }
  | { readonly kind: 'clockStarted'; readonly at: string }
  | { readonly kind: 'washed'; readonly at: string }
  | { readonly kind: 'looked'; readonly at: string; readonly arm: number; readonly leftPct: number }
  | { readonly kind: 'undone'; readonly at: string };

export interface TrialState {
  /** apply → wait → wash → look → told. */
  readonly phase: 'apply' | 'wait' | 'wash' | 'look' | 'told';
  readonly treated: readonly number[];
  readonly readyAt: string | null;
  /** % left per arm; null until looked at. */
  readonly leftPct: readonly (number | null)[];
}

export type TrialRefusal = 'notNow' | 'alreadyTreated' | 'clockFirst' | 'notThisOne' | 'nothingToUndo';

type Turn =
  | { readonly ok: true; readonly state: TrialState }
  | { readonly ok: false; readonly refusal: TrialRefusal };

/** State of a trial from its events alone; undo takes back the last that counts. */
export function replayTrial(setup: TrialSetup, events: readonly TrialEvent[]): Turn {
  const counted: TrialEvent[] = [];
  for (const event of events) {
    if (event.kind !== 'undone') counted.push(event);
    else if (!counted.pop()) return { ok: false, refusal: 'nothingToUndo' };
  }
  let state: TrialState = { phase: 'apply', treated: [], readyAt: null, leftPct: setup.arms.map(() => null) };
  for (const event of counted) {
    const next = turn(setup, state, event);
    if (!next.ok) return next;
    state = next.state;
  }
  return { ok: true, state };
}

function turn(setup: TrialSetup, state: TrialState, event: TrialEvent): Turn {
  const no = (refusal: TrialRefusal): Turn => ({ ok: false, refusal });
  const yes = (change: Partial<TrialState>): Turn => ({ ok: true, state: { ...state, ...change } });
  switch (event.kind) {
    case 'treated': {
      if (state.phase !== 'apply') return no('notNow');
      if (!setup.arms[event.arm]) return no('notThisOne');
      return state.treated.includes(event.arm)
        ? no('alreadyTreated')
        : yes({ treated: [...state.treated, event.arm] });
    }
    case 'clockStarted':
      // One clock for all: it starts when the last one is on.
      if (state.phase !== 'apply' || state.treated.length < setup.arms.length) return no('notNow');
      return yes({
        phase: 'wait',
        readyAt: new Date(Date.parse(event.at) + setup.dwellMin * MINUTE_MS).toISOString(),
      });
    case 'washed':
      if (state.phase !== 'wait') return no('notNow');
      return event.at < (state.readyAt ?? '') ? no('clockFirst') : yes({ phase: 'look' });
    case 'looked': {
      if (state.phase !== 'look') return no('notNow');
      // The order is drawn, not chosen.
      if (nextToLook(setup, state) !== event.arm) return no('notThisOne');
      const leftPct = state.leftPct.map((left, arm) => (arm === event.arm ? event.leftPct : left));
      return yes({ leftPct, phase: leftPct.every((left) => left !== null) ? 'told' : 'look' });
    }
    case 'undone':
      return no('nothingToUndo');
    default:
      return neverHappens(event);
  }
}

/** The arm to look at next; null when all are told. */
export const nextToLook = ({ lookOrder }: TrialSetup, { leftPct }: TrialState): number | null =>
  lookOrder.find((arm) => leftPct[arm] === null) ?? null;

/** Why two methods cannot be tried fairly side by side. */
export type TrialFault =
  | { readonly code: 'tooFew' | 'tooMany' | 'sameTwice' | 'notOnLadder' | 'noCommonTime' | 'notOnZones' }
  | { readonly code: 'mustNotMeet'; readonly pairId: string };

export const MOST_ARMS = 3;

/**
 * The wait all of them share: the longest of the shortest, within the shortest of the longest; null when there is
 * none.
 */
export function commonDwellMin(passes: readonly Pass[]): number | null {
  const dwells = passes.map((pass) => pass.steps.find((action) => action.dwell)?.dwell ?? null);
  if (dwells.some((dwell) => dwell === null)) return null;
  const least = Math.max(...dwells.map((dwell) => dwell?.minMin ?? 0));
  const most = Math.min(...dwells.map((dwell) => dwell?.maxMin ?? 0));
  return least <= most && most > 0 ? Math.max(1, Math.round(least)) : null;
}

/** Everything that stands against trying these methods of a plan side by side; empty when it is fair and safe. */
export function trialFaults(
  plan: Plan,
  methodIds: readonly string[],
  place: TrialPlace,
  knowledge: Knowledge,
): TrialFault[] {
  if (methodIds.length < 2) return [{ code: 'tooFew' }];
  if (methodIds.length > MOST_ARMS) return [{ code: 'tooMany' }];
  if (new Set(methodIds).size < methodIds.length) return [{ code: 'sameTwice' }];
  const passes = methodIds.flatMap((id) => plan.ladder.find((pass) => pass.methodId === id) ?? []);
  if (passes.length < methodIds.length) return [{ code: 'notOnLadder' }];
  const index = indexKnowledge(knowledge);
  const methods = methodIds.flatMap((id) => index.methods.get(id) ?? []);
  const faults: TrialFault[] = [];
  if (commonDwellMin(passes) === null) faults.push({ code: 'noCommonTime' });
  if (
    place === 'zones' &&
    methods.some((method) => method.wetting === 'immersion' || method.inMachine || method.throughRinse)
  )
    faults.push({ code: 'notOnZones' });
  if (place === 'zones') {
    // Side by side on one cloth they may run together, whatever lies between.
    const meets = methods.flatMap((one, at) =>
      methods
        .slice(at + 1)
        .flatMap((other) =>
          index
            .factsOf(one)
            .agents.flatMap((a) => index.factsOf(other).agents.flatMap((b) => index.pairsBetween(a, b))),
        ),
    );
    for (const pairId of new Set(meets.map((pair) => pair.id))) faults.push({ code: 'mustNotMeet', pairId });
  }
  return faults;
}

export interface TrialVerdict {
  /** Chance that each arm is the best of them, 0–1, summing to 1 for two. */
  readonly chanceBest: readonly number[];
  readonly best: number | null;
  readonly says: 'tooLittle' | 'likely' | 'clear';
}

/** Below this a difference is not told. From memory: three in four and nineteen in twenty. */
const LIKELY = 0.75;
const CLEAR = 0.95;

/**
 * Chance that one is better, from the book's expectation of each and all trials of the same pair so far.
 * Two like levels, and a single trial of a small difference, are “too little to tell”.
 * @param effects what the book says of each arm
 * @param leftPct per arm, what every trial left, %
 */
export function trialVerdict(
  effects: readonly { readonly low: number; readonly high: number }[],
  leftPct: readonly (readonly number[])[],
): TrialVerdict {
  // Both sides begin alike, as wide as 0.3 to either side (from memory): only what the trial saw may part them.
  const mean =
    effects.reduce((sum, effect) => sum + (effect.low + effect.high) / 2, 0) / Math.max(1, effects.length);
  const start = betaOfRange({ low: Math.max(0, mean - 0.3), high: Math.min(1, mean + 0.3) });
  const betas = leftPct.map((lefts) =>
    lefts.reduce((beta, left) => ({ a: beta.a + 1 - left / 100, b: beta.b + left / 100 }), {
      a: start.a,
      b: start.b,
    }),
  );
  const raw = betas.map((beta, arm) =>
    betas.reduce((chance, other, index) => (index === arm ? chance : chance * chanceAbove(beta, other)), 1),
  );
  const total = raw.reduce((sum, chance) => sum + chance, 0);
  const chanceBest = raw.map((chance) => chance / total);
  const top = Math.max(...chanceBest);
  const says = top >= CLEAR ? 'clear' : top >= LIKELY ? 'likely' : 'tooLittle';
  return { chanceBest, best: says === 'tooLittle' ? null : chanceBest.indexOf(top), says };
}
