import { KETTLE_POUR_C, MAX_KETTLES } from '@feverfew/knowledge';
import type { Taps } from '../household/taps.js';
import { requireWithin } from '../quantity/domainError.js';

/** A kettle boiled a shade fuller does for this share of another. */
const SHORT_KETTLE = 0.05;

export interface WaterShares {
  readonly coldL: number;
  readonly hotTapL: number;
  readonly kettleL: number;
  readonly kettles: number;
  /** What the kettle of the house holds, L; not in plans of earlier versions. */
  readonly kettleHoldsL?: number | undefined;
  /** Temperature of the mixed water, °C, before tub and textile take their share. */
  readonly tempC: number;
  /** False when the wanted temperature lies beyond taps and kettles. */
  readonly reached: boolean;
}

/**
 * How to make a bath from cold tap, hot tap and kettle: V·T = Σ Vᵢ·Tᵢ. Hot tap first, kettle only for the rest.
 * @param volumeL 0.05–500 L
 * @param wantedC 0–95 °C; below the cold tap, plain cold water is what there is
 * @throws DomainError outOfRange
 */
export function waterShares(volumeL: number, wantedC: number, taps: Taps): WaterShares {
  requireWithin('volumeL', volumeL, 0.05, 500);
  requireWithin('wantedC', wantedC, 0, 95);
  requireWithin('coldC', taps.coldC, 0, 40);
  requireWithin('hotC', taps.hotC, taps.coldC, 95);
  requireWithin('kettleL', taps.kettleL, 0, 10);
  if (wantedC <= taps.coldC) {
    const reached = wantedC >= taps.coldC;
    return { coldL: volumeL, hotTapL: 0, kettleL: 0, kettles: 0, tempC: taps.coldC, reached };
  }
  if (wantedC <= taps.hotC) {
    const hotTapL = (volumeL * (wantedC - taps.coldC)) / (taps.hotC - taps.coldC);
    return { coldL: volumeL - hotTapL, hotTapL, kettleL: 0, kettles: 0, tempC: wantedC, reached: true };
  }
  // A house without hot water from the tap has the kettle alone, and fills up with cold.
  const hasHotTap = taps.hotC > taps.coldC;
  const neededL = (volumeL * (wantedC - taps.hotC)) / (KETTLE_POUR_C - taps.hotC);
  const kettleL = Math.min(neededL, MAX_KETTLES * taps.kettleL);
  const tapL = volumeL - kettleL;
  return {
    coldL: hasHotTap ? 0 : tapL,
    hotTapL: hasHotTap ? tapL : 0,
    kettleL,
    kettles: taps.kettleL > 0 ? Math.ceil(kettleL / taps.kettleL - SHORT_KETTLE) : 0,
    kettleHoldsL: taps.kettleL,
    tempC: taps.hotC + (kettleL / volumeL) * (KETTLE_POUR_C - taps.hotC),
    reached: kettleL >= neededL,
  };
}
