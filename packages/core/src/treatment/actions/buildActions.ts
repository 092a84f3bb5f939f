import { type CautionOccasion, type Method, STANDING_CAUTIONS } from '@feverfew/knowledge';
import type { PlanContext } from '../case/planContext.js';
import { positionNotes } from '../case/positionNotes.js';
import type { Action } from '../plan/action.js';
import { aimedDwell } from '../recipe/aimedDwell.js';
import { recipe } from '../recipe/recipe.js';
import type { ActionsInput } from './actionsInput.js';
import { beforeActions } from './beforeActions.js';
import { draftAction } from './draftAction.js';
import { dryAction, finalLookAction } from './dryingActions.js';
import { methodCautions } from './methodCautions.js';
import { fibreNotes, notesOf } from './notesOf.js';
import { signsFor } from './signsFor.js';
import { togetherNotes } from './togetherNotes.js';
import { washAction } from './washAction.js';

/**
 * The whole of one pass in order: first aid → hidden test → mix → apply → dwell → look → rinse → wash → dry → look
 * dry.
 */
export function buildActions(input: ActionsInput): Action[] {
  const { eligible, context } = input;
  const cautionIds = methodCautions(eligible.method, eligible.window, context);
  const steps = [
    ...beforeActions(input, cautionIds),
    ...workActions(input, cautionIds),
    ...rinseActions(input),
    ...washAction(input),
    dryAction(input),
    finalLookAction(input),
  ];
  return steps.map((action, index) => ({
    ...action,
    id: `r${input.passIndex + 1}s${index + 1}-${action.kind}`,
  }));
}

/** Mixing, applying, waiting and looking. */
export function workActions(input: ActionsInput, cautionIds: string[]): Action[] {
  const { eligible, context, passIndex } = input;
  const { method, window } = eligible;
  const amounts = recipe(eligible, context);
  const tempC = method.wetting === 'dry' ? null : window.tempC;
  const notes = (kind: keyof Method['notes']) => notesOf(input, kind);
  const inCompany = method.inMachine ? togetherNotes(input) : [];
  const signs = signsFor(method, context);
  const draft = (kind: Action['kind'], fields: Partial<Action>): Action =>
    draftAction(kind, passIndex, fields);
  const { vessel, batches, outlook } = amounts;
  const aim = outlook?.oxygen ? aimedDwell(eligible, context) : null;
  return [
    ...(method.agents.length > 0
      ? [
          draft('mix', {
            ...amounts,
            tempC,
            pH: window.pH,
            notes: [
              ...notes('mix'),
              ...notesOf(
                input,
                positionNotes('mix', method, context).map(({ note }) => note),
              ),
            ],
            cautionIds,
          }),
        ]
      : []),
    draft('apply', {
      action: window.action,
      vessel,
      batches,
      tempC,
      programme: method.inMachine ? method.programme : null,
      notes: [...fibreNotes(input, 'beforeSoak'), ...notes('apply'), ...inCompany],
      cautionIds,
    }),
    draft('dwell', {
      dwell: {
        minMin: window.dwellMin.min,
        maxMin: window.dwellMin.max,
        lookEveryMin: window.dwellMin.lookEvery,
        keep: method.keep,
        untilCool: method.untilCool,
        aimMin: aim?.minutes ?? null,
        attended: STANDING_CAUTIONS.attended.some((id) => cautionIds.includes(id)),
      },
      vessel,
      batches,
      tempC,
      outlook,
      notes: notes('dwell'),
      ...signs,
      cautionIds: without(cautionIds, 'anyProduct', 'mixing'),
    }),
    draft('look', { notes: notes('look'), ...signs }),
    ...(method.solventAftercare ? [draft('airOut', { cautionIds: without(cautionIds, 'hot') })] : []),
  ];
}

function rinseActions(input: ActionsInput): Action[] {
  const {
    eligible: { method, window },
    passIndex,
    context,
  } = input;
  if (method.rinse === 'none') return [];
  const way = rinseWay(method, context);
  const chlorine = context.index.factsOf(method).chemistries.includes('chlorine');
  const thorough = chlorine || context.item.skinContact;
  const maxC = Math.min(30, window.tempC.max);
  return [
    draftAction('rinse', passIndex, {
      rinseWay: way,
      rinses: way === 'vacuum' ? 0 : way === 'change' && thorough ? 3 : 2,
      tempC: way === 'vacuum' ? null : { min: 5, max: maxC, target: Math.min(20, maxC) },
      // What a method says of rinsing through does not hold where nothing can be rinsed through.
      notes: method.rinse === 'full' && way === 'damp' ? [] : notesOf(input, 'rinse'),
    }),
  ];
}

function rinseWay({ rinse }: Method, { rinsable }: PlanContext): 'change' | 'damp' | 'vacuum' {
  if (rinse === 'vacuum') return 'vacuum';
  return rinse === 'full' && rinsable ? 'change' : 'damp';
}

const without = (cautionIds: readonly string[], ...occasions: CautionOccasion[]): string[] =>
  cautionIds.filter((id) => occasions.every((occasion) => !STANDING_CAUTIONS[occasion].includes(id)));
