import { type Chemistry, type Mechanism, WETTINGS } from '@feverfew/knowledge';
import { type Finding, finding } from '../../finding/finding.js';
import type { EligibleMethod } from '../assess/assessMethod.js';
import type { PlanContext } from '../case/planContext.js';
import { clashWith } from './clashWith.js';
import { setAsideByLog } from './setAsideByLog.js';
import { treatmentOrderOf } from './treatmentOrder.js';

export interface SelectedLadder {
  readonly chosen: readonly EligibleMethod[];
  readonly spare: readonly { readonly eligible: EligibleMethod; readonly finding: Finding }[];
  readonly apart: readonly { readonly eligible: EligibleMethod; readonly finding: Finding }[];
}

const MOST_PASSES = 5;
/**
 * A harsher pass must promise this much more than the best below it, or bring a mechanism that no pass below has
 * and that is worth having.
 */
const WORTHWHILE_GAIN = 0.05;
const WORTHWHILE_NEW = 0.15;
const WORTHWHILE_OTHER_POSITION = 0.1;
/** With several troubles, it may instead help one of them this much more than any pass below does. */
const WORTHWHILE_FOR_ONE = 0.1;

/**
 * Orders what fits, leaves out what adds nothing, keeps forbidden partners out of one plan. One trouble: gentlest
 * first.
 * Several: in the order of the work, dry side before wet side, cold before hot, acid before peroxygen.
 */
export function selectLadder(eligibles: readonly EligibleMethod[], context: PlanContext): SelectedLadder {
  const several = context.marks.length > 1;
  const rank = new Map(
    eligibles.map((eligible) => [eligible, several ? treatmentOrderOf(eligible, context) : 0]),
  );
  const sorted = [...eligibles].sort(
    (a, b) =>
      (rank.get(a) ?? 0) - (rank.get(b) ?? 0) ||
      a.harshness - b.harshness ||
      Number(b.method.itemIds.length > 0) - Number(a.method.itemIds.length > 0) ||
      WETTINGS.indexOf(a.method.wetting) - WETTINGS.indexOf(b.method.wetting) ||
      b.book.high - a.book.high ||
      (a.method.id < b.method.id ? -1 : 1),
  );
  let passes: EligibleMethod[] = [];
  const spare: { eligible: EligibleMethod; finding: Finding }[] = [];
  const apart: { eligible: EligibleMethod; finding: Finding }[] = [];
  // What is in the house is placed first: nothing that must be bought crowds it out.
  const placing = [...sorted].sort((a, b) => Number(isMissing(a)) - Number(isMissing(b)));
  for (const eligible of placing) {
    const below = passes.filter((pass) => sorted.indexOf(pass) < sorted.indexOf(eligible));
    const clash = clashWith(passes, eligible, context);
    if (clash) apart.push({ eligible, finding: clash });
    else if (isChosen(eligible, context) || addsTo(below, eligible, context)) passes.push(eligible);
    else spare.push({ eligible, finding: noBetterThan(below, eligible) });
  }
  passes = sorted.filter((eligible) => passes.includes(eligible));
  for (const eligible of leastGains(passes, MOST_PASSES, context)) {
    passes.splice(passes.indexOf(eligible), 1);
    spare.push({ eligible, finding: noBetterThan(passes, eligible) });
  }
  for (const eligible of tooEarly(passes, context)) {
    passes.splice(passes.indexOf(eligible), 1);
    const { onlyAfterAgentIds, sourceIds } = eligible.method;
    apart.push({ eligible, finding: finding('onlyAfter', { agentIds: onlyAfterAgentIds }, sourceIds) });
  }
  const byLog = several ? [] : setAsideByLog(passes).filter(({ eligible }) => !isChosen(eligible, context));
  passes = passes.filter((eligible) => !byLog.some((aside) => aside.eligible === eligible));
  return { chosen: inPositionOrder(passes, context), spare: [...spare, ...byLog], apart };
}

/** Passes that wait for a gentler product which neither stands before them nor was tried. */
const tooEarly = (passes: readonly EligibleMethod[], { facts }: PlanContext): EligibleMethod[] =>
  passes.filter(({ method: { onlyAfterAgentIds: first } }, place) => {
    const before = passes.slice(0, place).flatMap((pass) => pass.appliedAgents.map((agent) => agent.id));
    const used = [...before, ...facts.tried.map((product) => product.agentId)];
    return first.length > 0 && !first.some((agentId) => used.includes(agentId));
  });

