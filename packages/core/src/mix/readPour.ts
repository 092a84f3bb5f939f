import type { Agent } from '@feverfew/knowledge';
import { POUR_AMOUNT, type Pour } from '../bath/solution/pour.js';
import { bottleStrength } from '../household/bottleStrength.js';
import { toldDensity } from '../household/bulkDensity.js';
import type { Household } from '../household/household.js';
import { DomainError, requireWithin } from '../quantity/domainError.js';
import {
  MASS_UNITS,
  type MassUnit,
  massToG,
  VOLUME_UNITS,
  type VolumeUnit,
  volumeToML,
} from '../quantity/units.js';
import type { MixPour } from './mix.js';

/**
 * A pour in grams or millilitres, with the strength of the household's bottle.
 * @throws DomainError outOfRange; unknownReference for a unit this house does not have
 */
export function readPour(
  { agentId, amount, unit, strengthPct }: MixPour,
  agent: Agent,
  household: Household,
): Pour {
  const strength = agent.strength ? (strengthPct ?? bottleStrength(agent, household).pct) : null;
  if (unit in MASS_UNITS) {
    const massG = within(agentId, massToG(amount, unit as MassUnit));
    // A liquid on the scale goes by its density.
    return agent.form === 'liquid'
      ? { agentId, massG: null, volumeML: massG / agent.densityGPerML.centre, strengthPct: strength }
      : { agentId, massG, volumeML: null, strengthPct: strength };
  }
  const volumeML = within(agentId, mLOf(amount, unit, agentId, household));
  const told = agent.form === 'powder' ? toldDensity(agentId, household) : null;
  return told === null
    ? { agentId, massG: null, volumeML, strengthPct: strength }
    : { agentId, massG: volumeML * told, volumeML: null, strengthPct: strength };
}

const within = (agentId: string, value: number): number =>
  requireWithin(`amount of ${agentId}`, value, POUR_AMOUNT.min, POUR_AMOUNT.max);

function mLOf(amount: number, unit: string, agentId: string, { ownMeasures, products }: Household): number {
  if (unit in VOLUME_UNITS) return volumeToML(amount, unit as VolumeUnit);
  const volumeML =
    unit === 'cap'
      ? (products.find((product) => product.agentId === agentId)?.capML ?? null)
      : (ownMeasures.find((measure) => `own:${measure.id}` === unit)?.volumeML ?? null);
  if (volumeML === null)
    throw new DomainError('unknownReference', {
      path: 'unit',
      message: `This household has no measure "${unit}".`,
    });
  return volumeToML(amount, 'mL') * volumeML;
}
