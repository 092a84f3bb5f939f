import type { Deed, Method, Note } from '@feverfew/knowledge';
import { type Finding, finding } from '../../../finding/finding.js';
import { explosivesHere, isUntouchable } from '../../case/explosivesHere.js';
import { fumesHere } from '../../case/fumesHere.js';
import type { PlanContext } from '../../case/planContext.js';
import { reactionFinding } from '../../case/reactionFinding.js';
import { rottenHere } from '../../case/rottenHere.js';
import { spoilersHere } from '../../case/spoilersHere.js';
import { hasFuel, heatsItself, isSoakedWithFuel } from '../../case/vapourHere.js';
import { spotAmount, workedSides } from '../dose/spotAmount.js';

/** What keeps a method off for people's sake, or off a piece that is too large for it. */
export const safetyFindings = (method: Method, context: PlanContext): Finding[] => [
  ...dustFindings(method, context),
  ...deedFindings(method, context),
  ...explosiveFindings(method, context),
  ...fuelFindings(method, context),
  ...fumeFindings(method, context),
  ...sizeFindings(method, context),
];

/** Brushed off dry, spores and dust go into the air. */
function dustFindings(method: Method, { household, index, marks }: PlanContext): Finding[] {
  if (!household.asthma || method.wetting !== 'dry' || !index.factsOf(method).mechanisms.has('brushing'))
    return [];
  const dusty = marks
    .flatMap((work) => work.components)
    .find(({ component }) => component.dustHarms)?.component;
  return dusty ? [finding('dustWithAsthma', { componentId: dusty.id }, dusty.sourceIds)] : [];
}

/** A caution or the tag bars what the method is. */
function deedFindings(method: Method, { index, barred }: PlanContext): Finding[] {
  const { agents, mechanisms } = index.factsOf(method);
  const vacuums =
    method.rinse === 'vacuum' || Object.values(method.notes).some((notes) => notes?.some(asksForMotor));
  const deeds: readonly Deed[] = [
    ...agents.flatMap((agent) => agent.deeds),
    ...(vacuums ? (['motor'] as const) : []),
    ...(method.wetting === 'immersion' && !method.inMachine ? (['soak'] as const) : []),
    ...(mechanisms.has('brushing') && method.agents.length === 0 ? (['brush'] as const) : []),
  ];
  return deeds.filter((deed) => barred.has(deed)).map((deed) => finding('barredHere', { deed }));
}

const asksForMotor = ({ asks }: Note): boolean => asks.includes('motor');

/** Soaked with fuel or drying oil, or fluoride on it: nothing is worked on, the piece goes out of use. A splash: no solvent, which is more fuel. */
function fuelFindings(method: Method, context: PlanContext): Finding[] {
  const [spoiler] = spoilersHere(context);
  if (spoiler) return [finding('fluorideOnIt', { agentId: spoiler.id }, spoiler.sourceIds)];
  if (isSoakedWithFuel(context)) return [finding('soakedWithFuel', {}, ['commonPractice'])];
  if (heatsItself(context)) return [finding('soakedWithDryingOil', {}, ['commonPractice'])];
  const rotten = rottenHere(context);
  if (rotten) return [finding('rottenInside', { by: rotten }, ['commonPractice'])];
  const burns = context.index.factsOf(method).agents.some(({ flammable }) => flammable);
  return burns && hasFuel(context) ? [finding('barredHere', { deed: 'solvent' }, ['commonPractice'])] : [];
}

/** Gas makers are rinsed out before anything else: nothing dry comes before that, and nothing is added. */
function fumeFindings(method: Method, context: PlanContext): Finding[] {
  const [reaction] = fumesHere(context);
  return reaction && method.wetting === 'dry' ? [reactionFinding(reaction)] : [];
}

/** Flooded out with running water first: for cloth that may be wetted; otherwise nothing at all. */
function explosiveFindings(method: Method, context: PlanContext): Finding[] {
  if (!isUntouchable(context) && method.wetting !== 'dry' && !method.solventAftercare) return [];
  return explosivesHere(context).map(({ component, agent }) =>
    finding('explosiveWhenDry', { componentId: component.id, agentId: agent.id }, component.sourceIds),
  );
}

/** All over is no spot; and beyond its cap a solvent is a job for a professional. */
function sizeFindings(method: Method, context: PlanContext): Finding[] {
  const measured = method.agents.some((use) => use.dose.per === 'parts');
  if (method.liquorRatioLPerKg !== null || !measured) return [];
  if (method.wetting !== 'dry' && workedSides(context) === null)
    return [finding('tooLargeForSpot', { methodId: method.id }, method.sourceIds)];
  const neededML = spotAmount(method, context);
  return context.index
    .factsOf(method)
    .agents.flatMap((agent) =>
      agent.mostMLPerRound !== null && neededML > agent.mostMLPerRound
        ? [
            finding(
              'tooMuchSolvent',
              { agentId: agent.id, neededML, mostML: agent.mostMLPerRound },
              agent.sourceIds,
            ),
          ]
        : [],
    );
}
