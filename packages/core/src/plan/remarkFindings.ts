import type { Method } from '@feverfew/knowledge';
import { type Finding, finding } from '../explain/finding.js';
import { bathPH } from './bathPH.js';
import { agentById, type PlanContext } from './context.js';
import { isBriefAcid } from './judgeMethod.js';
import type { WorkWindow } from './workWindow.js';

/** What a person should know about a method that is allowed: tests, missing agents, softened edges, odds. */
export function remarkFindings(method: Method, window: WorkWindow, context: PlanContext): Finding[] {
  const agents = method.agents.map((use) => agentById(context.knowledge, use.agentId));
  const { envelope, household } = context;
  const pH = bathPH(method, context);
  const actionLimit = envelope.action.limits[0];
  return [
    ...hiddenTestFindings(method, context),
    ...agents
      .filter(
        (agent) => agent.id !== 'water' && !household.cupboard.some((entry) => entry.agentId === agent.id),
      )
      .map((agent) => finding('notInCupboard', { agentId: agent.id })),
    ...agents.flatMap((agent) => {
      const pct = household.cupboard.find((entry) => entry.agentId === agent.id)?.strengthPct;
      return agent.strength && pct && pct > agent.strength.recipe
        ? [finding('dilutedFirst', { agentId: agent.id, fromPct: pct, toPct: agent.strength.recipe })]
        : [];
    }),
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
    ...(pH && isBriefAcid(method, agents) && pH.low < envelope.pH.min
      ? [finding('acidBriefly', { pH: pH.low }, ['textileHandbook'])]
      : []),
    ...(method.schoolId ? [finding('schoolFollowed', { schoolId: method.schoolId })] : []),
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

/** Which chemistry asks for a hidden test, and why; also the warning that a reducer takes the piece's own dye. */
export function hiddenTestFindings(method: Method, { envelope, knowledge }: PlanContext): Finding[] {
  const tests = method.agents.flatMap((use) =>
    agentById(knowledge, use.agentId).chemistries.flatMap((chemistry) => {
      const limit = envelope.chemistry
        .find((window) => window.chemistry === chemistry)
        ?.limits.find((candidate) => candidate.verdict !== 'never');
      if (!limit) return [];
      const test = finding('hiddenTestFirst', { chemistry, owner: limit.owner }, limit.sourceIds);
      return chemistry === 'reducer' && limit.owner.kind === 'colour'
        ? [test, finding('ownDyeAtRisk', { agentId: use.agentId }, limit.sourceIds)]
        : [test];
    }),
  );
  return tests.filter(
    (test, index) => tests.findIndex((other) => JSON.stringify(other) === JSON.stringify(test)) === index,
  );
}
