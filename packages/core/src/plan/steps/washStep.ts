import { type Chemistry, MOST_WASH_BEFORE_GONE_C, PROGRAMMES, type Programme } from '@feverfew/knowledge';
import { agentById, type PlanContext } from '../context.js';
import type { Step } from '../step.js';
import { draftStep } from './draftStep.js';
import type { StepsInput } from './stepsInput.js';

/** The wash that carries the loosened soil off: no warmer than 40 °C, since nobody has yet seen in daylight that it is gone. */
export function washStep(
  { method, context, rungIndex, window }: StepsInput,
  notes: readonly string[],
): Step[] {
  const { envelope, household, rinsable, mark } = context;
  const allowed = envelope.programme.most;
  const programme: Programme =
    !household.hasMachine && PROGRAMMES.indexOf(allowed) > PROGRAMMES.indexOf('hand') ? 'hand' : allowed;
  if (!method.washAfter || !rinsable || programme === 'none') return [];
  const max = Math.min(envelope.tempC.max, MOST_WASH_BEFORE_GONE_C);
  const detergentId = washDetergent(context);
  if (!detergentId) return [];
  return [
    draftStep('wash', rungIndex, {
      programme,
      tempC: { min: Math.min(15, max), max, target: max },
      ingredients: [
        {
          agentId: detergentId,
          basis: 'label',
          massG: null,
          volumeML: null,
          range: null,
          snapped: null,
          strengthPct: null,
          dilution: null,
        },
      ],
      notes: [
        ...notes,
        ...(method.solventAftercare ? ['Wash it alone.'] : []),
        ...(mark.kind === 'dyeRun' ? ['Wash it alone.'] : []),
      ],
      cautionIds: [
        ...agentById(context.knowledge, detergentId).cautionIds,
        'followLabel',
        ...(window.bounds.maxTempC ? [] : []),
      ],
      action: null,
    }),
  ];
}

/** Enzymes for protein where the fibre bears them; the mildest detergent that fits otherwise. */
function washDetergent({ envelope, knowledge, mark }: PlanContext): string | null {
  const proteinaceous = mark.components.some(
    (part) => knowledge.components.find((component) => component.id === part.componentId)?.proteinaceous,
  );
  const fits = (agentId: string) => {
    const agent = agentById(knowledge, agentId);
    const allowed = (chemistry: Chemistry) =>
      envelope.chemistry.find((window) => window.chemistry === chemistry)?.verdict !== 'never';
    return (
      agent.chemistries.every(allowed) && agent.pH.low >= envelope.pH.min && agent.pH.high <= envelope.pH.max
    );
  };
  const order = proteinaceous
    ? ['bioDetergent', 'liquidDetergent', 'delicateDetergent']
    : ['liquidDetergent', 'delicateDetergent'];
  return order.find(fits) ?? null;
}
