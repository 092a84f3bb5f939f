import type { Rate } from '@feverfew/knowledge';
import { oxygenFading } from '../bath/oxygen/oxygenActivity.js';
import { requireWithin } from '../quantity/domainError.js';

/** Work that goes on for a while: how long, how warm all along, how strong at its start. */
export interface TimedWork {
  /** 0–20 160 min. */
  readonly minutes: number;
  /** Temperature after so many minutes, 0–95 °C. */
  readonly tempAt: (minutes: number) => number;
  /** Available oxygen at the start, g per litre; it fades with time and warmth. */
  readonly oxygenGPerL: number;
  /** Peroxide on the spot, %. */
  readonly peroxidePct: number;
}

/** Steps a stretch of time is cut into: within 0.004 of the share done in a basin, 0.013 in a jug. */
const STEPS = 24;

/**
 * Minutes at a rate's own warmth and full strength that do the same as this work: ∫ warmth(T) · strength dt.
 * @throws DomainError outOfRange
 */
export function equivalentMinutes(rate: Rate, work: TimedWork): number {
  if (rate.warmth.by === 'nothing' && rate.strength.by === 'nothing') return work.minutes;
  const known = done.get(work) ?? new Map<Rate, number>();
  done.set(work, known);
  const minutes = known.get(rate) ?? integrate(rate, work, Number.POSITIVE_INFINITY).sum;
  known.set(rate, minutes);
  return minutes;
}

/** What was worked out for one stretch of work: it is asked once for each component of a trouble. */
const done = new WeakMap<TimedWork, Map<Rate, number>>();

/** Minutes of this work until it has done as much as `wanted` equivalent minutes; null when its time is too short. */
export function minutesFor(wanted: number, rate: Rate, work: TimedWork): number | null {
  const { sum, minutes } = integrate(rate, work, wanted);
  return sum >= wanted ? minutes : null;
}

function integrate(rate: Rate, { minutes, tempAt, oxygenGPerL, peroxidePct }: TimedWork, enough: number) {
  requireWithin('minutes', minutes, 0, 20_160);
  const step = minutes / STEPS;
  let sum = 0;
  let oxygenLeft = oxygenGPerL;
  for (let index = 0; index < STEPS; index += 1) {
    const tempC = tempAt((index + 0.5) * step);
    const halfStep = rate.strength.by === 'oxygenRoot' ? oxygenFading(tempC, step / 2) : 1;
    oxygenLeft *= halfStep;
    const speed = warmthOf(rate, tempC) * strengthOf(rate, oxygenLeft, peroxidePct);
    oxygenLeft *= halfStep;
    if (sum + speed * step >= enough) return { sum: enough, minutes: index * step + (enough - sum) / speed };
    sum += speed * step;
  }
  return { sum, minutes };
}

function strengthOf({ strength }: Rate, oxygenGPerL: number, peroxidePct: number): number {
  if (strength.by === 'oxygenRoot') return Math.sqrt(oxygenGPerL / strength.full);
  return strength.by === 'peroxide' ? Math.min(1, peroxidePct / strength.full) : 1;
}

/** Times the rate is quicker than at its own temperature. @param tempC 0–95 */
export function warmthOf({ warmth, atC }: Rate, tempC: number): number {
  if (warmth.by === 'nothing') return 1;
  if (warmth.by === 'points') return onLine(warmth.points, tempC);
  const { factor, fadesBelowC } = warmth;
  const fading = fadesBelowC === null ? 1 : Math.min(1, Math.max(0, tempC / fadesBelowC));
  return fading * factor ** ((tempC - atC) / 10);
}

function onLine(points: readonly { c: number; share: number }[], tempC: number): number {
  const after = points.findIndex((point) => point.c >= tempC);
  const to = points[after];
  const from = points[after - 1];
  if (!to) return points.at(-1)?.share ?? 0;
  return from ? from.share + ((to.share - from.share) * (tempC - from.c)) / (to.c - from.c) : to.share;
}
