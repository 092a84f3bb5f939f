import { type Agent, CARBONIC_SYSTEM_ID, type Knowledge, type Substance } from '@feverfew/knowledge';
import { DomainError, requireWithin } from '../../quantity/domainError.js';
import { type ChemistryIndex, chemistryIndex } from './chemistryIndex.js';
import { type Pour, pureG, sizeOf } from './pour.js';
import type { DissolvedSystem } from './solveChargeBalance.js';

/** Water a mix is made with. */
export interface MixWater {
  readonly volumeML: number;
  /** mg/L CaCO₃ */
  readonly hardnessMgL: number;
}

/** One way things may be inside their ranges; pH is worked out for the corners. */
export interface Corner {
  readonly amount: 'low' | 'centre' | 'high';
  /** Which end of a stated pH. */
  readonly stated: 'low' | 'centre' | 'high';
  /** Bicarbonate of the tap as a share of its hardness. */
  readonly alkalinityShare: number;
  /** Calcium of the tap has fallen out as carbonate. */
  readonly precipitated: boolean;
  /** Carbon dioxide from acid on soda has left. */
  readonly vented: boolean;
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
  /** Carbonates are in it, so calcium can fall out. */
  readonly precipitates: boolean;
}

/**
 * Bicarbonate of drinking water against its hardness, as shares: most hard waters lie between. Estimate from
 * memory.
 */
export const ALKALINITY_SHARES = { low: 0.4, centre: 0.75, high: 1 } as const;
/** Tap water stands near this pH, so that much of its carbonate is CO₂. Common practice, no source. */
const TAP_PH = 7.5;
const MG_PER_MMOL_CACO3 = 100.0869;
/** Largest mix the tool reckons with, mL. */
const MOST_MIX_ML = 500_000;

/** @throws DomainError outOfRange */
export function requireWater({ volumeML, hardnessMgL }: MixWater): void {
  requireWithin('water volumeML', volumeML, 0, MOST_MIX_ML);
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
  const parts = pours.map((pour) => {
    const agent = index.agentOf(pour.agentId);
    const density = corner.amount;
    return { pour, agent, size: sizeOf(pour, agent, density) };
  });
  const totalML =
    water.volumeML +
    parts.reduce((sum, { agent, size }) => sum + (agent.form === 'liquid' ? size.volumeML : 0), 0);
  if (!(totalML > 0)) throw new DomainError('nothingToMix', {});
  const totalL = totalML / 1000;
  const solutes = parts.flatMap(({ pour, agent, size }) =>
    solutesOf(pour, agent, size, corner, totalL, index),
  );
  const book = new Ledger();
  for (const { agent, solute, substance, molPerL } of solutes) {
    if (!agent.compositionSetsPH && solute) continue;
    book.take(substance, molPerL);
  }
  book.takeTap(water, corner, totalML);
  const buffers = parts.flatMap(({ agent, size }) => bufferOf(agent, size.massG, corner, totalL));
  for (const buffer of buffers) book.strong += buffer.molPerL / 2;
  const carbonDioxide = book.freedByAcid(corner.vented);
  const alkaline = book.carbonates > carbonDioxide;
  if (corner.precipitated && alkaline)
    book.dropCalcium((water.hardnessMgL / MG_PER_MMOL_CACO3 / 1000) * (water.volumeML / totalML));
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
    carbonDioxideMol: carbonDioxide * totalL,
    precipitates: alkaline,
  };
}

function solutesOf(
  pour: Pour,
  agent: Agent,
  size: { massG: number; volumeML: number },
  corner: Corner,
  totalL: number,
  index: ChemistryIndex,
) {
  return agent.composition.map(({ substanceId, share }) => {
    const substance = index.substanceOf(substanceId);
    const grams = pureG(share, { ...size, strengthPct: pour.strengthPct }, agent, corner.amount);
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
  /** Carbonate and bicarbonate poured in, each as mol/L, without what the tap brings. */
  carbonates = 0;
  private acid = 0;
  private carbonateIons = 0;

  take(substance: Substance, molPerL: number): void {
    for (const { systemId, mol } of substance.gives) {
      this.add(systemId, mol * molPerL);
      if (systemId === CARBONIC_SYSTEM_ID) {
        this.carbonates += mol * molPerL;
        this.carbonateIons += Math.max(0, substance.sodiumMol - mol) * molPerL;
      }
    }
    this.strong += substance.sodiumMol * molPerL;
    this.acid += substance.acidMol * molPerL;
  }

  takeTap({ volumeML, hardnessMgL }: MixWater, { alkalinityShare }: Corner, totalML: number): void {
    const bicarbonate =
      ((alkalinityShare * hardnessMgL * 2) / MG_PER_MMOL_CACO3 / 1000) * (volumeML / totalML);
    if (!(bicarbonate > 0)) return;
    this.add(CARBONIC_SYSTEM_ID, bicarbonate * (1 + 10 ** (6.352 - TAP_PH)));
    this.strong += bicarbonate;
  }

  /** Acid turns carbonate to bicarbonate first, then frees CO₂ from it. */
  freedByAcid(leaves: boolean): number {
    const freed = Math.min(this.carbonates, Math.max(0, this.acid - this.carbonateIons));
    if (leaves) this.add(CARBONIC_SYSTEM_ID, -freed);
    return freed;
  }

  /** Calcium takes one carbonate each and both its charges with it. */
  dropCalcium(calciumMolPerL: number): void {
    const dropped = Math.min(calciumMolPerL, this.totals.get(CARBONIC_SYSTEM_ID) ?? 0, this.strong / 2);
    this.add(CARBONIC_SYSTEM_ID, -dropped);
    this.strong -= 2 * dropped;
  }

  private add(systemId: string, molPerL: number): void {
    this.totals.set(systemId, Math.max(0, (this.totals.get(systemId) ?? 0) + molPerL));
  }
}
