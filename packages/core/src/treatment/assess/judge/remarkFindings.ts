import type { Method, Substitution } from '@feverfew/knowledge';
import { type Finding, finding } from '../../../finding/finding.js';
import { bottleStrength } from '../../../household/bottleStrength.js';
import { toldDensity } from '../../../household/bulkDensity.js';
import { missingAgents } from '../../case/cupboard.js';
import type { PlanContext } from '../../case/planContext.js';
import type { WorkWindow } from '../workWindow.js';
import { hiddenTestFindings } from './hiddenTestFindings.js';
import { roundsDone } from './historyFindings.js';
import { labelFindings } from './labelFindings.js';

/** What a person should know about a method that is allowed: tests, missing agents, stand-ins, softened edges, odds. */
export function remarkFindings(
  method: Method,
  standIn: Substitution | null,
  window: WorkWindow,
  context: PlanContext,
): Finding[] {
  const { briefAcid, spotAcid } = context.index.factsOf(method);
  const { pH } = window;
  const { envelope } = context;
  const actionLimit = envelope.action.limits[0];
  return [
    ...labelFindings(method, window, context),
    ...hiddenTestFindings(method, context),
    ...(standIn
      ? [
          finding(
            'standsIn',
            {
              substitutionId: standIn.id,
              useAgentId: standIn.useAgentId,
              wantedAgentId: standIn.wantedAgentId,
            },
            standIn.sourceIds,
          ),
        ]
      : []),
    ...missingAgents(method, context).map((agentId) => finding('notInCupboard', { agentId })),
    ...gradeRemarks(method, context),
    ...dilutionRemarks(method, context),
    ...temperatureRemarks(method, window, context),
    ...(actionLimit && window.action !== method.action
      ? [
          finding(
            'actionSoftened',
            { wanted: method.action, most: window.action, owner: actionLimit.owner },
            actionLimit.sourceIds,
          ),
        ]
      : []),
    ...(pH && (briefAcid || spotAcid) && pH.low < envelope.pH.min
      ? [finding('acidBriefly', { pH: pH.low, maxMin: spotAcid ? 10 : 60 }, ['textileHandbook'])]
      : []),
    ...historyRemarks(method, window, context),
    ...(method.positionId ? [finding('positionFollowed', { positionId: method.positionId })] : []),
  ];
}

/** A powder measured by spoon whose kinds differ in weight. */
function gradeRemarks(method: Method, { household, index }: PlanContext): Finding[] {
  if (household.hasScale) return [];
  return index.factsOf(method).agents.flatMap((agent) => {
    const measured = method.agents.some((use) => use.agentId === agent.id && use.dose.per === 'litre');
    const open = agent.grades.length > 0 && toldDensity(agent.id, household) === null;
    const grades = agent.grades.map((grade) => grade.name);
    return measured && open ? [finding('gradeUnknown', { agentId: agent.id, grades }, agent.sourceIds)] : [];
  });
}

function dilutionRemarks(method: Method, { household, index }: PlanContext): Finding[] {
  return index.factsOf(method).agents.flatMap((agent) => {
    const { cutFromPct } = bottleStrength(agent, household);
    return agent.strength && cutFromPct !== null
      ? [finding('dilutedFirst', { agentId: agent.id, fromPct: cutFromPct, toPct: agent.strength.recipe })]
      : [];
  });
}

function historyRemarks(method: Method, window: WorkWindow, context: PlanContext): Finding[] {
  const done = roundsDone(method, context);
  const once = context.facts.tried.find(
    (product) => product.effect === 'nothing' && method.agents.some((use) => use.agentId === product.agentId),
  );
  return [
    ...(done > 0 ? [finding('roundsLeft', { done, left: window.maxRounds })] : []),
    ...(once ? [finding('triedOnce', { agentId: once.agentId }, ['memory'])] : []),
  ];
}

function temperatureRemarks(method: Method, window: WorkWindow, { household }: PlanContext): Finding[] {
  if (method.tempC.prefer !== 'hottest' || method.wetting === 'dry') return [];
  const tapShort = window.tempC.target < window.tempC.max;
  return [
    ...(window.tempLimit
      ? [
          finding(
            'coolerThanBest',
            { bestC: method.tempC.max, gotC: window.tempC.max, owner: window.tempLimit.owner },
            window.tempLimit.sourceIds,
          ),
        ]
      : []),
    ...(tapShort && household.taps.hotC < window.tempC.max
      ? [finding('tapTooCool', { wantedC: window.tempC.max, reachedC: window.tempC.target })]
      : []),
  ];
}
