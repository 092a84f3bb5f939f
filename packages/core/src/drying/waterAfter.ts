import type { Fibre, WaterLeft } from '@feverfew/knowledge';
import { requireWithin } from '../quantity/domainError.js';

export interface WaterSpan {
  readonly low: number;
  readonly high: number;
}

/** Latent heat is 0.68 kWh/L; a dryer that blows its warm air away or cools it takes about half as much again. From memory. */
export const DRYER_KWH_PER_L = 1;

/** How the water was got out of it. */
export type WrungBy =
  | { readonly kind: 'spun'; readonly rpm: number }
  | { readonly kind: 'wrung' | 'rolled' | 'dripping' };

/** What the fibres of a piece take up, %, by their shares; cotton's where nothing is known of any. */
export function regainOf(
  parts: readonly { readonly fibres: readonly { readonly fibreId: string; readonly sharePct: number }[] }[],
  fibres: ReadonlyMap<string, Pick<Fibre, 'moistureRegainPct'>>,
): number {
  const known = parts.flatMap((part) =>
    part.fibres.flatMap(({ fibreId, sharePct }) => {
      const regain = fibres.get(fibreId)?.moistureRegainPct;
      return regain === null || regain === undefined ? [] : [{ regain, sharePct }];
    }),
  );
  const shares = known.reduce((sum, { sharePct }) => sum + sharePct, 0);
  return shares > 0 ? known.reduce((sum, one) => sum + one.regain * one.sharePct, 0) / shares : 7;
}

/**
 * Water in cloth after it was spun, wrung, rolled in a towel or hung dripping, g per g of dry cloth.
 * @param regainPct 0–40
 * @throws DomainError outOfRange
 */
export function waterAfter(regainPct: number, by: WrungBy, waterLeft: readonly WaterLeft[]): WaterSpan {
  requireWithin('moisture regain %', regainPct, 0, 40);
  const line = [...waterLeft]
    .sort((a, b) => b.regainFromPct - a.regainFromPct)
    .find(({ regainFromPct }) => regainPct >= regainFromPct);
  if (!line) throw new Error('no line of water left for a fibre that takes up nothing');
  if (by.kind !== 'spun') return line[by.kind];
  const { spun, dripping } = line;
  const rpm = requireWithin('spin rpm', by.rpm, 0, 2000);
  const points = [{ rpm: 0, gPerG: dripping }, ...spun];
  const after = points.find((point) => point.rpm >= rpm) ?? points.at(-1);
  const before = [...points].reverse().find((point) => point.rpm <= rpm) ?? points[0];
  if (!after || !before) return dripping;
  const share = after.rpm === before.rpm ? 0 : (rpm - before.rpm) / (after.rpm - before.rpm);
  const between = (end: 'low' | 'high') => before.gPerG[end] + (after.gPerG[end] - before.gPerG[end]) * share;
  return { low: between('low'), high: between('high') };
}
