import {
  type Agent,
  AMMONIA_MOST_C,
  CHLORINE_MOST_C,
  type Chemistry,
  type Knowledge,
  MAX_ALCOHOL_SPRAYED_PCT,
  MAX_AVAILABLE_CHLORINE_PCT,
  MAX_WEAK_ALCOHOL_ML,
  SOLVENT_MOST_C,
  WATER_ID,
  WATER_OVER_OXIDISER,
} from '@feverfew/knowledge';
import type { Pour } from '../bath/solution/pour.js';
import { type Finding, finding } from '../finding/finding.js';
import { houseGates } from '../gates/agentGates.js';
import { unsafeStrength } from '../gates/strengthFindings.js';
import type { Household } from '../household/household.js';
import type { KnowledgeIndex } from '../lookup/knowledgeIndex.js';
import { toThousandth } from '../quantity/rounding.js';
import { barredDeeds } from '../treatment/case/barredDeeds.js';
import { gasInClosed } from './gasMakers.js';
import type { Mix } from './mix.js';

const SOLVENTS: readonly Chemistry[] = ['alcohol', 'ketone', 'ester', 'hydrocarbon'];

export interface ReadMix {
  readonly mix: Mix;
  readonly agents: readonly Agent[];
  readonly pours: readonly Pour[];
  readonly household: Household;
  readonly index: KnowledgeIndex;
  readonly knowledge: Knowledge;
}

/** Why this mix is not made, whatever the order of pouring; empty when it may be. The set decides, not the sequence. */
export function refusals(read: ReadMix): Finding[] {
  return [
    ...pairs(read),
    ...nothingUnknown(read),
    ...gasInClosed(read),
    ...inItsBottle(read),
    ...oxidiserOnFuel(read),
    ...waterEnough(read),
    ...chlorineAlone(read),
    ...solventCold(read),
    ...ammoniaCold(read),
    ...solventLittle(read),
    ...keptDry(read),
    ...read.agents.flatMap((agent, index) => gates(agent, read.pours[index], read)),
  ];
}

/** Pairs that may not meet in one vessel. */
function pairs({ agents, index }: ReadMix): Finding[] {
  const found = new Map<string, Finding>();
  for (const [place, one] of agents.entries())
    for (const other of agents.slice(place))
      for (const pair of index.pairsBetween(one, other))
        if (!found.has(pair.id))
          found.set(
            pair.id,
            finding('mustNotMeet', { pairId: pair.id, agentAId: one.id, agentBId: other.id }, pair.sourceIds),
          );
  return [...found.values()];
}

/** An unknown product may meet nothing but water. */
function nothingUnknown({ agents }: ReadMix): Finding[] {
  const unknown = agents.find((agent) => agent.chemistries.includes('undeclared'));
  return unknown && agents.some((agent) => agent !== unknown && agent.id !== WATER_ID)
    ? [finding('unknownWithAnything', { agentId: unknown.id }, ['poisonCentre'])]
    : [];
}

/** What burns, fumes or poisons stays in its own bottle; weak alcohol may be sprayed. */
function inItsBottle({ mix, agents, pours }: ReadMix): Finding[] {
  const { kind } = mix.container;
  if (kind !== 'bottle' && kind !== 'sprayer') return [];
  return agents.flatMap((agent, at) => {
    const isWeakAlcohol =
      agent.chemistries.every((chemistry) => chemistry === 'alcohol') &&
      dilutedPct(agent, pours[at], mix, pours) <= MAX_ALCOHOL_SPRAYED_PCT;
    return agent.onlyInItsBottle && !isWeakAlcohol
      ? [finding('onlyInItsBottle', { agentId: agent.id, container: kind }, ['poisonCentre', 'clp'])]
      : [];
  });
}

/** Strength of a product in the whole mix, %. */
function dilutedPct(agent: Agent, pour: Pour | undefined, { waterML }: Mix, pours: readonly Pour[]): number {
  const totalML = waterML + pours.reduce((sum, one) => sum + (one.volumeML ?? one.massG ?? 0), 0);
  const pct = pour?.strengthPct ?? agent.strength?.recipe ?? 100;
  return (pct * (pour?.volumeML ?? 0)) / Math.max(1e-9, totalML);
}

const OXIDISERS: readonly Chemistry[] = ['peroxide', 'percarbonate', 'poolChlorine'];
const FUELS: readonly Chemistry[] = ['alcohol', 'ester', 'polyol', 'hydrocarbon', 'absorbent'];

/** Oxygen bleach on something that burns, without much water to take up the heat. */
function oxidiserOnFuel({ mix, agents, pours }: ReadMix): Finding[] {
  const holding = (some: readonly Chemistry[]) =>
    agents.filter((agent) => agent.chemistries.some((chemistry) => some.includes(chemistry)));
  const [oxidiser] = holding(OXIDISERS);
  const [fuel] = holding(FUELS);
  if (!oxidiser || !fuel) return [];
  const pouredML = agents.reduce(
    (sum, agent, index) =>
      sum + (agent.id === WATER_ID ? 0 : (pours[index]?.volumeML ?? pours[index]?.massG ?? 0)),
    0,
  );
  return waterIn(mix, agents, pours) < WATER_OVER_OXIDISER * pouredML
    ? [finding('burnsWithOxidiser', { oxidiserId: oxidiser.id, fuelId: fuel.id }, ['chemHandbook', 'memory'])]
    : [];
}

