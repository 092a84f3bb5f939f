import { type Agent, CARBONIC_SYSTEM_ID, type Knowledge, type Substance } from '@feverfew/knowledge';
import { DomainError, requireWithin } from '../../quantity/domainError.js';
import { type ChemistryIndex, chemistryIndex } from './chemistryIndex.js';
import { calcitePKspAt, gasSolubilityAt } from './constantsAt.js';
import { type Pour, pureG, sizeOf } from './pour.js';
import type { DissolvedSystem, Leaving } from './solveChargeBalance.js';

/** Water a mix is made with. */
export interface MixWater {
  readonly volumeML: number;
  /** mg/L CaCO₃ */
  readonly hardnessMgL: number;
}

/** End of a range, or its middle. */
export type RangeEnd = 'low' | 'centre' | 'high';

/** One way things may be inside their ranges; pH is worked out for the corners. */
export interface Corner {
  /** Which end of its dose and strength each pour lies at; order as poured. One that is missing is in the middle. */
  readonly amounts: readonly RangeEnd[];
  /** Which end of a stated pH. */
  readonly stated: RangeEnd;
  /** Bicarbonate of the tap as a share of its hardness. */
  readonly alkalinityShare: number;
  /** Calcium of the tap falls out as carbonate as far as its solubility lets it; else all of it stays. */
  readonly precipitated: boolean;
  /** Carbon dioxide: all kept; above what water holds under its own gas gone; all that acid sets free gone. */
  readonly gas: 'kept' | 'saturated' | 'gone';
}

export interface Solute {
  readonly agentId: string;
  readonly substanceId: string;
  /** Dissolved, g per litre of the mix. */
  readonly gPerL: number;
  /** What stays on the bottom, g. */
  readonly undissolvedG: number;
}

export interface Solution {
  readonly totalML: number;
  readonly solutes: readonly Solute[];
  readonly systems: readonly DissolvedSystem[];
  readonly strongMolPerL: number;
  /** Carbon dioxide set free by acid, mol in the whole mix. */
  readonly carbonDioxideMol: number;
  /** What leaves it, for the balance. */
  readonly leaving: Leaving;
  /** A product with carbonate is in it, so gas can leave. */
  readonly hasCarbonate: boolean;
}

/**
 * Bicarbonate of drinking water against its hardness, as shares: most hard waters lie between. Estimate from
 * memory.
 */
export const ALKALINITY_SHARES = { low: 0.4, centre: 0.75, high: 1 } as const;
/** Tap water is near this pH, so that much of its carbonate is CO₂. Common practice, no source. */
const TAP_PH = 7.5;
/**
 * With all freed gas gone, so much of the carbonate stays as carbon dioxide: what a solution of bicarbonate alone
 * holds (pH 8.3, computed).
 */
const GAS_LEFT_SHARE = 0.01;
/** An acid that has kept its proton up to this pH does not give it to bicarbonate. */
const GIVES_BEFORE_PH = 7;
const MG_PER_MMOL_CACO3 = 100.0869;
/** Largest mix of the tool, mL. */
const MAX_MIX_ML = 500_000;

/** @throws DomainError outOfRange */
export function requireWater({ volumeML, hardnessMgL }: MixWater): void {
  requireWithin('water volumeML', volumeML, 0, MAX_MIX_ML);
  requireWithin('hardnessMgL', hardnessMgL, 0, 1500);
}

/**
 * Totals of a mix by component: what each product brings, the water's own bicarbonate and calcium, what has left.
 * Volumes of liquids are taken as additive; powders take no room.
 * @param water 0–500 000 mL, hardness 0–1500 mg/L
 * @throws DomainError outOfRange; nothingToMix without any liquid
 */
