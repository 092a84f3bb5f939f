import { type Agent, type Method, PROGRAMMES, WETTINGS } from '@feverfew/knowledge';
import { windowOf } from '../../../envelope/envelope.js';
import type { Limit, PHLimit } from '../../../envelope/limit.js';
import { type Finding, finding } from '../../../finding/finding.js';
import { agentGates } from '../../../gates/agentGates.js';
import { mustKeepApart } from '../../../lookup/mustKeepApart.js';
import type { WorkMark } from '../../../trouble/workMarks.js';
import type { PlanContext } from '../../case/planContext.js';
import { isRelevant } from '../isRelevant.js';
import { pHWindowFor } from '../pHWindow.js';
import { vesselHere } from '../vesselHere.js';
import type { WorkWindow } from '../workWindow.js';
import { historyFindings } from './historyFindings.js';
import { safetyFindings } from './safetyFindings.js';

/** Findings that rule a method out; empty if there are none. Every rule is asked; none hides another. */
export function judgeMethod(method: Method, window: WorkWindow, context: PlanContext): Finding[] {
  const found = everyFinding(method, window, context);
  const byCode = found.filter(isForWantOfCode);
  const { waterTest } = context.facts.piece;
  if (byCode.length === 0 || byCode.length < found.length || waterTest === 'failed') return found;
  if (!opensAfterTest(method, context)) return found;
  return [finding('afterWaterTest', { methodId: method.id }, byCode[0]?.sourceIds)];
}

/** Only the unknown upholstery code is against it. */
const isForWantOfCode = ({ facts }: Finding): boolean =>
  'owner' in facts && facts.owner.kind === 'code' && facts.owner.code === 'unknown';

const isUncoded = ({ owner }: Pick<Limit, 'owner'>): boolean =>
  owner.kind === 'code' && owner.code === 'unknown';

/** A passed test opens the surface, no more: nothing else may stand against the method. */
function opensAfterTest(method: Method, { envelope, index }: PlanContext): boolean {
  const most = envelope.wetting.limits.filter((limit) => !isUncoded(limit)).map((limit) => limit.most);
  const wets = WETTINGS.indexOf(method.wetting);
  const dryEnough = ['surface' as const, ...most].every((one) => wets <= WETTINGS.indexOf(one));
  const barred = index
    .factsOf(method)
    .chemistries.flatMap((chemistry) => windowOf(envelope, chemistry).limits)
    .some((limit) => limit.verdict === 'never' && !isUncoded(limit));
  return dryEnough && !method.throughRinse && !barred;
}

function everyFinding(method: Method, window: WorkWindow, context: PlanContext): Finding[] {
  const { agents } = context.index.factsOf(method);
  return [
    ...chemistryFindings(agents, context),
    ...temperatureFindings(method, window, context),
    ...pHFindings(method, window, context),
    ...wettingFindings(method, context),
    ...dwellFindings(method, window, context),
    ...pieceFindings(method, context),
    ...sunFindings(method, context),
    ...machineFindings(method, context),
    ...agents.flatMap((agent) => agentGates(agent, context.household, context.facts.piece, context.item)),
    ...vesselFindings(method, context),
    ...safetyFindings(method, context),
    ...triedFindings(agents, context),
    ...chlorineFindings(agents, context),
    ...historyFindings(method, context),
    ...positionFindings(method, context),
  ];
}