/** Plain water of the mix, poured as such or as a product. */
const waterIn = (mix: Mix, agents: readonly Agent[], pours: readonly Pour[]): number =>
  mix.waterML +
  agents.reduce((sum, agent, index) => sum + (agent.id === WATER_ID ? (pours[index]?.volumeML ?? 0) : 0), 0);

/** What heats up by itself with little water. */
function waterEnough({ mix, agents, pours }: ReadMix): Finding[] {
  return agents.flatMap((agent, index) => {
    const pour = pours[index];
    const grams = pour?.massG ?? (pour?.volumeML ?? 0) * agent.densityGPerML.centre;
    const neededML = (agent.leastWaterMLPerG ?? 0) * grams;
    return waterIn(mix, agents, pours) < neededML * 0.999
      ? [
          finding('tooLittleWater', { agentId: agent.id, neededML: Math.ceil(neededML) }, [
            'productLabel',
            'chemHandbook',
          ]),
        ]
      : [];
  });
}

/** Chlorine bleach: with water only, cold, at most a tenth of a per cent. */
function chlorineAlone({ mix, agents, pours, household }: ReadMix): Finding[] {
  const index = agents.findIndex((agent) => agent.chemistries.includes('chlorine'));
  const chlorine = agents[index];
  const pour = pours[index];
  if (!chlorine || !pour) return [];
  const other = agents.find((agent) => agent !== chlorine && agent.id !== WATER_ID);
  const warm = (mix.waterC ?? household.taps.coldC) > CHLORINE_MOST_C;
  const volumeML = pour.volumeML ?? 0;
  const pct =
    ((pour.strengthPct ?? chlorine.strength?.recipe ?? 0) * volumeML) /
    Math.max(1e-9, volumeML + mix.waterML);
  return [
    ...(other ? [finding('chlorineOnlyWithWater', { agentId: other.id }, ['poisonCentre'])] : []),
    ...(warm ? [finding('chlorineOnlyCold', { maxC: CHLORINE_MOST_C }, ['chemHandbook'])] : []),
    ...(pct > MAX_AVAILABLE_CHLORINE_PCT * 1.001
      ? [
          finding('chlorineTooStrong', {
            pct: toThousandth(pct),
            maxPct: MAX_AVAILABLE_CHLORINE_PCT,
          }),
        ]
      : []),
  ];
}

/** Solvent vapour and warm water are a fire. */
function solventCold({ mix, agents, pours, household }: ReadMix): Finding[] {
  const solvent = agents.find((agent) => SOLVENTS.some((chemistry) => agent.chemistries.includes(chemistry)));
  return solvent && waterIn(mix, agents, pours) > 0 && (mix.waterC ?? household.taps.coldC) > SOLVENT_MOST_C
    ? [finding('solventOnlyCold', { agentId: solvent.id, maxC: SOLVENT_MOST_C }, ['poisonCentre'])]
    : [];
}

/** Warm water drives the gas out of ammonia. */
function ammoniaCold({ mix, agents, pours, household }: ReadMix): Finding[] {
  const ammonia = agents.find(({ chemistries }) => chemistries.includes('ammonia'));
  return ammonia && waterIn(mix, agents, pours) > 0 && (mix.waterC ?? household.taps.coldC) > AMMONIA_MOST_C
    ? [finding('ammoniaOnlyCold', { agentId: ammonia.id, maxC: AMMONIA_MOST_C }, ['poisonCentre'])]
    : [];
}

/** What burns is mixed by the spoon, not by the litre; weak alcohol fills a sprayer at most. */
function solventLittle({ mix, agents, pours }: ReadMix): Finding[] {
  return agents.flatMap((agent, at) => {
    const volumeML = pours[at]?.volumeML ?? 0;
    if (!agent.flammable || agent.mostMLPerRound === null) return [];
    const isWeak =
      agent.chemistries.includes('alcohol') &&
      dilutedPct(agent, pours[at], mix, pours) <= MAX_ALCOHOL_SPRAYED_PCT;
    const mostML = isWeak ? MAX_WEAK_ALCOHOL_ML : agent.mostMLPerRound;
    return volumeML > mostML * 1.001
      ? [finding('tooMuchFlammable', { agentId: agent.id, mostML }, ['clp', 'memory'])]
      : [];
  });
}

/** A piece that no liquid may touch, for the sake of people. */
function keptDry({ mix, agents, index }: ReadMix): Finding[] {
  const item = mix.on?.itemId ? index.items.get(mix.on.itemId) : undefined;
  if (!mix.on || !item) return [];
  const barred = barredDeeds(
    mix.on,
    item.cautionIds.flatMap((id) => index.cautions.get(id) ?? []),
  );
  const isWet = mix.waterML > 0 || agents.some(({ form }) => form === 'liquid');
  return barred.has('water') && isWet ? [finding('barredHere', { deed: 'water' }, item.sourceIds)] : [];
}

/** The household's own gates, and strengths that have to be known. */
function gates(agent: Agent, pour: Pour | undefined, { household }: ReadMix): Finding[] {
  return [
    ...(agent.neverOffered ? [finding('neverOffered', { agentId: agent.id }, agent.sourceIds)] : []),
    ...houseGates(agent, household),
    ...unsafeStrength(agent, pour?.strengthPct ?? null),
  ];
}
