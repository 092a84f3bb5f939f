import {
  type Agent,
  BRIM_FILL_SHARE,
  type Knowledge,
  SCALD_WARNING_C,
  STANDING_CAUTIONS,
  TONGS_C,
} from '@feverfew/knowledge';
import { dissolve } from '../bath/solution/dissolve.js';
import { neutralised } from '../bath/solution/neutralised.js';
import type { Pour } from '../bath/solution/pour.js';
import type { Envelope } from '../envelope/envelope.js';
import { type Finding, finding } from '../finding/finding.js';
import { pieceGates } from '../gates/agentGates.js';
import type { Household, Vessel } from '../household/household.js';
import { indexKnowledge } from '../lookup/knowledgeIndex.js';
import { DomainError, requireWithin } from '../quantity/domainError.js';
import { openCase } from '../treatment/case/openCase.js';
import { EMPTY_FACTS } from '../trouble/troubleFacts.js';
import { type ClaimBasis, folkClaims } from './folkClaims.js';
import { gasUnderLid } from './gasMakers.js';
import { MAX_POURS, MIN_WATER_ML, MIX_WATER_C, MIX_WATER_ML, type Mix } from './mix.js';
import { type MixBath, mixBath } from './mixBath.js';
import { dryMassOf } from './mixHeat.js';
import { agentsOnPiece, bathOnPiece } from './pieceFindings.js';
import { readPour } from './readPour.js';
import { refusals } from './refusals.js';

export interface MixVerdict {
  /** Why it is not made at all; then no recipe is given. */
  readonly refused: readonly Finding[];
  /** What speaks against it here: the piece, the vessel, the water. */
  readonly against: readonly Finding[];
  /** Folk claims answered by numbers. */
  readonly claims: readonly Finding[];
  readonly cautionIds: readonly string[];
  readonly bath: MixBath | null;
  /** What the piece can stand, where one is named. */
  readonly envelope: Envelope | null;
}

/**
 * What a free mix is: refused with its reasons and without a recipe, or its strengths, pH, warmth and oxygen.
 * Pure; the order of pouring changes nothing.
 * @throws DomainError outOfRange (says which quantity and range), unknownReference
 */
export function judgeMix(mix: Mix, household: Household, knowledge: Knowledge): MixVerdict {
  if (mix.waterML !== 0) requireWithin('waterML', mix.waterML, MIN_WATER_ML, MIX_WATER_ML.max);
  if (mix.waterC !== null) requireWithin('waterC', mix.waterC, MIX_WATER_C.min, MIX_WATER_C.max);
  requireWithin('pours', mix.pours.length, 0, MAX_POURS);
  const index = indexKnowledge(knowledge);
  const vessel = vesselOf(mix, household);
  const read = mix.pours.map((pour) => {
    const agent = index.agents.get(pour.agentId);
    if (!agent) throw unknown('agentId', pour.agentId);
    return { agent, pour: readPour(pour, agent, household) };
  });
  const agents = read.map(({ agent }) => agent);
  const pours = read.map(({ pour }) => pour);
  const envelope = mix.on
    ? openCase({ ...EMPTY_FACTS, piece: mix.on }, household, knowledge).frame.envelope
    : null;
  const onPiece = envelope ? agentsOnPiece(agents, envelope) : { refused: [], against: [] };
  const item = mix.on?.itemId ? index.items.get(mix.on.itemId) : undefined;
  const { on } = mix;
  const kept = on ? agents.flatMap((agent) => pieceGates(agent, on, item)) : [];
  const refused = [
    ...refusals({ mix, agents, pours, household, index, knowledge }),
    ...onPiece.refused,
    ...kept.filter((one) => one.code === 'notForChildren'),
  ];
  const against = [...onPiece.against, ...kept.filter((one) => one.code !== 'notForChildren')];
  const none = {
    refused,
    against: [],
    claims: [],
    cautionIds: cautionsOf(agents, mix, vessel, household),
    bath: null,
    envelope,
  };
  if (refused.length > 0) return none;
  const bath = mixBath(mix, pours, vessel, household, knowledge);
  if (!bath) return { ...none, against };
  const isBath = vessel !== null;
  return {
    ...none,
    bath,
    against: [
      ...against,
      ...(envelope ? bathOnPiece(bath.pH, bath.startC, isBath, envelope) : []),
      ...gasUnderLid({ mix, agents, household, knowledge }),
      ...vesselFindings(agents, vessel, bath),
      ...waterFindings(mix, bath),
      ...undissolved(mix, pours, household, knowledge),
    ],
    claims: folkClaims(claimBasis(mix, pours, bath, household, knowledge)),
  };
}

