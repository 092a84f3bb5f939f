import type { Chemistry } from '@feverfew/knowledge';
import { clashWith } from '../arrange/clashWith.js';
import { assessMethod } from '../assess/assessMethod.js';
import { isRelevant } from '../assess/isRelevant.js';
import type { PlanContext } from '../case/planContext.js';
import type { NotUsed } from '../plan/round.js';
import { phaseOf, rankOf } from './phaseOf.js';
import { ofNoCourse, type Placing } from './placement.js';

/**
 * Passes with the ways of every view that this plan or household chose outright: one that no course has comes in at
 * its place in the order of the work.
 * @param open the same case with the hidden water test passed, where only that would open the surface
 */
export function withChosenWays(
  list: readonly Placing[],
  context: PlanContext,
  open: PlanContext | null,
  notUsed: NotUsed[],
): readonly Placing[] {
  const { positions, index } = context;
  let passes = list;
  for (const { position, chosenBy } of positions.values()) {
    if (chosenBy === 'default') continue;
    for (const method of index.methodsOfPosition.get(position.id) ?? []) {
      if (passes.some(({ fitted }) => fitted.eligible.method.id === method.id)) continue;
      const assess = (where: PlanContext) =>
        isRelevant(method, where) ? assessMethod(method, where).eligible : null;
      const shut = assess(context);
      const eligible = shut ?? (open && assess(open));
      if (!eligible) continue;
      // What this plan chose goes before what may not share a plan with it; what the household did, after it.
      passes = passes.filter(({ fitted }) => {
        const clash = chosenBy === 'plan' ? clashWith([eligible], fitted.eligible, context) : null;
        if (clash) notUsed.push({ methodId: fitted.eligible.method.id, findings: [clash] });
        return !clash;
      });
      const rank = rankOf(eligible, 'own', context);
      const at = passes.findIndex(({ fitted }) => rankOf(fitted.eligible, 'own', context) > rank);
      const own = ofNoCourse(eligible, context, shut === null);
      passes = at < 0 ? [...passes, own] : [...passes.slice(0, at), own, ...passes.slice(at)];
    }
  }
  return passes;
}

/** A view chosen outright may put one chemistry's pass right before the other's, inside one kind of work. */
export function inChosenOrder(list: readonly Placing[], context: PlanContext): readonly Placing[] {
  const { positions, index } = context;
  let ordered = list;
  const holds = ({ fitted }: Placing, chemistry: Chemistry) =>
    index.factsOf(fitted.eligible.method).chemistries.includes(chemistry);
  const phase = ({ fitted }: Placing) => phaseOf(fitted.eligible.method, context);
  for (const { position, chosenBy } of positions.values()) {
    const { effect } = position;
    if (effect.kind !== 'order' || chosenBy === 'default') continue;
    const late = ordered.findIndex((one) => holds(one, effect.first));
    const early = ordered.findIndex((one) => holds(one, effect.second));
    const [moved, before] = [ordered[late], ordered[early]];
    if (!moved || !before || late < early || phase(moved) !== phase(before)) continue;
    const rest = ordered.filter((one) => one !== moved);
    ordered = [...rest.slice(0, early), moved, ...rest.slice(early)];
  }
  return ordered;
}
