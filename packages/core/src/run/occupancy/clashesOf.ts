import { FLAMMABLE_AGENTS, MAX_SOLVENT_A_DAY_ML } from '@feverfew/knowledge';
import { DAY_MS, MINUTE_MS } from '../../quantity/timeUnits.js';
import { runsInDrum } from '../../treatment/plan/action.js';
import type { Plan } from '../../treatment/plan/plan.js';
import type { RunState } from '../runState.js';

/** The occupancy of a run: its piece, its plan, its state. */
export interface RunAtWork {
  readonly id: string;
  readonly pieceName: string;
  readonly plan: Plan;
  readonly state: RunState;
}

/** A vessel or the machine taken from one moment to another, ms since 1970. */
export interface Occupation {
  readonly what: 'vessel' | 'machine';
  readonly vesselId: string | null;
  readonly name: string;
  readonly fromMs: number;
  readonly toMs: number;
}

export interface Clash {
  readonly kind: 'vesselTwice' | 'machineTwice' | 'coloursTogether' | 'solventsTogether';
  readonly name: string;
  readonly runIds: readonly [string, string];
  readonly pieceNames: readonly [string, string];
  /** When both would want it; ISO 8601. */
  readonly fromAt: string;
  /** When the earlier one frees it, as far as known. */
  readonly freeAt: string;
}

/** A wash programme, min. Common practice, no source: 40 to 90 for a mild 30–40 °C wash. */
const WASH_MIN = 75;
const MACHINE = 'machine';

/**
 * What a run has taken up and will take up on its present pass, if each step begins as soon as it can and takes its
 * longest.
 */
export function occupations({ plan, state }: RunAtWork, nowMs: number): Occupation[] {
  const pass = plan.passes[state.passIndex];
  if (!pass || state.status === 'finished') return [];
  const bath = pass.actions.find((action) => action.kind === 'mix' && action.vessel);
  const mixIndex = bath ? pass.actions.indexOf(bath) : -1;
  const rinseIndex = pass.actions.findIndex((action, index) => index > mixIndex && action.kind === 'rinse');
  const taken: Occupation[] = [];
  let atMs = nowMs;
  let bathFromMs: number | null = mixIndex >= 0 && state.actionIndex > mixIndex ? nowMs : null;
  for (const [index, action] of pass.actions.entries()) {
    if (index < state.actionIndex) continue;
    if (index === mixIndex) bathFromMs = atMs;
    const fromMs = atMs;
    const timed =
      index === state.actionIndex && state.timer ? Math.max(nowMs, Date.parse(state.timer.latestAt)) : null;
    atMs = timed ?? atMs + (action.handsOnMin + (action.dwell?.maxMin ?? 0)) * action.batches * MINUTE_MS;
    if (runsInDrum(action)) {
      const toMs = atMs + WASH_MIN * MINUTE_MS;
      taken.push({ what: 'machine', vesselId: null, name: MACHINE, fromMs, toMs });
      // What runs as a wash of its own waits in the step that follows.
      if (action.kind === 'wash') atMs = toMs;
    }
    if (
      bathFromMs !== null &&
      bath?.vessel &&
      index === (rinseIndex < 0 ? pass.actions.length - 1 : rinseIndex)
    ) {
      taken.push({
        what: 'vessel',
        vesselId: bath.vessel.id,
        name: bath.vessel.name,
        fromMs: bathFromMs,
        toMs: atMs,
      });
      bathFromMs = null;
    }
  }
  return taken;
}

const busyAt =
  (nowMs: number) =>
  (run: RunAtWork): Busy => ({ run, taken: occupations(run, nowMs) });
const soonestFirst = (a: Clash, b: Clash): number => (a.fromAt < b.fromAt ? -1 : 1);

/** Every pair of runs that would want one thing at one time, the soonest first. */
export function clashesOf(runs: readonly RunAtWork[], nowMs: number): Clash[] {
  const busy = runs.map(busyAt(nowMs));
  const clashes = busy.flatMap((one, index) =>
    busy.slice(index + 1).flatMap((other) => clashesBetween(one, other)),
  );
  return [...clashes, ...solventsTogether(runs, nowMs)].sort(soonestFirst);
}

/** Those pairs that one run is part of: the same as all of them, sifted, at a cost that grows with the runs only. */
export function clashesOfRun(run: RunAtWork, others: readonly RunAtWork[], nowMs: number): Clash[] {
  const busy = busyAt(nowMs)(run);
  const clashes =
    busy.taken.length === 0 ? [] : others.flatMap((other) => clashesBetween(busy, busyAt(nowMs)(other)));
  const solvents = solventsTogether([run, ...others], nowMs).filter(({ runIds }) => runIds.includes(run.id));
  return [...clashes, ...solvents].sort(soonestFirst);
}

/** Flammable solvent of the current pass, mL. */
const solventOf = ({ plan, state }: RunAtWork): number =>
  state.status === 'finished'
    ? 0
    : (plan.passes[state.passIndex]?.actions ?? [])
        .flatMap((action) => action.ingredients)
        .reduce((sum, one) => sum + (FLAMMABLE_AGENTS.has(one.agentId) ? (one.volumeML ?? 0) : 0), 0);

/** More solvent in the house than one room bears in a day: each run that uses some is named next to the first. */
function solventsTogether(runs: readonly RunAtWork[], nowMs: number): Clash[] {
  const using = runs.map((run) => ({ run, volumeML: solventOf(run) })).filter(({ volumeML }) => volumeML > 0);
  const [first, ...others] = using.map(({ run }) => run);
  const inAll = using.reduce((sum, { volumeML }) => sum + volumeML, 0);
  if (!first || inAll <= MAX_SOLVENT_A_DAY_ML) return [];
  return others.map((other) => ({
    kind: 'solventsTogether',
    name: `${Math.round(inAll)} mL`,
    runIds: [first.id, other.id],
    pieceNames: [first.pieceName, other.pieceName],
    fromAt: new Date(nowMs).toISOString(),
    freeAt: new Date(nowMs + DAY_MS).toISOString(),
  }));
}

interface Busy {
  readonly run: RunAtWork;
  readonly taken: readonly Occupation[];
}

function clashesBetween(one: Busy, other: Busy): Clash[] {
  return one.taken.flatMap((a) =>
    other.taken.flatMap((b): Clash[] => {
      if (a.what !== b.what || a.vesselId !== b.vesselId) return [];
      const fromMs = Math.max(a.fromMs, b.fromMs);
      if (fromMs >= Math.min(a.toMs, b.toMs)) return [];
      const [first, second] = a.fromMs <= b.fromMs ? [one, other] : [other, one];
      const clash = (kind: Clash['kind']): Clash => ({
        kind,
        name: a.name,
        runIds: [first.run.id, second.run.id],
        pieceNames: [first.run.pieceName, second.run.pieceName],
        fromAt: new Date(fromMs).toISOString(),
        freeAt: new Date(a.fromMs <= b.fromMs ? a.toMs : b.toMs).toISOString(),
      });
      // A person who finds one place taken puts both pieces into it: then colours meet.
      const meet = mayBleed(one.run) || mayBleed(other.run);
      return [
        clash(a.what === 'vessel' ? 'vesselTwice' : 'machineTwice'),
        ...(meet ? [clash('coloursTogether')] : []),
      ];
    }),
  );
}

/** Dark, mid or many-coloured and not proven fast: its dye may come out. */
function mayBleed({ plan }: RunAtWork): boolean {
  const { colour, fastness } = plan.facts.piece;
  return (colour === 'dark' || colour === 'mid' || colour === 'multicoloured') && fastness !== 'proven';
}
