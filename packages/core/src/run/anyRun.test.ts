import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases, household, knowledge, label, piece, trouble } from '../test/fixtures.js';
import { runs } from '../test/propertyRuns.js';
import type { Plan } from '../treatment/plan/plan.js';
import { planTreatment } from '../treatment/planTreatment.js';
import { applyRunEvent } from './applyRunEvent.js';
import { LEVELS } from './look/level.js';
import { currentAction } from './next/stepOn.js';
import { replayRun } from './replayRun.js';
import { CHOICES, EXTEND_MIN, LOOK_ANSWERS, OUTCOMES, type RunEvent } from './runEvent.js';
import type { RunState } from './runState.js';

type Told = RunEvent extends infer E ? (E extends RunEvent ? Omit<E, 'at'> : never) : never;

const whites = piece('trousers', { cotton: 100 }, { colour: 'white', label: label(40) });
/** A bath, a surface, several troubles, and a hidden test. */
const plans: readonly Plan[] = [
  cases.beetrootOnDamask,
  cases.blackberryOnArmchair,
  { ...trouble('grass', whites), markIds: ['grass', 'tomatoSauce', 'blackcurrant'] },
  trouble('ballpoint', piece('tShirt', { cotton: 100 }, { label: label(40), colour: 'dark' })),
].map((facts) => planTreatment(facts, household, knowledge));

const MINUTE_MS = 60_000;
const at = (minute: number) => new Date(Date.UTC(2026, 10, 24, 8, minute)).toISOString();
const dated = (events: readonly Told[]) =>
  events.map((event, minute) => ({ ...event, at: at(minute) }) as RunEvent);

const anyLevel = fc.constantFrom(...LEVELS.map(({ leftPct }) => leftPct));

/** Every tap a person may make, whether or not it fits the state of the run. */
function anyTap(plan: Plan): fc.Arbitrary<Told> {
  const actionId = fc.constantFrom(
    ...plan.passes.flatMap(({ actions, rinseOut }) =>
      [...actions, ...(rinseOut ? [rinseOut] : [])].map(({ id }) => id),
    ),
  );
  const marks = fc.tuple(
    ...plan.facts.markIds.map((markId) =>
      fc.record({ markId: fc.constant(markId), leftPct: fc.option(anyLevel) }),
    ),
  );
  return fc.oneof(
    fc.record({ kind: fc.constant('actionDone' as const), actionId }),
    fc.record({ kind: fc.constant('timerStarted' as const), actionId }),
    fc.record({
      kind: fc.constant('looked' as const),
      answer: fc.constantFrom(...LOOK_ANSWERS),
      leftPct: fc.constant(null),
    }),
    fc.record({ kind: fc.constant('looked' as const), answer: fc.constant(null), leftPct: anyLevel }),
    fc.record({
      kind: fc.constant('looked' as const),
      answer: fc.constant(null),
      leftPct: fc.constant(null),
      marks,
    }),
    fc.record({ kind: fc.constant('decided' as const), choice: fc.constantFrom(...CHOICES) }),
    fc.constantFrom({ kind: 'paused' as const }, { kind: 'resumed' as const }),
    fc.record({ kind: fc.constant('extended' as const), minutes: fc.integer(EXTEND_MIN) }),
    fc.constant({ kind: 'heatAllowed' as const, reason: 'accepted' }),
    fc.record({
      kind: fc.constant('finished' as const),
      outcome: fc.constantFrom(...OUTCOMES),
      note: fc.constant(''),
    }),
    fc.record({ kind: fc.constant('skipped' as const), actionId }),
    fc.record({ kind: fc.constant('tested' as const), actionId, passed: fc.boolean() }),
    fc.constantFrom({ kind: 'undone' as const }, { kind: 'redone' as const }),
  );
}

/** Taps of a person who follows the tub: the current step, a look, an offered way. */
function nextTap(state: RunState, plan: Plan, pick: number): Told {
  const { decision, timer } = state;
  const action = currentAction(state, plan);
  const of = <T>(list: readonly T[]): T => list[pick % list.length] as T;
  if (decision) return { kind: 'decided', choice: of(decision.choices) };
  const level = () => of(LEVELS).leftPct;
  if (action?.kind === 'look' || action?.kind === 'finalLook' || (timer && pick % 2 === 0))
    return plan.facts.markIds.length > 1
      ? {
          kind: 'looked',
          answer: null,
          leftPct: null,
          marks: plan.facts.markIds.map((markId, at) => ({
            markId,
            leftPct: LEVELS[(pick + at * 2) % LEVELS.length]?.leftPct ?? 0,
          })),
        }
      : { kind: 'looked', answer: null, leftPct: level() };
  const actionId = action?.id ?? '';
  if (action?.kind === 'hiddenTest') return { kind: 'tested', actionId, passed: pick % 3 !== 0 };
  return action?.dwell && !timer ? { kind: 'timerStarted', actionId } : { kind: 'actionDone', actionId };
}

const picks = fc.array(fc.nat(1000), { maxLength: 60 });
const anyPlan = fc.constantFrom(...plans);