function chemistryFindings(agents: readonly Agent[], { envelope }: PlanContext): Finding[] {
  return agents.flatMap((agent) =>
    agent.chemistries.flatMap((chemistry) => {
      const limit = windowOf(envelope, chemistry).limits[0];
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

function pHFindings(method: Method, { pH: range }: WorkWindow, context: PlanContext): Finding[] {
  if (!range) return [];
  const { envelope, index } = context;
  const { min, max, lowerOf, upperOf } = pHWindowFor(index.factsOf(method), envelope);
  const outside = (holds: (limit: PHLimit) => boolean) => {
    const limit = envelope.pH.limits.find(holds);
    const facts = { low: range.low, high: range.high, min, max };
    return limit ? [finding('pHOutside', { ...facts, owner: limit.owner }, limit.sourceIds)] : [];
  };
  if (range.high > max) return outside((limit) => upperOf(limit) === max);
  if (range.low < min) return outside((limit) => lowerOf(limit) === min);
  return [];
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

function dwellFindings(method: Method, window: WorkWindow, { envelope, index }: PlanContext): Finding[] {
  if (window.bounds.maxDwellMin === undefined || window.bounds.maxDwellMin >= method.dwellMin.min) return [];
  const limit = index
    .factsOf(method)
    .chemistries.flatMap((chemistry) => windowOf(envelope, chemistry).limits)
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

function pieceFindings(method: Method, context: PlanContext): Finding[] {
  const wrong = wrongFirstMove(method, context);
  return [
    ...(method.whitesOnly && context.facts.piece.colour !== 'white'
      ? [finding('whitesOnly', { methodId: method.id }, method.sourceIds)]
      : []),
    ...(method.sturdyOnly && !isSturdy(context)
      ? [finding('sturdyOnly', { methodId: method.id }, method.sourceIds)]
      : []),
    ...(wrong
      ? [finding('wrongForSoil', { methodId: method.id, componentId: wrong }, method.sourceIds)]
      : []),
  ];
}

/** Cotton, linen and their like throughout, in sound or worn state. */
function isSturdy({ facts: { piece }, index }: PlanContext): boolean {
  return (
    piece.parts.length > 0 &&
    (piece.condition === 'sound' || piece.condition === 'worn') &&
    piece.parts.every(
      (part) =>
        part.fibres.length > 0 &&
        part.fibres.every(({ fibreId }) =>
          ['cellulose', 'bastLeaf'].includes(index.fibres.get(fibreId)?.group ?? ''),
        ),
    )
  );
}

/**
 * Water alone on oil, wax or ink: wrong where every trouble is one of those; among others the dry side simply comes
 * first.
 */
function wrongFirstMove(method: Method, { marks }: PlanContext): string | undefined {
  if (method.notWhenMostly.length === 0) return undefined;
  const wrong = marks.map((work) => {
    const bad = work.components.filter(({ component }) => method.notWhenMostly.includes(component.id));
    return bad.reduce((sum, part) => sum + part.weight, 0) >= 0.5 ? bad[0]?.component.id : undefined;
  });
  return wrong.every((componentId) => componentId !== undefined) ? wrong[0] : undefined;
}

/** Sunlight as the agent is held to what may dry in the sun. */
function sunFindings(method: Method, { envelope, index }: PlanContext): Finding[] {
  if (!index.factsOf(method).mechanisms.has('sunlight')) return [];
  const limit = envelope.drying.find((window) => window.way === 'sun')?.limits[0];
  return limit ? [finding('sunForbidden', { owner: limit.owner }, limit.sourceIds)] : [];
}

function machineFindings(method: Method, { envelope, household }: PlanContext): Finding[] {
  if (!method.inMachine) return [];
  const limit = envelope.programme.limits[0];
  const tooStrong = PROGRAMMES.indexOf(method.programme) > PROGRAMMES.indexOf(envelope.programme.most);
  return [
    ...(household.hasMachine ? [] : [finding('noMachine', {})]),
    ...(tooStrong && limit
      ? [
          finding(
            'programmeTooStrong',
            { wanted: method.programme, most: envelope.programme.most, owner: limit.owner },
            limit.sourceIds,
          ),
        ]
      : []),
  ];
}

function vesselFindings(method: Method, context: PlanContext): Finding[] {
  if (method.liquorRatioLPerKg === null) return [];
  const choice = vesselHere(method, context);
  if (choice.kind === 'tooSmall')
    return [finding('vesselTooSmall', { neededL: choice.neededL, largestL: choice.largestL })];
  if (choice.kind === 'unsuitable')
    return [finding('vesselUnsuitable', { agentId: choice.agentId, neededL: choice.neededL })];
  return [];
}

/** Chlorine that cannot be rinsed out is followed by plain water and air only. */
function chlorineFindings(agents: readonly Agent[], { facts, index, rinsable }: PlanContext): Finding[] {
  if (rinsable || agents.every(({ chemistries }) => chemistries.every((one) => one === 'water'))) return [];
  return facts.tried.flatMap(({ agentId }) =>
    index.agents.get(agentId)?.chemistries.includes('chlorine')
      ? [finding('onlyWaterAfter', { triedAgentId: agentId }, ['poisonCentre', 'commonPractice'])]
      : [],
  );
}

/**
 * A forbidden partner of something tried before stays out while that may still be in the piece; a surface keeps what
 * was put on it, washed or not.
 */
function triedFindings(
  agents: readonly Agent[],
  { facts, index, rinsable, residues }: PlanContext,
): Finding[] {
  const still = rinsable ? residues : facts.tried.flatMap(({ agentId }) => index.agents.get(agentId) ?? []);
  return still.flatMap((tried) =>
    agents.flatMap((agent) =>
      index
        .pairsBetween(tried, agent)
        .filter((pair) => mustKeepApart(pair, rinsable) || (pair.apart === 'air' && !tried.flammable))
        .map((pair) =>
          finding(
            'triedMustNotMeet',
            { pairId: pair.id, triedAgentId: tried.id, agentId: agent.id },
            pair.sourceIds,
          ),
        ),
    ),
  );
}

/**
 * A method of another view is out where its dispute has been decided, or where it is offered only if chosen. A view
 * that has a way of its own decides nothing where that way is not made for the trouble.
 */
function positionFindings(method: Method, context: PlanContext): Finding[] {
  const { index, positions } = context;
  const position = method.positionId === null ? undefined : index.positions.get(method.positionId);
  if (!position) return [];
  const followed = positions.get(position.dispute);
  if (!followed || followed.position.id === position.id) return [];
  if (!position.onlyIfChosen) {
    if (followed.chosenBy === 'default') return [];
    const ways = index.methodsOfPosition.get(followed.position.id) ?? [];
    const made = (way: Method, mark: WorkMark) => isRelevant(way, { ...context, marks: [mark] });
    const decided = (mark: WorkMark) => !made(method, mark) || ways.some((way) => made(way, mark));
    if (ways.length > 0 && !context.marks.every(decided)) return [];
  }
  return [
    finding(
      'otherPosition',
      { positionId: position.id, followedId: followed.position.id },
      position.sourceIds,
    ),
  ];
}
