import { type Chemistry, MOST_WASH_BEFORE_GONE_C, PROGRAMMES, type Programme } from '@feverfew/knowledge';
import { agentGates } from '../agentGates.js';
import { agentById, type PlanContext } from '../context.js';
import { type Envelope, windowOf } from '../envelope.js';
import { byLabel } from '../recipe.js';
import { schoolNotes } from '../schoolNotes.js';
import type { Step } from '../step.js';
import { draftStep } from './draftStep.js';
import type { StepsInput } from './stepsInput.js';

/** The wash that carries the loosened soil off: no warmer than 40 °C, since nobody has yet seen in daylight that it is gone. */
export function washStep({ fit, context, rungIndex }: StepsInput): Step[] {
  const { method } = fit;
  const { envelope, household, rinsable, marks, knowledge } = context;
  const allowed = envelope.programme.most;
  const programme: Programme =
    !household.hasMachine && PROGRAMMES.indexOf(allowed) > PROGRAMMES.indexOf('hand') ? 'hand' : allowed;
  if (!method.washAfter || !rinsable || programme === 'none') return [];
  const max = Math.min(envelope.tempC.max, MOST_WASH_BEFORE_GONE_C);
  const detergentId = washDetergent(context);
  if (!detergentId) return [];
  const added = schoolNotes('wash', fit, context);
  const agentIds = [
    detergentId,
    ...method.washAgentIds.filter((id) => mayJoin(id, detergentId, context)),
    ...added.agentIds,
  ];
  return [
    draftStep('wash', rungIndex, {
      programme,
      tempC: { min: Math.min(15, max), max, target: max },
      ingredients: agentIds.map(byLabel),
      notes: [
        ...(method.notes.wash ?? []),
        ...added.notes,
        ...(method.solventAftercare || marks.some((work) => work.kinds.has('dyeRun'))
          ? ['Wash it alone.']
          : []),
      ],
      cautionIds: [
        ...new Set([...agentIds.flatMap((id) => agentById(knowledge, id).cautionIds), 'followLabel']),
      ],
    }),
  ];
}

function mayJoin(agentId: string, detergentId: string, context: PlanContext): boolean {
  const { index, knowledge, envelope } = context;
  const agent = agentById(knowledge, agentId);
  return (
    index.pairsBetween(agent, agentById(knowledge, detergentId)).length === 0 &&
    agentGates(agent, context).length === 0 &&
    agent.chemistries.every((chemistry) => allows(envelope, chemistry))
  );
}

const allows = (envelope: Envelope, chemistry: Chemistry): boolean =>
  windowOf(envelope, chemistry).verdict !== 'never';

/** Enzymes for protein where the fibre bears them; the mildest detergent that fits otherwise. */
function washDetergent({ envelope, knowledge, marks }: PlanContext): string | null {
  const proteinaceous = marks.some((work) =>
    work.components.some(({ component }) => component.proteinaceous),
  );
  const fits = (agentId: string) => {
    const agent = agentById(knowledge, agentId);
    return (
      agent.chemistries.every((chemistry) => allows(envelope, chemistry)) &&
      agent.pH.low >= envelope.pH.min &&
      agent.pH.high <= envelope.pH.max
    );
  };
  const order = proteinaceous
    ? ['bioDetergent', 'liquidDetergent', 'delicateDetergent']
    : ['liquidDetergent', 'delicateDetergent'];
  return order.find(fits) ?? null;
}