const unknown = (path: string, id: string) =>
  new DomainError('unknownReference', { path, message: `"${id}" is not a name this tool knows.` });

function vesselOf({ container }: Mix, { vessels }: Household): Vessel | null {
  if (container.kind !== 'vessel') return null;
  const vessel = vessels.find((candidate) => candidate.id === container.vesselId);
  if (!vessel) throw unknown('container.vesselId', container.vesselId);
  return vessel;
}

/** A soak in a vessel this large is one a child can drown in, L. */
const OPEN_SOAK_L = 5;

/** Scald bounds of the safety rules. */
export const heatCautions = (tempC: number): string[] =>
  tempC > TONGS_C
    ? [...STANDING_CAUTIONS.scalding]
    : tempC >= SCALD_WARNING_C
      ? [...STANDING_CAUTIONS.hot]
      : [];

function cautionsOf(
  agents: readonly Agent[],
  { waterC }: Mix,
  vessel: Vessel | null,
  { septicTank }: Household,
): string[] {
  const heat = heatCautions(waterC ?? 0);
  const open = vessel && vessel.volumeL >= OPEN_SOAK_L ? STANDING_CAUTIONS.openSoak : [];
  const own = agents.flatMap((agent) => agent.cautionIds);
  const drain = septicTank && agents.some((agent) => agent.notIntoSeptic) ? STANDING_CAUTIONS.septicTank : [];
  return [
    ...new Set([
      ...own,
      ...heat,
      ...open,
      ...drain,
      ...STANDING_CAUTIONS.anyProduct,
      ...STANDING_CAUTIONS.mixing,
    ]),
  ];
}

function vesselFindings(
  agents: readonly Agent[],
  vessel: Vessel | null,
  { vessel: filled }: MixBath,
): Finding[] {
  if (!vessel || !filled) return [];
  return [
    ...agents
      .filter((agent) => agent.notInVessels.includes(vessel.material))
      .map((agent) =>
        finding('agentOnMetalVessel', { agentId: agent.id, material: vessel.material }, agent.sourceIds),
      ),
    ...(filled.fillL > vessel.volumeL * BRIM_FILL_SHARE
      ? [finding('overTheRim', { fillL: filled.fillL, volumeL: vessel.volumeL })]
      : []),
  ];
}

function waterFindings({ waterC }: Mix, { shares, startC, vessel }: MixBath): Finding[] {
  if (waterC === null || !shares || shares.reached) return [];
  return [finding('waterNotReached', { wantedC: waterC, reachedC: vessel ? startC : shares.tempC })];
}

/** What stays on the bottom: grams that matter only. */
function undissolved(
  mix: Mix,
  pours: readonly Pour[],
  { hardnessMgL }: Household,
  knowledge: Knowledge,
): Finding[] {
  const water = { volumeML: mix.waterML, hardnessMgL };
  const corner = {
    amounts: [],
    stated: 'centre',
    alkalinityShare: 0,
    precipitated: false,
    gas: 'kept',
  } as const;
  return dissolve(pours, water, 20, corner, knowledge)
    .solutes.filter((solute) => solute.undissolvedG >= 0.5)
    .map(({ agentId, undissolvedG }) =>
      finding('doesNotDissolve', { agentId, leftG: Math.round(undissolvedG) }, ['chemHandbook']),
    );
}

function claimBasis(
  mix: Mix,
  pours: readonly Pour[],
  bath: MixBath,
  household: Household,
  knowledge: Knowledge,
): ClaimBasis {
  const afterHourC = bath.curve.find((point) => point.minutes === 60)?.likely ?? null;
  const below40 = bath.below.find((entry) => entry.tempC === 40)?.minutes ?? null;
  return {
    waterL: mix.waterML / 1000,
    totalL: bath.totalML / 1000,
    tempC: bath.startC,
    hardnessMgL: household.hardnessMgL,
    amounts: bath.pours,
    neutralised: neutralised(pours, knowledge),
    likelyPH: bath.pH?.likely ?? null,
    outlook:
      afterHourC === null ? null : { startC: bath.startC, afterHourC, below40Min: below40?.likely ?? null },
    dryMassG: bath.vessel ? dryMassOf(mix, knowledge) : null,
    index: indexKnowledge(knowledge),
    methods: knowledge.methods,
  };
}
