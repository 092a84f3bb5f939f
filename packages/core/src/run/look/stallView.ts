import { STALL_SHARE } from '@feverfew/knowledge';
import type { LikelyRange } from '../../quantity/likelyRange.js';
import type { Look, RunState } from '../runState.js';
import { LEVELS, levelRange } from './level.js';

/** State of a pass: the rest after each round, the effect of a round, and the forecast. */
export interface StallView {
  /** Round 0 is what there was when the pass began. */
  readonly points: readonly { readonly round: number; readonly leftPct: LikelyRange }[];
  /** Share of what was left that the last round took; null before the first look. */
  readonly removed: LikelyRange | null;
  readonly verdict: 'notYet' | 'gone' | 'moving' | 'stalled';
  /** Level after the next rounds if each takes what the last one took, %. */
  readonly forecast: readonly { readonly round: number; readonly leftPct: LikelyRange }[];
  /** Rounds until a trace or less is left; high is null when it may never come to that. */
  readonly roundsLeft: {
    readonly low: number;
    readonly likely: number | null;
    readonly high: number | null;
  } | null;
  /** Left above this after the next round: change the method. */
  readonly changeLinePct: number | null;
}

/** Good enough to call gone or nearly, %: the upper bound of “a trace”. */
export const TRACE_PCT = LEVELS[1].high;
const ROUNDS_SHOWN = 2;

/**
 * Share removed between two levels by eye, 0–1, with the bounds the eye allows.
 * @param fromPct,toPct 0–100
 */
export function removedBetween(fromPct: number, toPct: number): LikelyRange {
  const from = levelRange(fromPct);
  const to = levelRange(toPct);
  const share = (left: number, before: number) => Math.min(1, Math.max(0, 1 - left / Math.max(before, 0.1)));
  // The same name twice: what is before the eye has not clearly moved.
  const likely = share(toPct, fromPct);
  return {
    low: Math.min(likely, share(to.high, from.low)),
    likely,
    high: Math.max(likely, share(to.low, from.high)),
  };
}

/** What was left before this round of this pass began, %, as far as anyone looked. */
export function leftBefore(looks: readonly Look[], passIndex: number, round: number): number {
  const earlier = looks.filter(
    (look) => look.leftPct !== null && !(look.passIndex === passIndex && look.round === round),
  );
  return earlier.at(-1)?.leftPct ?? 100;
}

/** The stall rule on a pass of a run, over its rounds: by default the one last looked at. */
export function stallView(
  { looks }: Pick<RunState, 'looks'>,
  passIndex = looks.at(-1)?.passIndex ?? 0,
): StallView {
  const here = looks.filter((look) => look.passIndex === passIndex && look.leftPct !== null);
  const rounds = [...new Set(here.map((look) => look.round))];
  const start =
    looks.filter((look) => look.passIndex !== passIndex && look.leftPct !== null).at(-1)?.leftPct ?? 100;
  const levels = [
    start,
    ...rounds.map((round) => here.filter((look) => look.round === round).at(-1)?.leftPct ?? start),
  ];
  const points = levels.map((leftPct, round) => ({ round, leftPct: levelRange(leftPct) }));
  const last = levels.at(-1) ?? 100;
  const before = levels.at(-2);
  if (before === undefined)
    return { points, removed: null, verdict: 'notYet', forecast: [], roundsLeft: null, changeLinePct: null };
  const removed = removedBetween(before, last);
  const verdict = last <= LEVELS[0].high ? 'gone' : removed.likely < STALL_SHARE ? 'stalled' : 'moving';
  const after = (rounds: number): LikelyRange => ({
    low: last * (1 - removed.high) ** rounds,
    likely: last * (1 - removed.likely) ** rounds,
    high: last * (1 - removed.low) ** rounds,
  });
  return {
    points,
    removed,
    verdict,
    forecast:
      verdict === 'gone'
        ? []
        : Array.from({ length: ROUNDS_SHOWN }, (_, next) => ({
            round: points.length + next,
            leftPct: after(next + 1),
          })),
    roundsLeft:
      verdict === 'gone'
        ? null
        : {
            low: roundsTo(TRACE_PCT, last, removed.high) ?? 1,
            likely: roundsTo(TRACE_PCT, last, removed.likely),
            high: roundsTo(TRACE_PCT, last, removed.low),
          },
    changeLinePct: verdict === 'gone' ? null : last * (1 - STALL_SHARE),
  };
}

/** Rounds that each take `share` of what is left, from `fromPct` down to `toPct`; null when they never do. */
export function roundsTo(toPct: number, fromPct: number, share: number): number | null {
  if (fromPct <= toPct) return 0;
  if (share >= 1) return 1;
  if (!(share > 0)) return null;
  const rounds = Math.ceil(Math.log(toPct / fromPct) / Math.log(1 - share) - 1e-9);
  return rounds > 20 ? null : rounds;
}
