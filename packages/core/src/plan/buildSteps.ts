import type { Method } from '@feverfew/knowledge';
import { bathPH } from './bathPH.js';
import { methodCautions, signsFor } from './cautions.js';
import { agentById } from './context.js';
import { recipe } from './recipe.js';
import type { Step } from './step.js';
import { beforeSteps } from './steps/beforeSteps.js';
import { draftStep } from './steps/draftStep.js';
import { dryStep, finalLookStep } from './steps/dryingSteps.js';
import type { StepsInput } from './steps/stepsInput.js';
import { washStep } from './steps/washStep.js';

/** The whole of one rung in order: first aid → hidden test → mix → apply → dwell → look → rinse → wash → dry → look dry. */
export function buildSteps(input: StepsInput): Step[] {
  const { method, window, context, rungIndex } = input;
  const amounts = recipe(method, window, context);
  const cautionIds = methodCautions(method, window, context);
  const wet = method.agents.length > 0;
  const tempC = method.wetting === 'dry' ? null : window.tempC;
  const notes = (kind: keyof Method['notes']) => method.notes[kind] ?? [];
  const signs = signsFor(method, context);
  const draft = (kind: Step['kind'], fields: Partial<Step>): Step => draftStep(kind, rungIndex, fields);
  const steps = [
    ...beforeSteps(input, cautionIds),
    ...(wet
      ? [draft('mix', { ...amounts, tempC, pH: bathPH(method, context), notes: notes('mix'), cautionIds })]
      : []),
    draft('apply', {
      action: window.action,
      vessel: amounts.vessel,
      tempC,
      notes: notes('apply'),
      cautionIds,
    }),
    draft('dwell', {
      dwell: {
        minMin: window.dwellMin.min,
        maxMin: window.dwellMin.max,
        lookEveryMin: window.dwellMin.lookEvery,
        keep: method.keep,
        untilCool: method.untilCool,
        attended: cautionIds.includes('stayWithIt'),
      },
      vessel: amounts.vessel,
      tempC,
      notes: notes('dwell'),
      ...signs,
      cautionIds: cautionIds.filter((id) => id !== 'followLabel' && id !== 'poisonLine'),
    }),
    draft('look', { notes: notes('look'), ...signs }),
    ...(method.solventAftercare
      ? [draft('airOut', { notes: [], cautionIds: cautionIds.filter((id) => id !== 'hotWater') })]
      : []),
    ...rinseSteps(input, notes('rinse')),
    ...washStep(input, notes('wash')),
    dryStep(input, notes('dry')),
    finalLookStep(input),
  ];
  return steps.map((step, index) => ({ ...step, id: `r${rungIndex + 1}s${index + 1}-${step.kind}` }));
}

function rinseSteps({ method, rungIndex, context, window }: StepsInput, notes: readonly string[]): Step[] {
  if (method.rinse === 'none') return [];
  const way =
    method.rinse === 'vacuum' ? 'vacuum' : method.rinse === 'full' && context.rinsable ? 'change' : 'damp';
  const chlorine = method.agents.some((use) =>
    agentById(context.knowledge, use.agentId).chemistries.includes('chlorine'),
  );
  const thorough = chlorine || context.item.skinContact;
  const maxC = Math.min(30, window.tempC.max);
  return [
    draftStep('rinse', rungIndex, {
      rinseWay: way,
      rinses: way === 'vacuum' ? 0 : way === 'change' && thorough ? 3 : 2,
      tempC: way === 'vacuum' ? null : { min: 5, max: maxC, target: Math.min(20, maxC) },
      // What a method says of rinsing through does not hold where nothing can be rinsed through.
      notes: method.rinse === 'full' && way === 'damp' ? [] : notes,
    }),
  ];
}
