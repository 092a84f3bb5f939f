import { type Agent, type Method, WETTINGS } from '@feverfew/knowledge';
import { type Finding, finding } from '../explain/finding.js';
import { bathPH } from './bathPH.js';
import { agentById, type PlanContext } from './context.js';
import { selectVessel } from './selectVessel.js';
import { strengthFindings } from './strengthFindings.js';
import type { WorkWindow } from './workWindow.js';

/** Longest contact that counts as brief for a weak acid that is rinsed out, min. */
const BRIEF_MIN = 60;

/** Findings that rule a method out; empty when nothing stands against it. Every rule is asked, none hides another. */
export function judgeMethod(method: Method, window: WorkWindow, context: PlanContext): Finding[] {
  const agents = method.agents.map((use) => agentById(context.knowledge, use.agentId));
  return [
    ...chemistryFindings(agents, context),
    ...temperatureFindings(method, window, context),
    ...pHFindings(method, agents, context),
    ...wettingFindings(method, context),
    ...dwellFindings(method, window, context),
    ...pieceFindings(method, context),
    ...agents.flatMap((agent) => householdFindings(agent, context)),
    ...agents.flatMap((agent) => strengthFindings(agent, context.household)),
    ...vesselFindings(method, agents, context),
    ...triedFindings(agents, context),
    ...schoolFindings(method, context),
  ];
}

function chemistryFindings(agents: readonly Agent[], { envelope }: PlanContext): Finding[] {
  return agents.flatMap((agent) =>
    agent.chemistries.flatMap((chemistry) => {
      const limit = envelope.chemistry.find((window) => window.chemistry === chemistry)?.limits[0];
      return limit?.verdict === 'never'
        ? [
            finding(
              'chemistryForbidden',
              { agentId: agent.id, chemistry, owner: limit.owner },
              limit.sourceIds,
            ),
          ]
        : [];
    }),
  );
}

function temperatureFindings(method: Method, window: WorkWindow, { envelope }: PlanContext): Finding[] {
  const limit = envelope.tempC.limits[0];
  if (!limit || method.wetting === 'dry' || window.tempC.max >= method.tempC.min) return [];
  return [
    finding(
      'bathTooCool',
      { needsC: method.tempC.min, maxC: window.tempC.max, owner: limit.owner },
      limit.sourceIds,
    ),
  ];
}

function pHFindings(method: Method, agents: readonly Agent[], context: PlanContext): Finding[] {
  const range = bathPH(method, context);
  if (!range) return [];
  const { pH } = context.envelope;
  const floor = isBriefAcid(method, agents) ? Math.min(pH.min, pH.weakAcidBrieflyMin) : pH.min;
  const outside = (owner: (typeof pH.limits)[number] | undefined) =>
    owner
      ? [
          finding(
            'pHOutside',
            { low: range.low, high: range.high, min: floor, max: pH.max, owner: owner.owner },
            owner.sourceIds,
          ),
        ]
      : [];
  if (range.high > pH.max) return outside(pH.limits.find((limit) => limit.max === pH.max));
  if (range.low < floor)
    return outside(
      pH.limits.find(
        (limit) => Math.min(limit.min, limit.weakAcidBrieflyMin) === floor || limit.min === floor,
      ),
    );
  return [];
}

/** Vinegar, citric acid or peroxide alone, at most an hour and rinsed or blotted out after. */
export function isBriefAcid(method: Method, agents: readonly Agent[]): boolean {
  const mild = (agent: Agent) =>
    agent.chemistries.every(
      (chemistry) =>
        chemistry === 'weakAcid' ||
        chemistry === 'peroxide' ||
        chemistry === 'detergent' ||
        chemistry === 'water',
    );
  return (
    agents.every(mild) &&
    method.dwellMin.max <= BRIEF_MIN &&
    (method.rinse === 'full' || method.rinse === 'damp')
  );
}

function wettingFindings(method: Method, { envelope, rinsable }: PlanContext): Finding[] {
  const { most, limits } = envelope.wetting;
  const tooMuch = WETTINGS.indexOf(method.wetting) > WETTINGS.indexOf(most);
  const needsRinse = method.throughRinse && !rinsable;
  const limit = limits[0];
  return limit && (tooMuch || needsRinse)
    ? [
        finding(
          'wettingTooMuch',
          { wanted: needsRinse ? 'immersion' : method.wetting, most, owner: limit.owner },
          limit.sourceIds,
        ),
      ]
    : [];
}

function dwellFindings(method: Method, window: WorkWindow, { envelope, knowledge }: PlanContext): Finding[] {
  if (window.bounds.maxDwellMin === undefined || window.bounds.maxDwellMin >= method.dwellMin.min) return [];
  const limit = method.agents
    .flatMap((use) => agentById(knowledge, use.agentId).chemistries)
    .flatMap((chemistry) => envelope.chemistry.find((entry) => entry.chemistry === chemistry)?.limits ?? [])
    .find((candidate) => candidate.bounds.maxDwellMin === window.bounds.maxDwellMin);
  return limit
    ? [
        finding(
          'dwellTooLong',
          { needsMin: method.dwellMin.min, maxMin: window.bounds.maxDwellMin, owner: limit.owner },
          limit.sourceIds,
        ),
      ]
    : [];
}

