import type { Chemistry } from '@feverfew/knowledge';
import { type Finding, finding } from '../explain/finding.js';
import type { PlanContext } from './context.js';
import { mechanismsOf } from './expectedEffect.js';
import { stageOf } from './stage.js';
import type { Fit } from './weigh.js';

export interface Climb {
  readonly rungs: readonly Fit[];
  readonly spare: readonly { readonly fit: Fit; readonly finding: Finding }[];
  readonly apart: readonly { readonly fit: Fit; readonly finding: Finding }[];
}

/** Rungs for one trouble, and one more for each trouble besides. */
const MOST_RUNGS = 5;
/** A harsher rung must promise this much more than the best below it, or bring a mechanism that no rung below has and that is worth having. */
const WORTHWHILE_GAIN = 0.03;
const WORTHWHILE_NEW = 0.15;
/** With several troubles, it may instead help one of them this much more than any rung below does. */
const WORTHWHILE_FOR_ONE = 0.1;

/**
 * Orders what fits, leaves out what adds nothing, keeps forbidden partners out of one plan. One trouble: gentlest first.
 * Several: in the order of the work, dry side before wet side, cold before hot, acid before peroxygen.
 */
export function climb(fits: readonly Fit[], context: PlanContext): Climb {
  const several = context.marks.length > 1;
  const rank = new Map(fits.map((fit) => [fit, several ? stageOf(fit, context) : 0]));
  const sorted = [...fits].sort(
    (a, b) =>
      (rank.get(a) ?? 0) - (rank.get(b) ?? 0) ||
      a.harshness - b.harshness ||
      b.effect.high - a.effect.high ||
      (a.method.id < b.method.id ? -1 : 1),
  );
  const most = MOST_RUNGS + context.marks.length - 1;
  const rungs: Fit[] = [];
  const spare: { fit: Fit; finding: Finding }[] = [];
  const apart: { fit: Fit; finding: Finding }[] = [];
  for (const fit of sorted) {
    const clash = clashWith(rungs, fit, context);
    if (clash) apart.push({ fit, finding: clash });
    else if (rungs.length < most && addsTo(rungs, fit, context)) rungs.push(fit);
    else
      spare.push({
        fit,
        finding: finding('noBetterThan', { methodId: (strongest(rungs) ?? fit).method.id }),
      });
  }
  return { rungs: inSchoolOrder(rungs, context), spare, apart };
}

const strongest = (rungs: readonly Fit[]): Fit | undefined =>
  rungs.reduce<Fit | undefined>(
    (best, rung) => (best && best.effect.high >= rung.effect.high ? best : rung),
    undefined,
  );

/** Water alone is in most rungs: it is no new mechanism. */
function addsTo(rungs: readonly Fit[], fit: Fit, context: PlanContext): boolean {
  const best = strongest(rungs);
  if (!best || fit.effect.high > best.effect.high + WORTHWHILE_GAIN) return true;
  const helpsOne =
    context.marks.length > 1 &&
    fit.effect.byMark.some((part, at) =>
      rungs.every((rung) => part.high > (rung.effect.byMark[at]?.high ?? 0) + WORTHWHILE_FOR_ONE),
    );
  if (helpsOne) return true;
  if (fit.effect.high < WORTHWHILE_NEW) return false;
  for (const mechanism of mechanismsOf(fit.method, context)) {
    if (mechanism !== 'flush' && rungs.every((rung) => !mechanismsOf(rung.method, context).has(mechanism)))
      return true;
  }
  return false;
}

/** A followed school may put one chemistry's rung right before the other's. */
function inSchoolOrder(rungs: readonly Fit[], { schools, index }: PlanContext): readonly Fit[] {
  let ordered = rungs;
  const holds = (fit: Fit, chemistry: Chemistry) => index.factsOf(fit.method).chemistries.includes(chemistry);
  for (const { school, chosenBy } of schools.values()) {
    const { effect } = school;
    if (effect.kind !== 'order' || chosenBy === 'default') continue;
    const late = ordered.findIndex((fit) => holds(fit, effect.first));
    const early = ordered.findIndex((fit) => holds(fit, effect.second));
    const moved = ordered[late];
    if (!moved || early < 0 || late < early) continue;
    const rest = ordered.filter((_, at) => at !== late);
    ordered = [...rest.slice(0, early), moved, ...rest.slice(early)];
  }
  return ordered;
}

/**
 * Chlorine never shares a plan with its partners, nor does one solvent with another; on a surface that cannot be rinsed through,
 * a forbidden partner of an earlier rung stays out. Rinsable pieces get a full rinse before each rung.
 */
function clashWith(rungs: readonly Fit[], fit: Fit, { index, rinsable }: PlanContext): Finding | null {
  const own = index.factsOf(fit.method).agents;
  for (const rung of rungs) {
    for (const earlier of index.factsOf(rung.method).agents) {
      for (const agent of own) {
        const pair = index
          .pairsBetween(earlier, agent)
          .find((candidate) => candidate.apart !== 'rinse' || (!rinsable && candidate.blocksSurface));
        if (pair)
          return finding(
            'apartFromRung',
            { pairId: pair.id, rungMethodId: rung.method.id, agentId: agent.id },
            pair.sourceIds,
          );
      }
    }
  }
  return null;
}
