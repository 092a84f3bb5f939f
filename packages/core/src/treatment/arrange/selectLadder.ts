import { type Chemistry, type Mechanism, WETTINGS } from '@feverfew/knowledge';
import { type Finding, finding } from '../../finding/finding.js';
import type { EligibleMethod } from '../assess/assessMethod.js';
import type { PlanContext } from '../case/planContext.js';
import { setAsideByLog } from './setAsideByLog.js';
import { treatmentOrderOf } from './treatmentOrder.js';

export interface SelectedLadder {
  readonly rungs: readonly EligibleMethod[];
  readonly spare: readonly { readonly fit: EligibleMethod; readonly finding: Finding }[];
  readonly apart: readonly { readonly fit: EligibleMethod; readonly finding: Finding }[];
}

const MOST_PASSES = 5;
/** A harsher rung must promise this much more than the best below it, or bring a mechanism that no rung below has and that is worth having. */
const WORTHWHILE_GAIN = 0.05;
const WORTHWHILE_NEW = 0.15;
const WORTHWHILE_OTHER_POSITION = 0.1;
/** With several troubles, it may instead help one of them this much more than any rung below does. */
const WORTHWHILE_FOR_ONE = 0.1;

/**
 * Orders what fits, leaves out what adds nothing, keeps forbidden partners out of one plan. One trouble: gentlest first.
 * Several: in the order of the work, dry side before wet side, cold before hot, acid before peroxygen.
 */
export function selectLadder(fits: readonly EligibleMethod[], context: PlanContext): SelectedLadder {
  const several = context.marks.length > 1;
  const rank = new Map(fits.map((fit) => [fit, several ? treatmentOrderOf(fit, context) : 0]));
  const sorted = [...fits].sort(
    (a, b) =>
      (rank.get(a) ?? 0) - (rank.get(b) ?? 0) ||
      a.harshness - b.harshness ||
      Number(b.method.itemIds.length > 0) - Number(a.method.itemIds.length > 0) ||
      WETTINGS.indexOf(a.method.wetting) - WETTINGS.indexOf(b.method.wetting) ||
      b.book.high - a.book.high ||
      (a.method.id < b.method.id ? -1 : 1),
  );
  let rungs: EligibleMethod[] = [];
  const spare: { fit: EligibleMethod; finding: Finding }[] = [];
  const apart: { fit: EligibleMethod; finding: Finding }[] = [];
  // What is in the house is placed first: nothing that must be bought crowds it out.
  const placing = [...sorted].sort((a, b) => Number(isMissing(a)) - Number(isMissing(b)));
  for (const fit of placing) {
    const below = rungs.filter((rung) => sorted.indexOf(rung) < sorted.indexOf(fit));
    const clash = clashWith(rungs, fit, context);
    if (clash) apart.push({ fit, finding: clash });
    else if (isChosen(fit, context) || addsTo(below, fit, context)) rungs.push(fit);
    else spare.push({ fit, finding: noBetterThan(below, fit) });
  }
  rungs = sorted.filter((fit) => rungs.includes(fit));
  for (const fit of leastGains(rungs, MOST_PASSES, context)) {
    rungs.splice(rungs.indexOf(fit), 1);
    spare.push({ fit, finding: noBetterThan(rungs, fit) });
  }
  const byLog = several ? [] : setAsideByLog(rungs).filter(({ fit }) => !isChosen(fit, context));
  rungs = rungs.filter((fit) => !byLog.some((aside) => aside.fit === fit));
  return { rungs: inPositionOrder(rungs, context), spare: [...spare, ...byLog], apart };
}

/** What a rung may promise at best, by book or by log: the log can bring one in, only `setAsideByLog` takes one out. */
const reach = (fit: EligibleMethod): number => Math.max(fit.book.high, fit.effect.high);

const isMissing = (fit: EligibleMethod): boolean => fit.missingAgentIds.length > 0;