function pieceFindings(method: Method, { facts, mark, knowledge }: PlanContext): Finding[] {
  const sturdyFibres = facts.piece.parts.every(
    (part) =>
      part.fibres.length > 0 &&
      part.fibres.every(({ fibreId }) =>
        ['cellulose', 'bastLeaf'].includes(
          knowledge.fibres.find((fibre) => fibre.id === fibreId)?.group ?? '',
        ),
      ),
  );
  const sturdy =
    sturdyFibres &&
    facts.piece.parts.length > 0 &&
    (facts.piece.condition === 'sound' || facts.piece.condition === 'worn');
  const main = mark.components.filter((part) => part.weight >= 0.5).map((part) => part.componentId);
  const wrong = method.notWhenMostly.find((componentId) => main.includes(componentId));
  return [
    ...(method.whitesOnly && facts.piece.colour !== 'white'
      ? [finding('whitesOnly', { methodId: method.id }, method.sourceIds)]
      : []),
    ...(method.sturdyOnly && !sturdy
      ? [finding('sturdyOnly', { methodId: method.id }, method.sourceIds)]
      : []),
    ...(wrong
      ? [finding('wrongForSoil', { methodId: method.id, componentId: wrong }, method.sourceIds)]
      : []),
  ];
}

function householdFindings(agent: Agent, { facts, household }: PlanContext): Finding[] {
  const allowed = agent.chemistries.includes('chlorine')
    ? household.allowChlorine
    : agent.chemistries.includes('ammonia')
      ? household.allowAmmonia
      : false;
  return [
    ...(agent.offByDefault && !allowed
      ? [finding('offByDefault', { agentId: agent.id }, agent.sourceIds)]
      : []),
    ...(agent.restrictedSale && !household.boraxSold
      ? [finding('notSoldHere', { agentId: agent.id }, agent.sourceIds)]
      : []),
    ...(agent.notWithAsthma && household.asthma
      ? [finding('notWithAsthma', { agentId: agent.id }, agent.sourceIds)]
      : []),
    ...(agent.notWithMetalParts && facts.piece.metalParts
      ? [finding('metalParts', { agentId: agent.id }, agent.sourceIds)]
      : []),
  ];
}

function vesselFindings(method: Method, agents: readonly Agent[], context: PlanContext): Finding[] {
  if (method.liquorRatioLPerKg === null) return [];
  const choice = selectVessel(method, agents, context);
  if (choice.kind === 'tooSmall')
    return [finding('vesselTooSmall', { neededL: choice.neededL, largestL: choice.largestL })];
  if (choice.kind === 'unsuitable')
    return [finding('vesselUnsuitable', { agentId: choice.agentId, neededL: choice.neededL })];
  return [];
}

/** A surface keeps what was put on it: a forbidden partner of something tried before stays out. */
function triedFindings(agents: readonly Agent[], { facts, knowledge, rinsable }: PlanContext): Finding[] {
  return facts.triedAgentIds.flatMap((triedAgentId) => {
    const tried = agentById(knowledge, triedAgentId);
    return agents.flatMap((agent) =>
      knowledge.forbiddenPairs
        .filter(
          (pair) =>
            meets(pair, tried, agent) && (pair.apart !== 'rinse' || (!rinsable && pair.blocksSurface)),
        )
        .map((pair) =>
          finding('triedMustNotMeet', { pairId: pair.id, triedAgentId, agentId: agent.id }, pair.sourceIds),
        ),
    );
  });
}

export function meets(pair: { a: string; b: string }, one: Agent, other: Agent): boolean {
  const has = (agent: Agent, chemistry: string) =>
    (agent.chemistries as readonly string[]).includes(chemistry);
  return (has(one, pair.a) && has(other, pair.b)) || (has(one, pair.b) && has(other, pair.a));
}

function schoolFindings(method: Method, { household, knowledge }: PlanContext): Finding[] {
  const school = knowledge.schools.find((candidate) => candidate.id === method.schoolId);
  if (!school) return [];
  const followed = household.schools[school.dispute];
  const rejected = followed === undefined ? false : followed !== school.id;
  const strangeByDefault = followed === undefined && school.dispute === 'salt' && !school.isDefault;
  if (!rejected && !strangeByDefault) return [];
  const other =
    followed ??
    knowledge.schools.find((candidate) => candidate.dispute === school.dispute && candidate.isDefault)?.id ??
    school.id;
  return [finding('otherSchool', { schoolId: school.id, followedId: other }, school.sourceIds)];
}
