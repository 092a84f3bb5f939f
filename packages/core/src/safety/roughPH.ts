import { type Agent, CARBONIC_SYSTEM_ID, type Knowledge } from '@feverfew/knowledge';
import { indexKnowledge } from '../lookup/knowledgeIndex.js';

/** So much of one product in a finished recipe. */
export interface RoughPour {
  readonly agentId: string;
  readonly massG: number | null;
  readonly volumeML: number | null;
  readonly strengthPct: number | null;
}

/** Weak acid families in the bath: mol/L, charge with all protons, pKa of each step. */
interface Family {
  readonly molPerL: number;
  readonly topCharge: number;
  readonly pKas: readonly number[];
}

const KW = 1e-14;
const MG_PER_MMOL_CACO3 = 100.0869;
/** Of a water's hardness, bicarbonate matches about this much. From memory, as in the bath. */
const ALKALINITY_SHARE = 0.75;
/** Tap water of pH 7.5 holds this much carbon dioxide to its bicarbonate: 10^(6.35 − 7.5). */
const TAP_GAS = 0.07;

/** How far it may lie off: no activities (threefold charges feel them most), 25 °C, the middle of every dose. */
export const ROUGH_PH = 0.6;

/** Contents of a litre of the bath. */
interface Litre {
  readonly families: readonly Family[];
  readonly sodium: number;
  readonly carbonic: number;
  /** Carbon dioxide that acid drives out, and lime that falls out, at most. */
  readonly gas: number;
  readonly lime: number;
}

/**
 * pH of a recipe by the plainest calculation there is: 25 °C, no activities, charges balanced by halving. Good to about
 * 0.6; its two ends are carbon dioxide and lime kept in the water, and gone. It shares nothing with the planner's own
 * solver, so that a fault there is seen here.
 * @param waterML tap water in it, 0 and up; hardness mg/L CaCO₃
 * @returns null where nothing in it has a known composition that decides, or nothing is liquid
 */
export function roughPH(
  pours: readonly RoughPour[],
  waterML: number,
  hardnessMgL: number,
  knowledge: Knowledge,
): { readonly low: number; readonly high: number } | null {
  const parts = partsOf(pours, knowledge);
  const liquidML = parts.reduce(
    (sum, { agent, volumeML }) => sum + (agent.form === 'liquid' ? volumeML : 0),
    0,
  );
  const litres = (waterML + liquidML) / 1000;
  if (!parts.some(({ agent }) => agent.compositionSetsPH) || !(litres > 0)) return null;
  const limeMolPerL = (hardnessMgL / MG_PER_MMOL_CACO3 / 1000) * (waterML / 1000 / litres);
  const { families, sodium, carbonic, gas, lime } = litreOf(parts, litres, limeMolPerL, knowledge);
  const pKas = pKasOf(CARBONIC_SYSTEM_ID, knowledge);
  const pHWhen = (gone: number, strong: number): number =>
    balance([...families, { molPerL: Math.max(0, carbonic - gone), topCharge: 0, pKas }], strong);
  const ends = [
    pHWhen(0, sodium),
    pHWhen(gas, sodium),
    pHWhen(lime, sodium - 2 * lime),
    pHWhen(gas + lime, sodium - 2 * lime),
  ];
  return { low: Math.min(...ends), high: Math.max(...ends) };
}

interface Part {
  readonly agent: Agent;
  readonly massG: number;
  readonly volumeML: number;
  readonly pct: number;
}

function partsOf(pours: readonly RoughPour[], knowledge: Knowledge): Part[] {
  const { agents } = indexKnowledge(knowledge);
  return pours.flatMap((pour): Part[] => {
    const agent = agents.get(pour.agentId);
    if (!agent) return [];
    const gPerML = agent.densityGPerML.centre;
    const volumeML = pour.volumeML ?? (pour.massG ?? 0) / gPerML;
    const pct = pour.strengthPct ?? agent.strength?.recipe ?? 0;
    return [{ agent, volumeML, massG: pour.massG ?? volumeML * gPerML, pct }];
  });
}

function litreOf(parts: readonly Part[], litres: number, limeMolPerL: number, knowledge: Knowledge): Litre {
  const bicarbonate = 2 * ALKALINITY_SHARE * limeMolPerL;
  const tapCarbonic = bicarbonate * (1 + TAP_GAS);
  const moles = new Map([[CARBONIC_SYSTEM_ID, tapCarbonic]]);
  const families: Family[] = [];
  let sodium = bicarbonate;
  let protons = 0;
  for (const part of parts) {
    const { agent, massG } = part;
    const held = (massG / 1000 / litres) * agent.reserveMolPerKg;
    if (held > 0) families.push({ molPerL: held, topCharge: 0, pKas: [(agent.pH.low + agent.pH.high) / 2] });
    sodium += held / 2;
    for (const { substance, molPerL } of solutesOf(part, litres, knowledge)) {
      sodium += substance.sodiumMol * molPerL;
      protons += substance.acidMol * molPerL;
      for (const { systemId, mol } of substance.gives)
        moles.set(systemId, (moles.get(systemId) ?? 0) + mol * molPerL);
    }
  }
  const carbonic = moles.get(CARBONIC_SYSTEM_ID) ?? 0;
  const poured = carbonic - tapCarbonic;
  const freed = Math.min(poured, protons);
  const gas = freed + bicarbonate * TAP_GAS;
  const lime = poured > freed ? Math.min(limeMolPerL, carbonic - gas, sodium / 2) : 0;
  moles.delete(CARBONIC_SYSTEM_ID);
  for (const [id, molPerL] of moles) {
    const topCharge = knowledge.acidSystems.find((system) => system.id === id)?.topCharge ?? 0;
    families.push({ molPerL, topCharge, pKas: pKasOf(id, knowledge) });
  }
  return { families, sodium, carbonic, gas, lime };
}

function solutesOf({ agent, massG, volumeML, pct }: Part, litres: number, knowledge: Knowledge) {
  if (!agent.compositionSetsPH) return [];
  return agent.composition.flatMap(({ substanceId, share }) => {
    const substance = knowledge.substances.find(({ id }) => id === substanceId);
    if (!substance) return [];
    const grams = share === null ? (volumeML * pct) / 100 : massG * share.centre;
    const gPerL = Math.min(grams / litres, substance.solubilityGPerL ?? Number.POSITIVE_INFINITY);
    return [{ substance, molPerL: gPerL / substance.molarMassG }];
  });
}

const pKasOf = (systemId: string, { acidSystems }: Knowledge): readonly number[] =>
  acidSystems.find(({ id }) => id === systemId)?.steps.map(({ pKa }) => pKa) ?? [];

/** The pH at which charges add up to nothing, by halving: the sum falls as pH rises. */
function balance(families: readonly Family[], strongMolPerL: number): number {
  let [low, high] = [0, 14];
  for (let round = 0; round < 40; round += 1) {
    const pH = (low + high) / 2;
    if (chargeAt(pH, families) + strongMolPerL > 0) low = pH;
    else high = pH;
  }
  return (low + high) / 2;
}

function chargeAt(pH: number, families: readonly Family[]): number {
  const h = 10 ** -pH;
  return families.reduce(
    (sum, { molPerL, topCharge, pKas }) => {
      let share = 1;
      let all = 1;
      let charged = topCharge;
      pKas.forEach((pKa, index) => {
        share *= 10 ** -pKa / h;
        all += share;
        charged += (topCharge - index - 1) * share;
      });
      return sum + (molPerL * charged) / all;
    },
    h - KW / h,
  );
}