const noBetterThan = (rungs: readonly EligibleMethod[], fit: EligibleMethod): Finding =>
  finding('noBetterThan', { methodId: (strongest(rungs) ?? fit).method.id });

/** Rungs beyond the most a ladder holds: those that gain least over what stands below them, never the strongest or a chosen one. */
function leastGains(
  rungs: readonly EligibleMethod[],
  most: number,
  context: PlanContext,
): readonly EligibleMethod[] {
  const top = strongest(rungs);
  const gain = (fit: EligibleMethod) =>
    reach(fit) - Math.max(0, ...rungs.slice(0, rungs.indexOf(fit)).map((below) => below.book.high));
  return rungs
    .filter((fit) => fit !== top && !isChosen(fit, context))
    .sort((a, b) => gain(a) - gain(b) || b.harshness - a.harshness)
    .slice(0, Math.max(0, rungs.length - most));
}

/** The way of a school that this plan or household chose outright. */
function isChosen({ method }: EligibleMethod, { index, schools }: PlanContext): boolean {
  const school = method.schoolId === null ? undefined : index.schools.get(method.schoolId);
  const followed = school && schools.get(school.dispute);
  return followed !== undefined && followed.school.id === school?.id && followed.chosenBy !== 'default';
}

const strongest = (rungs: readonly EligibleMethod[]): EligibleMethod | undefined =>
  rungs.reduce<EligibleMethod | undefined>(
    (best, rung) => (best && best.book.high >= rung.book.high ? best : rung),
    undefined,
  );

/** Another school's way must promise clearly more than what the followed one has put on the ladder. */
function addsTo(rungs: readonly EligibleMethod[], fit: EligibleMethod, context: PlanContext): boolean {
  const best = strongest(rungs);
  const gain = reach(fit) - (best?.book.high ?? 0);
  if (isOtherPosition(fit, context)) return gain > WORTHWHILE_OTHER_POSITION;
  if (!best || gain > WORTHWHILE_GAIN) return true;
  const helpsOne =
    context.marks.length > 1 &&
    fit.book.byMark.some((part, at) =>
      rungs.every((rung) => part.high > (rung.book.byMark[at]?.high ?? 0) + WORTHWHILE_FOR_ONE),
    );
  if (helpsOne) return true;
  if (reach(fit) < WORTHWHILE_NEW) return false;
  const known = new Set(rungs.flatMap((rung) => [...context.index.factsOf(rung.method).mechanisms]));
  return usefulMechanisms(fit, context).some((mechanism) => !known.has(mechanism));
}

/** Mechanisms that move something of this trouble. Water alone is in most rungs: it is nothing new. */
function usefulMechanisms(fit: EligibleMethod, context: PlanContext): Mechanism[] {
  const removal = context.marks.flatMap((work) =>
    work.components.flatMap(({ component }) => component.removal),
  );
  return [...context.index.factsOf(fit.method).mechanisms].filter(
    (mechanism) =>
      mechanism !== 'flush' &&
      removal.some((entry) => entry.mechanism === mechanism && entry.high >= WORTHWHILE_NEW),
  );
}

function isOtherPosition({ method }: EligibleMethod, { index, schools }: PlanContext): boolean {
  const school = method.schoolId === null ? undefined : index.schools.get(method.schoolId);
  return school !== undefined && schools.get(school.dispute)?.school.id !== school.id;
}

/** A followed school may put one chemistry's rung right before the other's. */
function inPositionOrder(
  rungs: readonly EligibleMethod[],
  { schools, index }: PlanContext,
): readonly EligibleMethod[] {
  let ordered = rungs;
  const holds = (fit: EligibleMethod, chemistry: Chemistry) =>
    index.factsOf(fit.method).chemistries.includes(chemistry);
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
function clashWith(
  rungs: readonly EligibleMethod[],
  fit: EligibleMethod,
  { index, rinsable }: PlanContext,
): Finding | null {
  for (const rung of rungs) {
    for (const earlier of rung.touches) {
      for (const agent of fit.touches) {
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
