import { type Agent, type Knowledge, LAST_RINSE_ML, USUAL_WASH_DOSE } from '@feverfew/knowledge';
import { detergentFactor } from '../bath/water/hardness.js';
import { bottleStrength, cupboardOf } from '../household/bottleStrength.js';
import { densityHere } from '../household/bulkDensity.js';
import type { Household } from '../household/household.js';
import { indexKnowledge } from '../lookup/knowledgeIndex.js';
import { followedPositions } from '../trouble/followedPositions.js';
import type { DrumPiece } from './drumPiece.js';
import { clothKindOf } from './readEntry.js';
import type { Load } from './sortHeap.js';

/** One product in one compartment. */
export interface DrumDose {
  readonly agentId: string;
  readonly volumeML: number;
  /** Null for what is poured, not weighed. */
  readonly massG: number | null;
  /** What the product's cap or scoop holds, mL, and how many of it; null where the household has not said. */
  readonly capML: number | null;
  readonly caps: number | null;
  readonly inHouse: boolean;
  /** The household has not entered what this product's label asks for: the usual figure. */
  readonly assumed: boolean;
}

export const NO_LAST_RINSE = ['spoils', 'school', 'notInHouse', 'notBorne'] as const;
export type NoLastRinse = (typeof NO_LAST_RINSE)[number];

/** What goes where. A compartment left empty says why where there is a why. */
export interface Compartments {
  readonly before: DrumDose | null;
  readonly main: DrumDose | null;
  /** With the detergent, in the drum or its compartment. */
  readonly oxygen: DrumDose | null;
  readonly lastRinse: DrumDose | null;
  readonly noLastRinse: NoLastRinse | null;
  readonly extraRinse: boolean;
  readonly dyeCatcher: boolean;
}

/** Dose by mass, soil and hardness, by what is in the house and the views it follows. */
export function compartmentsOf(load: Load, household: Household, knowledge: Knowledge): Compartments {
  const { pieces, drum } = load;
  const soil = heaviest(pieces);
  const gentle =
    drum.programme.id === 'woollens' ||
    drum.programme.id === 'delicate' ||
    pieces.some((one) => one.noEnzymes);
  const detergent = detergentFor(gentle, household, knowledge);
  const factor = factorOf(drum.limits.massG, soil, household.hardnessMgL);
  const usual = (agent: Agent) =>
    agent.form === 'powder'
      ? USUAL_WASH_DOSE.powderG
      : agent.washRole === 'delicate'
        ? USUAL_WASH_DOSE.delicateML
        : USUAL_WASH_DOSE.everydayML;
  const main = detergent && doseOf(detergent, usual(detergent), factor, household);
  const prewash = pieces.some(({ ownLoad }) => ownLoad !== null) && soil === 'heavy';
  return {
    before: prewash && detergent ? doseOf(detergent, usual(detergent), factor / 2, household) : null,
    main,
    oxygen: oxygenFor(load, household, knowledge),
    ...lastRinseOf(pieces, household, knowledge),
    extraRinse: household.baby || pieces.some(({ ownLoad }) => ownLoad !== null),
    dyeCatcher:
      pieces.some(({ fastness, colour }) => fastness !== 'proven' && colour !== 'white') && pieces.length > 1,
  };
}

const heaviest = (pieces: readonly DrumPiece[]): DrumPiece['soil'] =>
  pieces.some(({ soil }) => soil === 'heavy')
    ? 'heavy'
    : pieces.every(({ soil }) => soil === 'light')
      ? 'light'
      : 'usual';

/** Dose factor relative to the reference load of the label: more for a fuller drum, less for an emptier one, never 0. */
function factorOf(massG: number, soil: DrumPiece['soil'], hardnessMgL: number): number {
  const share = massG / 1000 / USUAL_WASH_DOSE.perLoadKg;
  const beyond = share > 1 ? 0.4 + 0.6 * share : 1;
  return detergentFactor(hardnessMgL, soil, Math.min(1, Math.max(0.1, share))) * beyond;
}

