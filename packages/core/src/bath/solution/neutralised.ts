import { CARBONIC_SYSTEM_ID, type Knowledge } from '@feverfew/knowledge';
import { type Finding, finding } from '../../finding/finding.js';
import { toPct, toTenth } from '../../quantity/rounding.js';
import { chemistryIndex } from './chemistryIndex.js';
import { type Pour, pureG, sizeOf } from './pour.js';

/** What acid and soda leave of each other. Shares 0–1 of what was poured. */
export interface Neutralised {
  readonly acidId: string;
  readonly sodaId: string;
  readonly acidLeft: number;
  readonly sodaLeft: number;
  /** At 20 °C and 1 atm. */
  readonly carbonDioxideL: number;
}

/** Litres a mole of gas takes at 20 °C and 1 atm: 0.082057 × 293.15. */
const GAS_L_PER_MOL = 24.055;

/** Acid on carbonate, proton for proton: carbonate → bicarbonate → carbon dioxide. Null unless both are poured. */
export function neutralised(pours: readonly Pour[], knowledge: Knowledge): Neutralised | null {
  const { agentOf, substanceOf } = chemistryIndex(knowledge);
  const molesOf = (pour: Pour) => {
    const agent = agentOf(pour.agentId);
    const size = sizeOf(pour, agent);
    return agent.composition.map(({ substanceId, share }) => {
      const substance = substanceOf(substanceId);
      const mol = pureG(share, { ...size, strengthPct: pour.strengthPct }, agent) / substance.molarMassG;
      const carbonic = substance.gives.find((one) => one.systemId === CARBONIC_SYSTEM_ID)?.mol ?? 0;
      return {
        acid: mol * substance.acidMol,
        base: carbonic > 0 ? mol * substance.sodiumMol : 0,
        carbonic: mol * carbonic,
      };
    });
  };
  const parts = pours.map((pour) => ({ pour, moles: molesOf(pour) }));
  const total = (key: 'acid' | 'base' | 'carbonic') =>
    parts.reduce((sum, { moles }) => sum + moles.reduce((own, one) => own + one[key], 0), 0);
  const [acid, base, carbonic] = [total('acid'), total('base'), total('carbonic')];
  const owner = (key: 'acid' | 'base') =>
    parts.find(({ moles }) => moles.some((one) => one[key] > 0))?.pour.agentId ?? '';
  if (!(acid > 0 && base > 0)) return null;
  const used = Math.min(acid, base);
  // Carbonate takes its first proton without giving off gas.
  const freed = Math.max(0, Math.min(carbonic, used - Math.max(0, base - carbonic)));
  return {
    acidId: owner('acid'),
    sodaId: owner('base'),
    acidLeft: 1 - used / acid,
    sodaLeft: 1 - used / base,
    carbonDioxideL: freed * GAS_L_PER_MOL,
  };
}

/** The same as a finding: the folk claim of baking soda with vinegar, answered. */
export function neutralisedClaim(
  { acidId, sodaId, acidLeft, sodaLeft, carbonDioxideL }: Neutralised,
  pH: number,
): Finding {
  return finding(
    'claimNeutralised',
    {
      acidId,
      sodaId,
      acidLeftPct: toPct(acidLeft),
      sodaLeftPct: toPct(sodaLeft),
      carbonDioxideL: toTenth(carbonDioxideL),
      pH,
    },
    ['chemHandbook'],
  );
}