/** A plan and what was tapped on it: half of it as the tub asks, half of it anything. */
const anyRun = anyPlan.chain((plan) =>
  fc.record({
    plan: fc.constant(plan),
    taps: fc.array(fc.oneof(fc.nat(1000), anyTap(plan)), { maxLength: 60 }),
  }),
);

/** What of it the run takes, from the start. */
function taken(
  plan: Plan,
  taps: readonly (number | Told)[],
  seen: (state: RunState) => void = () => {},
): Told[] {
  let kept: Told[] = [{ kind: 'started', passIndex: 0 }];
  let state = stateOf(kept, plan);
  for (const tap of taps) {
    if (!state) break;
    const next = typeof tap === 'number' ? nextTap(state, plan, tap) : tap;
    const turned = stateOf([...kept, next], plan);
    if (!turned) continue;
    kept = [...kept, next];
    state = turned;
    seen(state);
  }
  return kept;
}

function stateOf(events: readonly Told[], plan: Plan): RunState | null {
  const replayed = replayRun(dated(events), plan);
  return replayed.ok ? replayed.state : null;
}

function expectWhole(state: RunState, plan: Plan): void {
  const action = currentAction(state, plan);
  expect(action).not.toBeNull();
  expect(state.round).toBeLessThanOrEqual(plan.passes[state.passIndex]?.maxRounds ?? 0);
  expect(state.status === 'finished').toBe(state.outcome !== null);
  expect(state.setAside.includes(state.passIndex) && action?.kind === 'mix').toBe(false);
  // Heat is open only once a dry look has found each of them gone.
  if (state.heat === 'open')
    for (const markId of plan.facts.markIds) {
      const told = state.looks.filter(
        (look) => look.isDry && look.byMark.some((one) => one.markId === markId && one.leftPct <= 1),
      );
      expect(told.length).toBeGreaterThan(0);
      const last = state.looks.flatMap((look) => look.byMark.filter((one) => one.markId === markId)).at(-1);
      expect(last?.leftPct).toBeLessThanOrEqual(1);
    }
  const { decision, timer } = state;
  // Whatever is offered can be done.
  for (const choice of decision?.choices ?? [])
    expect(applyRunEvent(state, { kind: 'decided', at: at(90), choice }, plan).ok).toBe(true);
  if (!timer) return;
  expect(action?.dwell).not.toBeNull();
  expect(timer.readyAt <= timer.latestAt).toBe(true);
  // Nothing a person taps moves the latest end.
  const maxMin = action?.dwell?.maxMin ?? 0;
  expect(Date.parse(timer.latestAt) - Date.parse(timer.startedAt)).toBe(maxMin * MINUTE_MS);
}

describe('any run', () => {
  it('keeps its invariants under any sequence of taps', () => {
    fc.assert(
      fc.property(anyRun, ({ plan, taps }) => {
        taken(plan, taps, (state) => expectWhole(state, plan));
      }),
      { numRuns: runs(200) },
    );
  });

  it('that goes on as the tub asks is never refused, and comes to its dry look', () => {
    let ends = 0;
    fc.assert(
      fc.property(anyPlan, picks, (plan, all) => {
        const kept = taken(plan, all);
        // A tap is left out only where nothing is left to choose: at the end the result is written down.
        const refused = all.length + 1 - kept.length;
        const state = stateOf(kept, plan);
        if (refused > 0) expect(state && currentAction(state, plan)?.kind).toBe('finalLook');
        if (state && currentAction(state, plan)?.kind === 'finalLook') ends += 1;
      }),
      { numRuns: runs(200) },
    );
    expect(ends).toBeGreaterThan(0);
  });

  it('stands where it stood when the last taps are taken back and brought again', () => {
    fc.assert(
      fc.property(anyRun, fc.integer({ min: 1, max: 4 }), ({ plan, taps }, times) => {
        const kept = taken(plan, taps);
        const turns = (kind: 'undone' | 'redone') => Array.from({ length: times }, (): Told => ({ kind }));
        if (!stateOf([...kept, ...turns('undone')], plan)) return;
        expect(stateOf([...kept, ...turns('undone'), ...turns('redone')], plan)).toEqual(stateOf(kept, plan));
      }),
      { numRuns: runs(150) },
    );
  });

  it('stands where it stood when it is replayed, tap by tap or from the log alone', () => {
    fc.assert(
      fc.property(anyRun, ({ plan, taps }) => {
        const log = dated(taken(plan, taps).filter(({ kind }) => kind !== 'undone' && kind !== 'redone'));
        let live = applyRunEvent(null, log[0] as RunEvent, plan);
        const counted = [log[0] as RunEvent];
        for (const event of log.slice(1)) {
          const turned: typeof live = live.ok ? applyRunEvent(live.state, event, plan) : live;
          if (!turned.ok) continue;
          live = turned;
          counted.push(event);
        }
        expect(replayRun(counted, plan)).toEqual(live);
        expect(replayRun(JSON.parse(JSON.stringify(counted)), plan)).toEqual(live);
      }),
      { numRuns: runs(150) },
    );
  });
});