/** The everyday detergent of the house, the one with enzymes where nothing forbids them; else the gentle one. */
function detergentFor(gentle: boolean, household: Household, { agents }: Knowledge): Agent | null {
  const cupboard = cupboardOf(household);
  const roles = gentle ? (['delicate'] as const) : (['enzyme', 'everyday'] as const);
  const fit = roles.flatMap((role) => agents.filter(({ washRole }) => washRole === role));
  return fit.find(({ id }) => cupboard.has(id)) ?? fit[0] ?? null;
}

/** @param usual what a label of its kind asks for, mL of a liquid, g of a powder */
function doseOf(agent: Agent, usual: number, factor: number, household: Household): DrumDose {
  const product = household.products.find(({ agentId }) => agentId === agent.id);
  const label = product?.labelDose && product.labelDose.perL === null ? product.labelDose : null;
  const density = densityHere(agent, household);
  const unit = label?.unit ?? (agent.form === 'powder' ? 'g' : 'mL');
  const amount = (label?.amount ?? usual) * factor;
  const volumeML = unit === 'mL' ? amount : amount / density;
  const capML = product?.capML ?? null;
  return {
    agentId: agent.id,
    volumeML: Math.round(volumeML),
    massG: agent.form === 'powder' ? Math.round(unit === 'g' ? amount : amount * density) : null,
    capML,
    // Half a cap is as fine as a hand goes.
    caps: capML === null ? null : Math.max(0.5, Math.round((volumeML / capML) * 2) / 2),
    inHouse: cupboardOf(household).has(agent.id),
    assumed: label === null,
  };
}

/** Whites and what is washed for germs get oxygen where every piece bears it; below 30 °C it does next to nothing. */
function oxygenFor({ pieces, drum }: Load, household: Household, { agents }: Knowledge): DrumDose | null {
  if (drum.limits.oxygen.value === 'never' || drum.tempC < 30) return null;
  if (!pieces.some(({ wantsOxygen, soil }) => wantsOxygen && soil !== 'light')) return null;
  const oxygen = agents.filter(
    ({ chemistries, neverOffered }) =>
      !neverOffered && chemistries.length === 1 && chemistries[0] === 'percarbonate',
  );
  const cupboard = cupboardOf(household);
  const agent = oxygen.find(({ id }) => cupboard.has(id)) ?? oxygen[0];
  return agent ? doseOf(agent, USUAL_WASH_DOSE.oxygenG, 1, household) : null;
}

/** By the view followed: vinegar in the last rinse, or softener; neither where it would spoil what a piece is for. */
function lastRinseOf(
  pieces: readonly DrumPiece[],
  household: Household,
  knowledge: Knowledge,
): Pick<Compartments, 'lastRinse' | 'noLastRinse'> {
  const none = (noLastRinse: NoLastRinse) => ({ lastRinse: null, noLastRinse });
  const index = indexKnowledge(knowledge);
  for (const { position } of followedPositions({ positions: {} }, household, index).values()) {
    const { effect } = position;
    if (effect.kind !== 'note' || effect.step !== 'wash' || effect.agentId === null) continue;
    const agent = index.agents.get(effect.agentId);
    if (!agent) continue;
    const kinds = new Set(effect.itemIds.map((itemId) => clothKindOf(itemId, knowledge).id));
    if (kinds.size > 0 && !pieces.some(({ clothKindId }) => kinds.has(clothKindId))) continue;
    if (agent.chemistries.includes('softener') && pieces.some(({ noSoftener }) => noSoftener))
      return none('spoils');
    if (agent.chemistries.includes('weakAcid') && pieces.some(({ bearsAcid }) => !bearsAcid))
      return none('notBorne');
    const { isOwned, cutShare } = bottleStrength(agent, household);
    if (!isOwned) return none('notInHouse');
    const volumeML = Math.round(LAST_RINSE_ML * cutShare);
    return {
      lastRinse: {
        agentId: agent.id,
        volumeML,
        massG: null,
        capML: null,
        caps: null,
        inHouse: true,
        assumed: true,
      },
      noLastRinse: null,
    };
  }
  return none('school');
}