export function dissolve(
  pours: readonly Pour[],
  water: MixWater,
  tempC: number,
  corner: Corner,
  knowledge: Knowledge,
): Solution {
  requireWater(water);
  const index = chemistryIndex(knowledge);
  const parts = pours.map((pour, place) => {
    const agent = index.agentOf(pour.agentId);
    const end = corner.amounts[place] ?? 'centre';
    return { pour, agent, end, size: sizeOf(pour, agent, end) };
  });
  const totalML =
    water.volumeML +
    parts.reduce((sum, { agent, size }) => sum + (agent.form === 'liquid' ? size.volumeML : 0), 0);
  if (!(totalML > 0)) throw new DomainError('nothingToMix', {});
  const totalL = totalML / 1000;
  const solutes = parts.flatMap((part) => solutesOf(part, totalL, index));
  const book = new Ledger(index);
  for (const { agent, substance, molPerL } of solutes)
    if (agent.compositionSetsPH) book.take(substance, molPerL);
  const poured = book.carbonic;
  book.takeTap(water, corner, totalML);
  const buffers = parts.flatMap(({ agent, size }) => bufferOf(agent, size.massG, corner, totalL));
  for (const buffer of buffers) book.strong += buffer.molPerL / 2;
  return {
    totalML,
    solutes: solutes.map(({ solute }) => solute),
    systems: [
      ...[...book.totals].map(([id, molPerL]) => ({
        id,
        topCharge: index.systemOf(id).topCharge,
        pKas: index.pKasOf(id, tempC),
        molPerL,
      })),
      ...buffers,
    ],
    strongMolPerL: book.strong,
    carbonDioxideMol: Math.min(poured, Math.max(0, -book.base)) * totalL,
    leaving: {
      calciumMolPerL: corner.precipitated
        ? (water.hardnessMgL / MG_PER_MMOL_CACO3 / 1000) * (water.volumeML / totalML)
        : 0,
      pKsp: calcitePKspAt(tempC),
      mostGasMolPerL:
        corner.gas === 'kept' || poured === 0
          ? Number.POSITIVE_INFINITY
          : corner.gas === 'saturated'
            ? gasSolubilityAt(tempC)
            : GAS_LEFT_SHARE * book.carbonic,
    },
    hasCarbonate: poured > 0,
  };
}

interface Part {
  readonly pour: Pour;
  readonly agent: Agent;
  readonly end: RangeEnd;
  readonly size: { readonly massG: number; readonly volumeML: number };
}

function solutesOf({ pour, agent, end, size }: Part, totalL: number, index: ChemistryIndex) {
  return agent.composition.map(({ substanceId, share }) => {
    const substance = index.substanceOf(substanceId);
    const grams = pureG(share, { ...size, strengthPct: pour.strengthPct }, agent, end);
    const gPerL = Math.min(grams / totalL, substance.solubilityGPerL ?? Number.POSITIVE_INFINITY);
    const solute: Solute = {
      agentId: agent.id,
      substanceId,
      gPerL,
      undissolvedG: Math.max(0, grams - gPerL * totalL),
    };
    return { agent, solute, substance, molPerL: gPerL / substance.molarMassG };
  });
}

/** A product that holds a stated pH: a weak acid half of which is its salt. */
function bufferOf(agent: Agent, massG: number, corner: Corner, totalL: number): DissolvedSystem[] {
  if (agent.reserveMolPerKg === 0 || massG === 0) return [];
  const { low, high } = agent.pH;
  const pKa = corner.stated === 'centre' ? (low + high) / 2 : agent.pH[corner.stated];
  return [
    {
      id: `buffer of ${agent.id}`,
      topCharge: 0,
      pKas: [pKa],
      molPerL: Math.min(10, ((massG / 1000) * agent.reserveMolPerKg) / totalL),
    },
  ];
}

/** Moles per litre of each system, the net strong charge, and what acid does to carbonates. */
class Ledger {
  readonly totals = new Map<string, number>();
  strong = 0;
  /** What takes up acid before bicarbonate does, less the acid there is; below zero, acid is left for bicarbonate. */
  base = 0;

  constructor(private readonly index: ChemistryIndex) {}

  /** Carbonate in all its forms. */
  get carbonic(): number {
    return this.totals.get(CARBONIC_SYSTEM_ID) ?? 0;
  }

  take(substance: Substance, molPerL: number): void {
    let base = substance.sodiumMol;
    for (const { systemId, mol } of substance.gives) {
      this.add(systemId, mol * molPerL);
      base += systemId === CARBONIC_SYSTEM_ID ? -mol : mol * this.chargeOf(systemId);
    }
    this.strong += substance.sodiumMol * molPerL;
    this.base += base * molPerL;
  }

  takeTap({ volumeML, hardnessMgL }: MixWater, { alkalinityShare }: Corner, totalML: number): void {
    const bicarbonate =
      ((alkalinityShare * hardnessMgL * 2) / MG_PER_MMOL_CACO3 / 1000) * (volumeML / totalML);
    if (!(bicarbonate > 0)) return;
    this.add(CARBONIC_SYSTEM_ID, bicarbonate * (1 + 10 ** (6.352 - TAP_PH)));
    this.strong += bicarbonate;
  }

  /** Mean charge of a system at the pH below which acid goes to bicarbonate. */
  private chargeOf(systemId: string): number {
    const aH = 10 ** -GIVES_BEFORE_PH;
    const { topCharge } = this.index.systemOf(systemId);
    let [weight, sum, charged] = [1, 1, topCharge];
    for (const [step, pKa] of this.index.pKasOf(systemId, 25).entries()) {
      weight *= 10 ** -pKa / aH;
      sum += weight;
      charged += weight * (topCharge - step - 1);
    }
    return charged / sum;
  }

  private add(systemId: string, molPerL: number): void {
    this.totals.set(systemId, (this.totals.get(systemId) ?? 0) + molPerL);
  }
}
