import { actsOf } from '../actions/actsOf.js';
import { draftAction } from '../actions/draftAction.js';
import type { PlanContext } from '../case/planContext.js';
import { soilCautions } from '../case/soilCautions.js';
import type { Placed } from '../course/arrangement.js';
import type { Action } from '../plan/action.js';
import type { Pass } from '../plan/pass.js';
import type { AtOnce, Round, RoundPass } from '../plan/round.js';
import { minutesOf } from './minutesOf.js';

/**
 * A round as a run carries it out, pass by pass; the last of them dries and looks. What only a
 * passed water test opens is none yet.
 * @param atOnce the first seconds, where this is the first round
 */
export function runPassesOf(
  round: Round,
  placed: readonly Placed[],
  atOnce: AtOnce | null,
  context: PlanContext,
): Pass[] {
  const open = round.passes.flatMap((pass, at) => {
    const own = placed[at];
    return own && !pass.opensAfterTest ? [{ pass, own }] : [];
  });
  const wetted = open.some(({ own }) => own.eligible.method.wetting !== 'dry');
  return open.map(({ pass, own }, at) => {
    // A solvent is aired out before anything, the first seconds too.
    const aired = pass.actions[0]?.kind === 'airOut' ? 1 : 0;
    return runPassOf(pass, own, context, [
      ...pass.actions.slice(0, aired),
      ...(at === 0 && atOnce ? atOnceStep(pass, atOnce, context) : []),
      ...pass.actions.slice(aired),
      ...(at === open.length - 1 && wetted && round.drying ? [round.drying.action] : []),
      ...(at === open.length - 1 && round.look ? [round.look.action] : []),
    ]);
  });
}

function runPassOf(
  pass: RoundPass,
  { eligible }: Placed,
  context: PlanContext,
  actions: readonly Action[],
): Pass {
  const { byMark, ...effect } = eligible.effect;
  const { log } = eligible;
  const { low, high } = minutesOf(pass.actions);
  return {
    methodId: pass.methodId,
    passId: pass.id,
    effect,
    effectByMark: byMark,
    ownLog: log && { uses: log.uses, worked: log.worked, book: log.prior },
    acts: actsOf(eligible, context),
    edges: pass.edges,
    risk: pass.risk,
    handsOnMin: pass.handsOnMin,
    totalMin: { low, high },
    maxRounds: pass.maxRounds,
    missingAgentIds: pass.missingAgentIds,
    findings: pass.findings,
    cautionIds: [...new Set(actions.flatMap(({ cautionIds }) => cautionIds))],
    actions,
    rinseOut:
      eligible.method.wetting === 'dry' || pass.actions.some(({ kind }) => kind === 'rinse')
        ? null
        : { ...draftAction('rinse', context.rinsable ? THROUGH : DAMP), id: `${pass.id}-rinseOut` },
  };
}

/** Changes of cold water that carry a product out; damp passes where nothing drains. Common practice, no source. */
const THROUGH = { rinses: 3, rinseWay: 'change', tempC: { min: 5, max: 20, target: 15 } } as const;
const DAMP = { rinses: 3, rinseWay: 'damp', tempC: { min: 5, max: 20, target: 15 } } as const;

/** What is done at once, as a step at the tub; an earlier product is rinsed out by a step of its own. */
function atOnceStep({ id }: RoundPass, { actions }: AtOnce, context: PlanContext): Action[] {
  const notes = actions.filter(({ verbs }) => !verbs.includes('rinseOutProduct')).map(({ text }) => text);
  const cautionIds = soilCautions(context.told, context.knowledge);
  return notes.length === 0
    ? []
    : [{ ...draftAction('firstAid', { notes, cautionIds }), id: `${id}s0-firstAid` }];
}
