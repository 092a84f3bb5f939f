import { DomainError, requireWithin } from '../quantity/domainError.js';

export interface Dilution {
  readonly stockML: number;
  readonly waterML: number;
}

/**
 * C₁V₁ = C₂V₂, for strengths by volume or weight in volume (volumes taken as additive).
 * @param fromPct strength available, above 0 and at most 100 %
 * @param toPct strength wanted, above 0, not above fromPct
 * @param finalML 0.1–100 000 mL
 * @throws DomainError outOfRange, cannotStrengthen
 * @example dilute(12, 3, 200) // { stockML: 50, waterML: 150 }
 */
export function dilute(fromPct: number, toPct: number, finalML: number): Dilution {
  requireWithin('fromPct', fromPct, 0.01, 100);
  requireWithin('toPct', toPct, 0.01, 100);
  requireWithin('finalML', finalML, 0.1, 100_000);
  if (toPct > fromPct) throw new DomainError('cannotStrengthen', { fromPct, toPct });
  const stockML = (finalML * toPct) / fromPct;
  return { stockML, waterML: finalML - stockML };
}
