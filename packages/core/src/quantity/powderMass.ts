import type { Agent } from '@feverfew/knowledge';
import { requireWithin } from '../domainError.js';

export interface MassRange {
  readonly low: number;
  readonly likely: number;
  readonly high: number;
}

/**
 * What a measured volume of a product weighs, as a range: loose and settled powder differ by a fifth and more.
 * @param volumeML 0–100 000 mL
 * @returns g. Bulk densities stand with the agents, each with its source
 * @throws DomainError outOfRange
 */
export function massOfVolume({ densityGPerML }: Pick<Agent, 'densityGPerML'>, volumeML: number): MassRange {
  requireWithin('volumeML', volumeML, 0, 100_000);
  return {
    low: volumeML * densityGPerML.low,
    likely: volumeML * densityGPerML.centre,
    high: volumeML * densityGPerML.high,
  };
}