/** What a pass may promise at best, by book or by log: the log can bring one in, only `setAsideByLog` takes one out. */
const reach = (eligible: EligibleMethod): number => Math.max(eligible.book.high, eligible.effect.high);

const isMissing = (eligible: EligibleMethod): boolean => eligible.missingAgentIds.length > 0;

const noBetterThan = (passes: readonly EligibleMethod[], eligible: EligibleMethod): Finding =>
  finding('noBetterThan', { methodId: (strongest(passes) ?? eligible).method.id });

/**
 * Passes beyond the most a ladder holds: those that gain least over what stands below them, never the strongest or
 * a chosen one.
 */
function leastGains(
  passes: readonly EligibleMethod[],
  most: number,
  context: PlanContext,
): readonly EligibleMethod[] {
  const top = strongest(passes);
  const gain = (eligible: EligibleMethod) =>
    reach(eligible) -
    Math.max(0, ...passes.slice(0, passes.indexOf(eligible)).map((below) => below.book.high));
  return passes
    .filter((eligible) => eligible !== top && !isChosen(eligible, context))
    .sort((a, b) => gain(a) - gain(b) || b.harshness - a.harshness)
    .slice(0, Math.max(0, passes.length - most));
}

/** The way of a position that this plan or household chose outright. */
function isChosen({ method }: EligibleMethod, { index, positions }: PlanContext): boolean {
  const position = method.schoolId === null ? undefined : index.positions.get(method.schoolId);
  const followed = position && positions.get(position.dispute);
  return followed !== undefined && followed.position.id === position?.id && followed.chosenBy !== 'default';
}

const strongest = (passes: readonly EligibleMethod[]): EligibleMethod | undefined =>
  passes.reduce<EligibleMethod | undefined>(
    (best, pass) => (best && best.book.high >= pass.book.high ? best : pass),
    undefined,
  );

/** Another position's way must promise clearly more than what the followed one has put on the ladder. */
function addsTo(passes: readonly EligibleMethod[], eligible: EligibleMethod, context: PlanContext): boolean {
  const best = strongest(passes);
  const gain = reach(eligible) - (best?.book.high ?? 0);
  if (isOtherPosition(eligible, context)) return gain > WORTHWHILE_OTHER_POSITION;
  if (!best || gain > WORTHWHILE_GAIN) return true;
  const helpsOne =
    context.marks.length > 1 &&
    eligible.book.byMark.some((part, index) =>
      passes.every((pass) => part.high > (pass.book.byMark[index]?.high ?? 0) + WORTHWHILE_FOR_ONE),
    );
  if (helpsOne) return true;
  if (reach(eligible) < WORTHWHILE_NEW) return false;
  const known = new Set(passes.flatMap((pass) => [...context.index.factsOf(pass.method).mechanisms]));
  return usefulMechanisms(eligible, context).some((mechanism) => !known.has(mechanism));
}

/** Mechanisms that move something of this trouble. Water alone is in most passes: it is nothing new. */
function usefulMechanisms(eligible: EligibleMethod, context: PlanContext): Mechanism[] {
  const removal = context.marks.flatMap((work) =>
    work.components.flatMap(({ component }) => component.removal),
  );
  return [...context.index.factsOf(eligible.method).mechanisms].filter(
    (mechanism) =>
      mechanism !== 'flush' &&
      removal.some((entry) => entry.mechanism === mechanism && entry.high >= WORTHWHILE_NEW),
  );
}

function isOtherPosition({ method }: EligibleMethod, { index, positions }: PlanContext): boolean {
  const position = method.schoolId === null ? undefined : index.positions.get(method.schoolId);
  return position !== undefined && positions.get(position.dispute)?.position.id !== position.id;
}

/** A followed position may put one chemistry's pass right before the other's. */
function inPositionOrder(
  passes: readonly EligibleMethod[],
  { positions, index }: PlanContext,
): readonly EligibleMethod[] {
  let ordered = passes;
  const holds = (eligible: EligibleMethod, chemistry: Chemistry) =>
    index.factsOf(eligible.method).chemistries.includes(chemistry);
  for (const { position, chosenBy } of positions.values()) {
    const { effect } = position;
    if (effect.kind !== 'order' || chosenBy === 'default') continue;
    const late = ordered.findIndex((eligible) => holds(eligible, effect.first));
    const early = ordered.findIndex((eligible) => holds(eligible, effect.second));
    const moved = ordered[late];
    if (!moved || early < 0 || late < early) continue;
    const rest = ordered.filter((_, place) => place !== late);
    ordered = [...rest.slice(0, early), moved, ...rest.slice(early)];
  }
  return ordered;
}
